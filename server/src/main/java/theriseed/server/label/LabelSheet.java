package theriseed.server.label;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import theriseed.server.pdf.Measure;
import theriseed.server.pdf.Pdf;
import theriseed.server.pdf.QrCode;

/** Labels on sheets or one a page, each with what it is largest, its number, a few lines and its number as a code. */
final class LabelSheet {
    private static final Pdf PDF = new Pdf("labels.html");
    private static final double MOST_MARGIN = 4;
    private static final double HEAD = 1.25;
    private static final double NUMBER = 0.95;
    private static final double TEXT = 0.72;

    /** Lines of text that what stands largest, the number and the margins between them take. */
    private static final double BESIDE_LINES = 2.6;

    private static final double SQUARE = 2.5;
    private static final double SPARE = 1;

    private final LabelFormat format;
    private final Map<String, String> codes = new HashMap<>();

    LabelSheet(LabelFormat format) {
        this.format = format;
    }

    /**
     * What one label says.
     *
     * @param number also as a code
     * @param head what it is, largest
     * @param foot whose it is
     * @param price empty for none
     */
    record Label(String number, String head, List<String> lines, String foot, String price) {
        Label(String number, String head, List<String> lines, String foot) {
            this(number, head, lines, foot, "");
        }
    }

    /** What fills the template, millimetres. @param used of the height: a sheet as high as its page would need another */
    record Sheets(String title, double width, double height, double used, List<Sheet> sheets) {}

    record Sheet(List<Placed> labels) {}

    record Placed(
            double left,
            double top,
            double width,
            double margin,
            double square,
            String number,
            String code,
            Text head,
            Text plate,
            List<Text> lines,
            Text foot,
            Text price) {}

    /** @param top below the label's own */
    record Text(String text, double size, double top) {}

    /** As many copies as are wanted; every full sheet is the first one again, so that a thousand cost no more than one. */
    byte[] pdf(Label label, int copies) {
        int places = format.places();
        int onFirst = Math.min(copies, places - format.begin() + 1);
        int full = (copies - onFirst) / places;
        int onLast = copies - onFirst - full * places;
        List<Sheet> sheets = new ArrayList<>();
        sheets.add(sheet(Collections.nCopies(onFirst, label), format.begin() - 1));
        if (full > 0) {
            sheets.add(sheet(Collections.nCopies(places, label), 0));
        }
        if (onLast > 0) {
            sheets.add(sheet(Collections.nCopies(onLast, label), 0));
        }
        return repeated(write(label.number(), sheets), full);
    }

    /** One label after the other. */
    byte[] pdf(String title, List<Label> labels) {
        List<Sheet> sheets = new ArrayList<>();
        int first = 0;
        while (first < labels.size()) {
            int before = sheets.isEmpty() ? format.begin() - 1 : 0;
            int last = Math.min(labels.size(), first + format.places() - before);
            sheets.add(sheet(labels.subList(first, last), before));
            first = last;
        }
        return write(title, sheets);
    }

    private byte[] write(String title, List<Sheet> sheets) {
        return PDF.of(new Sheets(
                "Labels " + title, format.pageWidth(), format.pageHeight(), format.pageHeight() - SPARE, sheets));
    }

    /** @param full so many times is the second page to be there */
    private static byte[] repeated(byte[] made, int full) {
        if (full < 2) {
            return made;
        }
        try (PDDocument document = Loader.loadPDF(made);
                ByteArrayOutputStream pdf = new ByteArrayOutputStream()) {
            PDPage sheet = document.getPage(1);
            for (int more = 1; more < full; more++) {
                document.getPages().insertAfter(new PDPage(new COSDictionary(sheet.getCOSObject())), sheet);
            }
            document.save(pdf);
            return pdf.toByteArray();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private Sheet sheet(List<Label> labels, int before) {
        return new Sheet(IntStream.range(0, labels.size())
                .mapToObj(i -> placed(labels.get(i), before + i))
                .toList());
    }

    private Placed placed(Label label, int place) {
        double margin = Math.min(MOST_MARGIN, format.height() / 10);
        boolean below = !label.foot().isEmpty() || !label.price().isEmpty();
        double line = (format.height() - 2 * margin) / (label.lines().size() + (below ? 1 : 0) + BESIDE_LINES);
        double square = Math.min(SQUARE * line, format.width() / 4);
        double room = format.width() - 2 * margin;
        double beside = room - margin - square;
        double bottom = format.height() - margin - line * TEXT;
        return new Placed(
                format.left(place),
                format.top(place),
                format.width(),
                margin,
                square,
                label.number(),
                codes.computeIfAbsent(label.number(), QrCode::image),
                text(label.head(), true, line * HEAD, beside, margin),
                text(label.number(), true, line * NUMBER, beside, margin + line * HEAD * 1.15),
                IntStream.range(0, label.lines().size())
                        .mapToObj(i -> text(
                                label.lines().get(i), false, line * TEXT, room, margin + line * (BESIDE_LINES + i)))
                        .toList(),
                text(label.foot(), false, line * TEXT, label.price().isEmpty() ? room : room * 2 / 3, bottom),
                text(label.price(), true, line * TEXT, room / 3, bottom));
    }

    private static Text text(String words, boolean bold, double wanted, double room, double top) {
        return new Text(words, Measure.fit(words, bold, wanted, room), top);
    }
}
