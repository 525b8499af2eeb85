package theriseed.core.harvest;

import java.util.List;
import org.apache.commons.numbers.gamma.Erfc;
import org.apache.commons.numbers.gamma.Erfcx;
import theriseed.core.measure.Range;

/**
 * When a planting ripens, from what was known beforehand and from heads counted at visits: the likeliest day on which half is
 * ripe, and the likeliest spread. A visit that finds nothing ripe says "not before", and no more; looking early costs nothing.
 * Heads are taken as they come. A cold spell makes ripening another than normal: show the visits beside the curve.
 *
 * <p>Probit regression with a prior (standard): ripe heads are binomial with &Phi;((day &minus; mean) / spread); the mean is
 * normal beforehand, and the logarithm of the spread.
 *
 * @param mean day on which half is ripe, counted as the visits' days are
 * @param spread standard deviation of the ripening days
 * @param meanSpread standard deviation of the mean, from the curvature at the likeliest
 */
public record RipeningFit(double mean, double spread, double meanSpread) {
    /** How sure the crop's usual spread is: the standard deviation of its logarithm. */
    private static final double SPREAD_UNSURE = 0.3;

    private static final double EXACT = 1e-9;
    private static final int MOST_STEPS = 500;
    private static final double SHORTEST = 1e-12;

    /** A visit on a day: so many of the heads looked at were ripe. */
    public record Count(double day, int ripe, int lookedAt) {}

    /** What is known before anybody looked: the mean, its standard deviation in days, and the crop's usual spread. */
    public record Prior(double mean, double meanSpread, double spread) {
        public Prior {
            Range.of(-1000, 100_000, "day").check("prior_mean", mean);
            Range.above(0, 200, "days").check("prior_sd", meanSpread);
            Range.above(0, 60, "days").check("usual_spread", spread);
        }
    }

    /** @param visits in any order; several may be of one day */
    public static RipeningFit of(List<Count> visits, Prior prior) {
        for (int i = 0; i < visits.size(); i++) {
            String visit = "visits[" + i + "].";
            Range.of(1, 100_000, "heads")
                    .check(visit + "lookedAt", visits.get(i).lookedAt());
            Range.of(0, visits.get(i).lookedAt(), "heads")
                    .check(visit + "ripe", visits.get(i).ripe());
        }
        Point at = new Point(prior.mean(), Math.log(prior.spread()), visits, prior);
        for (int i = 0; i < MOST_STEPS; i++) {
            Point next = at.uphill();
            boolean there = Math.abs(next.mean - at.mean) < EXACT && Math.abs(next.logSpread - at.logSpread) < EXACT;
            at = next;
            if (there) {
                break;
            }
        }
        return new RipeningFit(at.mean, Math.exp(at.logSpread), Math.sqrt(at.varianceOfMean()));
    }

    /** A mean and a spread, with how likely they are and which way is likelier. */
    private static final class Point {
        private final double mean;
        private final double logSpread;
        private final List<Count> visits;
        private final Prior prior;
        private double height;
        private double byMean;
        private double bySpread;
        private double meanMean;
        private double meanSpread;
        private double spreadSpread;
        /** The part of the curvature that is negative wherever one stands. */
        private double safeMeanSpread;

        private double safeSpreadSpread;

        Point(double mean, double logSpread, List<Count> visits, Prior prior) {
            this.mean = mean;
            this.logSpread = logSpread;
            this.visits = visits;
            this.prior = prior;
            double off = (mean - prior.mean()) / prior.meanSpread();
            double wide = (logSpread - Math.log(prior.spread())) / SPREAD_UNSURE;
            height = -(off * off + wide * wide) / 2;
            byMean = -off / prior.meanSpread();
            bySpread = -wide / SPREAD_UNSURE;
            meanMean = -1 / (prior.meanSpread() * prior.meanSpread());
            spreadSpread = -1 / (SPREAD_UNSURE * SPREAD_UNSURE);
            safeSpreadSpread = spreadSpread;
            visits.forEach(this::add);
        }

        private void add(Count visit) {
            double spread = Math.exp(logSpread);
            double z = (visit.day() - mean) / spread;
            int ripe = visit.ripe();
            int green = visit.lookedAt() - ripe;
            double ofRipe = densityToShare(z);
            double ofGreen = densityToShare(-z);
            double slope = ripe * ofRipe - green * ofGreen;
            double bend = -ripe * ofRipe * (z + ofRipe) - green * ofGreen * (ofGreen - z);
            height += ripe * logShare(z) + green * logShare(-z);
            byMean -= slope / spread;
            bySpread -= slope * z;
            meanMean += bend / (spread * spread);
            safeMeanSpread += bend * z / spread;
            safeSpreadSpread += bend * z * z;
            meanSpread += (bend * z + slope) / spread;
            spreadSpread += bend * z * z + slope * z;
        }

        /** A step towards what is likelier, shortened until it is. */
        Point uphill() {
            double determinant = meanMean * safeSpreadSpread - safeMeanSpread * safeMeanSpread;
            double toMean = -(safeSpreadSpread * byMean - safeMeanSpread * bySpread) / determinant;
            double toSpread = -(meanMean * bySpread - safeMeanSpread * byMean) / determinant;
            for (double step = 1; step > SHORTEST; step /= 2) {
                Point next = new Point(mean + step * toMean, logSpread + step * toSpread, visits, prior);
                if (next.height >= height) {
                    return next;
                }
            }
            return this;
        }

        double varianceOfMean() {
            double determinant = meanMean * spreadSpread - meanSpread * meanSpread;
            return determinant > 0 ? -spreadSpread / determinant : -1 / meanMean;
        }
    }

    /** The normal density at z over the share below z, however far out. */
    private static double densityToShare(double z) {
        return Math.sqrt(2 / Math.PI) / Erfcx.value(-z / Math.sqrt(2));
    }

    /** The logarithm of the share below z. */
    private static double logShare(double z) {
        return z < 0
                ? Math.log(Erfcx.value(-z / Math.sqrt(2)) / 2) - z * z / 2
                : Math.log1p(-Erfc.value(z / Math.sqrt(2)) / 2);
    }
}
