package theriseed.core.stall;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import theriseed.core.measure.Range;

/**
 * What would fill what an order is short of: first seed that only has to be packed, then seed that only has to be tested again
 * by then, oldest first; what is short after that has to be grown, or told.
 *
 * @param ways in the order in which they are proposed
 * @param rest packets or grams that nothing there would fill
 * @param <L> by what a lot is known
 */
public record OrderGap<L>(List<Way<L>> ways, double rest) {
    private static final double LEAST = 1e-9;

    /** What has to be done. */
    public enum Act {
        PACK,
        TEST
    }

    /**
     * Something that would fill some of it.
     *
     * @param much packets or grams
     */
    public record Way<L>(L lot, Act act, double much) {}

    /**
     * A lot of the variety.
     *
     * @param stands how the gate stands to it on the day the seed is wanted
     * @param ready packets of the kind, or grams, that wait for nothing but the gate; what may be sold is promised already
     * @param packable packets that its free bulk would fill; 0 where it is wanted in bulk, or the seed was never weighed
     */
    public record Lot<L>(L key, Stands stands, double ready, double packable) {}

    /** How the gate stands to a lot on a day. */
    public enum Stands {
        OPEN,
        /** Nothing but its germination test is missing, or will have run out. */
        TEST_FIRST,
        SHUT;

        /**
         * @param open whether nothing holds it back today
         * @param onlyTest whether nothing but the lack of a test that counts does
         * @param until last day the test counts; null for none
         */
        public static Stands of(boolean open, boolean onlyTest, LocalDate until, LocalDate day) {
            if (open && (until == null || !until.isBefore(day))) {
                return OPEN;
            }
            return open || onlyTest ? TEST_FIRST : SHUT;
        }
    }

    /**
     * @param missing packets or grams, 0 or more
     * @param lots oldest first
     */
    public static <L> OrderGap<L> of(double missing, List<Lot<L>> lots) {
        double left = Range.of(0, 1e9, "").check("missing", missing);
        List<Way<L>> ways = new ArrayList<>();
        for (Act act : Act.values()) {
            for (Lot<L> lot : lots) {
                double there = act == Act.PACK
                        ? lot.stands() == Stands.OPEN ? lot.packable() : 0
                        : lot.stands() == Stands.TEST_FIRST ? lot.ready() + lot.packable() : 0;
                double take = Math.min(left, there);
                if (take > LEAST) {
                    ways.add(new Way<>(lot.key(), act, take));
                    left -= take;
                }
            }
        }
        return new OrderGap<>(ways, left > LEAST ? left : 0);
    }
}
