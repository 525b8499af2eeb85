package theriseed.server.base;

import java.util.function.Supplier;

/** Nothing is recorded under what was asked for. */
public class NotFound extends RuntimeException {
    private NotFound(String message) {
        super(message);
    }

    /** For {@code orElseThrow}: which kind of record was looked for. */
    public static Supplier<NotFound> of(String what) {
        return () ->
                new NotFound("There is no such " + what + ". It may be on another farm, or the address is mistyped.");
    }
}
