package theriseed.server.lot;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.lot.LotNumber;
import theriseed.server.base.HandsWork;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;

/**
 * Lot numbers set aside for each phone, so that seed picked without a signal has its number at once and no two phones give
 * the same. A number that a phone never uses is never given.
 */
@Service
class NumbersAside {
    /** More are seldom picked of a crop between two signals. */
    private static final int EACH = 3;

    private final NumberAsideRepository aside;
    private final LotSerials serials;
    private final Plantings plantings;
    private final Stamps stamps;

    NumbersAside(NumberAsideRepository aside, LotSerials serials, Plantings plantings, Stamps stamps) {
        this.aside = aside;
        this.serials = serials;
        this.plantings = plantings;
        this.stamps = stamps;
    }

    /** Numbers that lie on a phone for lots of a planting's crop and season, three of them. */
    @HandsWork
    @Transactional
    public List<String> on(UUID phone, UUID plantingId) {
        PlantingView planting = plantings.get(plantingId);
        String cropName = planting.variety().cropName();
        String code = LotNumber.cropCode(cropName);
        List<NumberAside> there =
                new ArrayList<>(aside.findByPhoneAndSeasonAndCropCodeOrderByFolded(phone, planting.season(), code));
        if (there.size() < EACH) {
            serials.issue(planting.season(), cropName, EACH - there.size())
                    .forEach(number -> there.add(
                            aside.save(new NumberAside(number, planting.season(), code, phone, stamps.now()))));
        }
        return there.stream().map(NumberAside::number).toList();
    }

    /**
     * Takes a number that a phone gave.
     *
     * @throws Refused when it lay on no phone for such a lot, or was given already
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public LotNumber take(String typed, int season, String cropName) {
        return aside.removeByFolded(LotNumber.read(typed)).stream()
                .filter(one -> one.fits(season, LotNumber.cropCode(cropName)))
                .findFirst()
                .map(one -> new LotNumber(one.number()))
                .orElseThrow(() -> new Refused("number", typed, "lot.numberNotAside", "lot", typed));
    }
}
