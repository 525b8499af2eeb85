package theriseed.server.sheet;

/**
 * A column of a sheet.
 *
 * @param says what stands in it
 * @param needed whether a new line needs it
 */
record Column(String name, String says, boolean needed) {
    static Column needed(String name, String says) {
        return new Column(name, says, true);
    }

    static Column of(String name, String says) {
        return new Column(name, says, false);
    }
}
