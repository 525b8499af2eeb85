package theriseed.server.lot;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Page;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.crop.Grade;
import theriseed.core.lot.LotNumber;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Range;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.PageOf;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.season.PlantingGivenUp;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;
import theriseed.server.season.Purpose;
import theriseed.server.walk.Decision;
import theriseed.server.walk.RingView;
import theriseed.server.walk.Rings;
import theriseed.server.walk.SeedSuspect;

/** Numbers lots, finds them, holds and releases them. */
@Service
public class Lots {
    private final LotRepository lots;
    private final PourRepository poured;
    private final Pours pours;
    private final Plantings plantings;
    private final Rings rings;
    private final Corrections corrections;
    private final Stamps stamps;

    Lots(
            LotRepository lots,
            PourRepository poured,
            Pours pours,
            Plantings plantings,
            Rings rings,
            Corrections corrections,
            Stamps stamps) {
        this.lots = lots;
        this.poured = poured;
        this.pours = pours;
        this.plantings = plantings;
        this.rings = rings;
        this.corrections = corrections;
        this.stamps = stamps;
    }

    /** What a lot came from cannot leave its season. */
    @EventListener
    void on(PlantingGivenUp given) {
        lots.findFirstByPlantingId(given.plantingId()).ifPresent(lot -> {
            throw new Refused(
                    "season",
                    lot.view().number(),
                    "lot.cameFromPlanting",
                    "lot",
                    lot.view().number());
        });
    }

    /**
     * The lot with this number.
     *
     * @throws theriseed.core.measure.OutOfRange when the check character says that it is mistyped
     */
    @ReadsOnly
    public LotView get(String typed) {
        return lots.findByFolded(LotNumber.read(typed)).map(Lot::view).orElseThrow(NotFound.of("lot"));
    }

    /** The lots with these numbers, by what was typed; those that are mistyped or not there are left out. */
    @ReadsOnly
    public Map<String, LotView> find(Collection<String> typed) {
        Map<String, String> folded = new HashMap<>();
        for (String number : typed) {
            if (readable(number)) {
                folded.put(number, LotNumber.folded(number));
            }
        }
        Map<String, LotView> byFolded = lots.findByFoldedIn(Set.copyOf(folded.values())).stream()
                .collect(Collectors.toMap(lot -> LotNumber.folded(lot.view().number()), Lot::view));
        Map<String, LotView> found = new HashMap<>();
        folded.forEach((number, fold) -> {
            if (byFolded.containsKey(fold)) {
                found.put(number, byFolded.get(fold));
            }
        });
        return found;
    }

    private static boolean readable(String typed) {
        try {
            LotNumber.read(typed);
            return true;
        } catch (OutOfRange mistyped) {
            return false;
        }
    }

    /** The newest lots of these varieties, newest first. @param most so many */
    @ReadsOnly
    public List<LotView> newest(Collection<UUID> varieties, int most) {
        return lots.findByVarietyIdInOrderBySeasonDescNumberDesc(varieties, Limit.of(most)).stream()
                .map(Lot::view)
                .toList();
    }

    /** The ids of all lots of a variety. */
    @ReadsOnly
    public Set<UUID> idsOfVariety(UUID variety) {
        return lots.idsOf(variety);
    }

    /** The lots of these varieties, oldest first. */
    @ReadsOnly
    public List<LotView> ofVarieties(Collection<UUID> varieties) {
        return lots.findByVarietyIdInOrderBySeasonAscNumberAsc(varieties).stream()
                .map(Lot::view)
                .toList();
    }

    /** The number of every lot there ever was. */
    @ReadsOnly
    public Map<UUID, String> numbersById() {
        return lots.numbers().stream()
                .collect(Collectors.toMap(LotRepository.Numbered::id, LotRepository.Numbered::number));
    }

    /** The lots with these ids, in their order; those that are not there are left out. */
    @ReadsOnly
    public List<LotView> byIds(Collection<UUID> ids) {
        Map<UUID, LotView> found = lots.findByIds(ids.toArray(UUID[]::new)).stream()
                .map(Lot::view)
                .collect(Collectors.toMap(LotView::id, lot -> lot));
        return ids.stream().filter(found::containsKey).map(found::get).toList();
    }

    /** The ids of all lots there ever were, newest first. */
    @ReadsOnly
    public List<UUID> ids() {
        return lots.ids();
    }

    @ReadsOnly
    public LotView byId(UUID id) {
        return lots.findById(id).map(Lot::view).orElseThrow(NotFound.of("lot"));
    }

    /** As {@link #get}, but nobody else can take from the lot until the transaction ends. */
    @Transactional
    public LotView lock(String typed) {
        return lots.lockByFolded(LotNumber.read(typed)).map(Lot::view).orElseThrow(NotFound.of("lot"));
    }

    /**
     * As {@link #lock(String)}, several at once, by what was typed. Whoever locks several does so in the order of their
     * numbers, so that no two wait for each other.
     */
    @Transactional
    public Map<String, LotView> lock(Collection<String> typed) {
        Map<String, LotView> locked =
                lots
                        .lockAllByFolded(
                                typed.stream().map(LotNumber::read).distinct().toList())
                        .stream()
                        .map(Lot::view)
                        .collect(Collectors.toMap(lot -> LotNumber.folded(lot.number()), lot -> lot));
        return typed.stream().distinct().collect(Collectors.toMap(number -> number, number -> {
            LotView lot = locked.get(LotNumber.read(number));
            if (lot == null) {
                throw NotFound.of("lot").get();
            }
            return lot;
        }));
    }

    /** The same by id. */
    @Transactional
    public List<LotView> lockAll(Collection<UUID> ids) {
        return lots.lockAllById(ids).stream().map(Lot::view).toList();
    }

    /** The same for all lots of these varieties, oldest first. */
    @Transactional
    public List<LotView> lockOfVarieties(Collection<UUID> varieties) {
        return lots.lockAllByVariety(varieties).stream()
                .map(Lot::view)
                .sorted(Comparator.comparingInt(LotView::season).thenComparing(LotView::number))
                .toList();
    }

    @ReadsOnly
    public PageOf<LotView> page(int page, int size) {
        Page<Lot> found = lots.findAllByOrderBySeasonDescNumberAsc(PageOf.request(page, size));
        return PageOf.of(found, found.map(Lot::view).toList());
    }

    /** How many lots there ever were. */
    @ReadsOnly
    public long ever() {
        return lots.count();
    }

    /** Lots whose number holds these signs, newest first, at most twenty. */
    @ReadsOnly
    public List<LotView> holding(String signs) {
        return lots.findTop20ByFoldedContainingOrderBySeasonDescNumberAsc(signs).stream()
                .map(Lot::view)
                .toList();
    }

    /** The lots picked from these plantings. */
    @ReadsOnly
    public List<LotView> of(Collection<UUID> plantingIds) {
        return lots.findByPlantingIdInAndOriginOrderByNumber(plantingIds, Origin.PICKED).stream()
                .map(Lot::view)
                .toList();
    }

    /** The lots of one season, by number. */
    @ReadsOnly
    public List<LotView> ofSeason(int season) {
        return lots.findBySeasonOrderByNumber(season).stream().map(Lot::view).toList();
    }

    @ReadsOnly
    public List<LotView> since(int season) {
        return lots.findBySeasonGreaterThanEqualOrderByNumber(season).stream()
                .map(Lot::view)
                .toList();
    }

    /** What was decided about suspect seed holds for the lots that are there already. */
    @EventListener
    void on(SeedSuspect suspect) {
        RingView ring = suspect.ring();
        for (Lot lot : pours.cameOf(ring.plantingId())) {
            Grade before = lot.view().grade();
            follow(lot, ring);
            if (before != lot.view().grade()) {
                corrections.keep(
                        "lot",
                        lot.id(),
                        Map.of("grade", before),
                        Map.of("grade", lot.view().grade()),
                        ring.reason());
            }
        }
    }

    private void follow(Lot lot, RingView ring) {
        if (ring.decision() == Decision.HELD && lot.holdReason() == null) {
            lot.hold(ring.reason(), stamps.now());
        } else if (ring.decision() == Decision.GRADED_DOWN) {
            lot.gradeDown(ring.grade());
        }
    }

    /**
     * Gives a planting's seed its number, before anything is picked into it.
     *
     * @param untagged whether it is fruit of a hand-pollinated planting that nobody tagged, which stays apart
     * @param ringId the ring of suspect seed it is picked from, which stays apart; null for the rest of the planting
     */
    @HandsWork
    @Transactional
    public LotView make(UUID plantingId, UUID ringId, boolean untagged) {
        return make(plantingId, ringId, untagged, this::next);
    }

    /** The same with a number that was taken before, by {@link #numbers}. */
    @HandsWork
    @Transactional
    public LotView make(UUID plantingId, LotNumber number) {
        return make(plantingId, null, false, (year, cropName) -> number);
    }

    private LotView make(
            UUID plantingId, UUID ringId, boolean untagged, BiFunction<Integer, String, LotNumber> numbered) {
        PlantingView planting = plantings.get(plantingId);
        if (planting.purpose() != Purpose.SEED) {
            throw new Refused(
                    "plantingId",
                    planting.variety().name(),
                    "lot.grownToEat",
                    "variety",
                    planting.variety().name(),
                    "plot",
                    planting.plotName());
        }
        LotNumber number = numbered.apply(planting.season(), planting.variety().cropName());
        Lot lot = new Lot(
                number, plantingId, planting.variety().id(), planting.season(), planting.grade(), ringId, stamps.now());
        if (untagged) {
            checkByHand(planting);
            lot.untagged();
            lot.hold("fruit from flowers that nobody tagged: what fathered it is not known", stamps.now());
        } else if (ringId == null) {
            rings.of(plantingId).forEach(ring -> follow(lot, ring));
        } else {
            lot.hold(fromRing(plantingId, ringId), stamps.now());
        }
        return lots.save(lot).view();
    }

    /**
     * Seed poured into a new lot.
     *
     * @param from lots of one variety, each once
     * @param mass grams of each
     * @param moisture percent of each, as last measured; null where it was not
     */
    public record Portion(LotView from, BigDecimal mass, Double moisture) {}

    /**
     * Gives seed that comes of other lots a number of its own. It is of the lowest grade and the oldest season among them.
     *
     * @param portions at least one, the largest first
     */
    @HandsWork
    @Transactional
    public LotView pour(Origin origin, List<Portion> portions, LocalDate pouredOn) {
        List<LotView> parents = portions.stream().map(Portion::from).toList();
        LotView main = parents.get(0);
        int year = parents.stream().mapToInt(LotView::season).min().orElseThrow();
        Lot lot = new Lot(
                next(year, plantings.get(main.plantingId()).variety().cropName()),
                origin,
                main,
                year,
                parents.stream()
                        .map(LotView::grade)
                        .min(Comparator.naturalOrder())
                        .orElseThrow(),
                parents.stream().anyMatch(LotView::untagged),
                stamps.now());
        parents.stream()
                .filter(parent -> parent.hold() != null)
                .findFirst()
                .ifPresent(held -> lot.hold(held.hold().reason(), stamps.now()));
        LotView made = lots.saveAndFlush(lot).view();
        portions.forEach(portion -> poured.save(
                new Pour(portion.from().id(), made.id(), pouredOn, portion.mass(), portion.moisture(), stamps.now())));
        poured.flush();
        return made;
    }

    private static void checkByHand(PlantingView planting) {
        if (!planting.control().tagsFruit()) {
            throw new Refused("untagged", true, "lot.untagged");
        }
    }

    private String fromRing(UUID plantingId, UUID ringId) {
        RingView ring = rings.get(ringId);
        if (!ring.plantingId().equals(plantingId) || ring.decision() != Decision.KEPT_APART) {
            throw new Refused("ringId", ringId, "lot.ring");
        }
        return "from the plants within " + Math.round(ring.radius() * 10) / 10.0 + " m of an off-type: "
                + ring.reason();
    }

    private LotNumber next(int year, String cropName) {
        return issue(year, cropName, 1).get(0);
    }

    /**
     * Numbers for many lots, taken at once and for good, so that nobody who numbers a lot meanwhile waits until the many are
     * kept. Those that are not used then are never used.
     */
    @GrowersWork
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public List<LotNumber> numbers(int year, String cropName, int many) {
        return issue(year, cropName, many);
    }

    /** Some serials have no check character that may be issued. */
    private List<LotNumber> issue(int year, String cropName, int many) {
        List<LotNumber> issued = new ArrayList<>();
        while (issued.size() < many) {
            int missing = many - issued.size();
            int last = lots.takeSerials(year, LotNumber.cropCode(cropName), missing);
            IntStream.rangeClosed(last - missing + 1, last)
                    .mapToObj(serial -> LotNumber.issue(year, cropName, serial))
                    .flatMap(Optional::stream)
                    .forEach(issued::add);
        }
        return issued;
    }

    @HandsWork
    @Transactional
    public LotView hold(String typed, String reason) {
        Range.of(3, 300, "characters").check("reason", reason.strip().length());
        Lot lot = lots.lockByFolded(LotNumber.read(typed)).orElseThrow(NotFound.of("lot"));
        lot.hold(reason, stamps.now());
        return lots.saveAndFlush(lot).view();
    }

    @GrowersWork
    @Transactional
    public LotView release(String typed, String reason) {
        Range.of(3, 300, "characters").check("reason", reason.strip().length());
        Lot lot = lots.lockByFolded(LotNumber.read(typed)).orElseThrow(NotFound.of("lot"));
        String was = lot.holdReason();
        lot.release();
        corrections.keep("lot", lot.id(), Map.of("hold", "" + was), Map.of("hold", "released"), reason);
        return lots.saveAndFlush(lot).view();
    }

    /**
     * Grades a lot down, and with it what was poured from it; or takes that back, as far as its rows and the lots it came
     * of allow.
     *
     * @return the lot as it is now
     */
    @GrowersWork
    @Transactional
    public LotView regrade(String typed, int version, Grade grade, String reason) {
        Range.of(3, 300, "characters").check("reason", reason.strip().length());
        Lot lot = lots.lockByFolded(LotNumber.read(typed)).orElseThrow(NotFound.of("lot"));
        Clash.check(lot, version, lot.view());
        Grade highest = highest(lot.view());
        if (grade == lot.view().grade() || grade.compareTo(highest) > 0) {
            throw new Refused(
                    "grade",
                    grade,
                    grade == lot.view().grade() ? "lot.gradeAlready" : "lot.gradeTooHigh",
                    "lot",
                    lot.view().number(),
                    "grade",
                    grade,
                    "highest",
                    highest);
        }
        regrade(lot, grade, reason);
        lots.findAllById(poured.below(List.of(lot.id()))).stream()
                .filter(made -> made.view().grade().compareTo(grade) > 0)
                .forEach(made -> regrade(made, grade, reason));
        return lots.saveAndFlush(lot).view();
    }

    private void regrade(Lot lot, Grade grade, String reason) {
        Grade before = lot.view().grade();
        lot.regrade(grade);
        corrections.keep("lot", lot.id(), Map.of("grade", before), Map.of("grade", grade), reason);
    }

    private Grade highest(LotView lot) {
        Stream<Grade> past = lot.origin() == Origin.PICKED
                ? Stream.concat(
                        Stream.of(plantings.get(lot.plantingId()).grade()),
                        rings.of(lot.plantingId()).stream()
                                .filter(ring -> ring.decision() == Decision.GRADED_DOWN)
                                .map(RingView::grade))
                : lots.findAllById(poured.from(lot.id())).stream()
                        .map(parent -> parent.view().grade());
        return past.min(Comparator.naturalOrder()).orElseThrow();
    }

    /** Keeps so many grams of clean seed for the farm's own sowing: they are neither packed nor sold. */
    @GrowersWork
    @Transactional
    public LotView reserve(String typed, int version, BigDecimal grams) {
        Lot lot = lots.lockByFolded(LotNumber.read(typed)).orElseThrow(NotFound.of("lot"));
        Clash.check(lot, version, lot.view());
        BigDecimal before = lot.view().reserved();
        lot.reserve(grams);
        corrections.keep(
                "lot", lot.id(), Map.of("reserved", before), Map.of("reserved", grams), "what the farm itself sows");
        return lots.saveAndFlush(lot).view();
    }

    @HandsWork
    @Transactional
    public void labelPrinted(String typed) {
        Lot lot = lots.lockByFolded(LotNumber.read(typed)).orElseThrow(NotFound.of("lot"));
        lot.labelPrinted(stamps.now().at());
    }
}
