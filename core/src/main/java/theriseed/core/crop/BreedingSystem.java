package theriseed.core.crop;

/** How seed is fathered: by the plant itself, by others, or by both. */
public enum BreedingSystem {
    SELFING,
    MIXED,
    OUTCROSSING
}
