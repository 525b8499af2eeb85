package theriseed.server.pdf;

import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/** How wide words come out, so that they can be made to fit. */
public final class Measure {
    private static final Measure REGULAR = new Measure(Pdf.REGULAR);
    private static final Measure BOLD = new Measure(Pdf.BOLD);

    private final TrueTypeFont font;
    private final CmapLookup signs;
    private final double unit;

    private Measure(String file) {
        try {
            font = new TTFParser().parse(new RandomAccessReadBuffer(Pdf.resource(file)));
            signs = font.getUnicodeCmapLookup();
            unit = font.getUnitsPerEm();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** The size a line is to be written in: that wanted, or smaller where it would be wider than the room there is. */
    public static double fit(String line, boolean bold, double wanted, double room) {
        double wide = (bold ? BOLD : REGULAR).width(line) * wanted;
        return wide > room ? wanted * room / wide : wanted;
    }

    /** In sizes of the letters. Metrics are read from the file the first time, one reader at a time. */
    private synchronized double width(String line) {
        double wide = 0;
        try {
            for (int sign : line.codePoints().toArray()) {
                wide += font.getAdvanceWidth(signs.getGlyphId(sign));
            }
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
        return wide / unit;
    }
}
