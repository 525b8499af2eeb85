package theriseed.server.lot;

import java.util.List;
import theriseed.server.base.Wrong;

/**
 * Lots as a page shows them, and those it can show only by their numbers, because something kept of them is wrong.
 *
 * @param <T> what is shown of a lot
 */
public record LotsShown<T>(List<T> lots, List<WrongLot> wrong) {
    /** A lot that nothing can be calculated of, and why. */
    public record WrongLot(String number, Wrong why) {}

    /** The same, otherwise chosen or told. */
    public <S> LotsShown<S> with(List<S> others) {
        return new LotsShown<>(others, wrong);
    }

    public static <T> LotsShown<T> of(Wrong.Each<LotView, T> each) {
        return new LotsShown<>(
                each.right(),
                each.wrong().stream()
                        .map(one -> new WrongLot(one.what().number(), one.why()))
                        .toList());
    }
}
