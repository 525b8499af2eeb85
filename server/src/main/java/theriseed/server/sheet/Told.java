package theriseed.server.sheet;

import java.nio.charset.Charset;
import java.util.List;
import java.util.Map;
import theriseed.server.base.Refused;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * How a file is to be read, as far as somebody said; the rest is found out.
 *
 * @param encoding name of a character set
 * @param partedBy sign between cells: comma, semicolon, tab or bar
 * @param tab of a workbook
 * @param columns for each heading of the file the column it is; null where they are matched by their names
 * @param all what stands in every line, by column
 */
record Told(
        String encoding,
        String partedBy,
        Writing.Decimals decimals,
        Writing.Days days,
        String tab,
        List<Matched> columns,
        Map<String, String> all) {
    static final Told NOTHING = new Told(null, null, null, null, null, null, Map.of());

    /**
     * What a heading of a file is.
     *
     * @param column null where it is left out
     * @param unit its numbers are measured in; null for that of the column
     */
    record Matched(String column, Unit unit) {
        static final Matched LEFT_OUT = new Matched(null, null);
    }

    /** @throws Refused where it cannot be read so */
    static Told read(String json) {
        if (json == null || json.isBlank()) {
            return NOTHING;
        }
        try {
            Told told = JsonMapper.shared().readValue(json, Told.class);
            if (told.encoding != null && !Charset.isSupported(told.encoding)) {
                throw new Refused("encoding", told.encoding, "file.encoding");
            }
            if (told.partedBy != null && !SentText.PARTED_BY.contains(told.partedBy)) {
                throw new Refused("partedBy", told.partedBy, "file.partedBy");
            }
            return told.all == null ? told.forAll(Map.of()) : told;
        } catch (JacksonException | IllegalArgumentException unreadable) {
            throw new Refused("how", json, "notA.readable");
        }
    }

    /** The same with what stands in every line. */
    Told forAll(Map<String, String> cells) {
        return new Told(encoding, partedBy, decimals, days, tab, columns, cells);
    }
}
