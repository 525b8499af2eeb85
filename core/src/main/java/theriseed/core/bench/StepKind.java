package theriseed.core.bench;

/** What is done to a lot at the bench, with what it usually leaves behind. */
public enum StepKind {
    EXTRACT(true, 92),
    FERMENT(true, 92),
    SOAK(true, 92),
    CHEMICAL_WASH(true, 92),
    RINSE(true, 50),
    DRY(false, 8),
    THRESH(false, 11),
    SCREEN(false, 9),
    WINNOW(false, 9),
    HAND_PICK(false, 8),
    FREEZE(false, 8);

    private final boolean wet;
    private final double usualMoistureAfter;

    StepKind(boolean wet, double usualMoistureAfter) {
        this.wet = wet;
        this.usualMoistureAfter = usualMoistureAfter;
    }

    /** Whether water may be added in it. */
    public boolean wet() {
        return wet;
    }

    /** Moisture taken for what it leaves when none was measured, percent; a drawing aid, never a measured figure. */
    public double usualMoistureAfter() {
        return usualMoistureAfter;
    }

    /** Where a lot stands while it is done, or waits for it. */
    public enum Shelf {
        WET,
        DRYING,
        CLEANING
    }

    public Shelf shelf() {
        return wet ? Shelf.WET : this == DRY ? Shelf.DRYING : Shelf.CLEANING;
    }

    /** Whether it is begun on one day and ended on another, not done at one go. */
    public boolean takesTime() {
        return this == FERMENT || this == DRY || this == SOAK || this == CHEMICAL_WASH || this == FREEZE;
    }

    /** Whether it is read while it is under way: temperature, weight. */
    public boolean isRead() {
        return this == FERMENT || this == DRY;
    }

    /** Whether something is set in it, screen, fan, drum or water, that can be set wrong. */
    public boolean isSet() {
        return this == RINSE || this == THRESH || sorts();
    }

    /** Whether it sorts seed, so that what stays is no longer what was sampled before. */
    public boolean sorts() {
        return this == SCREEN || this == WINNOW || this == HAND_PICK;
    }

    /** Whether mass can leave it only as something that could be weighed: nothing wets and nothing dries. */
    public boolean keepsMoisture() {
        return !wet && this != DRY;
    }

    /** The same of fruit that is opened, squeezed or ground, as long as no water is added. */
    public boolean keepsMass(boolean waterAdded) {
        return keepsMoisture() || this == EXTRACT && !waterAdded;
    }
}
