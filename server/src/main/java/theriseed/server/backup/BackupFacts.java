package theriseed.server.backup;

/**
 * How backups are made.
 *
 * @param everyHours 1 to 168
 * @param keep how many stay, 2 to 365
 * @param elsewhere a folder named {@code theriseed-backups} where a copy of each is put, on another disk; empty for none
 */
record BackupFacts(int everyHours, int keep, String elsewhere) {
    /** Until somebody says otherwise. */
    static final BackupFacts USUAL = new BackupFacts(24, 14, "");
}
