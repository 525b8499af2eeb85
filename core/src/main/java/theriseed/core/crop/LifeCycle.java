package theriseed.core.crop;

/** How many seasons a crop takes to seed. */
public enum LifeCycle {
    ANNUAL,
    BIENNIAL,
    PERENNIAL,
    CLONAL;

    /** Whether it flowers only after a winter; then thermal time counts from spring regrowth. */
    public boolean flowersAfterWinter() {
        return this == BIENNIAL || this == PERENNIAL;
    }
}
