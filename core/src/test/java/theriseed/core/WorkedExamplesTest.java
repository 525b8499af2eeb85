package theriseed.core;

import static java.util.Map.entry;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.InputStream;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import theriseed.core.bench.FermentClock;
import theriseed.core.bench.MassBalance;
import theriseed.core.bloom.BloomCurve;
import theriseed.core.bloom.BloomOverlap;
import theriseed.core.bloom.BloomSpread;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.bloom.ClimateNormals;
import theriseed.core.bloom.ForecastSpread;
import theriseed.core.bloom.Requirement;
import theriseed.core.bloom.ThermalPrediction;
import theriseed.core.bloom.ThermalTime;
import theriseed.core.bloom.Vernalisation;
import theriseed.core.drying.DryingAir;
import theriseed.core.drying.DryingCurve;
import theriseed.core.drying.Equilibrium;
import theriseed.core.drying.SilicaGel;
import theriseed.core.drying.WaterContent;
import theriseed.core.ground.LocalPlane;
import theriseed.core.ground.LonLat;
import theriseed.core.ground.Place;
import theriseed.core.harvest.DryDay;
import theriseed.core.harvest.DryHours;
import theriseed.core.harvest.RipeningCurve;
import theriseed.core.harvest.RipeningFit;
import theriseed.core.harvest.StormChoice;
import theriseed.core.isolation.DistanceCheck;
import theriseed.core.isolation.PollenControl;
import theriseed.core.isolation.PollenFlow;
import theriseed.core.lot.LotNumber;
import theriseed.core.measure.Chance;
import theriseed.core.measure.OutOfRange;
import theriseed.core.pollination.CageSchedule;
import theriseed.core.pollination.FlowerNeed;
import theriseed.core.population.DiversityKept;
import theriseed.core.population.EffectiveSize;
import theriseed.core.population.SowingNeed;
import theriseed.core.quality.GerminationResult;
import theriseed.core.quality.PurityResult;
import theriseed.core.quality.ReplicateTolerance;
import theriseed.core.quality.SeedWeight;
import theriseed.core.quality.SeedlingClasses;
import theriseed.core.quality.TwoTests;
import theriseed.core.roguing.InspectionPlan;
import theriseed.core.roguing.OffTypeLimit;
import theriseed.core.roguing.OffTypesStanding;
import theriseed.core.roguing.Pass;
import theriseed.core.roguing.Passes;
import theriseed.core.roguing.PollenDamage;
import theriseed.core.roguing.Recognition;
import theriseed.core.roguing.SecondPass;
import theriseed.core.roguing.TwoWalkers;
import theriseed.core.seedroom.BagsApart;
import theriseed.core.seedroom.Blend;
import theriseed.core.seedroom.LotSplit;
import theriseed.core.seedroom.StockForecast;
import theriseed.core.seedroom.StorageLife;
import theriseed.core.selection.ProgenyRows;
import theriseed.core.selection.SelectionResponse;
import theriseed.core.stall.FillWeight;
import theriseed.core.stall.PacketCost;
import theriseed.core.stall.PackingPlan;
import theriseed.core.store.CheckInterval;
import theriseed.core.store.PooledLosses;
import theriseed.core.store.StoreLosses;
import theriseed.core.store.StoreNeed;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The worked examples, each computed by the class that the app uses or will use for it. Names of inputs and results are
 * the examples' own; an intermediate result that nobody is shown is left out of the answer and so not compared.
 */
class WorkedExamplesTest {
    private static final Map<String, Function<JsonNode, Map<String, ?>>> CALCULATIONS = Map.ofEntries(
            entry("1 dist_xy", WorkedExamplesTest::planeDistance),
            entry("1 dist_ll", WorkedExamplesTest::distance),
            entry(
                    "1 scaled",
                    in -> Map.of("scaled_required_m", flow(in).metresUntil(number(in, "target") / number(in, "k")))),
            entry("1 pair", WorkedExamplesTest::pair),
            entry("2 overlap", WorkedExamplesTest::overlap),
            entry("3 calib", WorkedExamplesTest::calibration),
            entry("3 total", WorkedExamplesTest::total),
            entry("3 border", WorkedExamplesTest::border),
            entry("4 dd", WorkedExamplesTest::degreeDays),
            entry("4 predict", WorkedExamplesTest::predict),
            entry("4 spread", WorkedExamplesTest::spread),
            entry("4 vern", WorkedExamplesTest::vernalisation),
            entry("4 reanchor", WorkedExamplesTest::reanchor),
            entry("5 selfing", WorkedExamplesTest::selfing),
            entry("5 ne_weights", WorkedExamplesTest::unequalMothers),
            entry("5 ne_vk", in -> Map.of("Ne", EffectiveSize.ofGametes(numbers(in, "k")))),
            entry("5 sex", in -> Map.of("Ne", EffectiveSize.ofSexes(number(in, "Nm"), number(in, "Nf")))),
            entry("5 harm", WorkedExamplesTest::generations),
            entry("5 het", in -> Map.of("kept", DiversityKept.after(whole(in, "t"), number(in, "Ne")))),
            entry("5 allele", WorkedExamplesTest::allele),
            entry("5 sow", WorkedExamplesTest::sowing),
            entry("6 cp", WorkedExamplesTest::offTypeLimit),
            entry("6 plan", WorkedExamplesTest::inspection),
            entry(
                    "6 hyper",
                    in -> Map.of(
                            "n", InspectionPlan.plantsOfStand(whole(in, "N"), number(in, "tol"), number(in, "conf")))),
            entry("6 passes", WorkedExamplesTest::passes),
            entry("6 shed", WorkedExamplesTest::shed),
            entry("6 guard", WorkedExamplesTest::guard),
            entry("8 flowers", WorkedExamplesTest::flowers),
            entry("8 sex", in -> Map.of("Ne", EffectiveSize.ofSexes(number(in, "Nm"), number(in, "Nf")))),
            entry("8 cage", WorkedExamplesTest::cage),
            entry("10 ferm", WorkedExamplesTest::ferment),
            entry("10 ferm_time", WorkedExamplesTest::fermentAtConstant),
            entry("12 balance", WorkedExamplesTest::balance),
            entry("12 yield", WorkedExamplesTest::yield),
            entry("13 tsw", WorkedExamplesTest::seedWeight),
            entry("13 purity", WorkedExamplesTest::purity),
            entry("14 germ", WorkedExamplesTest::germination),
            entry("14 range", WorkedExamplesTest::range),
            entry("14 two", WorkedExamplesTest::twoTests),
            entry("14 oc", WorkedExamplesTest::risks),
            entry("14 pass", WorkedExamplesTest::pass),
            entry("14 classes", WorkedExamplesTest::classes),
            entry("16 code", WorkedExamplesTest::code),
            entry("16 verify", WorkedExamplesTest::verify),
            entry("18 fill", WorkedExamplesTest::fill),
            entry("18 packets", WorkedExamplesTest::packets),
            entry("18 cost", WorkedExamplesTest::cost),
            entry("7 response", WorkedExamplesTest::selection),
            entry("7 rows", WorkedExamplesTest::progenyRows),
            entry("9 fit", WorkedExamplesTest::ripening),
            entry("9 cut", WorkedExamplesTest::cut),
            entry("9 picks", WorkedExamplesTest::picks),
            entry("9 dry", WorkedExamplesTest::dryDay),
            entry("9 storm", WorkedExamplesTest::storm),
            entry("11 moist", in -> Map.of("dry_basis_pct", WaterContent.dryBasis(number(in, "m")))),
            entry("11 target", WorkedExamplesTest::targetMass),
            entry("11 oven", WorkedExamplesTest::oven),
            entry("11 page", WorkedExamplesTest::dryingCurve),
            entry("11 emc", WorkedExamplesTest::equilibrium),
            entry(
                    "11 rh",
                    in -> Map.of("eRH", Equilibrium.humidity(number(in, "m"), number(in, "T"), number(in, "oil")))),
            entry("11 silica", WorkedExamplesTest::silica),
            entry("11 tlimit", in -> Map.of("", DryingAir.warmest(number(in, "m")))),
            entry("15 er", WorkedExamplesTest::storageLife),
            entry("15 periods", WorkedExamplesTest::storagePeriods),
            entry("15 harr", WorkedExamplesTest::harrington),
            entry("15 hundred", WorkedExamplesTest::sumRule),
            entry("15 retest", WorkedExamplesTest::retest),
            entry("17 blend", WorkedExamplesTest::blend),
            entry("17 needed", WorkedExamplesTest::blendShare),
            entry("17 hetero", WorkedExamplesTest::bagsApart),
            entry("17 split", WorkedExamplesTest::split),
            entry("19 stock", WorkedExamplesTest::stock),
            entry("19 increase", WorkedExamplesTest::increase),
            entry("20 cull", WorkedExamplesTest::storeLosses),
            entry("20 store", WorkedExamplesTest::storeNeed),
            entry("20 interval", WorkedExamplesTest::checkInterval),
            entry("21 marks", WorkedExamplesTest::marks),
            entry("21 walkers", WorkedExamplesTest::walkers),
            entry("21 limit_recognised", WorkedExamplesTest::limitRecognised),
            entry("21 second_pass", WorkedExamplesTest::secondPass),
            entry("24 kernel3", WorkedExamplesTest::kernel),
            entry("25 unsure_overlap", WorkedExamplesTest::unsureOverlap),
            entry("25 spreads", WorkedExamplesTest::spreads),
            entry("27 standing", WorkedExamplesTest::standing),
            entry(
                    "28 parents",
                    in -> Map.of(
                            "Ne",
                            EffectiveSize.ofParents(
                                    number(in, "F", 0), numbers(in, "mothers"), numbers(in, "fathers")))),
            entry("26 ripening_fit", WorkedExamplesTest::ripeningFit),
            entry("29 store_pooled", WorkedExamplesTest::storePooled),
            entry("29 dry_hours", WorkedExamplesTest::dryHours),
            entry("28 dioecious", WorkedExamplesTest::twoSexes),
            entry("28 gain", WorkedExamplesTest::gain),
            entry(
                    "20 roots_path",
                    in -> Map.of(
                            "expected_sound_at_checks",
                            StoreLosses.path(
                                    number(in, "n0"),
                                    number(in, "start_loss"),
                                    numbers(in, "checks"),
                                    numbers(in, "rates")))));

    /** The alternative alphabet is described beside the recommended one; only the recommended is ever issued. */
    private static final Set<String> NOT_USED = Set.of("16 c31");

    @TestFactory
    Stream<DynamicTest> examples() throws Exception {
        try (InputStream file = WorkedExamplesTest.class.getResourceAsStream("/worked-examples.json")) {
            JsonNode all = JsonMapper.shared().readTree(file);
            return StreamSupport.stream(all.spliterator(), false)
                    .filter(example -> !NOT_USED.contains(key(example)))
                    .map(example -> DynamicTest.dynamicTest(
                            example.get("id").stringValue() + " "
                                    + example.get("title").stringValue(),
                            () -> check(example)))
                    .toList()
                    .stream();
        }
    }

    private static String key(JsonNode example) {
        return example.get("section").intValue() + " "
                + example.get("calculation").stringValue();
    }

    private static void check(JsonNode example) {
        Function<JsonNode, Map<String, ?>> calculation = CALCULATIONS.get(key(example));
        assertThat(calculation).as("a calculation for " + key(example)).isNotNull();
        JsonNode results = example.get("results");
        if (results.has("error")) {
            String field = results.get("error").stringValue().split(":")[0];
            assertThatThrownBy(() -> calculation.apply(example.get("inputs")))
                    .isInstanceOf(OutOfRange.class)
                    .extracting(refused -> ((OutOfRange) refused).field())
                    .isIn(field, "lot number");
            return;
        }
        Map<String, ?> answer = calculation.apply(example.get("inputs"));
        assertThat(answer).isNotEmpty();
        answer.forEach((name, value) -> {
            if (name.isEmpty()) {
                compare("result", value, results);
                return;
            }
            assertThat(results.has(name)).as(name + " is among " + results).isTrue();
            compare(name, value, results.get(name));
        });
    }

    /** What is calculated on a grid, as exactly as the section asks. */
    private record Rounded(double value, double tolerance) {}

    private static void compare(String name, Object ours, JsonNode theirs) {
        if (ours instanceof double[] numbers) {
            ours = Arrays.stream(numbers).boxed().toList();
        }
        if (ours instanceof List<?> list) {
            assertThat(list).as(name).hasSize(theirs.size());
            IntStream.range(0, list.size()).forEach(i -> compare(name + "[" + i + "]", list.get(i), theirs.get(i)));
        } else if (ours instanceof Map<?, ?> map) {
            map.forEach((key, value) -> compare(name + "." + key, value, theirs.get((String) key)));
        } else if (ours instanceof Rounded real) {
            assertThat(real.value()).as(name).isCloseTo(theirs.doubleValue(), within(real.tolerance()));
        } else if (ours instanceof Double real) {
            double wanted = theirs.doubleValue();
            assertThat(real).as(name).isCloseTo(wanted, within(Math.max(1e-12, 1e-9 * Math.abs(wanted))));
        } else if (ours instanceof Integer count) {
            assertThat(count.doubleValue()).as(name).isEqualTo(theirs.doubleValue());
        } else if (ours instanceof Boolean truth) {
            assertThat(truth).as(name).isEqualTo(theirs.booleanValue());
        } else {
            assertThat(ours).as(name).isEqualTo(theirs.stringValue());
        }
    }

    private static double number(JsonNode in, String name) {
        return in.get(name).doubleValue();
    }

    private static double number(JsonNode in, String name, double otherwise) {
        return in.has(name) && !in.get(name).isNull() ? number(in, name) : otherwise;
    }

    private static int whole(JsonNode in, String name) {
        return in.get(name).intValue();
    }

    private static double[] numbers(JsonNode in, String name) {
        return StreamSupport.stream(in.get(name).spliterator(), false)
                .mapToDouble(JsonNode::doubleValue)
                .toArray();
    }

    private static int[] wholes(JsonNode in, String name) {
        return Arrays.stream(numbers(in, name)).mapToInt(x -> (int) x).toArray();
    }

    private static Map<String, ?> planeDistance(JsonNode in) {
        return Map.of("distance_m", polygon(in.get("A")).distance(polygon(in.get("B"))));
    }

    private static org.locationtech.jts.geom.Geometry polygon(JsonNode corners) {
        List<Coordinate> ring = new ArrayList<>();
        corners.forEach(
                c -> ring.add(new Coordinate(c.get(0).doubleValue(), c.get(1).doubleValue())));
        ring.add(ring.get(0));
        return new GeometryFactory().createPolygon(ring.toArray(Coordinate[]::new));
    }

    private static Map<String, ?> distance(JsonNode in) {
        List<LonLat> a = corners("A", in);
        List<LonLat> b = corners("B", in);
        LonLat origin = LocalPlane.around(Stream.concat(a.stream(), b.stream()).toList())
                .origin();
        return Map.of(
                "distance_m",
                new Place(a).metresTo(new Place(b)),
                "origin_lon",
                origin.lon(),
                "origin_lat",
                origin.lat());
    }

    private static List<LonLat> corners(String name, JsonNode in) {
        return IntStream.range(0, in.get(name).size())
                .mapToObj(i -> LonLat.of(
                        name + "[" + i + "]",
                        in.get(name).get(i).get(0).doubleValue(),
                        in.get(name).get(i).get(1).doubleValue()))
                .toList();
    }

    private static PollenFlow flow(JsonNode in) {
        return PollenFlow.calibrated(number(in, "c0"), number(in, "target"), number(in, "Dreq"));
    }

    private static Map<String, ?> pair(JsonNode in) {
        return Map.of("A_needs_from_B", need(in, "A", "B"), "B_needs_from_A", need(in, "B", "A"));
    }

    private static Map<String, ?> need(JsonNode in, String recipient, String source) {
        JsonNode r = in.get(recipient);
        if (!r.get("seed_saved").booleanValue()) {
            return Map.of("needed", false, "reason", "no seed saved");
        }
        if (!control(in.get(source)).sheds()) {
            return Map.of("needed", false, "reason", "source closed");
        }
        if (!control(r).takes()) {
            return Map.of("needed", false, "reason", "recipient closed");
        }
        double asked = r.get("required").get(r.get("grade").stringValue()).doubleValue();
        DistanceCheck check = new DistanceCheck(number(in, "D"), number(in, "u"), asked);
        return Map.of(
                "needed",
                true,
                "required_m",
                asked,
                "shortfall_m",
                check.shortfall(),
                "verdict",
                check.enough() ? "enough" : check.tooClose() ? "too close" : "within position error");
    }

    private static PollenControl control(JsonNode planting) {
        return switch (planting.get("control").stringValue()) {
            case "open" -> PollenControl.OPEN;
            case "before_flowering" -> PollenControl.NEVER_FLOWERS;
            case "hand" -> PollenControl.treated(planting.get("covers_all").booleanValue());
            default -> throw new IllegalArgumentException(planting.toString());
        };
    }

    private static Map<String, ?> overlap(JsonNode in) {
        int[] s = wholes(in, "source");
        int[] r = wholes(in, "recipient");
        BloomOverlap overlap = BloomOverlap.of(
                s[0],
                s[1],
                r[0],
                r[1],
                (int) number(in, "margin_days", 0),
                number(in, "response", BloomOverlap.USUAL_RESPONSE));
        return Map.of(
                "overlap_days", overlap.days(),
                "overlap_fraction", overlap.fraction(),
                "weight_triangle", BloomOverlap.weight(BloomCurve.TRIANGLE, s[0], s[1], r[0], r[1]),
                "weight_bell", BloomOverlap.weight(BloomCurve.BELL, s[0], s[1], r[0], r[1]),
                "delay_source_flower_days", overlap.delayFlowering(),
                "advance_source_flower_days", overlap.advanceFlowering(),
                "delay_source_sowing_days", overlap.delaySowing(),
                "advance_source_sowing_days", overlap.advanceSowing());
    }

    private static Map<String, ?> calibration(JsonNode in) {
        PollenFlow flow = flow(in);
        Map<String, Object> answer = new TreeMap<>();
        in.get("at").forEach(d -> answer.put("c(" + d.intValue() + ")", flow.at(d.doubleValue())));
        return answer;
    }

    private static Map<String, ?> total(JsonNode in) {
        PollenFlow flow = flow(in);
        double area = number(in, "recipient_area");
        List<PollenFlow.Source> sources = new ArrayList<>();
        in.get("sources")
                .forEach(s -> sources.add(new PollenFlow.Source(
                        number(s, "d"), number(s, "area"), number(s, "W"), number(s, "barrier"), number(s, "k"))));
        return Map.of(
                "c_i", sources.stream().map(s -> flow.from(s, area)).toList(),
                "total", flow.total(sources, area, 1),
                "total_capped", flow.total(sources, area, number(in, "t_out")));
    }

    private static Map<String, ?> border(JsonNode in) {
        PollenFlow flow = flow(in);
        double depth = number(in, "depth");
        double dropped = number(in, "discard");
        double all = flow.meanBehind(number(in, "d"), depth, 0);
        double kept = flow.meanBehind(number(in, "d"), depth, dropped);
        return Map.of(
                "mean_all", all, "mean_kept", kept, "remaining_ratio", kept / all, "seed_share_lost", dropped / depth);
    }

    private static Map<String, ?> kernel(JsonNode in) {
        List<PollenFlow.Point> points = new ArrayList<>();
        in.get("at")
                .forEach(at -> points.add(
                        new PollenFlow.Point(at.get(0).doubleValue(), at.get(1).doubleValue())));
        PollenFlow flow = PollenFlow.through(number(in, "c0"), points);
        Map<String, Object> answer = new TreeMap<>();
        in.get("where").forEach(d -> answer.put("c(" + d.intValue() + ")", flow.at(d.doubleValue())));
        return answer;
    }

    private static Map<String, ?> unsureOverlap(JsonNode in) {
        int[] s = wholes(in, "source");
        int[] r = wholes(in, "recipient");
        BloomOverlap.of(s[0], s[1], r[0], r[1], 0, 1);
        LocalDate newYear = LocalDate.of(2026, 1, 1);
        BloomWindow source = new BloomWindow(newYear.plusDays(s[0]), newYear.plusDays(s[1]));
        BloomWindow recipient = new BloomWindow(newYear.plusDays(r[0]), newYear.plusDays(r[1]));
        double spread = number(in, "sd");
        return Map.of(
                "weight",
                BloomOverlap.weight(source, recipient),
                "mean_weight",
                new Rounded(BloomOverlap.meanWeight(source, recipient, spread), 1e-4),
                "chance_together",
                BloomOverlap.chanceTogether(source, recipient, spread));
    }

    private static Map<String, ?> spreads(JsonNode in) {
        double begin = in.has("seen_first")
                ? BloomSpread.SEEN
                : Math.hypot(number(in, "requirement_sd"), number(in, "weather_sd"));
        BloomSpread spread = BloomSpread.ofBeginning(begin, whole(in, "length"));
        return Map.of(
                "begin_sd",
                spread.first(),
                "end_sd",
                spread.last(),
                "margin_end_to_begin",
                BloomSpread.margin(spread, BloomSpread.ofBoth(number(in, "other_end"))));
    }

    private static Map<String, ?> degreeDays(JsonNode in) {
        double min = number(in, "tmin");
        double max = number(in, "tmax");
        double base = number(in, "tb");
        double upper = number(in, "tu");
        return Map.of(
                "dd_mean", ThermalTime.MEAN.of(min, max, base, upper),
                "dd_clip", ThermalTime.CLIP.of(min, max, base, upper),
                "dd_sine", ThermalTime.SINE.of(min, max, base, upper));
    }

    private static Map<String, ?> predict(JsonNode in) {
        JsonNode c = in.get("climate");
        ClimateNormals normals =
                new ClimateNormals(number(c, "mean"), number(c, "amp"), whole(c, "coldest"), number(c, "half"));
        int start = whole(in, "start");
        ThermalPrediction reached = ThermalPrediction.of(start, number(in, "threshold"), day -> {
                    JsonNode actual = in.get("actual").get(day - start);
                    double min = actual == null
                            ? normals.dayMean(day) - normals.half()
                            : actual.get(0).doubleValue();
                    double max = actual == null
                            ? normals.dayMean(day) + normals.half()
                            : actual.get(1).doubleValue();
                    return ThermalTime.SINE.of(min, max, number(in, "tb"), number(in, "tu"));
                })
                .orElseThrow();
        return Map.of(
                "predicted_day_of_year", reached.day(),
                "interpolated", reached.exact(),
                "dd_on_that_day", reached.rate());
    }

    private static Map<String, ?> spread(JsonNode in) {
        ForecastSpread spread = ForecastSpread.of(
                whole(in, "n_days"),
                number(in, "sd_daily"),
                number(in, "rho"),
                number(in, "rate"),
                number(in, "sd_threshold"),
                number(in, "conf"));
        return Map.of("sd_sum", spread.sumSpread(), "sd_days", spread.days(), "half_width_days", spread.halfWidth());
    }

    private static Map<String, ?> vernalisation(JsonNode in) {
        double days = 0;
        for (JsonNode block : in.get("blocks")) {
            days += block.get(0).doubleValue()
                    * Vernalisation.ofDay(
                            block.get(1).doubleValue(), block.get(2).doubleValue());
        }
        return Map.of("weeks_sine", days / 7, "satisfied", days / 7 >= number(in, "required_weeks"));
    }

    private static Map<String, ?> reanchor(JsonNode in) {
        Requirement learned = new Requirement(number(in, "theta0"), number(in, "sd0"))
                .learnedFrom(number(in, "sd_obs"), numbers(in, "observed"));
        return Map.of("next_season_threshold", learned.mean(), "next_season_sd", learned.spread());
    }

    private static Map<String, ?> selfing(JsonNode in) {
        double f = EffectiveSize.inbreeding(number(in, "s"));
        return Map.of("F", f, "Ne", EffectiveSize.of(number(in, "N"), f));
    }

    private static Map<String, ?> unequalMothers(JsonNode in) {
        double[] w = numbers(in, "w");
        return Map.of(
                "Ne_both_sides", EffectiveSize.of(EffectiveSize.equalPlants(w), number(in, "F")),
                "Ne_mother_only", EffectiveSize.mothersOnly(number(in, "F"), w));
    }

    private static Map<String, ?> generations(JsonNode in) {
        double[] sizes = numbers(in, "Ne_list");
        double harmonic = EffectiveSize.overGenerations(sizes);
        return Map.of(
                "harmonic_Ne", harmonic,
                "heterozygosity_kept_exact_product", DiversityKept.through(sizes),
                "heterozygosity_kept_from_harmonic", DiversityKept.after(sizes.length, harmonic));
    }

    private static Map<String, ?> allele(JsonNode in) {
        double f = number(in, "F", 0);
        return Map.of(
                "keep_probability", DiversityKept.chanceToKeep(number(in, "p"), number(in, "N"), f),
                "plants_needed", DiversityKept.plantsToKeep(number(in, "p"), number(in, "P"), f));
    }

    private static Map<String, ?> sowing(JsonNode in) {
        double[] stages = StreamSupport.stream(in.get("stages").spliterator(), false)
                .mapToDouble(JsonNode::doubleValue)
                .toArray();
        SowingNeed need = SowingNeed.of(whole(in, "N"), number(in, "keep_selected"), number(in, "rho", 0), stages);
        return Map.of(
                "survival", need.survival(),
                "needed_before_selection", need.beforeChoice(),
                "sow", need.seeds(),
                "P_at_least", need.chance());
    }

    private static Map<String, ?> offTypeLimit(JsonNode in) {
        int x = whole(in, "x");
        int n = whole(in, "n");
        OffTypeLimit limit = OffTypeLimit.of(x, n);
        return Map.of(
                "estimate", limit.estimate(),
                "upper_one_sided", limit.upper(),
                "lower_two_sided", Chance.lowerLimit(x, n, 0.975),
                "upper_two_sided", Chance.upperLimit(x, n, 0.975));
    }

    private static Map<String, ?> marks(JsonNode in) {
        Recognition eye = new Recognition(whole(in, "m"), whole(in, "r"));
        return Map.of("recognised", eye.share(), "lower_one_sided", eye.lower(), "upper_one_sided", eye.upper());
    }

    private static Map<String, ?> walkers(JsonNode in) {
        int both = whole(in, "both");
        TwoWalkers two = TwoWalkers.of(whole(in, "a"), whole(in, "b"), both);
        return Map.of(
                "seen", two.seen(),
                "estimate", two.estimate(),
                "overlooked_by_both", two.overlooked(),
                "interval", List.of(two.low(), two.high()),
                "recognised_a", new Recognition(whole(in, "b"), both).share(),
                "recognised_b", new Recognition(whole(in, "a"), both).share());
    }

    private static Map<String, ?> limitRecognised(JsonNode in) {
        double found = OffTypeLimit.of(whole(in, "x"), whole(in, "n")).upper();
        return Map.of("found_upper", found, "true_upper", found / number(in, "low"));
    }

    private static Map<String, ?> secondPass(JsonNode in) {
        return SecondPass.of(whole(in, "first"), whole(in, "second"))
                .<Map<String, ?>>map(
                        told -> Map.of("recognised", told.recognised(), "left", told.left(), "word", "told"))
                .orElse(Map.of("word", "not told: the second pass found no fewer"));
    }

    private static Map<String, ?> standing(JsonNode in) {
        List<Pass> passes = new ArrayList<>();
        for (JsonNode pass : in.get("passes")) {
            passes.add(Pass.of(
                    pass.get(0).asInt(), pass.get(1).asInt(), pass.get(2).asInt(), number(in, "recognised")));
        }
        OffTypesStanding left = OffTypesStanding.after(whole(in, "plants"), passes);
        return Map.of(
                "standing", left.standing(),
                "none_left", left.none(),
                "expected_left", left.expected(),
                "at_most", left.most(),
                "share_at_most", left.most() / (double) left.standing(),
                "within_tolerance", left.within(number(in, "tol")));
    }

    private static Map<String, ?> inspection(JsonNode in) {
        int allowed = (int) number(in, "c", 0);
        double detection = number(in, "detect", 1);
        int n = InspectionPlan.plants(number(in, "tol"), number(in, "conf"), allowed, detection);
        return Map.of("n", n, "P_pass_at_tolerance", Chance.atMost(allowed, n, number(in, "tol") * detection));
    }

    private static Map<String, ?> passes(JsonNode in) {
        Passes left = Passes.of(number(in, "f0"), number(in, "detect"), whole(in, "k"), number(in, "false_pull"));
        return Map.of("remaining_frequency", left.offTypesLeft(), "plants_left_share", left.plantsLeft());
    }

    private static Map<String, ?> shed(JsonNode in) {
        PollenDamage.Shed shed = PollenDamage.shed(
                whole(in, "N"),
                whole(in, "x"),
                number(in, "v"),
                number(in, "t_out"),
                number(in, "first"),
                number(in, "last"),
                number(in, "ot_first"),
                number(in, "removed"));
        return Map.of(
                "bloom_share_exposed", shed.bloomExposed(),
                "pollen_share", shed.pollenShare(),
                "seed_fathered_by_off_type", shed.seedFathered(),
                "allele_frequency_added", shed.seedFathered() / 2);
    }

    private static Map<String, ?> guard(JsonNode in) {
        PollenDamage.Guard guard = PollenDamage.guard(
                number(in, "mean_dist"),
                number(in, "density"),
                number(in, "t_out"),
                number(in, "bloom_share"),
                number(in, "tol"));
        return Map.of(
                "a_m", guard.scale(),
                "rate_at_the_plant", guard.besideIt(),
                "guard_radius_m", guard.radius(),
                "neighbours_discarded", guard.neighbours(),
                "share_of_its_matings_inside", guard.share(),
                "radius_for_half_m", guard.half(),
                "radius_for_90pct_m", guard.ninety());
    }

    private static Map<String, ?> flowers(JsonNode in) {
        FlowerNeed need = FlowerNeed.forSeeds(
                number(in, "target"), number(in, "s"), number(in, "cv"), number(in, "take"), number(in, "ripe"));
        Map<String, Object> out = new TreeMap<>(Map.of("fruits", need.fruits(), "flowers", need.flowers()));
        if (in.has("plants")) {
            out.put("flowers_per_plant", need.perPlant(whole(in, "plants")));
        }
        return out;
    }

    private static Map<String, ?> cage(JsonNode in) {
        CageSchedule schedule = CageSchedule.of(
                whole(in, "window"),
                whole(in, "life"),
                number(in, "overlap"),
                number(in, "need_alive"),
                number(in, "emergence"),
                number(in, "mean_life"),
                whole(in, "lead"));
        return Map.of(
                "interval_days", schedule.everyDays(),
                "introductions", schedule.placeOn().size(),
                "place_on_day_of_window", schedule.placeOn(),
                "insects_per_introduction", schedule.insectsEach());
    }

    private static Map<String, ?> ferment(JsonNode in) {
        List<FermentClock.Reading> log = new ArrayList<>();
        in.get("log")
                .forEach(r -> log.add(new FermentClock.Reading(
                        r.get(0).doubleValue(), r.get(1).doubleValue())));
        double last = log.get(log.size() - 1).temperature();
        FermentClock clock = FermentClock.of(
                log,
                number(in, "Q", FermentClock.USUAL_Q10),
                number(in, "emin", 48),
                number(in, "emax", 72),
                number(in, "T_next", last));
        return Map.of(
                "equivalent_h_at_22C", clock.equivalentHours(),
                "state", clock.state() == FermentClock.State.NOT_READY ? "not ready" : "ready",
                "hours_to_ready", clock.hoursToReady(),
                "hours_to_over_run", clock.hoursToOverRun());
    }

    private static Map<String, ?> fermentAtConstant(JsonNode in) {
        Map<String, Object> answer = new TreeMap<>();
        for (double q : new double[] {2.0, 2.2, 2.5}) {
            answer.put(
                    "Q" + q,
                    List.of(
                            FermentClock.hoursAt(number(in, "T"), q, number(in, "emin")),
                            FermentClock.hoursAt(number(in, "T"), q, number(in, "emax"))));
        }
        return answer;
    }

    private static OptionalDouble maybe(JsonNode in, String name) {
        return in.has(name) ? OptionalDouble.of(number(in, name)) : OptionalDouble.empty();
    }

    private static Map<String, ?> balance(JsonNode in) {
        List<MassBalance.Weighed> steps = new ArrayList<>();
        in.get("steps")
                .forEach(s -> steps.add(new MassBalance.Weighed(
                        number(s, "in"),
                        maybe(s, "m_in"),
                        number(s, "water_added", 0),
                        number(s, "seed"),
                        maybe(s, "m_seed"),
                        number(s, "by", 0),
                        maybe(s, "m_by"),
                        number(s, "loss", 0))));
        List<MassBalance.Step> balance = MassBalance.of(
                steps, number(in, "m_ref"), number(in, "alarm", MassBalance.USUAL_ALARM), number(in, "scale_u", 0));
        return Map.of(
                "steps",
                balance.stream()
                        .map(step -> Map.of(
                                "wet_difference_kg", step.wetDifference(),
                                "seed_at_ref_kg", step.seedAtReference().orElseThrow(),
                                "recovery", step.recovery().orElseThrow(),
                                "cumulative", step.cumulative().orElseThrow(),
                                "unaccounted_pct", step.unaccounted().orElseThrow(),
                                "alarm", step.alarm()))
                        .toList());
    }

    private static Map<String, ?> yield(JsonNode in) {
        MassBalance.Yield yield = MassBalance.Yield.of(
                number(in, "seed_kg"),
                number(in, "m_seed"),
                number(in, "m_ref"),
                number(in, "fruit_kg"),
                number(in, "hours"),
                number(in, "people"));
        return Map.of(
                "seed_at_ref_kg", yield.seedAtReference(),
                "g_seed_per_kg_fruit", yield.perThousandOfInput(),
                "input_kg_per_h", yield.inputPerHour(),
                "seed_kg_per_h", yield.seedPerHour(),
                "labour_h_per_kg_seed", yield.labourPerUnit());
    }

    private static Map<String, ?> seedWeight(JsonNode in) {
        SeedWeight weight = SeedWeight.of(numbers(in, "reps"));
        Map<String, Object> answer = new TreeMap<>(Map.of(
                "mean_g", weight.mean(),
                "sd_g", weight.sd(),
                "cv_pct", weight.cv(),
                "limit_pct", weight.limit(),
                "accepted", weight.accepted(),
                "tsw_g", weight.thousandSeedWeight(),
                "ci95_half_width_g", weight.halfWidth(),
                "seeds_per_g", weight.seedsPerGram(),
                "outside_2sd", weight.outside()));
        if (in.has("m")) {
            answer.put("tsw_at_ref_g", weight.at(number(in, "m"), number(in, "m_ref")));
        }
        return answer;
    }

    private static Map<String, ?> purity(JsonNode in) {
        PurityResult test = PurityResult.of(
                number(in, "initial"),
                number(in, "pure"),
                number(in, "other"),
                number(in, "weed"),
                number(in, "inert"));
        return Map.of(
                "weight_change_pct", test.weightChange(),
                "valid", test.valid(),
                "pct_pure_other_weed_inert", test.percent(),
                "reported", test.reported(),
                "pure_live_seed_pct", test.pureLiveSeed(number(in, "germ")));
    }

    private static Map<String, ?> germination(JsonNode in) {
        GerminationResult test = GerminationResult.of(whole(in, "n_per"), wholes(in, "reps"));
        return Map.of(
                "mean_pct", test.mean(),
                "reported_pct", test.reported(),
                "range_pct_points", test.range(),
                "tolerated_range", test.toleratedRange(),
                "acceptable", test.acceptable(),
                "ci_lower_pct", test.lower(),
                "ci_upper_pct", test.upper());
    }

    private static Map<String, ?> range(JsonNode in) {
        double mean = number(in, "mean_pct");
        int k = whole(in, "k");
        int n = whole(in, "n");
        int seeds = ReplicateTolerance.seedsApart(mean, k, n);
        return Map.of(
                "max_range_seeds", seeds,
                "max_range_pct_points", ReplicateTolerance.points(mean, k, n),
                "P_exceed", ReplicateTolerance.chanceBeyond(seeds, mean, k, n),
                "P_exceed_one_less", ReplicateTolerance.chanceBeyond(seeds - 1, mean, k, n));
    }

    private static Map<String, ?> twoTests(JsonNode in) {
        int x1 = whole(in, "x1");
        int x2 = whole(in, "x2");
        TwoTests tests = TwoTests.of(x1, whole(in, "n1"), x2, whole(in, "n2"));
        return Map.of(
                "difference_pct_points", tests.points(),
                "fisher_p", tests.chance(),
                "compatible_at_2.5pct", tests.compatible(),
                "table_tolerance", TwoTests.tolerance((x1 + x2) / 8.0));
    }

    private static Map<String, ?> risks(JsonNode in) {
        TwoTests.Risks risks = TwoTests.Risks.of(
                whole(in, "n"), number(in, "standard"), number(in, "allow"), number(in, "p_good"), number(in, "p_bad"));
        return Map.of(
                "accept_if_at_least", risks.acceptFrom(),
                "producer_risk", risks.refusedGood(),
                "consumer_risk", risks.passedBad());
    }

    private static Map<String, ?> pass(JsonNode in) {
        int x = whole(in, "x");
        GerminationResult test = GerminationResult.of(whole(in, "n") / 4, quarters(x));
        double standard = number(in, "standard");
        return Map.of(
                "mean_pct", test.mean(),
                "meets_on_the_mean", test.mean() >= standard,
                "lower_bound_one_sided_pct", test.lowerOneSided(),
                "shown_with_confidence", test.lowerOneSided() >= standard,
                "P_true_at_least_standard", test.chanceAtLeast(standard).orElseThrow());
    }

    private static int[] quarters(int x) {
        return IntStream.range(0, 4).map(i -> (x + i) / 4).toArray();
    }

    private static Map<String, ?> classes(JsonNode in) {
        SeedlingClasses classes = SeedlingClasses.of(
                whole(in, "normal"), whole(in, "hard"), whole(in, "fresh"), whole(in, "abnormal"), whole(in, "dead"));
        return Map.of(
                "pct_normal_hard_fresh_abnormal_dead",
                List.of(classes.normal(), classes.hard(), classes.fresh(), classes.abnormal(), classes.dead()),
                "potential_viability_pct",
                classes.potential(),
                "dormancy_flag",
                classes.dormant());
    }

    private static Map<String, ?> code(JsonNode in) {
        String body = in.get("body").stringValue();
        String canonical = LotNumber.folded(body);
        for (char sign : "0123456789ABCDEFGHJKMNPQRSTVWXYZ".toCharArray()) {
            if (LotNumber.valid(canonical + sign)) {
                return Map.of("canonical", canonical, "mod37_2_check", "" + sign, "code", body + "-" + sign);
            }
        }
        return Map.of("canonical", canonical, "issue", false);
    }

    private static Map<String, ?> verify(JsonNode in) {
        String code = in.get("code").stringValue();
        return Map.of("read_as", LotNumber.folded(code), "valid", LotNumber.valid(code));
    }

    private static Map<String, ?> fill(JsonNode in) {
        FillWeight fill = FillWeight.of(
                whole(in, "label"),
                number(in, "tsw"),
                number(in, "purity"),
                number(in, "cvT"),
                number(in, "cvS"),
                number(in, "cvW"),
                number(in, "conf", 0.95));
        return Map.of(
                "mean_count", fill.meanCount(),
                "fill_weight_g", fill.grams(),
                "naive_weight_g", fill.naiveGrams(),
                "overfill_pct", fill.overfill());
    }

    private static Map<String, ?> packets(JsonNode in) {
        PackingPlan plan = PackingPlan.of(
                number(in, "lot_g"), number(in, "reserve_g"), number(in, "handling_loss"), number(in, "fill_g"));
        return Map.of("packets", plan.packets(), "left_over_g", plan.leftOver());
    }

    private static Map<String, ?> cost(JsonNode in) {
        PacketCost cost = PacketCost.of(
                number(in, "land"),
                number(in, "materials"),
                number(in, "labour_h"),
                number(in, "wage"),
                number(in, "seed_own"),
                number(in, "per_packet"),
                whole(in, "packets"),
                number(in, "unsold"),
                number(in, "margin"),
                number(in, "fees"),
                number(in, "price", Double.NaN));
        return Map.of(
                "fixed_cost", cost.fixed(),
                "cost_per_packet_filled", cost.perFilled(),
                "cost_per_packet_sold", cost.perSold(),
                "price_for_margin", cost.priceForMargin(),
                "break_even_packets", cost.breakEven());
    }

    private static Map<String, ?> selection(JsonNode in) {
        boolean mothers = in.path("sides").asString("").equals("mothers_only");
        SelectionResponse response = SelectionResponse.of(
                whole(in, "N"),
                whole(in, "n"),
                number(in, "h2"),
                number(in, "sdP"),
                mothers ? SelectionResponse.Sides.MOTHERS_ONLY : SelectionResponse.Sides.BOTH,
                0,
                whole(in, "n"));
        return Map.of(
                "p", response.kept(),
                "i_infinite", response.intensity(),
                "i_finite", response.finite(),
                "R", response.response(),
                "het_lost_per_generation", response.diversityLost(),
                "R_per_pct_het_lost", response.responsePerPercentLost());
    }

    private static Map<String, ?> twoSexes(JsonNode in) {
        double females = EffectiveSize.equalPlants(numbers(in, "females"));
        double males = EffectiveSize.equalPlants(numbers(in, "males"));
        return Map.of("females", females, "males", males, "Ne", EffectiveSize.ofSexes(males, females));
    }

    private static Map<String, ?> gain(JsonNode in) {
        boolean mothers = in.path("sides").asString("").equals("mothers_only");
        SelectionResponse response = SelectionResponse.of(
                whole(in, "N"),
                whole(in, "n"),
                number(in, "h2"),
                number(in, "sdP"),
                mothers ? SelectionResponse.Sides.MOTHERS_ONLY : SelectionResponse.Sides.BOTH,
                number(in, "selfing"),
                number(in, "Ne"));
        return Map.of(
                "i_finite", response.finite(),
                "R", response.response(),
                "diversity_lost", response.diversityLost(),
                "R_per_pct_lost", response.responsePerPercentLost());
    }

    private static Map<String, ?> progenyRows(JsonNode in) {
        Map<String, List<Double>> scores = new TreeMap<>();
        in.get("data")
                .forEachEntry((row, plots) -> scores.put(
                        row,
                        StreamSupport.stream(plots.spliterator(), false)
                                .map(JsonNode::doubleValue)
                                .toList()));
        ProgenyRows rows = ProgenyRows.of(
                scores,
                in.path("design").asString("").equals("CRD")
                        ? ProgenyRows.Design.SCATTERED
                        : ProgenyRows.Design.BLOCKS);
        return Map.of(
                "grand_mean", rows.mean(),
                "MS_rows", rows.betweenRows(),
                "MS_error", rows.error(),
                "df", rows.freedom(),
                "LSD", rows.leastDifference(),
                "var_rows", rows.rowVariance(),
                "row_mean_h2", rows.repeatability(),
                "means", rows.means(),
                "BLUP", rows.predicted(),
                "rank", rows.ranked());
    }

    private static RipeningCurve curve(JsonNode in) {
        return new RipeningCurve(number(in, "mu"), number(in, "sigma"), number(in, "lam"));
    }

    private static Map<String, ?> ripening(JsonNode in) {
        RipeningCurve curve =
                RipeningCurve.through(number(in, "t1"), number(in, "s1"), number(in, "t2"), number(in, "s2"), 0);
        return Map.of("mu", curve.mean(), "sigma", curve.spread());
    }

    private static Map<String, ?> cut(JsonNode in) {
        RipeningCurve curve = curve(in);
        double best = curve.bestCut();
        return Map.of(
                "best_day", best,
                "collected", curve.collectable(best),
                "unripe_share", 1 - curve.ripe(best),
                "shattered_share", curve.shattered(best),
                "at_mean_day", curve.collectable(curve.mean()));
    }

    private static Map<String, ?> picks(JsonNode in) {
        RipeningCurve.Pickings several = curve(in).pickings(whole(in, "n"));
        RipeningCurve.Pickings single = curve(in).pickings(1);
        return Map.of(
                "days", several.days(),
                "collected", several.collected(),
                "best_single_whole_day", single.days().get(0),
                "best_single", single.collected(),
                "gain_over_single", several.collected() - single.collected());
    }

    private static Map<String, ?> dryDay(JsonNode in) {
        List<DryDay.Hour> hours = StreamSupport.stream(in.get("hours").spliterator(), false)
                .map(hour ->
                        new DryDay.Hour(hour.get(0).doubleValue(), hour.get(1).doubleValue()))
                .toList();
        DryDay day = DryDay.of(hours, number(in, "rain_mm"), number(in, "rh_now"), number(in, "rain_expected_mm"));
        return Map.of(
                "drying_kPa_h", day.drying(),
                "required_kPa_h", day.asked(),
                "fit_to_cut", day.fit(),
                "failed",
                        day.failed().stream()
                                .map(failed -> failed.name().toLowerCase(Locale.ROOT))
                                .toList());
    }

    private static Map<String, ?> storm(JsonNode in) {
        StormChoice choice = StormChoice.of(
                curve(in),
                new StormChoice.Curing(number(in, "kappa"), number(in, "w"), number(in, "cure_loss")),
                number(in, "now"),
                number(in, "later"),
                number(in, "P"),
                number(in, "s"));
        return Map.of(
                "cut_now", choice.cutNow(),
                "wait_if_dry", choice.laterIfDry(),
                "wait_expected", choice.later(),
                "choose", choice.cutsNow() ? "cut now" : "wait",
                "break_even_probability", choice.breakEven(),
                "gain", choice.gain());
    }

    private static Map<String, ?> targetMass(JsonNode in) {
        double mass = WaterContent.massAt(number(in, "W0"), number(in, "m0"), number(in, "mt"));
        return Map.of("target_mass_g", mass, "water_to_remove_g", number(in, "W0") - mass);
    }

    private static Map<String, ?> oven(JsonNode in) {
        double moisture = WaterContent.oven(number(in, "M1"), number(in, "M2"), number(in, "M3"));
        return Map.of("moisture_pct", moisture, "combined_pct", WaterContent.ofTwoStages(number(in, "pre"), moisture));
    }

    private static Map<String, ?> dryingCurve(JsonNode in) {
        DryingCurve curve = DryingCurve.through(
                numbers(in, "times"),
                numbers(in, "masses"),
                number(in, "m0"),
                number(in, "me"),
                number(in, "mt"),
                in.path("newton").asBoolean(false) ? DryingCurve.Shape.NEWTON : DryingCurve.Shape.PAGE);
        return Map.of(
                "k", curve.k(),
                "n", curve.n(),
                "rms_MR", curve.misfit(),
                "target_MR", curve.targetRatio(),
                "target_mass_g", curve.targetMass(),
                "hours_to_target", curve.hoursToTarget(),
                "hours_left_from_last", curve.hoursLeft());
    }

    private static Map<String, ?> equilibrium(JsonNode in) {
        double water = Equilibrium.dryBasis(number(in, "RH"), number(in, "T"), number(in, "oil"));
        Map<String, Object> answer = new TreeMap<>();
        answer.put("cromarty_dry_basis_pct", water);
        answer.put("cromarty_wet_basis_pct", WaterContent.wetBasis(water));
        if (in.has("grain")) {
            double ofGrain = Equilibrium.Grain.valueOf(
                            in.get("grain").stringValue().toUpperCase(Locale.ROOT))
                    .dryBasis(number(in, "RH"), number(in, "T"));
            answer.put("henderson_dry_basis_pct", ofGrain);
            answer.put("henderson_wet_basis_pct", WaterContent.wetBasis(ofGrain));
        }
        return answer;
    }

    private static Map<String, ?> silica(JsonNode in) {
        SilicaGel gel = SilicaGel.of(
                number(in, "W0"),
                number(in, "m0"),
                number(in, "mt"),
                number(in, "capacity"),
                number(in, "gel_on_hand"));
        return Map.of("water_g", gel.water(), "gel_g", gel.gel(), "charges", gel.charges());
    }

    private static StorageLife.Species species(JsonNode in) {
        return StorageLife.Species.valueOf(in.get("species").stringValue().toUpperCase(Locale.ROOT));
    }

    private static Map<String, ?> storageLife(JsonNode in) {
        StorageLife life = StorageLife.of(species(in), number(in, "g0"), number(in, "m"), number(in, "t"));
        return Map.of(
                "Ki", life.probit(),
                "sigma_days", life.sigma(),
                "days_to_standard", life.daysTo(number(in, "standard")),
                "half_life_days_P50_from_start", life.halfLife(),
                "germination_after_pct", life.after(number(in, "after_days")));
    }

    private static Map<String, ?> storagePeriods(JsonNode in) {
        List<Double> after = new ArrayList<>();
        StorageLife life = null;
        double before = 0;
        for (JsonNode period : in.get("periods")) {
            double moisture = period.get(1).doubleValue();
            double store = period.get(2).doubleValue();
            life = life == null
                    ? StorageLife.of(species(in), number(in, "g0"), moisture, store)
                    : life.movedAfter(before, species(in).sigma(moisture, store));
            before = period.get(0).doubleValue();
            after.add(life.after(before));
        }
        return Map.of("germination_after_each_pct", after);
    }

    private static Map<String, ?> harrington(JsonNode in) {
        StorageLife.Usual usual = new StorageLife.Usual(
                number(in, "life_days"),
                number(in, "m_ref"),
                number(in, "t_ref"),
                number(in, "g_ref"),
                number(in, "standard_ref"));
        StorageLife life = StorageLife.byHarrington(usual, number(in, "g0"), number(in, "m"), number(in, "t"));
        return Map.of(
                "factor", StorageLife.harrington(usual, number(in, "m"), number(in, "t")),
                "sigma_days", life.sigma(),
                "days_to_standard", life.daysTo(number(in, "standard")));
    }

    private static Map<String, ?> sumRule(JsonNode in) {
        double sum = StorageLife.sumRule(number(in, "t"), number(in, "RH"));
        return Map.of("sum", sum, "under_100", sum < 100);
    }

    private static Map<String, ?> retest(JsonNode in) {
        return Map.of(
                "days_left",
                number(in, "days_to_standard") - number(in, "elapsed"),
                "retest_in_days",
                StorageLife.retestIn(number(in, "days_to_standard"), number(in, "elapsed")));
    }

    private static Map<String, ?> blend(JsonNode in) {
        Blend blend = Blend.of(StreamSupport.stream(in.get("lots").spliterator(), false)
                .map(lot -> new Blend.Part(
                        number(lot, "kg"),
                        number(lot, "germ"),
                        number(lot, "purity"),
                        number(lot, "tsw"),
                        number(lot, "m")))
                .toList());
        return Map.of(
                "kg", blend.kilograms(),
                "seeds", blend.seeds(),
                "germ_pct", blend.germination(),
                "germ_by_mass_wrong_pct", blend.byMass(),
                "purity_pct", blend.purity(),
                "tsw_g", blend.thousandSeedWeight(),
                "moisture_pct", blend.moisture(),
                "warnings",
                        blend.cautions().stream()
                                .map(caution ->
                                        caution.name().toLowerCase(Locale.ROOT).replace('_', ' '))
                                .toList());
    }

    private static Map<String, ?> blendShare(JsonNode in) {
        double share = Blend.countShare(number(in, "g1"), number(in, "g2"), number(in, "target"));
        return Map.of(
                "count_share_of_better",
                share,
                "mass_share_of_better",
                Blend.massShare(share, number(in, "tsw1"), number(in, "tsw2")));
    }

    private static Map<String, ?> bagsApart(JsonNode in) {
        BagsApart bags = BagsApart.of(wholes(in, "x"), whole(in, "n"));
        return Map.of(
                "chi2", bags.chiSquared(),
                "df", bags.freedom(),
                "p_value", bags.chance(),
                "excess_variance_ratio", bags.excess(),
                "heterogeneous_at_5pct", bags.differ());
    }

    private static Map<String, ?> split(JsonNode in) {
        LotSplit split = LotSplit.of(number(in, "kg"), numbers(in, "shares"), number(in, "loss"));
        return Map.of(
                "parts_kg",
                Arrays.stream(split.grams())
                        .mapToDouble(grams -> grams / 1000.0)
                        .toArray(),
                "seeds",
                split.seeds(number(in, "purity"), number(in, "tsw")));
    }

    private static Map<String, ?> stock(JsonNode in) {
        StockForecast forecast = StockForecast.of(
                new StockForecast.Stock(
                        number(in, "kg0"), number(in, "g0"), number(in, "sigma_days"), number(in, "tsw"), 100),
                new StockForecast.Needs(
                        number(in, "standard"),
                        numbers(in, "demand_kg"),
                        whole(in, "own_plants"),
                        number(in, "establish"),
                        number(in, "safety_kg"),
                        number(in, "waste")),
                whole(in, "first_year"),
                whole(in, "lead"));
        return Map.of(
                "rows",
                forecast.years().stream()
                        .map(year -> Map.of(
                                "year", year.year(),
                                "kg", year.kilograms(),
                                "germ_pct", year.germination(),
                                "viable_seeds", year.viable(),
                                "own_sowing_seeds", year.ownSeeds(),
                                "own_kg", year.ownKilograms(),
                                "ok", year.runsOut().isEmpty(),
                                "short",
                                        year.runsOut().stream()
                                                .map(what -> what.name().toLowerCase(Locale.ROOT))
                                                .toList()))
                        .toList(),
                "first_short_year",
                forecast.firstShort().orElseThrow(),
                "latest_sowing_season",
                forecast.latestSowing().orElseThrow(),
                "overdue",
                forecast.overdue());
    }

    private static Map<String, ?> increase(JsonNode in) {
        int plants = StockForecast.plantsFor(
                number(in, "kg_wanted"), number(in, "yield_g_plant"), number(in, "recovery"), number(in, "risk"));
        int least = whole(in, "N_min");
        return Map.of(
                "plants_for_quantity",
                plants,
                "plants",
                Math.max(plants, least),
                "set_by",
                plants >= least ? "quantity" : "population");
    }

    private static Map<String, ?> storeLosses(JsonNode in) {
        StoreLosses losses = StoreLosses.of(whole(in, "x"), whole(in, "n"), number(in, "days"));
        return Map.of(
                "cull_share", losses.share(),
                "upper_share", losses.upper(),
                "rate_per_day", losses.rate(),
                "upper_rate_per_day", losses.upperRate());
    }

    private static Map<String, ?> storeNeed(JsonNode in) {
        StoreNeed need = StoreNeed.of(
                whole(in, "N"),
                number(in, "rate_day"),
                number(in, "days"),
                number(in, "start_loss"),
                number(in, "final_keep"),
                number(in, "rho", 0));
        return Map.of(
                "survival", need.survival(),
                "sound_needed_before_choice", need.beforeChoice(),
                "naive", need.onAverage(),
                "put_in_store", need.putIn(),
                "P_at_least", need.chance(),
                "expected_sound", need.expected());
    }

    private static Map<String, ?> checkInterval(JsonNode in) {
        CheckInterval interval = CheckInterval.of(
                number(in, "check_cost"),
                number(in, "N"),
                number(in, "rate_day"),
                number(in, "spread"),
                number(in, "value"));
        return Map.of(
                "optimum_days", interval.best(),
                "use_days", interval.days(),
                "daily_cost_at_optimum", interval.dailyCost());
    }

    private static Map<String, ?> ripeningFit(JsonNode in) {
        RipeningFit fit = RipeningFit.of(
                rows(in, "visits", visit -> new RipeningFit.Count(visit[0], (int) visit[1], (int) visit[2])),
                new RipeningFit.Prior(number(in, "prior_mean"), number(in, "prior_sd"), number(in, "usual_spread")));
        return Map.of(
                "mean_day", new Rounded(fit.mean(), 1e-4),
                "spread", new Rounded(fit.spread(), 1e-4),
                "mean_sd", new Rounded(fit.meanSpread(), 1e-4));
    }

    private static Map<String, ?> storePooled(JsonNode in) {
        PooledLosses losses = PooledLosses.of(
                rows(in, "looks", look -> new PooledLosses.Look(look[0], (int) look[1], (int) look[2])),
                number(in, "usual_start"),
                number(in, "usual_rate"));
        return Map.of("start_loss", losses.startLoss(), "rate_per_day", losses.rate());
    }

    private static Map<String, ?> dryHours(JsonNode in) {
        DryHours hours = DryHours.of(number(in, "hours"), number(in, "chance"), number(in, "need_h"));
        return Map.of(
                "expected_hours", hours.expected(),
                "fit_chance", hours.fitChance(),
                "share_lost_if_rained_on", DryHours.lostToRain(number(in, "mm")));
    }

    private static <T> List<T> rows(JsonNode in, String name, Function<double[], T> row) {
        return in.get(name)
                .valueStream()
                .map(one -> row.apply(
                        one.valueStream().mapToDouble(JsonNode::doubleValue).toArray()))
                .toList();
    }
}
