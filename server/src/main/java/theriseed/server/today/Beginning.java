package theriseed.server.today;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import theriseed.server.base.FarmTime;
import theriseed.server.base.Maybe;
import theriseed.server.base.ReadsOnly;
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.ground.Ground;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;
import theriseed.server.season.Purpose;
import theriseed.server.season.Varieties;
import theriseed.server.season.VarietyView;
import theriseed.server.walk.Walks;

/** The way from an empty farm to its first lot that may be sold. A step is done when its record is there, in whatever order. */
@Service
class Beginning {
    /** Whoever has more lots knows the way. */
    private static final int LOTS_OF_A_BEGINNER = 3;

    private final Ground ground;
    private final Varieties varieties;
    private final Plantings plantings;
    private final Walks walks;
    private final Lots lots;
    private final Gate gate;
    private final FarmTime time;

    Beginning(
            Ground ground, Varieties varieties, Plantings plantings, Walks walks, Lots lots, Gate gate, FarmTime time) {
        this.ground = ground;
        this.varieties = varieties;
        this.plantings = plantings;
        this.walks = walks;
        this.lots = lots;
        this.gate = gate;
        this.time = time;
    }

    /** What is done once before a first lot may be sold, in its usual order. */
    enum Step {
        GROUND,
        VARIETY,
        PLANTING,
        WALK,
        HARVEST,
        BENCH,
        TESTS
    }

    /**
     * How far the farm is.
     *
     * @param over whether the first lot may be sold, or there are so many that nobody needs to be led
     * @param planting that the first lot comes of
     * @param walkFrom about when it is walked first, {@code pickFrom} about when its first seed is ripe
     */
    record FirstLot(
            boolean over,
            Set<Step> done,
            @Maybe VarietyView variety,
            @Maybe PlantingView planting,
            @Maybe LocalDate walkFrom,
            @Maybe LocalDate pickFrom,
            @Maybe String lot) {}

    @ReadsOnly
    FirstLot firstLot() {
        Set<Step> done = EnumSet.noneOf(Step.class);
        if (lots.ever() > LOTS_OF_A_BEGINNER) {
            return new FirstLot(true, done, null, null, null, null, null);
        }
        if (!ground.plots().isEmpty()) {
            done.add(Step.GROUND);
        }
        Optional<VarietyView> variety =
                varieties.matching("", 0, 1).items().stream().findFirst();
        variety.ifPresent(known -> done.add(Step.VARIETY));
        Optional<PlantingView> planting = firstPlanting();
        planting.ifPresent(known -> done.add(Step.PLANTING));
        if (planting.filter(known -> !walks.of(known.id()).isEmpty()).isPresent()) {
            done.add(Step.WALK);
        }
        List<LotKnown> known = gate.of(lots.byIds(lots.ids()));
        Optional<LotKnown> furthest =
                known.stream().max(Comparator.comparingInt(lot -> steps(lot).size()));
        furthest.ifPresent(lot -> done.addAll(steps(lot)));
        return new FirstLot(
                known.stream().anyMatch(lot -> lot.gate().mayBeSold()),
                done,
                planting.map(PlantingView::variety).or(() -> variety).orElse(null),
                planting.orElse(null),
                planting.map(PlantingView::bloom).map(PlantingView.Bloom::first).orElse(null),
                planting.map(PlantingView::bloom)
                        .map(PlantingView.Bloom::ripeFrom)
                        .orElse(null),
                furthest.map(LotKnown::lot).map(LotView::number).orElse(null));
    }

    private Optional<PlantingView> firstPlanting() {
        int year = time.today().getYear();
        return IntStream.rangeClosed(year - 1, year + 2)
                .boxed()
                .flatMap(season -> plantings.of(season).stream())
                .filter(planting -> planting.purpose() == Purpose.SEED)
                .min(Comparator.comparing(PlantingView::sownOn));
    }

    private static Set<Step> steps(LotKnown lot) {
        Set<Step> done = EnumSet.noneOf(Step.class);
        if (lot.harvest() != null) {
            done.add(Step.HARVEST);
        }
        if (lot.bench() != null && lot.bench().clean()) {
            done.add(Step.BENCH);
        }
        if (!lot.tests().seedWeights().isEmpty() && !lot.tests().germinations().isEmpty()) {
            done.add(Step.TESTS);
        }
        return done;
    }
}
