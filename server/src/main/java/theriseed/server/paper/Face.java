package theriseed.server.paper;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.state.RenderingMode;

/** The typeface of a document, which comes with the app. Signs it lacks become a question mark. */
public final class Face {
    private static final String FILE = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";

    private final PDFont font;

    public Face(PDDocument document) throws IOException {
        try (InputStream file = PDDocument.class.getResourceAsStream(FILE)) {
            font = PDType0Font.load(document, file);
        }
    }

    /** Width in points. */
    float width(String text, float size) throws IOException {
        return font.getStringWidth(known(text)) / 1000 * size;
    }

    /** One line, smaller where it would not fit. */
    public void fit(PDPageContentStream page, String text, float x, float y, float size, float room)
            throws IOException {
        float natural = width(text, size);
        write(page, text, x, y, natural > room ? size * room / natural : size, false);
    }

    void write(PDPageContentStream page, String text, float x, float y, float size, boolean bold) throws IOException {
        page.beginText();
        page.setFont(font, size);
        page.setRenderingMode(bold ? RenderingMode.FILL_STROKE : RenderingMode.FILL);
        page.setLineWidth(size / 30);
        page.newLineAtOffset(x, y);
        page.showText(known(text));
        page.endText();
    }

    /** The lines of a text that is so many points wide. */
    List<String> lines(String text, float size, float room) throws IOException {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.strip().split("\\s+")) {
            boolean fits = line.isEmpty() || width(line + " " + word, size) <= room;
            if (!fits) {
                lines.add(line.toString());
                line.setLength(0);
            }
            line.append(line.isEmpty() ? "" : " ").append(word);
        }
        lines.add(line.toString());
        return lines;
    }

    private String known(String text) throws IOException {
        StringBuilder known = new StringBuilder();
        for (int sign : text.codePoints().toArray()) {
            String one = Character.toString(sign);
            known.append(has(one) ? one : "?");
        }
        return known.toString();
    }

    private boolean has(String sign) throws IOException {
        try {
            font.encode(sign);
            return true;
        } catch (IllegalArgumentException missing) {
            return false;
        }
    }
}
