package theriseed.server.base;

/** Somebody else changed the record since it was read; carries it as it stands now, so that neither version is lost. */
public class Clash extends RuntimeException {
    private final transient Object current;

    private Clash(Object current) {
        super("Somebody else changed this while you had it open. Both versions are below; nothing is lost.");
        this.current = current;
    }

    /** Refuses to change a record that is not the one that was read. */
    public static void check(Recorded record, int versionRead, Object current) {
        if (record.version() != versionRead) {
            throw new Clash(current);
        }
    }

    public Object current() {
        return current;
    }
}
