package theriseed.core.season;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.bloom.FarmYear;
import theriseed.core.crop.Crop;
import theriseed.core.crop.LifeCycle;
import theriseed.core.crop.Stage;
import theriseed.core.season.SeasonWork.Plan;

/** The days on which a planting reaches the points of its life, as planned. Rough: a week either way. */
final class PlantLife {
    private static final int BIENNIAL_ROSETTE_DAYS = 35;
    private static final int SET_OUT_AFTER_DAYS = 28;
    private static final int CURED_AFTER_DAYS = 30;
    private static final int GROWS_BEFORE_FLOWERING_DAYS = 28;

    /** Scapes of what is kept by its bulbs come about a month before it is lifted. */
    private static final int SCAPE_BEFORE_LIFTING_DAYS = 30;

    private final Plan plan;
    private final Crop crop;
    private final LocalDate winter;

    PlantLife(Plan plan) {
        this.plan = plan;
        this.crop = plan.crop();
        this.winter = plan.year().winter(plan.season(), plan.sown());
    }

    /** The day of a stage, or of what is done at one. */
    LocalDate day(Stage.When when) {
        return day(when.anchor()).plusDays(when.daysAfter());
    }

    private LocalDate day(Stage.Anchor anchor) {
        return switch (anchor) {
            case EMERGENCE -> emergence();
            case TRANSPLANTING -> plan.setOut().orElse(emergence().plusDays(SET_OUT_AFTER_DAYS));
            case ROSETTE ->
                overwinters() ? emergence().plusDays(BIENNIAL_ROSETTE_DAYS) : between(emergence(), bolting(), 0.6);
            case AUTUMN -> FarmYear.autumn(winter);
            case LIFTING -> lifting();
            case STORE -> crop.family().equals("Amaryllidaceae") ? lifting().plusDays(CURED_AFTER_DAYS) : lifting();
            case SPRING_REGROWTH -> plan.replanted().orElse(regrowth());
            case REPLANTING ->
                crop.lifeCycle() == LifeCycle.CLONAL
                        ? plan.sown()
                        : plan.replanted().orElse(regrowth());
            case BOLTING -> bolting();
            case FIRST_FLOWER -> firstFlower();
            case FULL_BLOOM -> firstFlower().plusDays(fullBloom());
            case FRUIT_SET -> ripening(0.31);
            case IMMATURE_FRUIT -> ripening(0.36);
            case MATURE_FRUIT -> ripening(0.8);
            case SEED_RIPE -> firstFlower().plusDays(crop.daysFlowerToRipeSeed());
        };
    }

    private boolean overwinters() {
        return (crop.lifeCycle().flowersAfterWinter() || crop.goesThroughWinter())
                && plan.sown().isBefore(winter);
    }

    private LocalDate emergence() {
        return plan.sown().plusDays(Math.max(3, crop.firstCountDay()));
    }

    private LocalDate lifting() {
        return plan.lifted()
                .or(() -> crop.lifeCycle() == LifeCycle.CLONAL ? plan.cleared() : plan.lifted())
                .orElse(FarmYear.lifting(winter));
    }

    /** Where winters are mild, an annual that goes through them does not wait for their end to flower. */
    private LocalDate regrowth() {
        LocalDate usual = plan.year().regrowth(winter);
        LocalDate latest = firstFlower().minusDays(GROWS_BEFORE_FLOWERING_DAYS);
        return crop.goesThroughWinter() && usual.isAfter(latest) ? latest : usual;
    }

    private LocalDate bolting() {
        if (plan.bloom().isEmpty()) {
            return lifting().minusDays(SCAPE_BEFORE_LIFTING_DAYS);
        }
        return overwinters()
                ? between(plan.replanted().orElse(regrowth()), firstFlower(), 0.7)
                : between(plan.sown(), firstFlower(), 0.8);
    }

    private LocalDate firstFlower() {
        return plan.bloom().map(BloomWindow::first).orElseGet(() -> between(plan.sown(), lifting(), 0.5));
    }

    private long fullBloom() {
        return Math.round(Math.min(crop.floweringDays() / 3.0, 0.3 * crop.daysFlowerToRipeSeed()));
    }

    private LocalDate ripening(double share) {
        return firstFlower().plusDays(Math.round(share * crop.daysFlowerToRipeSeed()));
    }

    private static LocalDate between(LocalDate from, LocalDate to, double share) {
        return from.plusDays(Math.round(share * ChronoUnit.DAYS.between(from, to)));
    }
}
