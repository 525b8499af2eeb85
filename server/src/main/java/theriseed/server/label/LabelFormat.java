package theriseed.server.label;

import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Range;

/**
 * The size of a label, millimetres: many on an A4 sheet, or one a page for a roll.
 *
 * @param single whether each label is a page of its own
 */
record LabelFormat(double width, double height, boolean single) {
    static final double A4_WIDTH = 210;
    static final double A4_HEIGHT = 297;

    /** Three across and eight down an A4 sheet. */
    static final LabelFormat USUAL = new LabelFormat(A4_WIDTH / 3, A4_HEIGHT / 8, false);

    /** Two across and four down, for containers. */
    static final LabelFormat LARGE = new LabelFormat(A4_WIDTH / 2, A4_HEIGHT / 4, false);

    /** Smaller cannot be read, nor scanned. */
    private static final double LEAST_WIDTH = 30;

    private static final double LEAST_HEIGHT = 18;

    /** @throws OutOfRange when it is wider or higher than the sheet, or too small to be read */
    LabelFormat {
        Range.of(LEAST_WIDTH, A4_WIDTH, "mm").check("width", width);
        Range.of(LEAST_HEIGHT, A4_HEIGHT, "mm").check("height", height);
    }

    int columns() {
        return single ? 1 : (int) (A4_WIDTH / width + 1e-9);
    }

    int rows() {
        return single ? 1 : (int) (A4_HEIGHT / height + 1e-9);
    }

    double pageWidth() {
        return single ? width : A4_WIDTH;
    }

    double pageHeight() {
        return single ? height : A4_HEIGHT;
    }
}
