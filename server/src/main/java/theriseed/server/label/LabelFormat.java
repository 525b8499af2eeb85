package theriseed.server.label;

import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Range;
import theriseed.server.pdf.PaperSize;

/**
 * The size of a label, millimetres: many on a sheet, or one a page for a roll.
 *
 * @param single whether each label is a page of its own
 * @param begin place on the first sheet at which the first label goes, from 1: those before it are used up
 */
record LabelFormat(double width, double height, boolean single, PaperSize sheet, int begin) {
    /** Smaller cannot be read, nor scanned. */
    private static final double LEAST_WIDTH = 30;

    private static final double LEAST_HEIGHT = 18;

    /** @throws OutOfRange when it is wider or higher than the sheet, too small to be read, or begins where there is no label */
    LabelFormat {
        Range.of(LEAST_WIDTH, sheet.width(), "mm").check("width", width);
        Range.of(LEAST_HEIGHT, sheet.height(), "mm").check("height", height);
        Range.of(1, single ? 1 : (int) (sheet.width() / width + 1e-9) * (int) (sheet.height() / height + 1e-9), "")
                .check("begin", begin);
    }

    /** So many equal labels that the sheet is full of them. */
    static LabelFormat filling(PaperSize sheet, int across, int down, int begin) {
        return new LabelFormat(sheet.width() / across, sheet.height() / down, false, sheet, begin);
    }

    private int columns() {
        return single ? 1 : (int) (sheet.width() / width + 1e-9);
    }

    /** Labels on a page. */
    int places() {
        return single ? 1 : columns() * (int) (sheet.height() / height + 1e-9);
    }

    double left(int place) {
        return place % columns() * width;
    }

    double top(int place) {
        return place / columns() * height;
    }

    double pageWidth() {
        return single ? width : sheet.width();
    }

    double pageHeight() {
        return single ? height : sheet.height();
    }
}
