package theriseed.server.gate;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.bench.StepKind;
import theriseed.core.crop.Crop;
import theriseed.core.isolation.Verdict;
import theriseed.core.lot.SaleGate;
import theriseed.core.quality.BoredSeed;
import theriseed.server.base.FarmTime;
import theriseed.server.bench.Bench;
import theriseed.server.bench.BenchView;
import theriseed.server.handbook.Crops;
import theriseed.server.harvest.HarvestView;
import theriseed.server.harvest.Harvests;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Origin;
import theriseed.server.lot.Pours;
import theriseed.server.quality.GerminationView;
import theriseed.server.quality.Quality;
import theriseed.server.quality.TestsView;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;
import theriseed.server.walk.LateView;
import theriseed.server.walk.StageVerdict;
import theriseed.server.walk.Walks;

/** Gathers what every part of the work knows of lots and asks whether they may be sold. */
@Service
public class Gate {
    private final Pours pours;
    private final Plantings plantings;
    private final Walks walks;
    private final Harvests harvests;
    private final Bench bench;
    private final Quality quality;
    private final Crops crops;
    private final FarmTime time;

    Gate(
            Pours pours,
            Plantings plantings,
            Walks walks,
            Harvests harvests,
            Bench bench,
            Quality quality,
            Crops crops,
            FarmTime time) {
        this.pours = pours;
        this.plantings = plantings;
        this.walks = walks;
        this.harvests = harvests;
        this.bench = bench;
        this.quality = quality;
        this.crops = crops;
        this.time = time;
    }

    @Transactional(readOnly = true)
    public LotKnown of(LotView lot) {
        return of(List.of(lot)).get(0);
    }

    /** All that is known of these lots, in their order, in a number of queries that does not grow with them. */
    @Transactional(readOnly = true)
    public List<LotKnown> of(Collection<LotView> lots) {
        List<UUID> ids = lots.stream().map(LotView::id).toList();
        Map<UUID, Set<UUID>> from = plantingsOf(lots);
        Map<UUID, PlantingView> planted =
                plantings.all(from.values().stream().flatMap(Set::stream).collect(Collectors.toSet()));
        Map<UUID, HarvestView> picked = harvests.of(ids);
        Map<UUID, String> cropKeys = planted.values().stream()
                .collect(Collectors.toMap(
                        PlantingView::id, planting -> planting.variety().cropKey()));
        Map<UUID, BenchView> worked = bench.of(lots, cropKeys, picked);
        Map<UUID, StageVerdict> walked = walks.verdicts(planted.values());
        Map<UUID, List<LateView>> late = walks.late(planted.values());
        Map<UUID, TestsView> tested = quality.of(ids);
        LocalDate today = time.today();
        return lots.stream()
                .map(lot -> {
                    PlantingView planting = planted.get(lot.plantingId());
                    HarvestView harvest = picked.get(lot.id());
                    BenchView work = worked.get(lot.id());
                    TestsView tests = tested.get(lot.id());
                    return new LotKnown(
                            lot,
                            planting,
                            harvest,
                            work,
                            walked.get(lot.plantingId()),
                            tests,
                            weevils(tests, work),
                            judge(
                                    lot,
                                    from.get(lot.id()).stream()
                                            .map(id -> new Rows(
                                                    planted.get(id),
                                                    walked.get(id),
                                                    late.getOrDefault(id, List.of()).stream()
                                                            .anyMatch(shed -> !shed.decided())))
                                            .toList(),
                                    harvest,
                                    work,
                                    tests,
                                    today));
                })
                .toList();
    }

    /** The rows that seed of a lot was picked from, with what was found in them. */
    private record Rows(PlantingView planting, StageVerdict walk, boolean shedUndecided) {}

    /** The plantings that seed of each of these lots was picked from. */
    private Map<UUID, Set<UUID>> plantingsOf(Collection<LotView> lots) {
        Map<UUID, Set<UUID>> from = new HashMap<>();
        lots.forEach(lot -> from.put(lot.id(), Set.of(lot.plantingId())));
        List<UUID> poured = lots.stream()
                .filter(lot -> lot.origin() != Origin.PICKED)
                .map(LotView::id)
                .toList();
        (poured.isEmpty() ? Map.<UUID, List<Pours.PickedLot>>of() : pours.picked(poured))
                .forEach((lot, picked) -> from.put(
                        lot, picked.stream().map(Pours.PickedLot::plantingId).collect(Collectors.toSet())));
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

    /** Whatever stands against any of the rows it came of stands against the lot. */
    private LotKnown.GateView judge(
            LotView lot, List<Rows> from, HarvestView harvest, BenchView work, TestsView tests, LocalDate today) {
        Crop crop = crops.get(from.get(0).planting().variety().cropKey());
        Optional<GerminationView> germination = Optional.ofNullable(tests.germination());
        List<SaleGate> gates = from.stream()
                .map(rows -> SaleGate.of(known(lot, crop, rows, harvest, work, tests, germination, today)))
                .toList();
        double standard = lot.grade().germinationAsked(crop.germinationStandard());
        return new LotKnown.GateView(
                gates.stream().allMatch(SaleGate::mayBeSold),
                all(gates, SaleGate::reasons),
                all(gates, SaleGate::cautions),
                standard,
                germination
                        .map(test -> test.countedOn().plusDays(SaleGate.TEST_LASTS_DAYS))
                        .orElse(null),
                germination.map(test -> test.result().chanceAtLeast(standard)).orElse(null));
    }

    /** Each once, in the order of the work. */
    private static <T extends Enum<T>> List<T> all(List<SaleGate> gates, Function<SaleGate, List<T>> what) {
        return gates.stream()
                .flatMap(gate -> what.apply(gate).stream())
                .distinct()
                .sorted()
                .toList();
    }

    private static SaleGate.Known known(
            LotView lot,
            Crop crop,
            Rows rows,
            HarvestView harvest,
            BenchView work,
            TestsView tests,
            Optional<GerminationView> germination,
            LocalDate today) {
        return new SaleGate.Known(
                lot.grade(),
                crop,
                rows.planting().isolation() == null
                        ? Verdict.CLEAR
                        : rows.planting().isolation().verdict(),
                harvest == null ? 0 : harvest.plants(),
                Optional.ofNullable(rows.walk()).map(StageVerdict::verdict),
                rows.shedUndecided(),
                work != null && work.clean(),
                work == null || work.moisture() == null ? OptionalDouble.empty() : OptionalDouble.of(work.moisture()),
                Optional.ofNullable(tests.seedWeight()).map(weight -> weight.result()),
                germination.map(GerminationView::result),
                germination
                        .map(test -> ChronoUnit.DAYS.between(test.countedOn(), today))
                        .orElse(0L),
                lot.hold() != null);
    }
}
