package theriseed.server.account;

/** Readable in sun, or dim for the shed. */
public enum Theme {
    /** As the device of whoever looks is set. */
    SYSTEM,
    DAYLIGHT,
    LAMP
}
