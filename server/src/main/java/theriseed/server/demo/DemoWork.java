package theriseed.server.demo;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import theriseed.core.bench.MissingReason;
import theriseed.core.bench.StepKind;
import theriseed.core.quality.SeedlingCounts;
import theriseed.server.base.Recorded;
import theriseed.server.bench.Bench;
import theriseed.server.bench.Quantity;
import theriseed.server.bench.Readings;
import theriseed.server.bench.StepFacts;
import theriseed.server.bench.StepView;
import theriseed.server.farm.FarmClock;
import theriseed.server.harvest.Harvests;
import theriseed.server.harvest.PickFacts;
import theriseed.server.lot.LotDecisions;
import theriseed.server.lot.NewLots;
import theriseed.server.mix.MixFacts;
import theriseed.server.mix.MixStall;
import theriseed.server.mix.MixView;
import theriseed.server.mix.Mixes;
import theriseed.server.quality.CutFacts;
import theriseed.server.quality.GerminationFacts;
import theriseed.server.quality.Method;
import theriseed.server.quality.MoistureFacts;
import theriseed.server.quality.PurityFacts;
import theriseed.server.quality.Quality;
import theriseed.server.quality.SeedWeightFacts;
import theriseed.server.quality.WeevilFacts;
import theriseed.server.ripening.Ripening;
import theriseed.server.ripening.VisitFacts;
import theriseed.server.stall.Leaving;
import theriseed.server.stall.Packing;
import theriseed.server.stall.PackingRunView;
import theriseed.server.stall.PackingRuns;
import theriseed.server.stall.Stall;
import theriseed.server.walk.Fate;
import theriseed.server.walk.WalkFacts;
import theriseed.server.walk.Walks;

/** Does the demo farm's work, each act on its own day. */
@Component
class DemoWork {
    private final FarmClock time;
    private final Walks walks;
    private final NewLots newLots;
    private final LotDecisions decisions;
    private final Harvests harvests;
    private final Bench bench;
    private final Readings readings;
    private final Ripening ripening;
    private final Quality quality;
    private final PackingRuns packing;
    private final Stall stall;
    private final Mixes mixes;
    private final MixStall mixStall;

    DemoWork(
            FarmClock time,
            Walks walks,
            NewLots newLots,
            LotDecisions decisions,
            Harvests harvests,
            Bench bench,
            Readings readings,
            Ripening ripening,
            Quality quality,
            PackingRuns packing,
            Stall stall,
            Mixes mixes,
            MixStall mixStall) {
        this.mixes = mixes;
        this.mixStall = mixStall;
        this.time = time;
        this.walks = walks;
        this.newLots = newLots;
        this.decisions = decisions;
        this.harvests = harvests;
        this.bench = bench;
        this.readings = readings;
        this.ripening = ripening;
        this.quality = quality;
        this.packing = packing;
        this.stall = stall;
    }

    void walk(UUID planting, String stage, int lookedAt, int offTypes, String kind) {
        List<WalkFacts.OffType> off =
                offTypes == 0 ? List.of() : List.of(new WalkFacts.OffType(kind, offTypes, Fate.PULLED, ""));
        walks.record(Recorded.nextId(), planting, WalkFacts.pulling(stage, time.today(), lookedAt, off));
    }

    /** An off-type that shed pollen before it was found. */
    void walkInBloom(UUID planting, String stage, int lookedAt, int offTypes, String kind, String sheddingSince) {
        List<WalkFacts.OffType> off = List.of(new WalkFacts.OffType(kind, offTypes, Fate.PULLED, ""));
        WalkFacts facts = new WalkFacts(
                stage,
                time.today(),
                lookedAt,
                List.of(1),
                4,
                false,
                off,
                0,
                0,
                0,
                LocalDate.parse(sheddingSince),
                false,
                "in the eastern half of the row");
        walks.record(Recorded.nextId(), planting, facts);
    }

    void ripens(UUID planting, int heads) {
        ripening.visit(Recorded.nextId(), planting, new VisitFacts(time.today(), heads, 60, ""));
    }

    Work lot(UUID planting) {
        return new Work(planting);
    }

    /** Puts two lots into a bag, sown by the square metre, and sells some packets of it. */
    private void bag(String name, LocalDate on, String number, double grams, String other, double ofOther) {
        MixView mix = mixes.make(
                new MixFacts(name, 120, ""),
                new Mixes.Wanted(
                        Mixes.By.GRAMS, null, List.of(new Mixes.Part(number, grams), new Mixes.Part(other, ofOther))),
                on);
        MixView packed = mixStall.pack(
                mix.number(),
                new MixStall.Packed(on, BigDecimal.valueOf(4), 10, new BigDecimal("3.40"), on.getYear() + 1));
        mixStall.sell(
                mix.number(),
                new MixStall.Going(
                        "Croft, east",
                        packed.packings().get(0).id(),
                        4,
                        null,
                        Leaving.sold(on, new BigDecimal("13.60"))));
    }

    /** One lot's way from the rows to the customers. */
    final class Work {
        private final UUID planting;
        private String number;
        private BigDecimal mass;
        private StepView underWay;
        private PackingRunView run;

        private Work(UUID planting) {
            this.planting = planting;
        }

        Work picked(String day, double grams, int plants) {
            mass = BigDecimal.valueOf(grams);
            LocalDate on = LocalDate.parse(day);
            at(on.atTime(11, 30), () -> {
                number = newLots.make(planting, null, false).number();
                decisions.labelPrinted(number);
                harvests.pick(number, PickFacts.over(on, mass, plants));
            });
            return this;
        }

        Work wet(String kind, String moment, double out, double water, double gone, String what, String goneTo) {
            LocalDateTime begun = LocalDateTime.parse(moment);
            return step(StepKind.valueOf(kind), begun, begun.plusMinutes(50), water, out, gone, what, goneTo, null, 50);
        }

        Work ferment(String begun, String ended, double temperature, double out) {
            LocalDateTime from = LocalDateTime.parse(begun);
            StepView open = begin(StepKind.FERMENT, from, temperature, null);
            LocalDateTime to = LocalDateTime.parse(ended);
            StepFacts facts = facts(StepKind.FERMENT, from, to, 0, out, 0, "", "", null, temperature, 15, "");
            at(to, () -> bench.finish(open.id(), open.version(), facts));
            mass = BigDecimal.valueOf(out);
            return this;
        }

        Work fermenting(String begun, double temperature) {
            begin(StepKind.FERMENT, LocalDateTime.parse(begun), temperature, null);
            return this;
        }

        Work drying(String begun, double moistureIn) {
            underWay = begin(StepKind.DRY, LocalDateTime.parse(begun), null, moistureIn);
            return this;
        }

        Work read(Quantity quantity, String moment, double value) {
            at(LocalDateTime.parse(moment), () -> readings.take(underWay.id(), null, quantity, value, null));
            return this;
        }

        Work rinse(String moment, double water, double out, double gone, String what) {
            LocalDateTime begun = LocalDateTime.parse(moment);
            return step(StepKind.RINSE, begun, begun.plusMinutes(40), water, out, gone, what, "compost", null, 40);
        }

        Work dry(String day, double out, double moisture) {
            LocalDateTime ended = LocalDate.parse(day).atTime(17, 0);
            return step(StepKind.DRY, ended.minusDays(5), ended, 0, out, 0, "", "", moisture, 20);
        }

        Work dryWet(String day, double out, double moisture) {
            LocalDateTime ended = LocalDate.parse(day).atTime(17, 0);
            return step(StepKind.DRY, ended.minusDays(3), ended, 0, out, 0, "", "", moisture, 30);
        }

        Work clean(String kind, String day, double out, double gone, String what) {
            LocalDateTime begun = LocalDate.parse(day).atTime(13, 0);
            return step(StepKind.valueOf(kind), begun, begun.plusMinutes(55), 0, out, gone, what, "compost", null, 55);
        }

        Work weighed(String day, Double... grams) {
            LocalDate on = LocalDate.parse(day);
            at(
                    on.atTime(20, 0),
                    () -> quality.seedWeight(number, new SeedWeightFacts(on, Arrays.asList(grams), null, "")));
            return this;
        }

        Work germinated(String day, int... counts) {
            LocalDate on = LocalDate.parse(day);
            List<SeedlingCounts.Replicate> replicates = IntStream.of(counts)
                    .mapToObj(normal -> seedlings(100, normal))
                    .toList();
            at(
                    on.atTime(20, 10),
                    () -> quality.germination(
                            number,
                            new GerminationFacts(
                                    on.minusDays(9),
                                    Method.PAPER,
                                    "",
                                    100,
                                    counts.length,
                                    null,
                                    List.of(),
                                    on,
                                    replicates,
                                    "")));
            return this;
        }

        /** What does not grow is mostly dead; a third of it makes seedlings that are none. */
        private static SeedlingCounts.Replicate seedlings(int of, int normal) {
            int abnormal = (of - normal) / 3;
            return new SeedlingCounts.Replicate(normal, 0, 0, abnormal, of - normal - abnormal);
        }

        /** A test that runs. */
        Work set(String day, Method method, int replicates, int perReplicate) {
            LocalDate on = LocalDate.parse(day);
            at(
                    on.atTime(19, 40),
                    () -> quality.germination(
                            number,
                            new GerminationFacts(
                                    on, method, "", perReplicate, replicates, null, List.of(), null, List.of(), "")));
            return this;
        }

        /** A home test: one sheet of fifty. */
        Work home(String day, int normal) {
            LocalDate on = LocalDate.parse(day);
            at(
                    on.atTime(20, 10),
                    () -> quality.germination(
                            number,
                            new GerminationFacts(
                                    on.minusDays(9),
                                    Method.HOME,
                                    "",
                                    50,
                                    1,
                                    null,
                                    List.of(),
                                    on,
                                    List.of(seedlings(50, normal)),
                                    "")));
            return this;
        }

        Work pure(String day, String initial, String pure, String other, String weed, String inert) {
            LocalDate on = LocalDate.parse(day);
            at(
                    on.atTime(20, 20),
                    () -> quality.purity(
                            number,
                            new PurityFacts(
                                    on,
                                    new BigDecimal(initial),
                                    new BigDecimal(pure),
                                    new BigDecimal(other),
                                    new BigDecimal(weed),
                                    new BigDecimal(inert),
                                    "")));
            return this;
        }

        Work metered(String day, Double... readings) {
            LocalDate on = LocalDate.parse(day);
            at(
                    on.atTime(20, 30),
                    () -> quality.moisture(number, new MoistureFacts(on, List.of(), Arrays.asList(readings), "")));
            return this;
        }

        Work cutOpen(String day, int sound, int empty, int eaten, int shrunken) {
            LocalDate on = LocalDate.parse(day);
            at(on.atTime(20, 40), () -> quality.cut(number, new CutFacts(on, sound, empty, eaten, shrunken, "")));
            return this;
        }

        Work packed(String day, int seeds, int packets, String price) {
            LocalDate on = LocalDate.parse(day);
            at(
                    on.atTime(19, 0),
                    () -> run = packing.pack(
                            number,
                            new Packing(
                                    on,
                                    seeds,
                                    null,
                                    null,
                                    packets,
                                    BigDecimal.TEN,
                                    new BigDecimal(price),
                                    Packing.usualSowBy(on),
                                    2,
                                    packets / 4,
                                    Packing.Weighing.USUAL)));
            return this;
        }

        Work sold(String day, int packets, String customer, String price) {
            LocalDate on = LocalDate.parse(day);
            at(
                    on.atTime(19, 30),
                    () -> stall.sellPackets(
                            number, run.id(), packets, customer, Leaving.sold(on, new BigDecimal(price))));
            return this;
        }

        Work weevils(String day, int seeds, int bored) {
            LocalDate on = LocalDate.parse(day);
            at(on.atTime(20, 0), () -> quality.weevils(number, new WeevilFacts(on, seeds, bored, 0)));
            return this;
        }

        Work frozen(String from, String to) {
            LocalDateTime begun = LocalDate.parse(from).atTime(9, 0);
            LocalDateTime ended = LocalDate.parse(to).atTime(9, 0);
            return step(StepKind.FREEZE, begun, ended, 0, mass.doubleValue(), 0, "", "", null, 15);
        }

        /** Puts some of it and of another lot into a mix, packs that and sells a few packets. */
        Work mixed(String day, String name, double grams, String other, double ofOther) {
            LocalDate on = LocalDate.parse(day);
            at(on.atTime(19, 0), () -> bag(name, on, number, grams, other, ofOther));
            return this;
        }

        String number() {
            return number;
        }

        Work held(String day, String reason) {
            at(LocalDate.parse(day).atTime(9, 0), () -> decisions.hold(number, reason));
            return this;
        }

        private Work step(
                StepKind kind,
                LocalDateTime begun,
                LocalDateTime ended,
                double water,
                double out,
                double gone,
                String what,
                String goneTo,
                Double moisture,
                int minutes) {
            StepFacts facts = facts(kind, begun, ended, water, out, gone, what, goneTo, moisture, null, minutes, "");
            at(ended, () -> bench.begin(number, facts));
            mass = BigDecimal.valueOf(out);
            return this;
        }

        private StepView begin(StepKind kind, LocalDateTime begun, Double temperature, Double moistureIn) {
            StepView[] open = new StepView[1];
            StepFacts facts = new StepFacts(
                    kind,
                    instant(begun),
                    null,
                    mass,
                    BigDecimal.ZERO,
                    null,
                    List.of(),
                    moistureIn,
                    null,
                    temperature,
                    null,
                    null,
                    1,
                    "",
                    "",
                    null,
                    null,
                    null,
                    "",
                    "",
                    "");
            at(begun, () -> open[0] = bench.begin(number, facts));
            return open[0];
        }

        private StepFacts facts(
                StepKind kind,
                LocalDateTime begun,
                LocalDateTime ended,
                double water,
                double out,
                double gone,
                String what,
                String goneTo,
                Double moisture,
                Double temperature,
                int minutes,
                String missingBecause) {
            List<StepFacts.ByProduct> byProducts =
                    gone == 0 ? List.of() : List.of(new StepFacts.ByProduct(what, BigDecimal.valueOf(gone), goneTo));
            return new StepFacts(
                    kind,
                    instant(begun),
                    instant(ended),
                    mass,
                    BigDecimal.valueOf(water),
                    BigDecimal.valueOf(out),
                    byProducts,
                    null,
                    moisture,
                    temperature,
                    null,
                    minutes,
                    1,
                    "",
                    "",
                    null,
                    null,
                    missingBecause.isEmpty() ? null : MissingReason.OTHER,
                    missingBecause,
                    "",
                    "");
        }

        private Instant instant(LocalDateTime local) {
            return local.atZone(time.zone()).toInstant();
        }

        private void at(LocalDateTime local, Runnable act) {
            time.at(instant(local), act);
        }
    }
}
