package theriseed.server.label;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** A4 sheets of equal labels, each with its QR code, number and a few lines. Sizes in millimetres. */
final class LabelSheet {
    private static final float POINTS_PER_MM = 72f / 25.4f;
    private static final String FONT = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";

    private final int columns;
    private final int rows;

    LabelSheet(int columns, int rows) {
        this.columns = columns;
        this.rows = rows;
    }

    /** What one label says: the number largest, then its lines. */
    record Label(String number, String title, List<String> lines) {}

    /** As many copies as are wanted; every full sheet is the first one again, so that a thousand cost no more than one. */
    byte[] pdf(Label label, int copies) {
        try (PDDocument document = new PDDocument();
                InputStream fontFile = PDDocument.class.getResourceAsStream(FONT);
                ByteArrayOutputStream pdf = new ByteArrayOutputStream()) {
            document.getDocumentInformation().setTitle("Labels " + label.number());
            PDFont font = PDType0Font.load(document, fontFile);
            QrCode code = new QrCode(label.number());
            int sheet = columns * rows;
            PDPage full = null;
            for (int first = 0; first < copies; first += sheet) {
                PDPage page = new PDPage(PDRectangle.A4);
                document.addPage(page);
                boolean whole = copies - first >= sheet;
                if (whole && full != null) {
                    page.setResources(full.getResources());
                    page.getCOSObject()
                            .setItem(COSName.CONTENTS, full.getCOSObject().getItem(COSName.CONTENTS));
                    continue;
                }
                full = whole ? page : full;
                try (PDPageContentStream content = new PDPageContentStream(document, page)) {
                    for (int i = 0; i < Math.min(sheet, copies - first); i++) {
                        draw(content, font, code, label, i);
                    }
                }
            }
            document.save(pdf);
            return pdf.toByteArray();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** One label after the other. */
    byte[] pdf(String title, List<Label> labels) {
        try (PDDocument document = new PDDocument();
                InputStream fontFile = PDDocument.class.getResourceAsStream(FONT);
                ByteArrayOutputStream pdf = new ByteArrayOutputStream()) {
            document.getDocumentInformation().setTitle(title);
            PDFont font = PDType0Font.load(document, fontFile);
            int sheet = columns * rows;
            for (int first = 0; first < labels.size(); first += sheet) {
                PDPage page = new PDPage(PDRectangle.A4);
                document.addPage(page);
                try (PDPageContentStream content = new PDPageContentStream(document, page)) {
                    for (int i = first; i < Math.min(first + sheet, labels.size()); i++) {
                        Label label = labels.get(i);
                        draw(content, font, new QrCode(label.number()), label, i - first);
                    }
                }
            }
            document.save(pdf);
            return pdf.toByteArray();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private void draw(PDPageContentStream page, PDFont font, QrCode code, Label label, int place) throws IOException {
        float width = PDRectangle.A4.getWidth() / columns;
        float height = PDRectangle.A4.getHeight() / rows;
        float left = (place % columns) * width;
        float top = PDRectangle.A4.getHeight() - (place / columns) * height;
        draw(page, font, code, label, left, top, width, height);
    }

    private static void draw(
            PDPageContentStream page,
            PDFont font,
            QrCode code,
            Label label,
            float left,
            float top,
            float width,
            float height)
            throws IOException {
        float margin = 4 * POINTS_PER_MM;
        float line = (height - 2 * margin) / (label.lines().size() + 3.4f);
        float square = Math.min(2.6f * line, width / 4);
        code.draw(page, left + width - margin - square, top - margin - square, square);
        float room = width - 3 * margin - square;
        float y = top - margin - line * 1.1f;
        write(page, font, label.number(), left + margin, y, line * 1.15f, room);
        y -= line * 1.25f;
        write(page, font, label.title(), left + margin, y, line * 0.9f, room);
        for (String text : label.lines()) {
            y -= line;
            write(page, font, text, left + margin, y, line * 0.72f, width - 2 * margin);
        }
    }

    /** Writes one line, smaller where it would not fit; signs the font lacks become a question mark. */
    private static void write(
            PDPageContentStream page, PDFont font, String text, float x, float y, float size, float room)
            throws IOException {
        StringBuilder known = new StringBuilder();
        for (int sign : text.codePoints().toArray()) {
            String one = Character.toString(sign);
            known.append(has(font, one) ? one : "?");
        }
        float natural = font.getStringWidth(known.toString()) / 1000 * size;
        page.beginText();
        page.setFont(font, natural > room ? size * room / natural : size);
        page.newLineAtOffset(x, y);
        page.showText(known.toString());
        page.endText();
    }

    private static boolean has(PDFont font, String sign) throws IOException {
        try {
            font.encode(sign);
            return true;
        } catch (IllegalArgumentException missing) {
            return false;
        }
    }
}
