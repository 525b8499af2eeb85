package theriseed.server.base;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
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

    /** One that could not be calculated, and why. */
    public record About<T>(T what, Wrong why) {}

    /** What was calculated of a list, and what could not be. */
    public record Each<T, R>(List<R> right, List<About<T>> wrong) {}

    public static Wrong of(OutOfRange refused) {
        return new Wrong(refused.field(), refused.value(), refused.refusal());
    }

    public static <T> Or<T> or(Supplier<T> calculation) {
        try {
            return new Or<>(calculation.get(), null);
        } catch (OutOfRange refused) {
            return new Or<>(null, of(refused));
        }
    }

    /**
     * What is calculated of a list together; where that fails, of its halves, until what is wrong stands alone. It costs
     * nothing while nothing is wrong, and a few turns for each that is.
     *
     * @param together what is calculated of some of the list, in its order
     */
    public static <T, R> Each<T, R> each(List<T> list, Function<List<T>, List<R>> together) {
        List<R> right = new ArrayList<>();
        List<About<T>> wrong = new ArrayList<>();
        each(list, together, right, wrong);
        return new Each<>(right, wrong);
    }

    private static <T, R> void each(
            List<T> list, Function<List<T>, List<R>> together, List<R> right, List<About<T>> wrong) {
        Or<List<R>> all = or(() -> together.apply(list));
        if (all.wrong() == null) {
            right.addAll(all.value());
        } else if (list.size() == 1) {
            wrong.add(new About<>(list.get(0), all.wrong()));
        } else {
            int half = list.size() / 2;
            each(list.subList(0, half), together, right, wrong);
            each(list.subList(half, list.size()), together, right, wrong);
        }
    }
}
