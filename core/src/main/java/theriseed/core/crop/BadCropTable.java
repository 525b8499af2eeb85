package theriseed.core.crop;

/** The crop table cannot be used: the row (as numbered in the file), the column, what stands there, what may stand. */
public final class BadCropTable extends RuntimeException {
    private final String value;
    private final String valid;

    BadCropTable(long row, String column, String value, String valid) {
        super("Crop table, row " + row + ", column " + column + ": \"" + value + "\" is outside the valid range "
                + valid);
        this.value = value;
        this.valid = valid;
    }

    BadCropTable(String message, Exception cause) {
        super(message, cause);
        this.value = "";
        this.valid = "";
    }

    String value() {
        return value;
    }

    String valid() {
        return valid;
    }
}
