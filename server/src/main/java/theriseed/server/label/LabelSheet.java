package theriseed.server.label;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import theriseed.server.paper.Face;
import theriseed.server.paper.QrCode;

/** Equal labels, on sheets or one a page, each with its QR code, number and a few lines. */
final class LabelSheet {
    private static final float POINTS_PER_MM = 72f / 25.4f;

    private final LabelFormat format;
    private final PDRectangle size;

    LabelSheet(LabelFormat format) {
        this.format = format;
        this.size = new PDRectangle(
                (float) format.pageWidth() * POINTS_PER_MM, (float) format.pageHeight() * POINTS_PER_MM);
    }

    /** What one label says: the number largest, then its lines. */
    record Label(String number, String title, List<String> lines) {}

    /** As many copies as are wanted; every full sheet is the first one again, so that a thousand cost no more than one. */
    byte[] pdf(Label label, int copies) {
        QrCode code = new QrCode(label.number());
        return write("Labels " + label.number(), (document, face) -> {
            int sheet = format.columns() * format.rows();
            PDPage full = null;
            for (int first = 0; first < copies; first += sheet) {
                PDPage page = new PDPage(size);
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
                        draw(content, face, code, label, i);
                    }
                }
            }
        });
    }

    /** One label after the other. */
    byte[] pdf(String title, List<Label> labels) {
        return write(title, (document, face) -> {
            int sheet = format.columns() * format.rows();
            for (int first = 0; first < labels.size(); first += sheet) {
                PDPage page = new PDPage(size);
                document.addPage(page);
                try (PDPageContentStream content = new PDPageContentStream(document, page)) {
                    for (int i = first; i < Math.min(first + sheet, labels.size()); i++) {
                        Label label = labels.get(i);
                        draw(content, face, new QrCode(label.number()), label, i - first);
                    }
                }
            }
        });
    }

    private interface Pages {
        void add(PDDocument document, Face face) throws IOException;
    }

    private static byte[] write(String title, Pages pages) {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream pdf = new ByteArrayOutputStream()) {
            document.getDocumentInformation().setTitle(title);
            pages.add(document, new Face(document));
            document.save(pdf);
            return pdf.toByteArray();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private void draw(PDPageContentStream page, Face face, QrCode code, Label label, int place) throws IOException {
        float width = (float) format.width() * POINTS_PER_MM;
        float height = (float) format.height() * POINTS_PER_MM;
        float left = (place % format.columns()) * width;
        float top = size.getHeight() - (place / format.columns()) * height;
        draw(page, face, code, label, left, top, width, height);
    }

    private static void draw(
            PDPageContentStream page,
            Face face,
            QrCode code,
            Label label,
            float left,
            float top,
            float width,
            float height)
            throws IOException {
        float margin = Math.min(4 * POINTS_PER_MM, height / 10);
        float line = (height - 2 * margin) / (label.lines().size() + 3.4f);
        float square = Math.min(2.6f * line, width / 4);
        code.draw(page, left + width - margin - square, top - margin - square, square);
        float room = width - 3 * margin - square;
        float y = top - margin - line * 1.1f;
        face.fit(page, label.number(), left + margin, y, line * 1.15f, room);
        y -= line * 1.25f;
        face.fit(page, label.title(), left + margin, y, line * 0.9f, room);
        for (String text : label.lines()) {
            y -= line;
            face.fit(page, text, left + margin, y, line * 0.72f, width - 2 * margin);
        }
    }
}
