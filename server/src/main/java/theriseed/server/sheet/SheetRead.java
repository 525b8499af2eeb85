package theriseed.server.sheet;

import java.util.List;
import theriseed.server.base.Maybe;

/**
 * What a file does to the farm.
 *
 * @param made new records, {@code changed} and {@code same} ones, and {@code refused} lines
 * @param lines those that are refused first, then those that do something; at most a thousand
 * @param notes what else should be known of it
 * @param kept whether it was done; never when a line is refused
 * @param how it was read; no line is looked at while a column it needs is missing
 */
public record SheetRead(
        int made,
        int changed,
        int same,
        int refused,
        List<SheetLine> lines,
        List<String> notes,
        boolean kept,
        HowRead how) {

    /**
     * One line.
     *
     * @param line of the file, from 1
     * @param what stands in its first cells
     * @param column that is refused, {@code value} in it, and {@code why}
     */
    public record SheetLine(
            int line,
            String what,
            boolean refused,
            boolean made,
            @Maybe String column,
            @Maybe String value,
            @Maybe String why) {}
}
