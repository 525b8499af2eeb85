package theriseed.core.harvest;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import theriseed.core.crop.Crop;
import theriseed.core.measure.Range;

/**
 * How a planting ripens and when to cut it: from its bloom, until visits to the rows tell better. How fast ripe seed falls
 * is a figure for the crop's kind in fair weather, and low in certainty.
 *
 * @param curve in days since 1 January 1970
 * @param meanSpread days by which the day on which half is ripe is unsure (standard deviation)
 * @param known what the curve rests on
 * @param ripe share of the seed that is or was ripe today
 * @param onPlants share ripe and still on the plants today
 * @param fallen share fallen by today
 * @param best single cut from today on
 * @param pickings going over the plants once to four times from today on
 * @param course of the ripening, day by day
 */
public record RipeningWatch(
        RipeningCurve curve,
        double meanSpread,
        Known known,
        double ripe,
        double onPlants,
        double fallen,
        Cut best,
        List<Pickings> pickings,
        List<Day> course) {
    /** What a curve rests on. */
    public enum Known {
        BLOOM,
        ONE_VISIT,
        VISITS
    }

    /** A visit: so many of the heads, pods or fruits looked at were ripe. */
    public record Visit(LocalDate on, int ripe, int lookedAt) {
        public Visit {
            Range.of(1, 100_000, "heads").check("lookedAt", lookedAt);
            Range.of(0, lookedAt, "heads").check("ripe", ripe);
        }

        private RipeningFit.Count count() {
            return new RipeningFit.Count(on.toEpochDay(), ripe, lookedAt);
        }
    }

    /** A single cut, and the share of the seed it collects. */
    public record Cut(LocalDate on, double share) {}

    /**
     * Going over the plants on these days.
     *
     * @param share of the seed collected, {@code gain} more than by the best single cut
     * @param gained grams more
     * @param hours of one person, more than a single cut
     */
    public record Pickings(List<LocalDate> days, double share, double gain, double gained, double hours) {}

    /** Shares on a day. */
    public record Day(LocalDate on, double ripe, double onPlants) {}

    /** Minutes to go over one plant for its ripe heads; a rule of thumb. */
    public static final double MINUTES_A_PLANT = 1.5;

    private static final int MOST_PICKINGS = 4;
    private static final double NARROWEST = 1;
    private static final double WIDEST = 40;
    private static final double MOST_SPREAD = 60;
    private static final double LENGTH_IN_SPREADS = 4;

    /** Share of the days from flower to ripe seed by which they are unsure. Experience: warmth and water rule them. */
    private static final double TO_RIPE_UNSURE = 0.15;

    /** Nobody knows to the day when half will be ripe. */
    private static final double LEAST_UNSURE = 2;

    private static final double SHOWN_SPREADS = 3;

    /** Share of the ripe seed on the plants that falls in a fair day; figures for kinds of crops, none of them measured. */
    public static double shatter(Crop crop) {
        return switch (crop.shatterRisk()) {
            case "high" -> 0.08;
            case "medium" -> 0.03;
            default -> 0.005;
        };
    }

    /**
     * @param from day on which the first seed is ripe by its bloom, {@code to} by which all but stragglers are
     * @param bloomSpread days by which its bloom is unsure (standard deviation)
     * @param plants standing
     * @param visits in any order
     */
    public static RipeningWatch of(
            Crop crop,
            LocalDate from,
            LocalDate to,
            double bloomSpread,
            int plants,
            List<Visit> visits,
            LocalDate today) {
        RipeningFit fit =
                RipeningFit.of(visits.stream().map(Visit::count).toList(), byBloom(crop, from, to, bloomSpread));
        RipeningCurve curve = new RipeningCurve(fit.mean(), Math.min(MOST_SPREAD, fit.spread()), shatter(crop));
        Known known = visits.isEmpty() ? Known.BLOOM : days(visits) < 2 ? Known.ONE_VISIT : Known.VISITS;
        double now = today.toEpochDay();
        long day = (long) Math.max(now, Math.round(curve.bestCut()));
        Cut best = new Cut(LocalDate.ofEpochDay(day), curve.collectable(day));
        int first = (int) today.toEpochDay();
        double single = curve.pickings(1, first).collected();
        double seed = plants * (crop.seedPerPlant().low() + crop.seedPerPlant().high()) / 2;
        List<Pickings> pickings = new ArrayList<>();
        for (int times = 1; times <= MOST_PICKINGS; times++) {
            RipeningCurve.Pickings some = curve.pickings(times, first);
            pickings.add(new Pickings(
                    some.days().stream().map(LocalDate::ofEpochDay).toList(),
                    some.collected(),
                    some.collected() - single,
                    (some.collected() - single) * seed,
                    (times - 1) * plants * MINUTES_A_PLANT / 60));
        }
        return new RipeningWatch(
                curve,
                fit.meanSpread(),
                known,
                curve.ripe(now),
                curve.collectable(now),
                curve.shattered(now),
                best,
                pickings,
                course(curve, today));
    }

    /** The days of ripening, with today among them where it is near. */
    private static List<Day> course(RipeningCurve curve, LocalDate today) {
        long first = (long) Math.floor(curve.mean() - SHOWN_SPREADS * curve.spread());
        long last = (long) Math.ceil(curve.mean() + SHOWN_SPREADS * curve.spread());
        long now = today.toEpochDay();
        List<Day> course = new ArrayList<>();
        for (long day = Math.max(first - 60, Math.min(first, now));
                day <= Math.min(last + 60, Math.max(last, now));
                day++) {
            course.add(new Day(LocalDate.ofEpochDay(day), curve.ripe(day), curve.collectable(day)));
        }
        return course;
    }

    /** What the bloom tells of the ripening before anybody looked. */
    private static RipeningFit.Prior byBloom(Crop crop, LocalDate from, LocalDate to, double bloomSpread) {
        double length = Math.max(1, ChronoUnit.DAYS.between(from, to));
        return new RipeningFit.Prior(
                from.toEpochDay() + length / 2,
                unsure(crop, bloomSpread),
                Math.max(NARROWEST, Math.min(WIDEST, length / LENGTH_IN_SPREADS)));
    }

    /** Days by which the ripening is unsure by the bloom alone (standard deviation). @param bloomSpread of the bloom */
    static double unsure(Crop crop, double bloomSpread) {
        return Math.max(LEAST_UNSURE, Math.hypot(bloomSpread, TO_RIPE_UNSURE * crop.daysFlowerToRipeSeed()));
    }

    private static long days(List<Visit> visits) {
        return visits.stream().map(Visit::on).distinct().count();
    }
}
