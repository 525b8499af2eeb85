package theriseed.server.sheet;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import theriseed.core.crop.Grade;
import theriseed.core.lot.LotNumber;
import theriseed.server.base.FarmTime;
import theriseed.server.base.Refused;
import theriseed.server.bench.Bench;
import theriseed.server.bench.BenchView;
import theriseed.server.bench.LotsAtBench;
import theriseed.server.bench.StepView;
import theriseed.server.harvest.HarvestView;
import theriseed.server.lot.ArrivalView;
import theriseed.server.lot.Arrivals;
import theriseed.server.lot.LotDecisions;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;
import theriseed.server.season.Varieties;
import theriseed.server.season.VarietyView;

/**
 * Lots with what was picked and what came clean. A new line is a lot from an older book: it gets a number and keeps its old
 * one; of a planting in the plan it gets one pick and one step at the bench, otherwise it is seed from before or from
 * elsewhere. Of a lot that is there already its grade, what is kept of it and a hold may change; records of
 * work do not.
 */
@Component
class LotSheet implements Sheet {
    /** Cells that tell of work, which a file does not change. */
    private static final List<String> WORK =
            List.of("crop", "variety", "season", "plot", "picked_on", "picked_g", "plants", "clean_on", "clean_g");

    /** Those of seed from before or from elsewhere: of its work nothing is known here. */
    private static final List<String> ARRIVED = List.of("crop", "variety", "season", "clean_g");

    private final Lots lots;
    private final OlderLots olderLots;
    private final LotDecisions decisions;
    private final Plantings plantings;
    private final Varieties varieties;
    private final Bench bench;
    private final Arrivals arrivals;
    private final FarmTime time;

    LotSheet(
            Lots lots,
            OlderLots olderLots,
            LotDecisions decisions,
            Plantings plantings,
            Varieties varieties,
            Bench bench,
            Arrivals arrivals,
            FarmTime time) {
        this.lots = lots;
        this.olderLots = olderLots;
        this.decisions = decisions;
        this.plantings = plantings;
        this.varieties = varieties;
        this.bench = bench;
        this.arrivals = arrivals;
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
                Column.of("lot", "its number; of a new one the number it had in an older book, or nothing")
                        .alike("lot_number", "lot_no", "number", "no", "seed_lot", "batch"),
                Column.needed("crop", "crop in the Handbook, by its key, name or species")
                        .alike("species"),
                Column.needed("variety", "name").alike("name", "cultivar"),
                Column.numbers("season", "year of its harvest").needed().alike("year", "harvest_year", "grown_in"),
                Column.of(
                                "plot",
                                "where it grew; the planting must be in the plan of that season; nothing for seed from before"
                                        + " there were these records, or from elsewhere")
                        .alike("field", "where", "place"),
                Column.of("grade", "own_use, market or stock; of a new one that of its planting, or market"),
                Column.day("picked_on", "first day").alike("picked", "harvested", "harvest_date"),
                Column.numbers("picked_g", "grams picked; without them it is seed from before there were these records")
                        .alike("harvest", "raw_weight", "gross"),
                Column.numbers("plants", "picked from").alike("number_of_plants", "mother_plants"),
                Column.day("clean_on", "day it was clean").alike("cleaned", "cleaned_on", "date"),
                Column.numbers("clean_g", "grams of clean seed")
                        .alike("weight", "clean_weight", "net", "yield", "seed"),
                Column.numbers("kept_g", "grams kept for the farm's own sowing"),
                Column.of("held_because", "why it is held back"),
                Column.of("old_number", "number it had before it had this one; of a new one as under lot"),
                Column.of(
                        "came",
                        "before, bought, swapped or given, of seed without a plot; before where nothing stands"),
                Column.of("from_whom", "who it is from, where it was not grown here")
                        .alike("supplier", "source", "from"),
                Column.day("came_on", "day it came; where nothing stands the day it was clean, or the end of its year"),
                Column.of("treatment", "of seed from elsewhere"),
                Column.numbers("germination_pct", "percent that others found, of seed without a plot")
                        .alike("germination", "germ"),
                Column.day("germination_on", "day of that test"),
                Column.note("note", "anything else, of seed without a plot; only read, not written"));
    }

    @Override
    public Map<String, String> called() {
        return Map.ofEntries(
                Map.entry("mass", "clean_g"),
                Map.entry("massOut", "clean_g"),
                Map.entry("begunAt", "clean_on"),
                Map.entry("endedAt", "clean_on"),
                Map.entry("grams", "kept_g"),
                Map.entry("reason", "held_because"),
                Map.entry("grownIn", "season"),
                Map.entry("oldNumber", "lot"),
                Map.entry("theirGermination", "germination_pct"),
                Map.entry("theirTestOn", "germination_on"));
    }

    /** What lots hang on. */
    private record Around(
            Map<UUID, PlantingView> planted,
            Map<UUID, VarietyView> named,
            LotsAtBench at,
            Map<UUID, ArrivalView> came) {}

    private Around around(List<LotView> of) {
        return new Around(
                plantings.all(of.stream()
                        .map(LotView::plantingId)
                        .filter(Objects::nonNull)
                        .collect(Collectors.toSet())),
                varieties.byIds(of.stream().map(LotView::varietyId).collect(Collectors.toSet())),
                bench.of(of),
                arrivals.of(of.stream().map(LotView::id).collect(Collectors.toSet())));
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
        ArrivalView came = around.came().get(lot.id());
        if (came == null) {
            cells.put(
                    "picked_on",
                    Optional.ofNullable(harvest).map(one -> one.pickedOn().toString()));
            cells.put("picked_g", Optional.ofNullable(harvest).map(one -> Line.plain(one.mass())));
            cells.put("plants", Optional.ofNullable(harvest).map(one -> String.valueOf(one.plants())));
            cells.put("clean_on", clean ? cleanOn(work) : Optional.empty());
            cells.put("clean_g", clean ? Optional.of(Line.plain(work.mass())) : Optional.empty());
        } else {
            cells.put("picked_on", Optional.empty());
            cells.put("picked_g", Optional.empty());
            cells.put("plants", Optional.ofNullable(came.plants()).map(String::valueOf));
            cells.put("clean_on", Optional.empty());
            cells.put("clean_g", Optional.of(Line.plain(came.mass())));
        }
        cells.put("kept_g", lot.reserved().signum() == 0 ? Optional.empty() : Optional.of(Line.plain(lot.reserved())));
        cells.put("held_because", Optional.ofNullable(lot.hold()).map(LotView.Hold::reason));
        cells.put("old_number", Optional.of(lot.oldNumber()).filter(number -> !number.isEmpty()));
        putArrival(cells, Optional.ofNullable(came));
        cells.put("note", Optional.empty());
        return cells;
    }

    private static void putArrival(Map<String, Optional<String>> cells, Optional<ArrivalView> came) {
        cells.put("came", came.map(arrival -> Line.word(arrival.way())));
        cells.put("from_whom", came.map(ArrivalView::fromWhom).filter(whom -> !whom.isEmpty()));
        cells.put("came_on", came.map(arrival -> arrival.cameOn().toString()));
        cells.put("treatment", came.map(ArrivalView::treatment).filter(how -> !how.isEmpty()));
        cells.put("germination_pct", came.map(ArrivalView::theirGermination).map(String::valueOf));
        cells.put("germination_on", came.map(ArrivalView::theirTestOn).map(LocalDate::toString));
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
        OlderLots.Making making = olderLots.of(
                lines.stream()
                        .filter(line -> !found.containsKey(line.text("lot", 40)))
                        .toList(),
                keep);
        return line -> {
            String typed = line.text("lot", 40);
            LotView lot = found.get(typed);
            if (lot != null) {
                return changed(line, lot, cells(lot, around), making.crops());
            }
            if (LotNumber.looksLikeOne(typed)) {
                throw Line.wrong("lot", typed, "lotOrNew");
            }
            making.make(line);
            return Effect.NEW;
        };
    }

    private Effect changed(Line line, LotView lot, Map<String, Optional<String>> there, CropWords.Reading named) {
        for (String column : there.get("came").isPresent() ? ARRIVED : WORK) {
            boolean same = column.equals("crop")
                    ? named.key(line).equals(there.get(column).orElseThrow())
                    : same(line, column, there.get(column).orElse(""));
            if (line.told(column) && !same) {
                throw new Refused(column, line.text(column, 300), "sheet.lotOtherwise", "lot", lot.number());
            }
        }
        Effect effect = Effect.SAME;
        if (line.has("grade") && line.oneOf("grade", Grade.class) != lot.grade()) {
            decisions.regrade(lot.number(), version(lot), line.oneOf("grade", Grade.class), OlderLots.WHY);
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
}
