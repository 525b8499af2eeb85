package theriseed.core.bloom;

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

    /** {@link #weight} with the bell curve, for windows on the calendar. */
    public static double weight(BloomWindow source, BloomWindow recipient) {
        long origin = Math.min(source.first().toEpochDay(), recipient.first().toEpochDay()) - 1;
        return weight(
                BloomCurve.BELL,
                (int) (source.first().toEpochDay() - origin),
                (int) (source.last().toEpochDay() - origin),
                (int) (recipient.first().toEpochDay() - origin),
                (int) (recipient.last().toEpochDay() - origin));
    }

    private static void window(String name, int first, int last) {
        DAY.check(name + ".first", first);
        Range.of(first, 731, "day").check(name + ".last", last);
    }
}
