package theriseed.server.lot;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.function.BiFunction;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.crop.Grade;
import theriseed.core.drying.SeedMoisture;
import theriseed.core.lot.LotNumber;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.HandsWork;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.season.PlantingGivenUp;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;
import theriseed.server.season.Purpose;
import theriseed.server.season.Varieties;
import theriseed.server.season.VarietyView;
import theriseed.server.walk.Decision;
import theriseed.server.walk.RingView;
import theriseed.server.walk.Rings;

/** Gives lots their numbers: seed that is picked from a planting, and seed that is transferred out of other lots. */
@Service
public class NewLots {
    /** Characters. */
    private static final int MOST_REASON = 300;

    private final LotRepository lots;
    private final TransferRepository transferred;
    private final Families families;
    private final Plantings plantings;
    private final Varieties varieties;
    private final Rings rings;
    private final LotSerials serials;
    private final NumbersAside numbersAside;
    private final Stamps stamps;

    NewLots(
            LotRepository lots,
            TransferRepository transferred,
            Families families,
            Plantings plantings,
            Varieties varieties,
            Rings rings,
            LotSerials serials,
            NumbersAside numbersAside,
            Stamps stamps) {
        this.lots = lots;
        this.transferred = transferred;
        this.families = families;
        this.plantings = plantings;
        this.varieties = varieties;
        this.rings = rings;
        this.serials = serials;
        this.numbersAside = numbersAside;
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
     * Gives a planting's seed its number, before anything is picked into it.
     *
     * @param untagged whether it is fruit of a hand-pollinated planting that nobody tagged, which stays apart
     * @param ringId the ring of suspect seed it is picked from, which stays apart; null for the rest of the planting
     */
    @HandsWork
    @Transactional
    public LotView make(UUID plantingId, UUID ringId, boolean untagged) {
        return make(plantingId, ringId, untagged, "", this::next);
    }

    /** As {@link #make(UUID, UUID, boolean)}, under a number that lay on a phone. */
    @HandsWork
    @Transactional
    LotView make(UUID plantingId, UUID ringId, boolean untagged, String aside) {
        return make(plantingId, ringId, untagged, "", (year, cropName) -> numbersAside.take(aside, year, cropName));
    }

    /**
     * Gives the seed of an older book its number.
     *
     * @param number that was taken before, by {@link #numbers}; null for the next
     * @param oldNumber that it had in that book; empty for none
     */
    @HandsWork
    @Transactional
    public LotView make(UUID plantingId, LotNumber number, String oldNumber) {
        checkOldNumber(oldNumber, null);
        return make(
                plantingId, null, false, oldNumber, (year, cropName) -> number == null ? next(year, cropName) : number);
    }

    /** Two lots that are called alike would be mixed up. @param own the lot that has it rightly; null for a new one */
    void checkOldNumber(String oldNumber, UUID own) {
        if (oldNumber.isEmpty()) {
            return;
        }
        lots.findByOldNumberIgnoreCase(oldNumber).stream()
                .filter(other -> !other.id().equals(own))
                .findFirst()
                .ifPresent(other -> {
                    throw new Refused(
                            "oldNumber",
                            oldNumber,
                            "arrival.oldNumberTaken",
                            "lot",
                            other.view().number());
                });
    }

    private LotView make(
            UUID plantingId,
            UUID ringId,
            boolean untagged,
            String oldNumber,
            BiFunction<Integer, String, LotNumber> numbered) {
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
        lot.oldNumber(oldNumber);
        if (untagged) {
            checkByHand(planting);
            lot.untagged();
            lot.hold("fruit from flowers that nobody tagged: what fathered it is not known", stamps.now());
        } else if (ringId == null) {
            rings.of(plantingId).forEach(ring -> lot.follow(ring, stamps.now()));
        } else {
            lot.hold(fromRing(plantingId, ringId), stamps.now());
        }
        if (lot.holdReason() == null) {
            families.heldBehind(plantingId).ifPresent(held -> lot.hold(grownFrom(held), stamps.now()));
        }
        return lots.save(lot).view();
    }

    /** Gives seed that no planting of these records gave its number. */
    LotView arrived(UUID varietyId, Grade grade, ArrivalFacts facts) {
        VarietyView variety = varieties.get(varietyId);
        return lots.saveAndFlush(new Lot(
                        next(facts.grownIn(), variety.cropName()),
                        variety.id(),
                        facts.grownIn(),
                        grade,
                        facts.oldNumber(),
                        stamps.now()))
                .view();
    }

    /**
     * Seed transferred into a new lot.
     *
     * @param from lots of one variety, each once
     * @param mass grams of each
     * @param moisture of each now; null where it is not known
     */
    public record Portion(LotView from, BigDecimal mass, SeedMoisture moisture) {}

    /**
     * Gives seed that comes of other lots a number of its own. It is of the lowest grade and the oldest season among them.
     *
     * @param portions at least one, the largest first
     * @param reserved grams of it kept for the farm's own sowing, as they were kept of what it comes of
     */
    @HandsWork
    @Transactional
    public LotView transfer(Origin origin, List<Portion> portions, BigDecimal reserved, LocalDate transferredOn) {
        List<LotView> parents = portions.stream().map(Portion::from).toList();
        LotView main = parents.get(0);
        int year = parents.stream().mapToInt(LotView::season).min().orElseThrow();
        Lot lot = new Lot(
                next(year, varieties.get(main.varietyId()).cropName()),
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
        lot.reserve(reserved);
        LotView made = lots.saveAndFlush(lot).view();
        portions.forEach(portion -> transferred.save(new Transfer(
                portion.from().id(), made.id(), transferredOn, portion.mass(), portion.moisture(), stamps.now())));
        transferred.flush();
        return made;
    }

    /** Seed of seed that is on hold is on hold until somebody has decided of it. */
    static String grownFrom(LotView held) {
        String reason = "grown from " + held.number() + ", which is on hold: "
                + held.hold().reason();
        return reason.substring(0, Math.min(reason.length(), MOST_REASON));
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

    /** A number for a mix of several crops or varieties, among those of lots, so that none is used twice. */
    @HandsWork
    @Transactional
    public LotNumber ofMix(int year) {
        return next(year, "Mix");
    }

    private LotNumber next(int year, String cropName) {
        return serials.issue(year, cropName, 1).get(0);
    }

    /**
     * Numbers for many lots, taken at once and for good, so that nobody who numbers a lot meanwhile waits until the many are
     * kept. Those that are not used then are never used.
     */
    @GrowersWork
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public List<LotNumber> numbers(int year, String cropName, int many) {
        return serials.issue(year, cropName, many);
    }
}
