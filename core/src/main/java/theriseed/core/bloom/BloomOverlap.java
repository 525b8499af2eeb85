package theriseed.core.bloom;

import java.util.concurrent.atomic.AtomicReferenceArray;
import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;

/**
 * How far a pollen source and a recipient bloom together, and how far the source's sowing would have to move for them
 * not to. Days are whole, counted from any common day; both ends belong to a window.
 *
 * <p>Predicted windows err by a week; without seen dates the result is planned, not known. It says how much bloom is
 * shared, not how much seed is crossed (that is {@code PollenFlow}).
 *
 * @param days days on which both flower
 * @param fraction of the recipient's days, 0 to 1
 * @param delayFlowering days the source's flowering must be later to be clear by the margin; 0 when already clear
 * @param advanceFlowering days it must be earlier
 * @param delaySowing the same as days of sowing
 * @param advanceSowing the same as days of sowing
 */
public record BloomOverlap(
        int days, double fraction, int delayFlowering, int advanceFlowering, int delaySowing, int advanceSowing) {

    private static final Range DAY = Range.of(1, 731, "day");

    private static final int LONGEST_KEPT = 731;
    private static final AtomicReferenceArray<double[]> BELLS = new AtomicReferenceArray<>(LONGEST_KEPT + 1);

    /** Share of days of flowering shift per day of sowing shift when nothing better is known: late sowings catch up. */
    public static final double USUAL_RESPONSE = 0.7;

    /**
     * @param margin clear days wanted between, 0 to 60
     * @param response days of flowering shift per day of sowing shift, 0.2 to 1.5
     */
    public static BloomOverlap of(
            int sourceFirst, int sourceLast, int recipientFirst, int recipientLast, int margin, double response) {
        window("source", sourceFirst, sourceLast);
        window("recipient", recipientFirst, recipientLast);
        Range.of(0, 60, "days").check("margin", margin);
        Range.of(0.2, 1.5, "").check("response", response);
        int days = Math.max(0, Math.min(sourceLast, recipientLast) - Math.max(sourceFirst, recipientFirst) + 1);
        boolean clear = sourceFirst > recipientLast + margin || sourceLast < recipientFirst - margin;
        int delay = clear ? 0 : recipientLast + margin + 1 - sourceFirst;
        int advance = clear ? 0 : sourceLast - recipientFirst + margin + 1;
        return new BloomOverlap(
                days,
                days / (double) (recipientLast - recipientFirst + 1),
                delay,
                advance,
                Chance.roundUp(delay / response),
                Chance.roundUp(advance / response));
    }

    /**
     * Share of the recipient's bloom that the source's bloom covers, 0 to 1: 1 for equal windows, small when only the
     * tails meet.
     */
    public static double weight(
            BloomCurve curve, int sourceFirst, int sourceLast, int recipientFirst, int recipientLast) {
        double shared = 0;
        double all = 0;
        for (int day = recipientFirst; day <= recipientLast; day++) {
            double recipient = curve.at((day - recipientFirst + 0.5) / (recipientLast - recipientFirst + 1));
            double source = curve.at((day - sourceFirst + 0.5) / (sourceLast - sourceFirst + 1));
            shared += Math.min(recipient, source);
            all += recipient;
        }
        return shared / all;
    }

    /** {@link #weight} with the bell curve, for windows on the calendar; only the days they share are looked at. */
    public static double weight(BloomWindow source, BloomWindow recipient) {
        double[] s = bell(source.days());
        double[] r = bell(recipient.days());
        int later = (int) (source.first().toEpochDay() - recipient.first().toEpochDay());
        double shared = 0;
        for (int day = Math.max(0, later); day < Math.min(r.length, later + s.length); day++) {
            shared += Math.min(r[day], s[day - later]);
        }
        return shared == 0 ? 0 : shared / sum(r);
    }

    /** Intensities of a window of so many days; windows are few and alike, pairs of them many. */
    private static double[] bell(int days) {
        double[] known = days <= LONGEST_KEPT ? BELLS.get(days) : null;
        if (known != null) {
            return known;
        }
        double[] made = new double[days];
        for (int day = 0; day < days; day++) {
            made[day] = BloomCurve.BELL.at((day + 0.5) / days);
        }
        if (days <= LONGEST_KEPT) {
            BELLS.set(days, made);
        }
        return made;
    }

    private static double sum(double[] values) {
        double sum = 0;
        for (double value : values) {
            sum += value;
        }
        return sum;
    }

    private static void window(String name, int first, int last) {
        DAY.check(name + ".first", first);
        Range.of(first, 731, "day").check(name + ".last", last);
    }
}
