package theriseed.server.ground;

import java.util.Locale;

/** The kinds of shape a farm's map holds. */
public enum OnMap {
    PLOT,
    BED,
    BARRIER,
    NEIGHBOUR;

    /** As it is written in files and kept corrections. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
