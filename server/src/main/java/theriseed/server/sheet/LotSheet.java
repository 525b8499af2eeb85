package theriseed.server.sheet;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import theriseed.core.bench.MissingReason;
import theriseed.core.bench.StepKind;
import theriseed.core.crop.Grade;
import theriseed.core.lot.LotNumber;
import theriseed.server.base.FarmTime;
import theriseed.server.base.Refused;
import theriseed.server.bench.Bench;
import theriseed.server.bench.BenchView;
import theriseed.server.bench.LotsAtBench;
import theriseed.server.bench.StepFacts;
import theriseed.server.bench.StepView;
import theriseed.server.harvest.HarvestView;
import theriseed.server.harvest.Harvests;
import theriseed.server.harvest.PickFacts;
import theriseed.server.lot.LotDecisions;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.lot.NewLots;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;
import theriseed.server.season.Purpose;
import theriseed.server.season.Varieties;
import theriseed.server.season.VarietyView;

/**
 * Lots with what was picked and what came clean. A new line is a lot from an old notebook: it gets a number, one pick and
 * one step at the bench. Of a lot that is there already its grade, what is kept of it and a hold may change; records of
 * work do not.
 */
@Component
class LotSheet implements Sheet {
    private static final String WHY = "read from a file";

    /** Cells that tell of work, which a file does not change. */
    private static final List<String> WORK =
            List.of("crop", "variety", "season", "plot", "picked_on", "picked_g", "plants", "clean_on", "clean_g");

    private final Lots lots;
    private final NewLots newLots;
    private final LotDecisions decisions;
    private final Plantings plantings;
    private final Varieties varieties;
    private final Harvests harvests;
    private final Bench bench;
    private final FarmTime time;

    LotSheet(
            Lots lots,
            NewLots newLots,
            LotDecisions decisions,
            Plantings plantings,
            Varieties varieties,
            Harvests harvests,
            Bench bench,
            FarmTime time) {
        this.lots = lots;
        this.newLots = newLots;
        this.decisions = decisions;
        this.plantings = plantings;
        this.varieties = varieties;
        this.harvests = harvests;
        this.bench = bench;
        this.time = time;
    }

    @Override
    public String name() {
        return "lots";
    }

    /** Each new one is picked and cleaned, which takes its time. */
    @Override
    public int most() {
        return 20_000;
    }

    @Override
    public List<Column> columns() {
        return List.of(
                Column.needed("lot", "its number; nothing for a new one, which is given one"),
                Column.needed("crop", "key of the crop"),
                Column.needed("variety", "name"),
                Column.needed("season", "year"),
                Column.needed(
                        "plot",
                        "where it grew; the planting must be in the plan of that season; empty for lots from elsewhere,"
                                + " which are written down under Seed room"),
                Column.of("grade", "own_use, market or stock; of a new one that of its planting"),
                Column.of("picked_on", "first day"),
                Column.of("picked_g", "grams picked"),
                Column.of("plants", "picked from"),
                Column.of("clean_on", "day it was clean"),
                Column.of("clean_g", "grams of clean seed"),
                Column.of("kept_g", "grams kept for the farm's own sowing"),
                Column.of("held_because", "why it is held back"));
    }

    @Override
    public Map<String, String> called() {
        return Map.of(
                "mass", "picked_g",
                "massOut", "clean_g",
                "begunAt", "clean_on",
                "endedAt", "clean_on",
                "grams", "kept_g",
                "reason", "held_because");
    }

    /** What lots hang on. */
    private record Around(Map<UUID, PlantingView> planted, Map<UUID, VarietyView> named, LotsAtBench at) {}

    private Around around(List<LotView> of) {
        return new Around(
                plantings.all(of.stream()
                        .map(LotView::plantingId)
                        .filter(Objects::nonNull)
                        .collect(Collectors.toSet())),
                varieties.byIds(of.stream().map(LotView::varietyId).collect(Collectors.toSet())),
                bench.of(of));
    }

    @Override
    public Stream<List<Object>> lines() {
        return Pages.each(lots.ids(), ids -> lines(lots.byIds(ids)));
    }

    private Stream<List<Object>> lines(List<LotView> some) {
        Around around = around(some);
        return some.stream()
                .map(lot -> cells(lot, around).values().stream()
                        .<Object>map(cell -> cell.orElse(null))
                        .toList());
    }

    /** A lot's cells, in the order of the columns. */
    private Map<String, Optional<String>> cells(LotView lot, Around around) {
        VarietyView variety = around.named().get(lot.varietyId());
        HarvestView harvest = around.at().picked().get(lot.id());
        BenchView work = around.at().worked().get(lot.id());
        boolean clean = work != null && work.clean();
        Map<String, Optional<String>> cells = new LinkedHashMap<>();
        cells.put("lot", Optional.of(lot.number()));
        cells.put("crop", Optional.of(variety.cropKey()));
        cells.put("variety", Optional.of(variety.name()));
        cells.put("season", Optional.of(String.valueOf(lot.season())));
        cells.put(
                "plot",
                Optional.ofNullable(lot.plantingId())
                        .map(id -> around.planted().get(id).plotName()));
        cells.put("grade", Optional.of(Line.word(lot.grade())));
        cells.put(
                "picked_on",
                Optional.ofNullable(harvest).map(one -> one.pickedOn().toString()));
        cells.put("picked_g", Optional.ofNullable(harvest).map(one -> Line.plain(one.mass())));
        cells.put("plants", Optional.ofNullable(harvest).map(one -> String.valueOf(one.plants())));
        cells.put("clean_on", clean ? cleanOn(work) : Optional.empty());
        cells.put("clean_g", clean ? Optional.of(Line.plain(work.mass())) : Optional.empty());
        cells.put("kept_g", lot.reserved().signum() == 0 ? Optional.empty() : Optional.of(Line.plain(lot.reserved())));
        cells.put("held_because", Optional.ofNullable(lot.hold()).map(LotView.Hold::reason));
        return cells;
    }

    private Optional<String> cleanOn(BenchView work) {
        return work.steps().stream()
                .map(StepView::endedAt)
                .filter(Objects::nonNull)
                .max(Instant::compareTo)
                .map(at -> LocalDate.ofInstant(at, time.zone()).toString());
    }

    @Override
    public boolean linesStandAlone() {
        return true;
    }

    @Override
    public Taker taker(List<Line> lines, boolean keep) {
        Map<String, LotView> found = lots.find(Line.all(lines, "lot", 40));
        Around around = around(found.values().stream().distinct().toList());
        Numbers numbers = new Numbers(lines, keep);
        Map<Integer, Map<String, PlantingView>> seasons = new HashMap<>();
        return line -> {
            if (line.has("lot")) {
                LotView lot = found.get(line.text("lot", 40));
                if (lot == null) {
                    throw Line.wrong("lot", line.text("lot", 40), "lotOrNew");
                }
                return changed(line, lot, cells(lot, around));
            }
            make(line, seasons, numbers);
            return Effect.NEW;
        };
    }

    /** The numbers of a file's new lots: those of a crop's season are taken together when the first is needed. */
    private final class Numbers {
        private final Map<String, Long> unnumbered;
        private final Map<String, Deque<LotNumber>> taken = new HashMap<>();
        private final boolean keep;

        Numbers(List<Line> lines, boolean keep) {
            this.keep = keep;
            this.unnumbered = lines.stream()
                    .filter(line -> !line.has("lot"))
                    .collect(Collectors.groupingBy(Numbers::kind, Collectors.counting()));
        }

        private static String kind(Line line) {
            return (line.cells().get("season") + " " + line.cells().get("crop")).toLowerCase(Locale.ROOT);
        }

        LotView make(Line line, PlantingView planting) {
            if (!keep) {
                return newLots.make(planting.id(), null, false);
            }
            LotNumber number = taken.computeIfAbsent(
                            kind(line),
                            kind -> new ArrayDeque<>(newLots.numbers(
                                    planting.season(),
                                    planting.variety().cropName(),
                                    unnumbered.get(kind).intValue())))
                    .pop();
            return newLots.make(planting.id(), number);
        }
    }

    private Effect changed(Line line, LotView lot, Map<String, Optional<String>> there) {
        for (String column : WORK) {
            if (line.told(column) && !same(line, column, there.get(column).orElse(""))) {
                throw new Refused(column, line.text(column, 300), "sheet.lotOtherwise", "lot", lot.number());
            }
        }
        Effect effect = Effect.SAME;
        if (line.has("grade") && line.oneOf("grade", Grade.class) != lot.grade()) {
            decisions.regrade(lot.number(), version(lot), line.oneOf("grade", Grade.class), WHY);
            effect = Effect.CHANGED;
        }
        BigDecimal kept = Objects.requireNonNullElse(line.maybeDecimal("kept_g"), BigDecimal.ZERO);
        if (line.told("kept_g") && kept.compareTo(lot.reserved()) != 0) {
            decisions.reserve(lot.number(), version(lot), kept);
            effect = Effect.CHANGED;
        }
        String held = line.text("held_because", 300);
        if (line.told("held_because") && !held.equals(there.get("held_because").orElse(""))) {
            if (lot.hold() != null) {
                throw Line.wrong(
                        "held_because",
                        held.isEmpty() ? "nothing" : held,
                        "holdReason",
                        "why",
                        lot.hold().reason());
            }
            decisions.hold(lot.number(), held);
            effect = Effect.CHANGED;
        }
        return effect;
    }

    /** What the line changed before is part of it. */
    private int version(LotView lot) {
        return lots.get(lot.number()).version();
    }

    /** Numbers are the same however they are written. */
    private static boolean same(Line line, String column, String there) {
        if (column.endsWith("_g") && line.has(column) && !there.isEmpty()) {
            return line.decimal(column).compareTo(new BigDecimal(there)) == 0;
        }
        return line.text(column, 300).equalsIgnoreCase(there);
    }

    private void make(Line line, Map<Integer, Map<String, PlantingView>> seasons, Numbers numbers) {
        PlantingView planting = seasons.computeIfAbsent(line.whole("season"), this::grownForSeed)
                .get(grown(line.needed("crop", 40), line.needed("variety", 80), line.needed("plot", 60)));
        if (planting == null) {
            throw Line.wrong(
                    "plot",
                    line.text("plot", 60),
                    "plotOfVariety",
                    "variety",
                    line.text("variety", 80),
                    "season",
                    String.valueOf(line.whole("season")));
        }
        LotView lot = numbers.make(line, planting);
        BigDecimal picked = line.decimal("picked_g");
        harvests.pick(lot.number(), PickFacts.over(line.day("picked_on"), picked, line.whole("plants")));
        if (line.has("clean_g")) {
            clean(line, lot, picked);
        }
        if (line.has("grade") && line.oneOf("grade", Grade.class) != lot.grade()) {
            decisions.regrade(lot.number(), version(lot), line.oneOf("grade", Grade.class), WHY);
        }
        if (line.has("kept_g")) {
            decisions.reserve(lot.number(), version(lot), line.decimal("kept_g"));
        }
        if (line.has("held_because")) {
            decisions.hold(lot.number(), line.text("held_because", 300));
        }
    }

    /** One step for all that was done to it: how, the notebook does not say. */
    private void clean(Line line, LotView lot, BigDecimal picked) {
        Instant on = line.day("clean_on").atTime(12, 0).atZone(time.zone()).toInstant();
        bench.goOn(lot.id(), List.of(StepKind.HAND_PICK));
        bench.begin(
                lot.number(),
                new StepFacts(
                        StepKind.HAND_PICK,
                        on,
                        on,
                        picked,
                        BigDecimal.ZERO,
                        line.decimal("clean_g"),
                        List.of(),
                        null,
                        null,
                        null,
                        null,
                        null,
                        1,
                        "",
                        "",
                        null,
                        null,
                        MissingReason.OTHER,
                        "all steps as one, from an older book",
                        "",
                        WHY));
    }

    private Map<String, PlantingView> grownForSeed(int season) {
        if (season < 1990 || season > time.today().getYear() + 1) {
            throw Line.wrong("season", String.valueOf(season), "yearOfFarm");
        }
        return plantings.of(season).stream()
                .filter(planting -> planting.purpose() == Purpose.SEED)
                .collect(Collectors.toMap(
                        planting -> grown(
                                planting.variety().cropKey(), planting.variety().name(), planting.plotName()),
                        planting -> planting,
                        (one, other) -> one));
    }

    private static String grown(String crop, String variety, String plot) {
        return String.join("\n", crop, variety, plot).toLowerCase(Locale.ROOT);
    }
}
