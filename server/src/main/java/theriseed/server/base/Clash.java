package theriseed.server.base;

/** Somebody else changed the record since it was read; carries it as it stands now, so that neither version is lost. */
public class Clash extends RuntimeException {
    /** The version of what is not there yet. */
    public static final int NONE = -1;

    private final transient Object current;

    private Clash(String why, Object current) {
        super(why);
        this.current = current;
    }

    /** Refuses to change a record that is not the one that was read. */
    public static void check(Recorded record, int versionRead, Object current) {
        check(record.version(), versionRead, current);
    }

    /** The same for a setting that may not have been made yet, which is version {@value #NONE}. */
    public static void check(int version, int versionRead, Object current) {
        if (version != versionRead) {
            throw new Clash(
                    "Somebody else changed this while you had it open. Both versions are below; nothing is lost.",
                    current);
        }
    }

    /** Something else was kept already under the id that this was sent with. */
    static Clash ofRequests(Object kept) {
        return new Clash(
                "What you sent before had arrived and is kept; this is different. If both are true, send this again.",
                kept);
    }

    public Object current() {
        return current;
    }
}
