package theriseed.core.bench;

/** Why mass went missing in a step, in kinds that can be counted. */
public enum MissingReason {
    SPILT,
    BLOWN_OFF,
    LEFT_BEHIND,
    EATEN,
    MISTYPED,
    MOISTURE,
    OTHER
}
