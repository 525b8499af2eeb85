package theriseed.server.sheet;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * A column of a sheet.
 *
 * @param says what stands in it
 * @param isNeeded whether a new line needs it
 * @param alike what it is headed elsewhere
 */
record Column(String name, Holds holds, String says, boolean isNeeded, List<String> alike) {

    /** What stands in its cells. */
    enum Holds {
        TEXT,

        /** A number, or several with blanks between them. */
        NUMBERS,

        DAY,

        /** Text that several columns of a file may add to. */
        NOTE
    }

    static Column needed(String name, String says) {
        return new Column(name, Holds.TEXT, says, true, List.of());
    }

    static Column of(String name, String says) {
        return new Column(name, Holds.TEXT, says, false, List.of());
    }

    static Column numbers(String name, String says) {
        return new Column(name, Holds.NUMBERS, says, false, List.of());
    }

    static Column day(String name, String says) {
        return new Column(name, Holds.DAY, says, false, List.of());
    }

    static Column note(String name, String says) {
        return new Column(name, Holds.NOTE, says, false, List.of("notes", "remark", "remarks", "comment", "comments"));
    }

    Column needed() {
        return new Column(name, holds, says, true, alike);
    }

    /** @param headings as other books have them, in small letters with _ between words */
    Column alike(String... headings) {
        return new Column(name, holds, says, isNeeded, Arrays.asList(headings));
    }

    /** What its numbers are measured in; nothing for counts and shares. */
    Optional<Unit> unit() {
        return holds == Holds.NUMBERS ? Unit.endOf(name) : Optional.empty();
    }
}
