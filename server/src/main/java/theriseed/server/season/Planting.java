package theriseed.server.season;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Grade;
import theriseed.core.measure.Range;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.Recorded;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamp;

/** A variety on a plot in a season. */
@Entity
class Planting extends Recorded {
    private int season;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    @JoinColumn(name = "variety_id")
    private Variety variety;

    private UUID plotId;

    @Enumerated(EnumType.STRING)
    private Purpose purpose;

    @Enumerated(EnumType.STRING)
    private Grade grade;

    private boolean flowers;
    private LocalDate sownOn;
    private LocalDate setOutOn;
    private int plants;
    private double germination;

    protected Planting() {}

    Planting(Variety variety, Crop crop, PlantingFacts facts, Stamp stamp) {
        super(stamp);
        this.variety = variety;
        change(crop, facts);
    }

    final void change(Crop crop, PlantingFacts facts) {
        if (facts.purpose() == Purpose.SEED) {
            variety.checkComesTrue();
            if (!crop.grownFromSeed()) {
                throw new Refused(
                        "purpose",
                        facts.purpose(),
                        "eating",
                        crop.name() + " is kept by its tubers or bulbs, not by seed.");
            }
            if (!facts.flowers()) {
                throw new Refused("flowers", false, "true", "A seed crop must flower.");
            }
        }
        SeasonDates.of(crop.lifeCycle(), facts.season()).checkPlanting(facts.sownOn(), facts.setOutOn());
        this.season = facts.season();
        this.plotId = facts.plotId();
        this.purpose = facts.purpose();
        this.grade = facts.grade();
        this.flowers = facts.flowers();
        this.sownOn = facts.sownOn();
        this.setOutOn = facts.setOutOn();
        this.plants = Range.of(1, 1_000_000, "plants").check("plants", facts.plants());
        this.germination = Range.above(0, 100, "%").check("germination", facts.germination());
    }

    Variety variety() {
        return variety;
    }

    PlantingFacts facts() {
        return new PlantingFacts(
                season, variety.id(), plotId, purpose, grade, flowers, sownOn, setOutOn, plants, germination);
    }

    Map<String, Object> correctable(String plotName) {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("season", season);
        facts.put("plot", plotName);
        facts.put("purpose", purpose);
        facts.put("grade", grade);
        facts.put("flowers", flowers);
        facts.put("sownOn", sownOn);
        facts.put("setOutOn", setOutOn);
        facts.put("plants", plants);
        facts.put("germination", germination);
        return facts;
    }
}
