package theriseed.server.paper;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A document that is written from top to bottom, page after page, each with its number at the foot. A4. */
public final class Paper {
    private static final float MARGIN = 48;
    private static final float FOOT = 44;
    private static final float TEXT = 9.2f;
    private static final float LINE = 12.4f;
    private static final float ROOM = PDRectangle.A4.getWidth() - 2 * MARGIN;

    private final PDDocument document = new PDDocument();
    private final Face face;
    private final String foot;
    private final int most;
    private PDPageContentStream page;
    private float y;
    private int pages;
    private boolean full;

    /**
     * @param foot at the foot of every page
     * @param most pages; what does not fit is left out, and that is said
     */
    public Paper(String title, String foot, int most) {
        this.foot = foot;
        this.most = most;
        document.getDocumentInformation().setTitle(title);
        try {
            face = new Face(document);
            turn();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** The largest words, with a code to their right where one is given. */
    public Paper title(String words, String below, QrCode code) {
        return write(() -> {
            face.write(page, words, MARGIN, y - 20, 22, true);
            face.write(page, below, MARGIN, y - 36, 11, false);
            if (code != null) {
                code.draw(page, MARGIN + ROOM - 46, y - 44, 46);
            }
            y -= 58;
        });
    }

    public Paper heading(String words) {
        return write(() -> {
            if (!fits(3 * LINE)) {
                return;
            }
            y -= LINE * 0.6f;
            face.write(page, words, MARGIN, y - TEXT, TEXT + 1.6f, true);
            y -= LINE + 2;
            page.setLineWidth(0.7f);
            page.moveTo(MARGIN, y);
            page.lineTo(MARGIN + ROOM, y);
            page.stroke();
            y -= 4;
        });
    }

    /** A paragraph. */
    public Paper words(String text) {
        return write(() -> {
            for (String line : face.lines(text, TEXT, ROOM)) {
                if (fits(LINE)) {
                    face.write(page, line, MARGIN, y - TEXT, TEXT, false);
                    y -= LINE;
                }
            }
        });
    }

    /**
     * A table.
     *
     * @param header empty for none
     * @param shares of the width; below 0 for a column of figures, which stand to the right
     */
    public Paper table(List<String> header, List<List<String>> rows, double... shares) {
        return write(() -> {
            if (!header.isEmpty()) {
                row(header, shares, true);
            }
            for (List<String> row : rows) {
                row(row, shares, false);
            }
            y -= 3;
        });
    }

    private void row(List<String> cells, double[] shares, boolean bold) throws IOException {
        int deep = 1;
        double[] wide = new double[shares.length];
        for (int i = 0; i < shares.length; i++) {
            wide[i] = Math.abs(shares[i]) * ROOM - 6;
            deep = Math.max(
                    deep, face.lines(cells.get(i), TEXT, (float) wide[i]).size());
        }
        if (!fits(deep * LINE)) {
            return;
        }
        float x = MARGIN;
        for (int i = 0; i < shares.length; i++) {
            float line = y;
            for (String text : face.lines(cells.get(i), TEXT, (float) wide[i])) {
                float indent = shares[i] < 0 ? (float) wide[i] - face.width(text, TEXT) : 0;
                face.write(page, text, x + indent, line - TEXT, TEXT, bold);
                line -= LINE;
            }
            x += (float) (Math.abs(shares[i]) * ROOM);
        }
        y -= deep * LINE;
    }

    /** As a file that a browser shows. */
    public ResponseEntity<byte[]> file(String name) {
        try (ByteArrayOutputStream pdf = new ByteArrayOutputStream()) {
            if (full) {
                face.write(
                        page,
                        "There is more than fits here; nothing is left out in the records themselves.",
                        MARGIN,
                        FOOT + 2,
                        TEXT,
                        false);
            }
            page.close();
            document.save(pdf);
            document.close();
            return ResponseEntity.ok()
                    .contentType(MediaType.APPLICATION_PDF)
                    .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"" + name + ".pdf\"")
                    .body(pdf.toByteArray());
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private interface Writing {
        void write() throws IOException;
    }

    private Paper write(Writing writing) {
        try {
            writing.write();
            return this;
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** Turns the page where so much does not fit on it any more; whether there is room at all. */
    private boolean fits(float height) throws IOException {
        if (full) {
            return false;
        }
        if (y - height >= FOOT + LINE) {
            return true;
        }
        if (pages == most) {
            full = true;
            return false;
        }
        turn();
        return true;
    }

    private void turn() throws IOException {
        if (page != null) {
            page.close();
        }
        PDPage next = new PDPage(PDRectangle.A4);
        document.addPage(next);
        page = new PDPageContentStream(document, next);
        pages++;
        y = PDRectangle.A4.getHeight() - MARGIN;
        face.write(page, foot, MARGIN, FOOT - 18, 7.6f, false);
        String number = "page " + pages;
        face.write(page, number, MARGIN + ROOM - face.width(number, 7.6f), FOOT - 18, 7.6f, false);
    }
}
