package theriseed.server.sheet;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
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
import theriseed.server.bench.StepFacts;
import theriseed.server.harvest.Harvests;
import theriseed.server.harvest.PickFacts;
import theriseed.server.lot.ArrivalFacts;
import theriseed.server.lot.Arrivals;
import theriseed.server.lot.Came;
import theriseed.server.lot.LotDecisions;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.lot.NewLots;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;
import theriseed.server.season.Purpose;

/**
 * Makes lots of the lines of an older book: seed of a planting in the plan, with one pick and one step at the bench, or seed
 * from before and from elsewhere.
 */
@Component
class OlderLots {
    static final String WHY = "read from a file";

    private final Lots lots;
    private final NewLots newLots;
    private final LotDecisions decisions;
    private final Plantings plantings;
    private final Harvests harvests;
    private final Bench bench;
    private final VarietyWords varietyWords;
    private final Arrivals arrivals;
    private final FarmTime time;

    OlderLots(
            Lots lots,
            NewLots newLots,
            LotDecisions decisions,
            Plantings plantings,
            Harvests harvests,
            Bench bench,
            VarietyWords varietyWords,
            Arrivals arrivals,
            FarmTime time) {
        this.lots = lots;
        this.newLots = newLots;
        this.decisions = decisions;
        this.plantings = plantings;
        this.harvests = harvests;
        this.bench = bench;
        this.varietyWords = varietyWords;
        this.arrivals = arrivals;
        this.time = time;
    }

    /** @param lines that are of no lot that is there */
    Making of(List<Line> lines, boolean keep) {
        return new Making(new Numbers(lines, keep));
    }

    private int version(LotView lot) {
        return lots.get(lot.number()).version();
    }

    /** The numbers of a file's new lots: those of a crop's season are taken together when the first is needed. */
    private final class Numbers {
        private final Map<String, Long> unnumbered;
        private final Map<String, Deque<LotNumber>> taken = new HashMap<>();
        private final boolean keep;

        /** @param lines that are of no lot that is there */
        Numbers(List<Line> lines, boolean keep) {
            this.keep = keep;
            this.unnumbered = lines.stream()
                    .filter(line -> line.has("picked_g") && line.has("plot"))
                    .collect(Collectors.groupingBy(Numbers::kind, Collectors.counting()));
        }

        private static String kind(Line line) {
            return (line.cells().get("season") + " " + line.cells().get("crop"))
                    .strip()
                    .toLowerCase(Locale.ROOT);
        }

        LotView make(Line line, PlantingView planting) {
            if (!keep) {
                return newLots.make(planting.id(), null, oldNumber(line));
            }
            LotNumber number = taken.computeIfAbsent(
                            kind(line),
                            kind -> new ArrayDeque<>(newLots.numbers(
                                    planting.season(),
                                    planting.variety().cropName(),
                                    unnumbered.get(kind).intValue())))
                    .pop();
            return newLots.make(planting.id(), number, oldNumber(line));
        }
    }

    /** The number that an older book gave a new lot. */
    private static String oldNumber(Line line) {
        return line.has("old_number") ? line.text("old_number", 40) : line.text("lot", 40);
    }

    /** Makes new lots of a file's lines. */
    final class Making {
        private final Map<Integer, Map<String, PlantingView>> seasons = new HashMap<>();
        private final VarietyWords.Reading named = varietyWords.reading();
        private final Numbers numbers;

        private Making(Numbers numbers) {
            this.numbers = numbers;
        }

        /** The crops by what the file calls them. */
        CropWords.Reading crops() {
            return named.crops();
        }

        void make(Line line) {
            LotView lot = line.has("plot") && line.has("picked_g") ? picked(line) : arrived(line);
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

        /** Seed of a planting that is in the plan. */
        private LotView picked(Line line) {
            PlantingView planting = seasons.computeIfAbsent(line.whole("season"), OlderLots.this::grownForSeed)
                    .get(grown(named.crops().key(line), line.needed("variety", 80), line.needed("plot", 60)));
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
            if (line.has("germination_pct")) {
                throw new Refused("germination_pct", line.text("germination_pct", 40), "sheet.countsOfTest");
            }
            BigDecimal picked = line.decimal("picked_g");
            LocalDate on = line.day("picked_on");
            int plants = line.whole("plants");
            LotView lot = numbers.make(line, planting);
            harvests.pick(lot.number(), PickFacts.over(on, picked, plants));
            if (line.has("clean_g")) {
                clean(line, lot, picked);
            }
            return lot;
        }

        /** Seed that is older than these records, or from elsewhere. */
        private LotView arrived(Line line) {
            UUID variety = named.id(line);
            int season = line.whole("season");
            return arrivals.take(
                    variety,
                    line.has("grade") ? line.oneOf("grade", Grade.class) : Grade.MARKET,
                    new ArrivalFacts(
                            line.has("came") ? line.oneOf("came", Came.class) : Came.BEFORE,
                            cameOn(line, season),
                            line.decimal("clean_g"),
                            line.text("from_whom", 120),
                            oldNumber(line),
                            season,
                            line.maybeWhole("plants"),
                            line.text("treatment", 120),
                            line.maybeWhole("germination_pct"),
                            line.maybeDay("germination_on", null),
                            note(line)));
        }

        /** Where it grew stays known, though no planting of these records tells it. */
        private String note(Line line) {
            String note = line.text("note", 300);
            String grew = line.has("plot") ? "grew on " + line.text("plot", 60) : "";
            return Stream.of(grew, note).filter(part -> !part.isEmpty()).collect(Collectors.joining("; "));
        }

        private LocalDate cameOn(Line line, int season) {
            for (String column : List.of("came_on", "clean_on", "picked_on")) {
                if (line.has(column)) {
                    return line.day(column);
                }
            }
            LocalDate end = LocalDate.of(season, 12, 31);
            return end.isAfter(time.today()) ? time.today() : end;
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
