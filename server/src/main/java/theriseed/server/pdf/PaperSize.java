package theriseed.server.pdf;

import com.ibm.icu.util.LocaleData;
import com.ibm.icu.util.ULocale;
import java.util.Locale;

/** The sheets that printers hold, millimetres. */
public enum PaperSize {
    A4(210, 297),
    LETTER(215.9, 279.4);

    private final double width;
    private final double height;

    PaperSize(double width, double height) {
        this.width = width;
        this.height = height;
    }

    /** What is usual where somebody reads. */
    public static PaperSize of(Locale locale) {
        return LocaleData.getPaperSize(ULocale.forLocale(locale)).getHeight() < A4.height ? LETTER : A4;
    }

    public double width() {
        return width;
    }

    public double height() {
        return height;
    }
}
