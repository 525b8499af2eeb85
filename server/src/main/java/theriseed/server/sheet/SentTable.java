package theriseed.server.sheet;

import java.util.List;

/**
 * A file as rows of text cells, before anybody knows what its columns are.
 *
 * @param encoding of its text, and {@code partedBy} what parts its cells; both null for a workbook
 * @param tabs of a workbook; none for text
 * @param tab that is read; null for text
 */
record SentTable(List<Row> rows, String encoding, String partedBy, List<String> tabs, String tab) {
    /** Rows that a file may have before its headings, and these themselves. */
    static final int BEFORE_HEADINGS = 21;

    /** @param number of the line in the file, from 1, where it begins */
    record Row(int number, List<String> cells) {
        boolean blank() {
            return cells.stream().allMatch(String::isBlank);
        }

        String cell(int index) {
            return index < cells.size() ? cells.get(index) : "";
        }
    }
}
