package theriseed.core.crop;

/** How seed leaves what it grew in: out of wet flesh, out of dry pods and heads, or out of fruit that may be dried. */
public enum SeedProcess {
    WET,
    DRY,
    DRY_FRUIT
}
