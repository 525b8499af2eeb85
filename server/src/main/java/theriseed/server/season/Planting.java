package theriseed.server.season;

import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.core.bloom.BloomSeen;
import theriseed.core.bloom.FarmYear;
import theriseed.core.crop.Crop;
import theriseed.core.crop.LifeCycle;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.Recorded;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamp;

/** A variety on the ground in a season: in the plan, or in a scheme that tries another plan. */
@Entity
class Planting extends Recorded {
    private int season;

    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    @JoinColumn(name = "variety_id")
    private Variety variety;

    @Embedded
    private Where ground;

    @Embedded
    private Aim aim;

    @Embedded
    private PlantingDays days;

    @Embedded
    private Sowing sowing;

    @Embedded
    private Keeping keeping;

    private String restOverruled;
    private LocalDate firstFlowerOn;

    @Embedded
    private Looked looked;

    private boolean coverLeaked;
    private boolean givenUp;
    private UUID schemeId;
    private UUID copiedFrom;
    private Integer copiedVersion;

    protected Planting() {}

    Planting(Variety variety, Crop crop, PlantingFacts facts, FarmYear year, UUID schemeId, Stamp stamp) {
        super(stamp);
        this.variety = variety;
        this.schemeId = schemeId;
        change(crop, facts, year);
    }

    /** The same planting in a scheme. */
    Planting(Planting original, UUID schemeId, Stamp stamp) {
        super(stamp);
        this.variety = original.variety;
        this.schemeId = schemeId;
        this.copiedFrom = original.id();
        this.copiedVersion = original.version();
        this.firstFlowerOn = original.firstFlowerOn;
        this.coverLeaked = original.coverLeaked;
        take(original.facts());
    }

    final void change(Crop crop, PlantingFacts facts, FarmYear year) {
        if (facts.aim().forSeed()) {
            variety.checkComesTrue();
            if (!crop.grownFromSeed()) {
                throw new Refused("purpose", facts.aim().purpose(), "planting.keptByTubers", "crop", crop.name());
            }
            if (!facts.aim().flowers()) {
                throw new Refused("flowers", false, "planting.mustFlower");
            }
        }
        PlantingDays when = facts.days();
        if (facts.aim().purpose() == Purpose.PLANTING_STOCK) {
            checkStock(crop, when);
        }
        if (crop.lifeCycle() == LifeCycle.BIENNIAL
                && !year.winter(facts.season(), when.sownOn()).isAfter(when.sownOn())) {
            throw new Refused("sownOn", when.sownOn(), "planting.biennial", "crop", crop.name());
        }
        if (when.liftedOn() != null && crop.lifeCycle() != LifeCycle.BIENNIAL) {
            throw new Refused("liftedOn", when.liftedOn(), "planting.onlyRootsLifted");
        }
        SeasonDates.of(crop.lifeCycle(), facts.season(), year)
                .checkPlanting(when.sownOn(), when.setOutOn(), when.liftedOn(), when.replantedOn(), when.clearedOn());
        when.growing(null, BloomSeen.NOTHING);
        facts.sowing().check();
        facts.keeping().check();
        take(facts);
    }

    static void checkStock(Crop crop, PlantingDays when) {
        if (crop.lifeCycle() != LifeCycle.CLONAL) {
            throw new Refused("purpose", Purpose.PLANTING_STOCK, "planting.keptBySeed", "crop", crop.name());
        }
        if (when.clearedOn() == null) {
            throw new Refused("clearedOn", "nothing", "planting.stockLifted");
        }
    }

    private void take(PlantingFacts facts) {
        this.season = facts.season();
        this.ground = facts.where();
        this.aim = facts.aim();
        this.days = facts.days();
        this.sowing = facts.sowing();
        this.keeping = facts.keeping();
        this.restOverruled = facts.restOverruled().strip();
    }

    /** The first flower was seen; what was forecast gives way to it. */
    void flowered(LocalDate day) {
        SeasonDates.check("seenOn", day, days.sownOn().plusDays(1), LocalDate.of(season + 1, 3, 31));
        this.firstFlowerOn = day;
    }

    void coverLeaked(boolean leaked) {
        this.coverLeaked = leaked;
    }

    boolean coverLeaked() {
        return coverLeaked;
    }

    void giveUp(boolean givenUp) {
        this.givenUp = givenUp;
    }

    Variety variety() {
        return variety;
    }

    LocalDate firstFlowerOn() {
        return firstFlowerOn;
    }

    boolean givenUp() {
        return givenUp;
    }

    UUID schemeId() {
        return schemeId;
    }

    UUID copiedFrom() {
        return copiedFrom;
    }

    /** Whether the planting it was copied from is still as it was then. */
    boolean isCopyOf(Planting original) {
        return copiedVersion == original.version();
    }

    PlantingFacts facts() {
        return new PlantingFacts(season, variety.id(), ground, aim, days, sowing, keeping, restOverruled);
    }

    Member member() {
        return new Member(id(), version(), variety, facts(), firstFlowerOn, looked, coverLeaked);
    }

    /** What a correction compares. */
    Map<String, Object> correctable(String groundName, String rootsName) {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("season", season);
        facts.put("ground", groundName);
        facts.put("roots", rootsName);
        facts.put("purpose", aim.purpose());
        facts.put("grade", aim.grade());
        facts.put("flowers", aim.flowers());
        facts.put("sownOn", days.sownOn());
        facts.put("setOutOn", days.setOutOn());
        facts.put("liftedOn", days.liftedOn());
        facts.put("replantedOn", days.replantedOn());
        facts.put("clearedOn", days.clearedOn());
        facts.put("plants", sowing.plants());
        facts.put("inRow", sowing.inRow());
        facts.put("betweenRows", sowing.betweenRows());
        facts.put("germination", sowing.germination());
        facts.put("selected", sowing.selected());
        facts.put("control", keeping.control());
        facts.put("everyFlower", keeping.everyFlower());
        facts.put("dropped", keeping.dropped());
        facts.put("volunteersPulled", keeping.volunteersPulled());
        facts.put("turns", keeping.turns());
        facts.put("flowersFrom", keeping.flowersFrom());
        facts.put("flowersUntil", keeping.flowersUntil());
        facts.put("restOverruled", restOverruled);
        facts.put("firstFlowerOn", firstFlowerOn);
        facts.put("coverLeaked", coverLeaked);
        facts.put("givenUp", givenUp);
        return facts;
    }
}
