package theriseed.server.base;

import java.util.function.Supplier;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Refusal;

/**
 * A stored value that nothing can be calculated from: what is shown in place of what it would give, beside the form in
 * which it is put right. A page is never refused because of it.
 */
public record Wrong(String field, String value, Refusal refusal) {
    /** What was calculated, or why it could not be. */
    public record Or<T>(T value, Wrong wrong) {}

    public static <T> Or<T> or(Supplier<T> calculation) {
        try {
            return new Or<>(calculation.get(), null);
        } catch (OutOfRange refused) {
            return new Or<>(null, new Wrong(refused.field(), refused.value(), refused.refusal()));
        }
    }
}
