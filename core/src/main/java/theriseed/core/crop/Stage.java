package theriseed.core.crop;

import java.time.LocalDate;
import java.util.Optional;

/**
 * A stage of a crop at which its rows are walked.
 *
 * @param name what it is called
 * @param lookFor what shows then
 * @param at when it is reached
 * @param grown how the crop is grown that reaches it
 * @param beforePollen whether it must be walked before the stand as a whole sheds pollen
 */
public record Stage(String name, String lookFor, When at, Grown grown, boolean beforePollen) {
    /** A point in the life of a plant. */
    public enum Anchor {
        EMERGENCE,
        TRANSPLANTING,
        ROSETTE,
        AUTUMN,
        LIFTING,
        STORE,
        SPRING_REGROWTH,
        REPLANTING,
        BOLTING,
        FIRST_FLOWER,
        FULL_BLOOM,
        FRUIT_SET,
        IMMATURE_FRUIT,
        MATURE_FRUIT,
        SEED_RIPE
    }

    /** How a crop is grown. */
    public enum Grown {
        ALL,
        ANNUAL,
        /** A biennial that stays in the ground over winter. */
        SEED_TO_SEED,
        /** A biennial that is lifted and planted again. */
        ROOT_TO_SEED,
        PERENNIAL,
        CLONAL
    }

    /** So many days after a point in the life of a plant; before it where negative. */
    public record When(Anchor anchor, int daysAfter) {}

    /** Whether a crop reaches it that is grown so. */
    boolean of(LifeCycle lifeCycle, Optional<LocalDate> lifted) {
        Grown way = switch (lifeCycle) {
            case ANNUAL -> Grown.ANNUAL;
            case BIENNIAL -> lifted.isPresent() ? Grown.ROOT_TO_SEED : Grown.SEED_TO_SEED;
            case PERENNIAL -> Grown.PERENNIAL;
            case CLONAL -> Grown.CLONAL;
        };
        return grown == Grown.ALL || grown == way;
    }
}
