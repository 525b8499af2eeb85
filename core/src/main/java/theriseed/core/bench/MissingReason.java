package theriseed.core.bench;

/** Why mass went missing in a step, in kinds that can be counted. What nobody weighed is not missing. */
public enum MissingReason {
    NOT_WEIGHED,
    SPILT,
    BLOWN_OFF,
    LEFT_BEHIND,
    EATEN,
    MISTYPED,
    MOISTURE,
    OTHER
}
