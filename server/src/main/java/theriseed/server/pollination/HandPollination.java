package theriseed.server.pollination;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Range;
import theriseed.core.pollination.FlowerNeed;
import theriseed.core.pollination.MorningPlan;
import theriseed.core.pollination.MorningPlan.Buds;
import theriseed.core.pollination.Parentage;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.Once;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.season.Grown;
import theriseed.server.season.Plantings;
import theriseed.server.season.Purpose;

/** The evening and the morning of hand pollination, and whether the flowers took. */
@Service
public class HandPollination {
    private static final int MOST_FATHERS = 20;

    private final EveningRepository evenings;
    private final FlowerRepository flowers;
    private final AimRepository aims;
    private final Plantings plantings;
    private final Corrections corrections;
    private final Once once;
    private final Stamps stamps;
    private final FarmTime time;

    HandPollination(
            EveningRepository evenings,
            FlowerRepository flowers,
            AimRepository aims,
            Plantings plantings,
            Corrections corrections,
            Once once,
            Stamps stamps,
            FarmTime time) {
        this.evenings = evenings;
        this.flowers = flowers;
        this.aims = aims;
        this.plantings = plantings;
        this.corrections = corrections;
        this.once = once;
        this.stamps = stamps;
        this.time = time;
    }

    @ReadsOnly
    public List<FlowerView> flowers(UUID plantingId) {
        return flowers.findByPlantingIdOrderByPollinatedAtAscIdAsc(plantingId).stream()
                .map(Flower::view)
                .toList();
    }

    /** Mothers and fathers of the fruit that took. */
    public static Parentage parents(List<FlowerView> flowers) {
        return Parentage.of(flowers.stream()
                .filter(flower -> Boolean.TRUE.equals(flower.took()))
                .map(flower -> new Parentage.Fruit(
                        flower.mother(),
                        flower.fathers().stream().map(Father::plant).toList()))
                .toList());
    }

    /** Flowers of these plantings of which nobody knows yet whether they took. */
    @ReadsOnly
    public Map<UUID, List<FlowerView>> open(Collection<UUID> plantingIds) {
        return plantingIds.isEmpty()
                ? Map.of()
                : flowers.findByPlantingIdInAndTookIsNull(plantingIds).stream()
                        .map(Flower::view)
                        .collect(Collectors.groupingBy(FlowerView::plantingId));
    }

    @ReadsOnly
    public List<EveningView> evenings(UUID plantingId, LocalDate from, LocalDate to) {
        return evenings.findByPlantingIdAndClosedOnBetweenOrderByClosedOnAscIdAsc(plantingId, from, to).stream()
                .map(BudEvening::view)
                .toList();
    }

    /** Buds that were closed in the evening of a day, by planting. */
    @ReadsOnly
    public Map<UUID, List<Buds>> closedOn(LocalDate day) {
        Map<UUID, List<Buds>> closed = new HashMap<>();
        evenings.findByClosedOnOrderById(day)
                .forEach(evening -> closed.computeIfAbsent(evening.plantingId(), planting -> new ArrayList<>())
                        .addAll(evening.closed()));
        return closed;
    }

    /** Who is to be pollinated with whom, from what was closed and what is done already. */
    static MorningPlan plan(List<Buds> closed, List<FlowerView> done) {
        Map<Integer, Integer> used = new HashMap<>();
        done.forEach(flower -> flower.fathers().forEach(father -> used.merge(father.plant(), 1, Integer::sum)));
        Map<Integer, Buds> byPlant = closed.stream()
                .collect(Collectors.toMap(
                        Buds::plant,
                        buds -> buds,
                        (one, other) ->
                                new Buds(one.plant(), one.females() + other.females(), one.males() + other.males())));
        return MorningPlan.of(List.copyOf(byPlant.values()), used);
    }

    /** What the grower wants of it. */
    @ReadsOnly
    Optional<AimView> aim(UUID plantingId) {
        return aims.findByPlantingId(plantingId).map(PollinationAim::view);
    }

    /** Says what is wanted of it; refused when no number of flowers can be calculated from it. */
    @GrowersWork
    @Transactional
    public AimView want(UUID plantingId, int version, AimFacts facts, String reason) {
        PollinationAim aim = aims.findByPlantingId(plantingId).orElse(null);
        AimView stands = aim == null ? null : aim.view();
        Clash.check(stands == null ? Clash.NONE : stands.version(), version, stands);
        if (aim == null) {
            plantings.grown(plantingId);
            PollinationAim first = new PollinationAim(plantingId, facts, stamps.now());
            checkFruits(facts);
            return aims.saveAndFlush(first).view();
        }
        Map<String, Object> before = aim.correctable();
        aim.change(facts);
        checkFruits(facts);
        corrections.keep("aim", aim.id(), before, aim.correctable(), reason);
        return aims.saveAndFlush(aim).view();
    }

    private static void checkFruits(AimFacts facts) {
        OutOfRange.named(
                "fruits",
                "perFruit",
                () -> FlowerNeed.forSeeds(
                        facts.seeds(),
                        facts.perFruit(),
                        facts.variation(),
                        FlowerNeed.USUAL_TAKE,
                        FlowerNeed.USUAL_RIPE));
    }

    /** Writes down the buds closed in an evening. */
    @HandsWork
    @Transactional
    public EveningView close(UUID id, UUID plantingId, LocalDate day, List<Buds> closed) {
        return once.record(id, () -> evenings.findById(id), () -> {
                    Grown planting = forSeed(plantingId);
                    checkDay("closedOn", planting, day);
                    Range.of(1, 1000, "plants").check("closed", closed.size());
                    closed.forEach(buds -> checkPlant("plant", planting, buds.plant()));
                    return evenings.save(new BudEvening(id, plantingId, day, closed, stamps.now()));
                })
                .view();
    }

    /** Writes down a flower; one with an id known already is the same flower sent again. */
    @HandsWork
    @Transactional
    public FlowerView pollinate(UUID id, UUID plantingId, FlowerFacts facts) {
        return once.record(id, () -> flowers.findById(id), () -> {
                    check(id, plantingId, facts);
                    return flowers.saveAndFlush(new Flower(id, plantingId, facts, stamps.now()));
                })
                .view();
    }

    @HandsWork
    @Transactional
    public FlowerView correct(UUID id, int version, String reason, FlowerFacts facts) {
        Flower flower = flowers.findById(id).orElseThrow(NotFound.of("flower"));
        Clash.check(flower, version, flower.view());
        FlowerFacts corrected = facts.at(flower.view().pollinatedAt());
        check(id, flower.plantingId(), corrected);
        Map<String, Object> before = flower.correctable();
        flower.change(corrected);
        corrections.keep("flower", id, before, flower.correctable(), reason);
        return flowers.saveAndFlush(flower).view();
    }

    /**
     * Whether a flower took. Said twice alike it is said once; who says otherwise must have read what stands there.
     *
     * @param version that was read; needed to say otherwise
     */
    @HandsWork
    @Transactional
    public FlowerView looked(UUID id, boolean took, LocalDate day, int version, String reason) {
        Flower flower = flowers.findById(id).orElseThrow(NotFound.of("flower"));
        LocalDate pollinated = flower.view().day(time.zone());
        SeasonDates.check("lookedOn", day, pollinated, time.today());
        if (flower.took() == null) {
            flower.looked(took, day);
        } else if (flower.took() != took) {
            Clash.check(flower, version, flower.view());
            Map<String, Object> before = flower.correctable();
            flower.looked(took, day);
            corrections.keep("flower", id, before, flower.correctable(), reason);
        }
        return flowers.saveAndFlush(flower).view();
    }

    private void check(UUID id, UUID plantingId, FlowerFacts facts) {
        Grown planting = forSeed(plantingId);
        checkDay("pollinatedAt", planting, LocalDate.ofInstant(facts.pollinatedAt(), time.zone()));
        if (facts.pollinatedAt().isAfter(time.now())) {
            throw new Refused("pollinatedAt", facts.pollinatedAt(), "time.stillToCome");
        }
        checkPlant("mother", planting, facts.mother());
        Range.of(1, MOST_FATHERS, "fathers").check("fathers", facts.fathers().size());
        Map<UUID, Grown> theirs =
                plantings.grown(facts.fathers().stream().map(Father::plantingId).collect(Collectors.toSet()));
        for (Father father : facts.fathers()) {
            checkFather(planting, facts.mother(), father, theirs.get(father.plantingId()));
        }
        if (flowers.existsByPlantingIdAndTagIgnoreCaseAndIdNot(
                plantingId, facts.tag().strip(), id)) {
            throw new Refused("tag", facts.tag(), "pollination.tagTaken", "tag", facts.tag());
        }
    }

    private static void checkFather(Grown planting, int mother, Father father, Grown theirs) {
        if (theirs == null) {
            throw NotFound.of("planting").get();
        }
        if (!theirs.varietyId().equals(planting.varietyId())) {
            throw new Refused(
                    "fathers", theirs.varietyName(), "pollination.otherVariety", "variety", theirs.varietyName());
        }
        checkPlant("fathers", theirs, father.plant());
        if (father.plantingId().equals(planting.id()) && father.plant() == mother) {
            throw new Refused("fathers", "plant " + mother, "pollination.ownFather", "plant", mother);
        }
    }

    private Grown forSeed(UUID plantingId) {
        Grown planting = plantings.grown(plantingId);
        if (planting.purpose() != Purpose.SEED) {
            throw new Refused(
                    "plantingId", planting.varietyName(), "planting.notForSeed", "variety", planting.varietyName());
        }
        return planting;
    }

    private void checkDay(String field, Grown planting, LocalDate day) {
        SeasonDates.check(field, day, planting.sownOn().plusDays(1), time.today());
    }

    private static void checkPlant(String field, Grown planting, int plant) {
        Range.of(1, planting.plants(), "plant").check(field, plant);
    }
}
