package theriseed.server.account;

/** Readable in sun, or dim for the shed. */
public enum Theme {
    DAYLIGHT,
    LAMP
}
