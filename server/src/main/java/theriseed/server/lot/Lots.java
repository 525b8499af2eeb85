package theriseed.server.lot;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Page;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.lot.LotNumber;
import theriseed.core.measure.Range;
import theriseed.server.base.Corrections;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.PageOf;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.season.PlantingGivenUp;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;
import theriseed.server.season.Purpose;

/** Numbers lots, finds them, holds and releases them. */
@Service
public class Lots {
    private final LotRepository lots;
    private final Plantings plantings;
    private final Corrections corrections;
    private final Stamps stamps;

    Lots(LotRepository lots, Plantings plantings, Corrections corrections, Stamps stamps) {
        this.lots = lots;
        this.plantings = plantings;
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
                    "a planting without lots",
                    "Lot " + lot.view().number() + " came from this planting.");
        });
    }

    /**
     * The lot with this number.
     *
     * @throws theriseed.core.measure.OutOfRange when the check character says that it is mistyped
     */
    @Transactional(readOnly = true)
    public LotView get(String typed) {
        return lots.findByFolded(LotNumber.read(typed)).map(Lot::view).orElseThrow(NotFound.of("lot"));
    }

    /** The lots of these varieties, oldest first. */
    @Transactional(readOnly = true)
    public List<LotView> ofVarieties(Collection<UUID> varieties) {
        return lots.findByVarietyIdInOrderBySeasonAscNumberAsc(varieties).stream()
                .map(Lot::view)
                .toList();
    }

    @Transactional(readOnly = true)
    public LotView byId(UUID id) {
        return lots.findById(id).map(Lot::view).orElseThrow(NotFound.of("lot"));
    }

    /** As {@link #get}, but nobody else can take from the lot until the transaction ends. */
    @Transactional
    public LotView lock(String typed) {
        return lots.lockByFolded(LotNumber.read(typed)).map(Lot::view).orElseThrow(NotFound.of("lot"));
    }

    @Transactional(readOnly = true)
    public PageOf<LotView> page(int page, int size) {
        Page<Lot> found = lots.findAllByOrderBySeasonDescNumberAsc(PageOf.request(page, size));
        return PageOf.of(found, found.map(Lot::view).toList());
    }

    /** Lots whose number holds these signs, newest first, at most twenty. */
    @Transactional(readOnly = true)
    public List<LotView> holding(String signs) {
        return lots.findTop20ByFoldedContainingOrderBySeasonDescNumberAsc(signs).stream()
                .map(Lot::view)
                .toList();
    }

    @Transactional(readOnly = true)
    public List<LotView> of(Collection<UUID> plantingIds) {
        return lots.findByPlantingIdInOrderByNumber(plantingIds).stream()
                .map(Lot::view)
                .toList();
    }

    @Transactional(readOnly = true)
    public List<LotView> since(int season) {
        return lots.findBySeasonGreaterThanEqualOrderByNumber(season).stream()
                .map(Lot::view)
                .toList();
    }

    /** Gives a planting's seed its number, before anything is picked into it. */
    @HandsWork
    @Transactional
    public LotView make(UUID plantingId) {
        PlantingView planting = plantings.get(plantingId);
        if (planting.purpose() != Purpose.SEED) {
            throw new Refused(
                    "plantingId",
                    planting.variety().name(),
                    "a planting for seed",
                    planting.variety().name() + " on " + planting.plotName() + " is grown to eat, not for seed.");
        }
        LotNumber number = next(planting.season(), planting.variety().cropName());
        return lots.save(new Lot(
                        number, plantingId, planting.variety().id(), planting.season(), planting.grade(), stamps.now()))
                .view();
    }

    private LotNumber next(int year, String cropName) {
        Optional<LotNumber> number = Optional.empty();
        while (number.isEmpty()) {
            number = LotNumber.issue(year, cropName, lots.nextSerial(year, LotNumber.cropCode(cropName)));
        }
        return number.get();
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

    @HandsWork
    @Transactional
    public void labelPrinted(String typed) {
        Lot lot = lots.lockByFolded(LotNumber.read(typed)).orElseThrow(NotFound.of("lot"));
        lot.labelPrinted(stamps.now().at());
    }
}
