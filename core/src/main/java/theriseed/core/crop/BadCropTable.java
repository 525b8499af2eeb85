package theriseed.core.crop;

/** The crop table cannot be used: the row (as numbered in the file), the column, what stands there, what may stand. */
public final class BadCropTable extends RuntimeException {
    BadCropTable(long row, String column, String value, String valid) {
        super("Crop table, row " + row + ", column " + column + ": \"" + value + "\" is outside the valid range "
                + valid);
    }

    BadCropTable(String message, Exception cause) {
        super(message, cause);
    }
}
