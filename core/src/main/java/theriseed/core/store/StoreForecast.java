package theriseed.core.store;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import theriseed.core.measure.Range;
import theriseed.core.population.PopulationPlan;

/**
 * How many pieces in store will be sound when they are planted, calculated anew from what was sound at the last look. Rot
 * spreads in clumps and quickens towards spring, so the upper limit of the last loss is the one to plan with.
 *
 * @param there pieces that lie there: those put in less all that was thrown out
 * @param sound of them now, by the last look
 * @param rate of loss a day, from the last look, or the usual one; {@code upperRate} its 95 % limit
 * @param expected sound ones at planting; {@code atLeast} if losses go on at their upper limit
 * @param wanted sound ones then
 * @param mark clear when even {@code atLeast} is enough, tight when {@code expected} is
 * @param nextLook day of the next look
 */
public record StoreForecast(
        int there,
        int sound,
        double rate,
        double upperRate,
        double expected,
        double atLeast,
        int wanted,
        PopulationPlan.Mark mark,
        LocalDate nextLook) {
    private static final int LOOK_EVERY_DAYS = 21;
    private static final int LOOK_SOON_DAYS = 10;

    /** Loss a day above which a store is looked through more often. */
    private static final double FAST = 0.004;

    /** What was usual is doubled for a limit while nobody has looked. */
    private static final double UNKNOWN = 2;

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
        double sound = putIn * (looks.isEmpty() ? 1 - StockPlan.USUAL_START_LOSS : 1);
        double rate = StockPlan.USUAL_RATE;
        double upper = UNKNOWN * rate;
        int there = putIn;
        LocalDate before = putInOn;
        for (Look look : looks) {
            Range.of(1, there, "pieces").because("LIE_THERE").check("lookedAt", look.lookedAt());
            double days = Math.max(1, ChronoUnit.DAYS.between(before, look.on()));
            StoreLosses losses = StoreLosses.of(look.thrownOut(), look.lookedAt(), days);
            boolean all = look.lookedAt() >= sound;
            there -= look.thrownOut();
            sound = all ? look.lookedAt() - look.thrownOut() : Math.min(there, sound * (1 - losses.share()));
            rate = losses.rate();
            upper = Math.min(0.2, losses.upperRate());
            before = look.on();
        }
        double left = Math.max(0, ChronoUnit.DAYS.between(before, planted));
        double expected = sound * Math.exp(-rate * left);
        double atLeast = sound * Math.exp(-upper * left);
        return new StoreForecast(
                there,
                (int) Math.floor(sound),
                rate,
                upper,
                expected,
                atLeast,
                wanted,
                atLeast >= wanted
                        ? PopulationPlan.Mark.CLEAR
                        : expected >= wanted ? PopulationPlan.Mark.TIGHT : PopulationPlan.Mark.SHORT,
                before.plusDays(rate > FAST ? LOOK_SOON_DAYS : LOOK_EVERY_DAYS));
    }
}
