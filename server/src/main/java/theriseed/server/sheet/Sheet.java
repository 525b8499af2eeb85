package theriseed.server.sheet;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** A list of the farm as a table. What is written out and read again changes nothing. */
interface Sheet {
    /** As the file is called. */
    String name();

    List<Column> columns();

    /** The columns of what services call otherwise when they refuse it, by their name for it. */
    default Map<String, String> called() {
        return Map.of();
    }

    /** How many lines are read at once, so that nobody waits for minutes. */
    default int most() {
        return 100_000;
    }

    /** Its lines, a cell for each column; null where nothing stands. */
    Stream<List<Object>> lines();

    /** Whether each line can be tried without those before it having been done: what they use up, the taker remembers. */
    default boolean linesStandAlone() {
        return false;
    }

    /**
     * Begins to read a file.
     *
     * @param all its lines, for what they need to be looked up at once
     * @param keep whether it is to be kept, and not only tried
     */
    Taker taker(List<Line> all, boolean keep);

    /** Records that lines come to together. */
    record Counted(int made, int changed, int same) {
        static final Counted NONE = new Counted(0, 0, 0);
    }

    /** Takes the lines of one file, one after the other. */
    interface Taker {
        /**
         * Does what a line says.
         *
         * @throws theriseed.server.base.Refused or {@link theriseed.core.measure.OutOfRange}, naming the column, where it
         *     cannot be done
         */
        Effect take(Line line);

        /** Does what only all lines together say; none of them was refused. @return what that comes to */
        default Counted all() {
            return Counted.NONE;
        }

        /** What whoever sent the file should know although no line is refused. */
        default List<String> notes() {
            return List.of();
        }
    }
}
