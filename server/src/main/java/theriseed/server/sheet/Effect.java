package theriseed.server.sheet;

/** What a line of a sheet does. */
enum Effect {
    NEW,
    CHANGED,
    SAME,
    REFUSED
}
