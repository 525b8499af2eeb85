package theriseed.server.stall;

import java.time.LocalDate;
import java.util.UUID;
import org.springframework.stereotype.Component;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.FarmTime;
import theriseed.server.base.Refused;
import theriseed.server.farm.Farms;
import theriseed.server.handbook.Crops;
import theriseed.server.harvest.Harvests;
import theriseed.server.lot.LotView;
import theriseed.server.season.Grown;
import theriseed.server.season.Plantings;
import theriseed.server.season.Varieties;

/** Which seed can have been sown in a planting, and when. */
@Component
public class SowingRules {
    private final Plantings plantings;
    private final Varieties varieties;
    private final Harvests harvests;
    private final Crops crops;
    private final Farms farms;
    private final FarmTime time;

    SowingRules(Plantings plantings, Varieties varieties, Harvests harvests, Crops crops, Farms farms, FarmTime time) {
        this.plantings = plantings;
        this.varieties = varieties;
        this.harvests = harvests;
        this.crops = crops;
        this.farms = farms;
        this.time = time;
    }

    /** Seed of the planting's variety, or, where it is a line that is bred out of another, of its crop. */
    void check(LotView lot, UUID plantingId, LocalDate sownOn) {
        Grown planting = check(plantingId, "takenOn", sownOn);
        boolean same = lot.varietyId().equals(planting.varietyId());
        if (!same && !(planting.breedingOut() && cropOf(lot).equals(planting.cropKey()))) {
            throw new Refused(
                    "plantingId",
                    planting.varietyName(),
                    "sown.otherVariety",
                    "lot",
                    lot.number(),
                    "variety",
                    planting.varietyName());
        }
    }

    /**
     * A planting of the plan, on a day on which it can have been sown: not before its season's sowing begins, and before
     * seed of it was picked; so no seed can have come of itself.
     */
    public Grown check(UUID plantingId, String field, LocalDate sownOn) {
        Grown planting = plantings.grown(plantingId);
        if (!planting.planned()) {
            throw new Refused(
                    "plantingId", planting.varietyName(), "sown.notInPlan", "variety", planting.varietyName());
        }
        LocalDate latest = harvests.firstPicked(plantingId)
                .map(picked -> picked.minusDays(1))
                .filter(time.today()::isAfter)
                .orElse(time.today());
        LocalDate earliest = SeasonDates.of(crops.get(planting.cropKey()).lifeCycle(), planting.season(), farms.year())
                .earliestSowing();
        SeasonDates.check(field, sownOn, earliest, latest);
        return planting;
    }

    private String cropOf(LotView lot) {
        return varieties.cropKey(lot.varietyId());
    }

    /** A planting in a few words, for what is kept of corrections; empty for none. */
    public String words(UUID plantingId) {
        if (plantingId == null) {
            return "";
        }
        Grown planting = plantings.grown(plantingId);
        return planting.varietyName() + " " + planting.season();
    }
}
