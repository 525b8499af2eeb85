package theriseed.server.pdf;

import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.http.ResponseEntity;
import theriseed.server.words.Reader;

/** A document that is written from top to bottom, page after page, each with its number at the foot. */
public final class Paper {
    private static final Pdf PDF = new Pdf("paper.html");

    private final String title;
    private final String foot;
    private final PaperSize size;
    private final List<Block> blocks = new ArrayList<>();
    private Sender sender;
    private String logo;

    /** @param foot at the foot of every page */
    public Paper(String title, String foot, Reader reader) {
        this.title = title;
        this.foot = foot;
        this.size = PaperSize.of(reader.locale());
    }

    /** What fills the template. */
    record Page(
            String title, String foot, double width, double height, String logo, Sender sender, List<Block> blocks) {}

    record Sender(String name, List<String> lines) {}

    /** A part of the paper: one of these, the others null. */
    record Block(Title title, String heading, List<String> words, Table table) {}

    /** @param code to the right of it; null for none */
    record Title(String words, String below, String code) {}

    record Table(List<Column> columns, boolean headed, List<List<Cell>> rows) {}

    record Column(String name, double percent, String side) {}

    record Cell(String text, String side, boolean first) {}

    /** Whose paper it is, above everything. @param more a line each */
    public Paper sender(String name, List<String> address, List<String> more) {
        sender = new Sender(name, Stream.concat(address.stream(), more.stream()).toList());
        return this;
    }

    /** The picture above the sender. */
    public Paper logo(byte[] jpeg) {
        logo = "data:image/jpeg;base64," + Base64.getEncoder().encodeToString(jpeg);
        return this;
    }

    /** The largest words. */
    public Paper title(String words, String below) {
        return block(new Title(words, below, null), null, null, null);
    }

    /** The same for a lot, with its number as a code to the right. */
    public Paper titleOfLot(String number, String words, String below) {
        return block(new Title(words, below, QrCode.image(number)), null, null, null);
    }

    public Paper heading(String words) {
        return block(null, words, null, null);
    }

    /** A paragraph, its lines as they are. */
    public Paper words(String text) {
        return block(null, null, text.strip().lines().toList(), null);
    }

    /**
     * A table; none where it has no rows.
     *
     * @param header empty where the first cell of each row says what it is
     * @param shares of the width; below 0 for a column of figures, which stand to the right
     */
    public Paper table(List<String> header, List<List<String>> rows, double... shares) {
        if (rows.isEmpty()) {
            return this;
        }
        List<Column> columns = IntStream.range(0, shares.length)
                .mapToObj(i ->
                        new Column(header.isEmpty() ? "" : header.get(i), 100 * Math.abs(shares[i]), side(shares[i])))
                .toList();
        List<List<Cell>> cells = rows.stream()
                .map(row -> IntStream.range(0, shares.length)
                        .mapToObj(i -> new Cell(row.get(i), side(shares[i]), i == 0))
                        .toList())
                .toList();
        return block(null, null, null, new Table(columns, !header.isEmpty(), cells));
    }

    /** As a file that a browser shows. */
    public ResponseEntity<byte[]> file(String name) {
        return Pdf.file(PDF.of(new Page(title, foot, size.width(), size.height(), logo, sender, blocks)), name);
    }

    private static String side(double share) {
        return share < 0 ? "figure" : "text";
    }

    private Paper block(Title first, String heading, List<String> words, Table table) {
        blocks.add(new Block(first, heading, words, table));
        return this;
    }
}
