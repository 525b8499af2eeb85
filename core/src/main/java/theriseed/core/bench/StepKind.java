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

    /** Whether it sorts seed, so that what stays is no longer what was sampled before. */
    public boolean sorts() {
        return this == SCREEN || this == WINNOW || this == HAND_PICK;
    }

    /** Whether mass can leave it only as something that could be weighed: nothing wets and nothing dries. */
    public boolean keepsMoisture() {
        return !wet && this != DRY;
    }
}
