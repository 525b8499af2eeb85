package theriseed.core.store;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import theriseed.core.measure.Range;
import theriseed.core.population.PopulationPlan;

/**
 * How many pieces in store will be sound when they are planted, calculated anew from what was sound at the last look and from
 * all looks together. Rot spreads in clumps and quickens towards spring, so the upper limit of the loss is the one to plan
 * with.
 *
 * @param there pieces that lie there: those put in less all that was thrown out
 * @param sound of them now, by the last look
 * @param startLoss share that was hurt at putting in
 * @param rate of loss a day after that, from all looks and what is usual; {@code upperRate} its 95 % limit
 * @param expected sound ones at planting; {@code atLeast} if losses go on at their upper limit
 * @param wanted sound ones then
 * @param mark clear when even {@code atLeast} is enough, tight when {@code expected} is
 * @param nextLook day of the next look
 */
public record StoreForecast(
        int there,
        int sound,
        double startLoss,
        double rate,
        double upperRate,
        double expected,
        double atLeast,
        int wanted,
        PopulationPlan.Mark mark,
        LocalDate nextLook) {
    private static final int LOOK_EVERY_DAYS = 21;
    private static final int LOOK_SOON_DAYS = 10;

    /** Loss a day at the last look above which a store is looked through more often: whether it was injury, the next tells. */
    private static final double FAST = 0.004;

    /** One look: all of the store, or some of it. */
    public record Look(LocalDate on, int lookedAt, int thrownOut) {}

    /**
     * @param putIn pieces, at least 1
     * @param looks in the order of their days, each after the one before
     * @param planted day they are planted again
     * @param wanted sound pieces then
     */
    public static StoreForecast of(int putIn, LocalDate putInOn, List<Look> looks, LocalDate planted, int wanted) {
        Range.of(1, 1e6, "pieces").check("putIn", putIn);
        Range.of(0, 1e6, "pieces").check("wanted", wanted);
        PooledLosses losses = pooled(putIn, putInOn, looks);
        double sound = putIn * (1 - losses.startLoss());
        double lately = losses.rate();
        int there = putIn;
        LocalDate before = putInOn;
        for (Look look : looks) {
            double days = days(before, look.on());
            double unseen = 1 - look.lookedAt() / (double) there;
            there -= look.thrownOut();
            sound = Math.min(
                    there, look.lookedAt() - look.thrownOut() + unseen * sound * Math.exp(-losses.rate() * days));
            lately = look.thrownOut() / (look.lookedAt() * days);
            before = look.on();
        }
        double left = Math.max(0, ChronoUnit.DAYS.between(before, planted));
        double expected = sound * Math.exp(-losses.rate() * left);
        double atLeast = sound * Math.exp(-losses.upperRate() * left);
        return new StoreForecast(
                there,
                (int) Math.floor(sound),
                losses.startLoss(),
                losses.rate(),
                losses.upperRate(),
                expected,
                atLeast,
                wanted,
                atLeast >= wanted
                        ? PopulationPlan.Mark.CLEAR
                        : expected >= wanted ? PopulationPlan.Mark.TIGHT : PopulationPlan.Mark.SHORT,
                before.plusDays(lately > FAST ? LOOK_SOON_DAYS : LOOK_EVERY_DAYS));
    }

    private static PooledLosses pooled(int putIn, LocalDate putInOn, List<Look> looks) {
        List<PooledLosses.Look> pooled = new ArrayList<>();
        int there = putIn;
        LocalDate before = putInOn;
        for (Look look : looks) {
            Range.of(1, there, "pieces").because("LIE_THERE").check("lookedAt", look.lookedAt());
            pooled.add(new PooledLosses.Look(days(before, look.on()), look.lookedAt(), look.thrownOut()));
            there -= look.thrownOut();
            before = look.on();
        }
        return PooledLosses.of(pooled, StockPlan.USUAL_START_LOSS, StockPlan.USUAL_RATE);
    }

    /** Two looks on one day are a day apart. */
    private static double days(LocalDate from, LocalDate to) {
        return Math.max(1, ChronoUnit.DAYS.between(from, to));
    }
}
