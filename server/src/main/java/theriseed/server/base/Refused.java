package theriseed.server.base;

/** Something the rules do not allow, with the field it belongs to, what was given and what would be taken. */
public class Refused extends RuntimeException {
    private final String field;
    private final String value;
    private final String valid;

    public Refused(String field, Object value, String valid, String message) {
        super(message);
        this.field = field;
        this.value = String.valueOf(value);
        this.valid = valid;
    }

    public String field() {
        return field;
    }

    public String value() {
        return value;
    }

    public String valid() {
        return valid;
    }
}
