package theriseed.core.bloom;

import java.time.LocalDate;
import java.util.Map;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Refusal;

/**
 * A farm's usual year from the days it has known: each day of the year averaged over its years, short gaps bridged in a
 * straight line, and one wave laid through it by least squares (the first term of its Fourier series).
 *
 * <p>Not to be believed as a climate before some ten years: few years are those years' weather. A sea wind, or a dry and a
 * wet season, is no wave.
 *
 * @param normals the usual year
 * @param days known, of {@code first} to {@code last}
 * @param apart how far the mean of a single day usually lies from the wave, as root mean square, &deg;C
 */
public record OwnClimate(ClimateNormals normals, int days, LocalDate first, LocalDate last, double apart) {
    private static final int YEAR = 365;

    /** Days of the year without a known one in any year that are bridged. */
    static final int LONGEST_GAP = 14;

    /** @throws OutOfRange {@code weather} when none is known, or more than {@value #LONGEST_GAP} days on end in no year */
    public static OwnClimate of(Map<LocalDate, Weather.Day> known) {
        double[] means = new double[YEAR];
        double[] halves = new double[YEAR];
        int[] times = new int[YEAR];
        known.forEach((day, warmth) -> {
            int at = Math.min(YEAR, day.getDayOfYear()) - 1;
            means[at] += (warmth.low() + warmth.high()) / 2;
            halves[at] += (warmth.high() - warmth.low()) / 2;
            times[at]++;
        });
        if (known.isEmpty()) {
            throw new OutOfRange("weather", 0, Refusal.AgainstRule.of("climate.none"));
        }
        LocalDate last = known.keySet().stream().max(LocalDate::compareTo).orElseThrow();
        checkGaps(times, last.getYear());
        for (int at = 0; at < YEAR; at++) {
            means[at] /= Math.max(1, times[at]);
            halves[at] /= Math.max(1, times[at]);
        }
        bridge(means, times);
        bridge(halves, times);
        double mean = 0;
        double cosine = 0;
        double sine = 0;
        double half = 0;
        for (int at = 0; at < YEAR; at++) {
            double turn = 2 * Math.PI * (at + 1) / YEAR;
            mean += means[at] / YEAR;
            cosine += 2 * means[at] * Math.cos(turn) / YEAR;
            sine += 2 * means[at] * Math.sin(turn) / YEAR;
            half += halves[at] / YEAR;
        }
        // The wave is lowest where its phase is half a turn from the highest.
        int coldest = Math.floorMod((int) Math.round(Math.atan2(-sine, -cosine) * YEAR / (2 * Math.PI)) - 1, YEAR) + 1;
        ClimateNormals normals = new ClimateNormals(mean, Math.hypot(cosine, sine), coldest, half);
        double squares = 0;
        for (Map.Entry<LocalDate, Weather.Day> day : known.entrySet()) {
            double off = (day.getValue().low() + day.getValue().high()) / 2
                    - normals.dayMean(day.getKey().getDayOfYear());
            squares += off * off;
        }
        return new OwnClimate(
                normals,
                known.size(),
                known.keySet().stream().min(LocalDate::compareTo).orElseThrow(),
                last,
                Math.sqrt(squares / known.size()));
    }

    /** Fills each gap in a straight line from the day before it to the day after, round the turn of the year too. */
    private static void bridge(double[] figures, int[] times) {
        for (int at = 0; at < YEAR; at++) {
            int gap = times[at] == 0 ? 0 : gapAfter(at, times);
            double after = figures[(at + gap + 1) % YEAR];
            for (int step = 1; step <= gap; step++) {
                figures[(at + step) % YEAR] = figures[at] + (after - figures[at]) * step / (gap + 1);
            }
        }
    }

    /** Days on end after this one that are known in no year. */
    private static int gapAfter(int at, int[] times) {
        int gap = 0;
        while (gap < YEAR && times[(at + gap + 1) % YEAR] == 0) {
            gap++;
        }
        return gap;
    }

    private static void checkGaps(int[] times, int year) {
        for (int at = 0; at < YEAR; at++) {
            int gap = gapAfter(at, times);
            if (times[at] > 0 && gap > LONGEST_GAP) {
                LocalDate from = LocalDate.ofYearDay(year, (at + 1) % YEAR + 1);
                throw new OutOfRange(
                        "weather",
                        gap,
                        Refusal.AgainstRule.of("climate.gap", "gap", gap, "from", from, "most", LONGEST_GAP));
            }
        }
    }
}
