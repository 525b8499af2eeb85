package theriseed.server.sheet;

import com.ibm.icu.text.CharsetDetector;
import com.ibm.icu.text.CharsetMatch;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import theriseed.server.base.Csv;
import theriseed.server.base.Refused;

/**
 * Reads a CSV file as spreadsheets and instruments of any country write it: in any encoding, with or without a mark of its
 * bytes' order, parted by commas, semicolons, tabs or bars, with line ends inside quotes.
 */
final class SentText {
    /** Signs that may part cells. */
    static final List<String> PARTED_BY = List.of(",", ";", "\t", "|");

    /** Some spreadsheets say in a line of its own what parts cells. */
    private static final String SAYS_SIGN = "sep=";

    private static final int LINES_LOOKED_AT = 20;

    /** What old spreadsheets of the west wrote, where nothing tells otherwise. */
    private static final Charset OLD = Charset.forName("windows-1252");

    /** Below this the detector only guesses, percent. */
    private static final int SURE_ENOUGH = 60;

    private SentText() {}

    /** @param most rows it may have */
    static SentTable read(byte[] bytes, Told told, int most) {
        Charset encoding = told.encoding() != null ? Charset.forName(told.encoding()) : encodingOf(bytes);
        String text = new String(bytes, encoding);
        String plain = text.startsWith(Csv.BYTE_ORDER) ? text.substring(1) : text;
        if (plain.indexOf('\0') >= 0) {
            throw new Refused("file", "bytes that are no text", "file.noText");
        }
        int skipped = 0;
        String partedBy = told.partedBy();
        if (plain.startsWith(SAYS_SIGN) && plain.length() > SAYS_SIGN.length()) {
            partedBy = partedBy == null ? plain.substring(SAYS_SIGN.length(), SAYS_SIGN.length() + 1) : partedBy;
            plain = plain.substring(plain.indexOf('\n') + 1);
            skipped = 1;
        }
        if (partedBy == null) {
            partedBy = partedBy(plain);
        }
        return new SentTable(rows(plain, partedBy, skipped, most), encoding.name(), partedBy, List.of(), null);
    }

    private static Charset encodingOf(byte[] bytes) {
        if (startsWith(bytes, 0xFF, 0xFE)) {
            return StandardCharsets.UTF_16LE;
        }
        if (startsWith(bytes, 0xFE, 0xFF)) {
            return StandardCharsets.UTF_16BE;
        }
        try {
            StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes));
            return StandardCharsets.UTF_8;
        } catch (CharacterCodingException other) {
            return detected(bytes);
        }
    }

    private static Charset detected(byte[] bytes) {
        CharsetMatch match = new CharsetDetector().setText(bytes).detect();
        boolean sure = match != null && match.getConfidence() >= SURE_ENOUGH && Charset.isSupported(match.getName());
        // What the west writes is told apart from its neighbours only by signs that hardly stand in a list.
        return sure && !match.getName().startsWith("ISO-8859-1") ? Charset.forName(match.getName()) : OLD;
    }

    private static boolean startsWith(byte[] bytes, int first, int second) {
        return bytes.length >= 2 && (bytes[0] & 0xFF) == first && (bytes[1] & 0xFF) == second;
    }

    /** The sign that stands equally often in the most lines, and of those the one that stands there most. */
    private static String partedBy(String text) {
        List<String> lines = text.lines()
                .filter(line -> !line.isBlank())
                .limit(LINES_LOOKED_AT)
                .toList();
        String best = ",";
        long most = 0;
        for (String sign : PARTED_BY) {
            long[] counts = lines.stream().mapToLong(line -> count(line, sign)).toArray();
            long usual = Arrays.stream(counts).max().orElse(0);
            long points = usual == 0
                    ? 0
                    : Arrays.stream(counts).filter(count -> count == usual).count() * 1000 + usual;
            if (points > most) {
                most = points;
                best = sign;
            }
        }
        return best;
    }

    /** How often a sign stands in a line outside of quotes. */
    private static long count(String line, String sign) {
        boolean quoted = false;
        long count = 0;
        for (int i = 0; i < line.length(); i++) {
            if (line.charAt(i) == '"') {
                quoted = !quoted;
            } else if (!quoted && line.charAt(i) == sign.charAt(0)) {
                count++;
            }
        }
        return count;
    }

    private static List<SentTable.Row> rows(String text, String partedBy, int skipped, int most) {
        List<SentTable.Row> rows = new ArrayList<>();
        try (CSVParser parser = CSVFormat.RFC4180
                .builder()
                .setDelimiter(partedBy)
                .setIgnoreEmptyLines(false)
                .get()
                .parse(new StringReader(text))) {
            long begins = 1;
            for (CSVRecord record : parser) {
                SentTable.Row row = new SentTable.Row(
                        (int) begins + skipped, record.stream().map(Csv::typed).toList());
                begins = parser.getCurrentLineNumber() + 1;
                if (!row.blank()) {
                    rows.add(row);
                    if (rows.size() > most) {
                        throw new Refused("file", "more than " + most, "file.tooLong", "most", most);
                    }
                }
            }
        } catch (IOException | UncheckedIOException | IllegalStateException noTable) {
            throw new Refused("file", "an open quote", "file.noTable");
        }
        return rows;
    }
}
