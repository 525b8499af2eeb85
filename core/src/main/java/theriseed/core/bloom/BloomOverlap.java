package theriseed.core.bloom;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicReferenceArray;
import java.util.function.Function;
import java.util.stream.IntStream;
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
    private static final double STEP = 0.5;
    private static final int A_DAY = 2;

    /** Spreads are told apart to a twentieth of a day. */
    private static final double SPREADS_A_DAY = 20;

    private static final int SPREADS_OUT = 5;
    private static final Map<Integer, double[]> NORMALS = new ConcurrentHashMap<>();
    private static final Map<Long, double[]> MOST = new ConcurrentHashMap<>();
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

    /**
     * {@link #weight(BloomWindow, BloomWindow)} averaged over dates that are not sure: the windows shift against each other,
     * normally, with the spread of both beginnings together.
     *
     * @param spread sd of the shift, days, 0 to 365; below half a day the dates are taken as they are
     */
    public static double meanWeight(BloomWindow source, BloomWindow recipient, double spread) {
        Range.of(0, 365, "days").check("sd", spread);
        return spread < STEP
                ? weight(source, recipient)
                : mean(shifted(source.days(), recipient.days()), source, recipient, spread);
    }

    /**
     * The same for a source of which only the first and the last flower are known: the most that any bloom within its window
     * would share. So a bloom drawn out never counts for less, as it would were its peak taken to move away with its middle.
     * Up to half as much again as the bell over all its days comes to where dates are unsure by ten days; more where two
     * just meet.
     *
     * @param spread sd of the shift, days, 0 to 365
     */
    public static double mostWeight(BloomWindow source, BloomWindow recipient, double spread) {
        Range.of(0, 365, "days").check("sd", spread);
        return mean(most(source.days(), recipient.days()), source, recipient, spread);
    }

    /** Weights by shift, each as likely as the dates let it be. */
    private static double mean(double[] weights, BloomWindow source, BloomWindow recipient, double spread) {
        double[] chances = kept(NORMALS, (int) Math.round(spread * SPREADS_A_DAY), BloomOverlap::normal);
        int reach = chances.length - 1;
        int earliest = (int) Math.round(-source.days() / STEP);
        int at = (int) Math.round(
                        (source.first().toEpochDay() - recipient.first().toEpochDay()) / STEP)
                - earliest;
        double mean = 0;
        for (int i = Math.max(0, at - reach); i <= Math.min(weights.length - 1, at + reach); i++) {
            mean += weights[i] * chances[Math.abs(i - at)];
        }
        return Math.min(1, mean);
    }

    /** Chance that two blooms meet at all, their beginnings together unsure by so many days. */
    public static double chanceTogether(BloomWindow source, BloomWindow recipient, double spread) {
        Range.of(0, 365, "days").check("sd", spread);
        double low = recipient.first().toEpochDay() - source.last().toEpochDay() - 1;
        double high = recipient.last().toEpochDay() - source.first().toEpochDay() + 1;
        if (spread == 0) {
            return low < 0 && high > 0 ? 1 : 0;
        }
        return Chance.normalAtMost(high / spread) - Chance.normalAtMost(low / spread);
    }

    /** Chances of shifts by 0, 1, 2 ... steps to one side, out to five spreads. */
    private static double[] normal(int twentieths) {
        if (twentieths == 0) {
            return new double[] {1};
        }
        double spread = twentieths / SPREADS_A_DAY;
        double[] chances = new double[(int) Math.ceil(SPREADS_OUT * spread / STEP) + 1];
        double all = 0;
        for (int i = 0; i < chances.length; i++) {
            double z = i * STEP / spread;
            chances[i] = Math.exp(-z * z / 2);
            all += (i == 0 ? 1 : 2) * chances[i];
        }
        for (int i = 0; i < chances.length; i++) {
            chances[i] /= all;
        }
        return chances;
    }

    /** Weights of a window of so many days that begins so many steps after another, from the first at which they meet. */
    private static double[] shifted(int source, int recipient) {
        double[] r = bell(recipient);
        double[] atNoon = bell(source);
        double[] atMidnight = IntStream.rangeClosed(0, source)
                .mapToDouble(day -> BloomCurve.BELL.at(day / (double) source))
                .toArray();
        double all = sum(r);
        double[] weights = new double[A_DAY * (source + recipient) + 1];
        for (int i = 0; i < weights.length; i++) {
            int later = Math.floorDiv(i, A_DAY) - source;
            double[] s = i % A_DAY == 0 ? atNoon : atMidnight;
            double shared = 0;
            for (int day = Math.max(0, later); day < Math.min(recipient, later + s.length); day++) {
                shared += Math.min(r[day], s[day - later]);
            }
            weights[i] = shared / all;
        }
        return weights;
    }

    /**
     * The same of the bloom within so many days that shares most: all of them, or the most of a window shorter by its first
     * or by its last day.
     */
    private static double[] most(int source, int recipient) {
        return kept(MOST, (long) source << 32 | recipient, lengths -> {
            double[] most = shifted(1, recipient);
            for (int days = 2; days <= source; days++) {
                double[] shorter = most;
                most = shifted(days, recipient);
                for (int i = 0; i < shorter.length; i++) {
                    most[i] = Math.max(most[i], shorter[i]);
                    most[i + A_DAY] = Math.max(most[i + A_DAY], shorter[i]);
                }
            }
            return most;
        });
    }

    /** Without a lock once it is there: a season asks for a hundred thousand of them on all processors. */
    private static <K> double[] kept(Map<K, double[]> all, K key, Function<K, double[]> make) {
        double[] known = all.get(key);
        return known == null ? all.computeIfAbsent(key, make) : known;
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
