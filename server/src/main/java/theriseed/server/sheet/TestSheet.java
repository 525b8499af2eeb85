package theriseed.server.sheet;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.ToIntFunction;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import theriseed.core.quality.MoistureResult;
import theriseed.core.quality.SeedlingCounts;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.quality.CutFacts;
import theriseed.server.quality.GerminationFacts;
import theriseed.server.quality.GerminationView;
import theriseed.server.quality.GrowOutFacts;
import theriseed.server.quality.Method;
import theriseed.server.quality.MoistureFacts;
import theriseed.server.quality.MoistureView;
import theriseed.server.quality.PurityFacts;
import theriseed.server.quality.PurityView;
import theriseed.server.quality.Quality;
import theriseed.server.quality.SeedWeightFacts;
import theriseed.server.quality.TestsView;
import theriseed.server.quality.WeevilFacts;

/** Tests of the lots, of every kind. A line is a test; one that stands there already in all its figures is the same. */
@Component
class TestSheet implements Sheet {
    private static final List<Column> COLUMNS = List.of(
            Column.needed("lot", "its number, or the one it had in an older book")
                    .alike("lot_number", "lot_no", "seed_lot", "batch"),
            Column.needed("kind", "germination, seed_weight, purity, moisture, cut, grow_out or weevils"),
            Column.day("on", "day of the last count, or of the test; nothing while a germination test runs")
                    .needed()
                    .alike("date", "day", "tested", "tested_on"),
            Column.day("set_on", "germination: day it was set; grow_out: day it was sown"),
            Column.of("method", "germination: paper, sand, soil or home"),
            Column.of("treatment", "germination: against sleep"),
            Column.numbers("of_each", "germination: seeds in a replicate"),
            Column.numbers("replicates", "germination: how many"),
            Column.day("first_on", "germination: day of the first count"),
            Column.numbers("first_normal", "normal seedlings then, replicate by replicate, parted by blanks"),
            Column.numbers("normal", "normal seedlings at the last count"),
            Column.numbers("hard", "hard seeds"),
            Column.numbers("fresh", "fresh seeds that did not germinate"),
            Column.numbers("abnormal", "abnormal seedlings"),
            Column.numbers("dead", "dead seeds"),
            Column.of("spoilt", "germination: why it was given up"),
            Column.numbers(
                    "grams", "seed_weight: grams of 100 seeds, parted by blanks; of all seeds where they were counted"),
            Column.numbers("sample_g", "purity: grams of the sample"),
            Column.numbers("pure_g", "purity: pure seed"),
            Column.numbers("other_g", "purity: seed of other crops"),
            Column.numbers("weed_g", "purity: weed seed"),
            Column.numbers("inert_g", "purity: chaff, soil, broken seed"),
            Column.numbers("readings_pct", "moisture: readings of a meter, parted by blanks"),
            Column.numbers("dish_empty_g", "moisture: dishes of the oven, empty"),
            Column.numbers("dish_before_g", "with seed, before"),
            Column.numbers("dish_after_g", "with seed, after"),
            Column.numbers("sound", "cut: full and firm"),
            Column.numbers("empty", "cut: empty"),
            Column.numbers("eaten", "cut: eaten; weevils: bored"),
            Column.numbers("shrunken", "cut: shrunken"),
            Column.numbers("seeds", "weevils: seeds looked at; seed_weight: all that were counted; grow_out: plants"),
            Column.numbers("off_types", "grow_out: plants that were none of the variety"),
            Column.numbers("alive", "weevils: living ones found"),
            Column.note("note", "anything else"));

    private static final Map<String, String> CALLED = Map.ofEntries(
            Map.entry("countedOn", "on"),
            Map.entry("weighedOn", "on"),
            Map.entry("testedOn", "on"),
            Map.entry("measuredOn", "on"),
            Map.entry("cutOn", "on"),
            Map.entry("lookedOn", "on"),
            Map.entry("examinedOn", "on"),
            Map.entry("sownOn", "set_on"),
            Map.entry("plants", "seeds"),
            Map.entry("counted", "seeds"),
            Map.entry("offTypes", "off_types"),
            Map.entry("perReplicate", "of_each"),
            Map.entry("counts", "normal"),
            Map.entry("firstCounts", "first_normal"),
            Map.entry("reps", "grams"),
            Map.entry("initial", "sample_g"),
            Map.entry("pure", "pure_g"),
            Map.entry("other", "other_g"),
            Map.entry("weed", "weed_g"),
            Map.entry("inert", "inert_g"),
            Map.entry("readings", "readings_pct"),
            Map.entry("dishes", "dish_before_g"),
            Map.entry("bored", "eaten"));

    private final Lots lots;
    private final Quality quality;

    TestSheet(Lots lots, Quality quality) {
        this.lots = lots;
        this.quality = quality;
    }

    /** Kinds of tests, as the cell says them. */
    private enum Kind {
        GERMINATION,
        SEED_WEIGHT,
        PURITY,
        MOISTURE,
        CUT,
        GROW_OUT,
        WEEVILS
    }

    @Override
    public String name() {
        return "tests";
    }

    @Override
    public int most() {
        return 20_000;
    }

    @Override
    public List<Column> columns() {
        return COLUMNS;
    }

    @Override
    public Map<String, String> called() {
        return CALLED;
    }

    @Override
    public Stream<List<Object>> lines() {
        return Pages.each(lots.ids(), ids -> rows(lots.byIds(ids)).stream().map(row -> Arrays.asList(row.cells)));
    }

    private List<Row> rows(List<LotView> of) {
        Map<UUID, TestsView> tests = quality.own(of.stream().map(LotView::id).toList());
        return of.stream()
                .flatMap(lot -> rows(lot.number(), tests.get(lot.id())))
                .toList();
    }

    private static Stream<Row> rows(String lot, TestsView tests) {
        return Stream.of(
                        Stream.of(tests.germinations(), tests.running(), tests.spoilt())
                                .flatMap(List::stream)
                                .map(test -> germination(lot, facts(test), test.spoilt())),
                        tests.seedWeights().stream()
                                .map(test -> weighed(
                                        lot,
                                        new SeedWeightFacts(
                                                test.weighedOn(), test.grams(), test.counted(), test.note()))),
                        tests.purities().stream().map(test -> purity(lot, facts(test))),
                        tests.moistures().stream().map(test -> moisture(lot, facts(test))),
                        tests.cuts().stream()
                                .map(test -> cut(
                                        lot,
                                        new CutFacts(
                                                test.cutOn(),
                                                test.sound(),
                                                test.empty(),
                                                test.eaten(),
                                                test.shrunken(),
                                                test.note()))),
                        tests.growOuts().stream()
                                .map(test -> grown(
                                        lot,
                                        new GrowOutFacts(
                                                test.sownOn(),
                                                test.examinedOn(),
                                                test.plants(),
                                                test.offTypes(),
                                                test.note()))),
                        tests.weevils().stream()
                                .map(look -> looked(
                                        lot,
                                        new WeevilFacts(look.lookedOn(), look.seeds(), look.bored(), look.alive()))))
                .flatMap(rows -> rows);
    }

    /** A line as it is written out; two are the same when all their cells are. */
    private static final class Row {
        private final Object[] cells = new Object[COLUMNS.size()];

        Row(String lot, Kind kind) {
            put("lot", lot);
            put("kind", Line.word(kind));
        }

        Row put(String column, Object value) {
            for (int i = 0; i < cells.length; i++) {
                if (COLUMNS.get(i).name().equals(column)) {
                    cells[i] = value == null || value.toString().isBlank() ? null : value.toString();
                }
            }
            return this;
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof Row row && Arrays.equals(cells, row.cells);
        }

        @Override
        public int hashCode() {
            return Arrays.hashCode(cells);
        }
    }

    private static GerminationFacts facts(GerminationView test) {
        return new GerminationFacts(
                test.setOn(),
                test.method(),
                test.treatment(),
                test.perReplicate(),
                test.replicates(),
                test.firstOn(),
                test.firstCounts(),
                test.countedOn(),
                test.seedlings(),
                test.note());
    }

    private static PurityFacts facts(PurityView test) {
        return new PurityFacts(
                test.testedOn(), test.initial(), test.pure(), test.other(), test.weed(), test.inert(), test.note());
    }

    private static MoistureFacts facts(MoistureView test) {
        return new MoistureFacts(test.measuredOn(), test.dishes(), test.readings(), test.note());
    }

    private static Row germination(String lot, GerminationFacts test, String spoilt) {
        return new Row(lot, Kind.GERMINATION)
                .put("on", test.countedOn())
                .put("set_on", test.setOn())
                .put("method", Line.word(test.method()))
                .put("treatment", test.treatment())
                .put("of_each", test.perReplicate())
                .put("replicates", test.replicates())
                .put("first_on", test.firstOn())
                .put("first_normal", Line.plain(test.firstCounts()))
                .put("normal", counts(test, SeedlingCounts.Replicate::normal, true))
                .put("hard", counts(test, SeedlingCounts.Replicate::hard, false))
                .put("fresh", counts(test, SeedlingCounts.Replicate::fresh, false))
                .put("abnormal", counts(test, SeedlingCounts.Replicate::abnormal, false))
                .put("dead", counts(test, SeedlingCounts.Replicate::dead, false))
                .put("spoilt", spoilt)
                .put("note", test.note());
    }

    /** What nobody counted is all zeros, and left out. */
    private static String counts(GerminationFacts test, ToIntFunction<SeedlingCounts.Replicate> which, boolean always) {
        List<Integer> counts = test.counted().stream().mapToInt(which).boxed().toList();
        return always || counts.stream().anyMatch(count -> count > 0) ? Line.plain(counts) : "";
    }

    private static Row purity(String lot, PurityFacts test) {
        return new Row(lot, Kind.PURITY)
                .put("on", test.testedOn())
                .put("sample_g", Line.plain(test.initial()))
                .put("pure_g", Line.plain(test.pure()))
                .put("other_g", Line.plain(test.other()))
                .put("weed_g", Line.plain(test.weed()))
                .put("inert_g", Line.plain(test.inert()))
                .put("note", test.note());
    }

    private static Row moisture(String lot, MoistureFacts test) {
        return new Row(lot, Kind.MOISTURE)
                .put("on", test.measuredOn())
                .put("readings_pct", Line.plain(test.readings()))
                .put("dish_empty_g", dishes(test, MoistureResult.Dish::empty))
                .put("dish_before_g", dishes(test, MoistureResult.Dish::before))
                .put("dish_after_g", dishes(test, MoistureResult.Dish::after))
                .put("note", test.note());
    }

    private static String dishes(MoistureFacts test, Function<MoistureResult.Dish, Double> which) {
        return Line.plain(test.dishes().stream().map(which).toList());
    }

    private static Row looked(String lot, WeevilFacts facts) {
        return new Row(lot, Kind.WEEVILS)
                .put("on", facts.lookedOn())
                .put("seeds", facts.seeds())
                .put("eaten", facts.bored())
                .put("alive", facts.alive() == 0 ? null : facts.alive());
    }

    private static Row weighed(String lot, SeedWeightFacts test) {
        return new Row(lot, Kind.SEED_WEIGHT)
                .put("on", test.weighedOn())
                .put("grams", Line.plain(test.grams()))
                .put("seeds", test.counted())
                .put("note", test.note());
    }

    private static Row grown(String lot, GrowOutFacts test) {
        return new Row(lot, Kind.GROW_OUT)
                .put("on", test.examinedOn())
                .put("set_on", test.sownOn())
                .put("seeds", test.plants())
                .put("off_types", test.offTypes())
                .put("note", test.note());
    }

    private static Row cut(String lot, CutFacts test) {
        return new Row(lot, Kind.CUT)
                .put("on", test.cutOn())
                .put("sound", test.sound())
                .put("empty", test.empty())
                .put("eaten", test.eaten())
                .put("shrunken", test.shrunken())
                .put("note", test.note());
    }

    @Override
    public boolean linesStandAlone() {
        return true;
    }

    @Override
    public Taker taker(List<Line> lines, boolean keep) {
        Map<String, LotView> found = lots.find(Line.all(lines, "lot", 40));
        Set<Row> known = new HashSet<>(rows(found.values().stream().distinct().toList()));
        return line -> {
            LotView lot = found.get(line.needed("lot", 40));
            if (lot == null) {
                throw Line.wrong("lot", line.text("lot", 40), "lot");
            }
            return switch (line.oneOf("kind", Kind.class)) {
                case GERMINATION -> germination(line, lot.number(), known);
                case SEED_WEIGHT -> {
                    SeedWeightFacts facts = new SeedWeightFacts(
                            line.day("on"), line.decimals("grams"), line.maybeWhole("seeds"), note(line));
                    yield taken(weighed(lot.number(), facts), known, () -> quality.seedWeight(lot.number(), facts));
                }
                case PURITY -> {
                    PurityFacts facts = new PurityFacts(
                            line.day("on"),
                            line.decimal("sample_g"),
                            line.decimal("pure_g"),
                            orNone(line, "other_g"),
                            orNone(line, "weed_g"),
                            orNone(line, "inert_g"),
                            note(line));
                    yield taken(purity(lot.number(), facts), known, () -> quality.purity(lot.number(), facts));
                }
                case MOISTURE -> {
                    MoistureFacts facts =
                            new MoistureFacts(line.day("on"), dishes(line), line.decimals("readings_pct"), note(line));
                    yield taken(moisture(lot.number(), facts), known, () -> quality.moisture(lot.number(), facts));
                }
                case CUT -> {
                    CutFacts facts = new CutFacts(
                            line.day("on"),
                            line.whole("sound"),
                            line.whole("empty"),
                            line.whole("eaten"),
                            line.whole("shrunken"),
                            note(line));
                    yield taken(cut(lot.number(), facts), known, () -> quality.cut(lot.number(), facts));
                }
                case GROW_OUT -> {
                    GrowOutFacts facts = new GrowOutFacts(
                            line.day("set_on"),
                            line.day("on"),
                            line.whole("seeds"),
                            line.whole("off_types"),
                            note(line));
                    yield taken(grown(lot.number(), facts), known, () -> quality.growOut(lot.number(), facts));
                }
                case WEEVILS -> {
                    Integer alive = line.maybeWhole("alive");
                    WeevilFacts facts = new WeevilFacts(
                            line.day("on"), line.whole("seeds"), line.whole("eaten"), alive == null ? 0 : alive);
                    yield taken(looked(lot.number(), facts), known, () -> quality.weevils(lot.number(), facts));
                }
            };
        };
    }

    private Effect germination(Line line, String lot, Set<Row> known) {
        GerminationFacts facts = new GerminationFacts(
                line.day("set_on"),
                line.has("method") ? line.oneOf("method", Method.class) : Method.PAPER,
                line.text("treatment", 200),
                line.whole("of_each"),
                line.has("replicates")
                        ? line.whole("replicates")
                        : line.wholes("normal").size(),
                line.has("first_on") ? line.day("first_on") : null,
                line.wholes("first_normal"),
                line.has("on") ? line.day("on") : null,
                GerminationFacts.replicates(
                        line.wholes("normal"),
                        line.wholes("hard"),
                        line.wholes("fresh"),
                        line.wholes("abnormal"),
                        line.wholes("dead")),
                note(line));
        String spoilt = line.text("spoilt", 300);
        return taken(germination(lot, facts, spoilt), known, () -> {
            GerminationView test = quality.germination(lot, facts);
            if (!spoilt.isEmpty()) {
                quality.spoilt(test.id(), spoilt);
            }
        });
    }

    /** A test that stands there already is not recorded again. */
    private static Effect taken(Row row, Set<Row> known, Runnable record) {
        if (!known.add(row)) {
            return Effect.SAME;
        }
        record.run();
        return Effect.NEW;
    }

    private static String note(Line line) {
        return line.text("note", 300);
    }

    private static BigDecimal orNone(Line line, String column) {
        return Objects.requireNonNullElse(line.maybeDecimal(column), BigDecimal.ZERO);
    }

    private static List<MoistureResult.Dish> dishes(Line line) {
        List<Double> empty = line.decimals("dish_empty_g");
        List<Double> before = line.decimals("dish_before_g");
        List<Double> after = line.decimals("dish_after_g");
        if (before.size() != empty.size() || after.size() != empty.size()) {
            throw Line.wrong("dish_before_g", line.text("dish_before_g", 200), "weightForDish");
        }
        List<MoistureResult.Dish> dishes = new ArrayList<>();
        for (int i = 0; i < empty.size(); i++) {
            dishes.add(new MoistureResult.Dish(empty.get(i), before.get(i), after.get(i)));
        }
        return dishes;
    }
}
