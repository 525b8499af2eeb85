package theriseed.core.crop;

import theriseed.core.measure.Refusal;

/** The crop table cannot be used: the row (as numbered in the file), the column, what stands there, what may stand. */
public final class BadCropTable extends RuntimeException {
    private final String column;
    private final String value;
    private final transient Refusal refusal;

    BadCropTable(long row, String column, String value, Refusal refusal) {
        super("Crop table, row " + row + ", column " + column + ": \"" + value + "\" is outside the valid range "
                + refusal.valid());
        this.column = column;
        this.value = value;
        this.refusal = refusal;
    }

    BadCropTable(String message, Exception cause) {
        super(message, cause);
        this.column = "";
        this.value = "";
        this.refusal = new Refusal.Missing();
    }

    String column() {
        return column;
    }

    String value() {
        return value;
    }

    Refusal refusal() {
        return refusal;
    }
}
