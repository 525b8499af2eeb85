package theriseed.server.sheet;

/** What a line of a sheet does. */
enum Effect {
    NEW,
    CHANGED,
    SAME,

    /** Part of a record that several lines tell; it counts with them. */
    PART,
    REFUSED
}
