package theriseed.server.sheet;

import java.util.List;
import theriseed.server.base.Maybe;

/**
 * How a file is read, so that it can be said otherwise.
 *
 * @param encoding of its text; absent for a workbook, as is {@code partedBy}
 * @param unsure which of {@code decimals} and {@code days} could be otherwise; it is not kept until somebody said
 * @param tabs of a workbook, and the {@code tab} that is read
 * @param headings as they stand in its line {@code headedIn}
 * @param missing columns that new lines need and that neither a heading nor anybody says
 */
public record HowRead(
        @Maybe String encoding,
        @Maybe String partedBy,
        Writing.Decimals decimals,
        Writing.Days days,
        List<String> unsure,
        List<String> tabs,
        @Maybe String tab,
        int headedIn,
        List<Heading> headings,
        List<String> missing) {

    /**
     * A column of the file.
     *
     * @param called as its heading says
     * @param first what stands in its first cells
     * @param column that it is; absent where it is left out
     * @param unit that its numbers are in, of those of {@code units}; absent where they have none
     * @param remembered whether that was said of this heading before
     */
    public record Heading(
            String called,
            List<String> first,
            @Maybe String column,
            @Maybe Unit unit,
            List<Unit> units,
            boolean remembered) {}
}
