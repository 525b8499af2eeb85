package theriseed.server.gate;

import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import theriseed.core.bench.StepKind;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Grade;
import theriseed.core.drying.Dryness;
import theriseed.core.drying.SeedMoisture;
import theriseed.core.isolation.Verdict;
import theriseed.core.lot.Finding;
import theriseed.core.lot.MoistureHistory;
import theriseed.core.lot.SaleGate;
import theriseed.core.quality.BoredSeed;
import theriseed.core.quality.PurityResult;
import theriseed.core.roguing.WalkVerdict;
import theriseed.core.seedroom.LotKeeping;
import theriseed.server.base.FarmTime;
import theriseed.server.base.KeptEach;
import theriseed.server.base.ReadsOnly;
import theriseed.server.bench.Bench;
import theriseed.server.bench.BenchView;
import theriseed.server.bench.LotsAtBench;
import theriseed.server.bench.MoistureAtBench;
import theriseed.server.handbook.Crops;
import theriseed.server.harvest.HarvestView;
import theriseed.server.lot.LotStates;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Transfers;
import theriseed.server.quality.GerminationView;
import theriseed.server.quality.GrowOutView;
import theriseed.server.quality.PurityView;
import theriseed.server.quality.Quality;
import theriseed.server.quality.SeedWeightView;
import theriseed.server.quality.TestsView;
import theriseed.server.season.Health;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;
import theriseed.server.season.Varieties;
import theriseed.server.season.VarietyView;
import theriseed.server.walk.LateView;
import theriseed.server.walk.StageVerdict;
import theriseed.server.walk.Walks;

/** Gathers what every part of the work knows of lots and asks whether they may be sold. */
@Service
public class Gate {
    /** More than stand in a seed room. */
    private static final int MOST_KEPT = 3000;

    private final OverrulingRepository overrulings;
    private final Transfers transfers;
    private final Plantings plantings;
    private final Varieties varieties;
    private final Walks walks;
    private final Bench bench;
    private final Quality quality;
    private final Crops crops;
    private final FarmTime time;
    private final LotStates states;
    private final WhereLotsStand stand;

    /** A step that is under way looks otherwise every hour. */
    private final KeptEach<UUID, Rests, LotKnown> kept =
            new KeptEach<>(MOST_KEPT, lot -> lot.bench() == null || lot.bench().underWay() == null);

    Gate(
            OverrulingRepository overrulings,
            Transfers transfers,
            Plantings plantings,
            Varieties varieties,
            Walks walks,
            Bench bench,
            Quality quality,
            Crops crops,
            FarmTime time,
            LotStates states,
            WhereLotsStand stand) {
        this.overrulings = overrulings;
        this.transfers = transfers;
        this.plantings = plantings;
        this.varieties = varieties;
        this.walks = walks;
        this.bench = bench;
        this.quality = quality;
        this.crops = crops;
        this.time = time;
        this.states = states;
        this.stand = stand;
    }

    @ReadsOnly
    public LotKnown of(LotView lot) {
        return of(List.of(lot)).get(0);
    }

    /** All that is known of these lots, in their order, in a number of queries that does not grow with them. */
    @ReadsOnly
    public List<LotKnown> of(Collection<LotView> lots) {
        Map<UUID, LotView> byId = lots.stream().collect(Collectors.toMap(LotView::id, lot -> lot));
        Map<UUID, UUID> states = this.states.of(byId.keySet());
        Map<UUID, List<Transfers.PickedLot>> from = beginnings(lots);
        Map<UUID, PlantingView> planted = plantings.all(from.values().stream()
                .flatMap(List::stream)
                .map(Transfers.PickedLot::plantingId)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet()));
        Map<UUID, VarietyView> named =
                varieties.byIds(lots.stream().map(LotView::varietyId).collect(Collectors.toSet()));
        Map<UUID, StageVerdict> walked = walks.verdicts(planted.values());
        Map<UUID, List<LateView>> late = walks.late(planted.values());
        Set<UUID> sick = walks.tooSick(planted.keySet()).stream()
                .map(Health.Sick::plantingId)
                .collect(Collectors.toSet());
        LocalDate today = time.today();
        Object air = stand.air();
        Map<UUID, Rests> rests = states.keySet().stream().collect(Collectors.toMap(id -> id, id -> {
            LotView lot = byId.get(id);
            return new Rests(
                    lot,
                    states.get(id),
                    named.get(lot.varietyId()),
                    crops.get(named.get(lot.varietyId()).cropKey()),
                    from.get(id).stream()
                            .map(Transfers.PickedLot::plantingId)
                            .filter(Objects::nonNull)
                            .distinct()
                            .map(planting -> new Rows(
                                    planted.get(planting),
                                    walked.get(planting),
                                    late.getOrDefault(planting, List.of()).stream()
                                            .anyMatch(shed -> !shed.decided()),
                                    sick.contains(planting)))
                            .toList(),
                    from.get(id).stream().anyMatch(one -> one.plantingId() == null),
                    lot.plantingId() == null ? null : planted.get(lot.plantingId()),
                    lot.plantingId() == null ? null : walked.get(lot.plantingId()),
                    today,
                    time.zone(),
                    air);
        }));
        Map<UUID, LotKnown> known = kept.of(rests, ids -> judged(ids, rests));
        return lots.stream().map(lot -> known.get(lot.id())).toList();
    }

    /**
     * What the judgement of a lot rests on.
     *
     * @param state of its own records
     * @param crop as the farm knows it
     * @param arrived whether some of it was picked from no planting of these records
     * @param from the rows its seed was picked from, {@code planting} those that most of it was, and {@code walked} what
     *     was found there
     * @param air of the shelves its containers stand on
     */
    private record Rests(
            LotView lot,
            UUID state,
            VarietyView variety,
            Crop crop,
            List<Rows> from,
            boolean arrived,
            PlantingView planting,
            StageVerdict walked,
            LocalDate today,
            ZoneId zone,
            Object air) {}

    private Map<UUID, LotKnown> judged(List<UUID> ids, Map<UUID, Rests> rests) {
        LotsAtBench at = bench.of(ids.stream().map(id -> rests.get(id).lot()).toList());
        Map<UUID, TestsView> tested = quality.of(ids);
        Map<UUID, List<LotKeeping.Container>> stood = stand.of(ids);
        Map<UUID, List<Overruling>> overruled = overrulings.findByLotIdInOrderByRecordedAtAscIdAsc(ids).stream()
                .collect(Collectors.groupingBy(Overruling::lotId));
        return ids.stream()
                .collect(Collectors.toMap(
                        id -> id,
                        id -> known(
                                rests.get(id),
                                at.picked().get(id),
                                at.worked().get(id),
                                tested.get(id),
                                stood.getOrDefault(id, List.of()),
                                overruled.getOrDefault(id, List.of()))));
    }

    private LotKnown known(
            Rests rests,
            HarvestView harvest,
            BenchView work,
            TestsView tests,
            List<LotKeeping.Container> stands,
            List<Overruling> overruled) {
        BoredSeed weevils = weevils(tests, work);
        MoistureHistory moistures = moistures(rests, harvest, work, tests, stands);
        Optional<SeedMoisture> moisture = moistures.now().flatMap(MoistureHistory.Entry::moisture);
        Evidence evidence = new Evidence(
                rests.lot(),
                rests.crop(),
                rests.variety(),
                rests.from(),
                rests.arrived(),
                harvest,
                work,
                tests,
                moisture,
                below(rests, work, tests, stands, moisture),
                heatedSinceTest(tests, work),
                weevils,
                sortedSinceTest(tests, work),
                rests.today());
        Dryness dryness = Dryness.toSeal(rests.crop(), moisture);
        return new LotKnown(
                rests.lot(),
                rests.variety(),
                rests.planting(),
                harvest,
                work,
                rests.walked(),
                tests,
                weevils,
                moisture.orElse(null),
                dryness,
                dryness == Dryness.TOO_DAMP && work.clean() && work.next() == StepKind.DRY && stands.isEmpty(),
                MoistureKnown.of(moistures),
                tests.purity() != null && tests.purity().result().valid()
                        ? tests.purity().result().pure()
                        : PurityResult.TAKEN,
                judge(evidence, overruled));
    }

    /** The rows that seed of a lot was picked from, with what was found in them. */
    private record Rows(PlantingView planting, StageVerdict walk, boolean shedUndecided, boolean sick) {
        Verdict isolation(Grade grade) {
            PlantingView.Isolation isolation = planting.isolation();
            return isolation == null
                    ? Verdict.CLEAR
                    : grade == Grade.STOCK ? isolation.verdict() : isolation.forMarket();
        }

        Optional<WalkVerdict> walked(Grade grade) {
            return Optional.ofNullable(walk).map(shown -> shown.at(grade));
        }
    }

    /** The lots that were picked, or came here, of which each of these came. */
    private Map<UUID, List<Transfers.PickedLot>> beginnings(Collection<LotView> lots) {
        Map<UUID, List<Transfers.PickedLot>> from = new HashMap<>();
        List<UUID> transferred = new ArrayList<>();
        for (LotView lot : lots) {
            switch (lot.origin()) {
                case PICKED, ELSEWHERE ->
                    from.put(lot.id(), List.of(new Transfers.PickedLot(lot.id(), lot.plantingId())));
                case PART, BLEND -> transferred.add(lot.id());
            }
        }
        if (!transferred.isEmpty()) {
            from.putAll(transfers.picked(transferred));
        }
        return from;
    }

    /** What the last look for weevils says, with how long the seed was frozen since. */
    private BoredSeed weevils(TestsView tests, BenchView work) {
        if (tests.weevils().isEmpty()) {
            return null;
        }
        Optional<LocalDate> frozen = work == null
                ? Optional.empty()
                : work.steps().stream()
                        .filter(step -> step.kind() == StepKind.FREEZE
                                && step.endedAt() != null
                                && ChronoUnit.DAYS.between(step.begunAt(), step.endedAt()) >= BoredSeed.DAYS_FROZEN)
                        .map(step -> LocalDate.ofInstant(step.endedAt(), time.zone()))
                        .max(Comparator.naturalOrder());
        return tests.weevils().get(0).says(frozen);
    }

    /** What the bench told of its moisture, with what was tested and what the air of its place made of open seed. */
    private static MoistureHistory moistures(
            Rests rests, HarvestView harvest, BenchView work, TestsView tests, List<LotKeeping.Container> stands) {
        Optional<MoistureHistory.Entry> begin = Optional.ofNullable(harvest).flatMap(MoistureAtBench::begin);
        List<MoistureHistory.Step> steps = work == null ? List.of() : MoistureAtBench.steps(work.steps(), rests.zone());
        List<MoistureHistory.Reading> readings = new ArrayList<>();
        tests.moistures()
                .forEach(test -> readings.add(new MoistureHistory.Reading(
                        test.measuredOn(),
                        MoistureHistory.Told.TEST,
                        SeedMoisture.measured(test.result().moisture(), test.off()))));
        if (!stands.isEmpty()) {
            LocalDate since = Stream.concat(
                            steps.stream().map(MoistureHistory.Step::on),
                            readings.stream().map(MoistureHistory.Reading::on))
                    .max(Comparator.naturalOrder())
                    .orElse(harvest.pickedOn());
            LotKeeping.settled(rests.crop(), stands, since, rests.today())
                    .ifPresent(settled -> readings.add(
                            new MoistureHistory.Reading(settled.on(), MoistureHistory.Told.STORE, settled.moisture())));
        }
        return MoistureHistory.of(begin, steps, readings);
    }

    /** When seed that is too damp to be sealed falls below its standard where it stands. */
    private static Optional<LocalDate> below(
            Rests rests,
            BenchView work,
            TestsView tests,
            List<LotKeeping.Container> stands,
            Optional<SeedMoisture> moisture) {
        if (tests.valid() == null
                || tests.valid().countedOn().isAfter(rests.today())
                || Dryness.toSeal(rests.crop(), moisture) != Dryness.TOO_DAMP) {
            return Optional.empty();
        }
        return LotKeeping.of(
                        new LotKeeping.Seed(
                                rests.crop(),
                                rests.lot().grade(),
                                tests.valid().tested(),
                                moisture,
                                work != null && work.heated() != null),
                        stands,
                        rests.today())
                .flatMap(keeping -> keeping.keeping().below().middle());
    }

    /** Whether seed was dried too hot after the sample for the last germination test was drawn, or none was. */
    private boolean heatedSinceTest(TestsView tests, BenchView work) {
        return work != null
                && work.heated() != null
                && (tests.valid() == null
                        || LocalDate.ofInstant(work.heated().until(), time.zone())
                                .isAfter(tests.valid().setOn()));
    }

    /** Whether seed was sorted out after the sample for the last germination test was drawn. */
    private boolean sortedSinceTest(TestsView tests, BenchView work) {
        return tests.germination() != null
                && work != null
                && work.steps().stream()
                        .anyMatch(step -> step.kind().sorts()
                                && step.endedAt() != null
                                && LocalDate.ofInstant(step.endedAt(), time.zone())
                                        .isAfter(tests.germination().setOn()));
    }

    /** Everything a lot is judged by. */
    private record Evidence(
            LotView lot,
            Crop crop,
            VarietyView variety,
            List<Rows> from,
            boolean arrived,
            HarvestView harvest,
            BenchView work,
            TestsView tests,
            Optional<SeedMoisture> moisture,
            Optional<LocalDate> below,
            boolean heatedSinceTest,
            BoredSeed weevils,
            boolean sortedSinceTest,
            LocalDate today) {

        /** Whatever stands against any of the rows it came of stands against the lot. */
        SaleGate at(Grade grade) {
            List<SaleGate> gates = Stream.concat(
                            from.stream().map(Optional::of),
                            arrived ? Stream.of(Optional.<Rows>empty()) : Stream.empty())
                    .map(rows -> SaleGate.of(known(grade, rows)))
                    .toList();
            return new SaleGate(
                    all(gates, SaleGate::against, Finding::reason), all(gates, SaleGate::cautions, caution -> caution));
        }

        /** Each once, in the order of the work. */
        private static <T, E extends Enum<E>> List<T> all(
                List<SaleGate> gates, Function<SaleGate, List<T>> what, Function<T, E> order) {
            return gates.stream()
                    .flatMap(gate -> what.apply(gate).stream())
                    .distinct()
                    .sorted(Comparator.comparing(order))
                    .toList();
        }

        /** About so many as came clean, by its own weight or that of the crop. */
        private OptionalInt seeds() {
            if (work == null || !work.clean()) {
                return OptionalInt.empty();
            }
            double thousand = tests.seedWeight() == null
                    ? crop.thousandSeedWeight()
                    : tests.seedWeight().result().thousandSeedWeight();
            return OptionalInt.of((int) Math.min(Integer.MAX_VALUE, work.mass().doubleValue() / thousand * 1000));
        }

        private SaleGate.Known known(Grade grade, Optional<Rows> rows) {
            Optional<GerminationView> germination = Optional.ofNullable(tests.germination());
            return new SaleGate.Known(
                    grade,
                    crop,
                    rows.isPresent(),
                    rows.map(one -> one.isolation(grade)).orElse(Verdict.CLEAR),
                    harvest == null ? 0 : harvest.plants(),
                    rows.flatMap(one -> one.walked(grade)),
                    rows.filter(one -> !one.planting().groundTo().isBefore(today))
                            .isPresent(),
                    rows.filter(Rows::shedUndecided).isPresent(),
                    rows.filter(Rows::sick).isPresent(),
                    harvest != null && harvest.earlyBy() > 0,
                    work != null && work.transferred(),
                    work != null && work.clean(),
                    moisture,
                    below,
                    Optional.ofNullable(work).map(BenchView::heated),
                    heatedSinceTest,
                    Optional.ofNullable(weevils),
                    Optional.ofNullable(tests.purity()).map(PurityView::test).filter(PurityResult::valid),
                    Optional.ofNullable(tests.growOut()).map(GrowOutView::result),
                    seeds(),
                    Optional.ofNullable(tests.seedWeight()).map(SeedWeightView::result),
                    germination.map(GerminationView::result),
                    germination.map(GerminationView::countedOn),
                    sortedSinceTest,
                    variety.breedingOut(),
                    today,
                    Optional.ofNullable(lot.hold()).map(LotView.Hold::reason));
        }
    }

    private static LotKnown.GateView judge(Evidence evidence, List<Overruling> overruled) {
        Grade grade = evidence.lot().grade();
        SaleGate gate = evidence.at(grade);
        List<LotKnown.Objection> against = gate.against().stream()
                .map(one -> new LotKnown.Objection(
                        one.reason(),
                        one,
                        one.reason().mayBeOverruled(),
                        overruled.stream()
                                .filter(overruling -> overruling.counts(one))
                                .findFirst()
                                .map(Overruling::view)
                                .orElse(null)))
                .toList();
        List<SaleGate.Reason> holding = against.stream()
                .filter(one -> one.overruled() == null)
                .map(LotKnown.Objection::reason)
                .distinct()
                .toList();
        double standard = grade.germinationAsked(evidence.crop().germinationStandard());
        Optional<GerminationView> germination =
                Optional.ofNullable(evidence.tests().germination());
        return new LotKnown.GateView(
                holding.isEmpty(),
                holding,
                against,
                gate.cautions(),
                Stream.of(Grade.STOCK, Grade.MARKET)
                        .filter(other -> other.compareTo(grade) <= 0)
                        .map(other -> at(other, other == grade ? gate : evidence.at(other)))
                        .toList(),
                standard,
                germination
                        .map(test -> test.countedOn().plusDays(SaleGate.TEST_LASTS_DAYS))
                        .orElse(null),
                germination
                        .map(test -> test.result().chanceAtLeast(standard))
                        .filter(OptionalDouble::isPresent)
                        .map(OptionalDouble::getAsDouble)
                        .orElse(null));
    }

    private static LotKnown.AtGrade at(Grade grade, SaleGate gate) {
        return new LotKnown.AtGrade(grade, gate.mayBeSold(), gate.against());
    }
}
