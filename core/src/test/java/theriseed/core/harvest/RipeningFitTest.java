package theriseed.core.harvest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.apache.commons.statistics.distribution.NormalDistribution;
import org.junit.jupiter.api.Test;
import theriseed.core.harvest.RipeningFit.Count;
import theriseed.core.harvest.RipeningFit.Prior;

class RipeningFitTest {
    private static final Prior PRIOR = new Prior(30, 6, 4);

    @Test
    void aLookThatFindsNothingSaysNotBeforeAndNoMore() {
        RipeningFit once = RipeningFit.of(List.of(new Count(14, 0, 50)), PRIOR);
        RipeningFit often = RipeningFit.of(
                List.of(new Count(2, 0, 50), new Count(6, 0, 50), new Count(10, 0, 50), new Count(14, 0, 50)), PRIOR);
        assertThat(once.mean()).isCloseTo(30, within(1.0));
        assertThat(often.mean()).as("looking early moves it no further").isCloseTo(once.mean(), within(0.1));
    }

    /** Whoever looks every few days from early on is told the right week. */
    @Test
    void whoeverStartsLookingEarlyIsNotToldToWait() {
        Random random = new Random(26);
        NormalDistribution ripening = NormalDistribution.of(30, 4);
        int late = 0;
        int logs = 400;
        for (int log = 0; log < logs; log++) {
            List<Count> visits = new ArrayList<>();
            for (int day = 12; day <= 27; day += 5) {
                int ripe = 0;
                for (int head = 0; head < 50; head++) {
                    ripe += random.nextDouble() < ripening.cumulativeProbability(day) ? 1 : 0;
                }
                visits.add(new Count(day, ripe, 50));
            }
            late += RipeningFit.of(visits, new Prior(32, 7, 5)).mean() > 33 ? 1 : 0;
        }
        assertThat(late / (double) logs).as("more than three days late").isLessThan(0.05);
    }

    @Test
    void itStandsWhereNothingNearIsLikelier() {
        List<Count> visits = List.of(new Count(20, 2, 40), new Count(27, 11, 40), new Count(34, 38, 40));
        RipeningFit fit = RipeningFit.of(visits, PRIOR);
        double top = likelihood(visits, fit.mean(), fit.spread());
        for (double step : new double[] {-0.05, 0.05}) {
            assertThat(likelihood(visits, fit.mean() + step, fit.spread())).isLessThan(top);
            assertThat(likelihood(visits, fit.mean(), fit.spread() * (1 + step)))
                    .isLessThan(top);
        }
    }

    private static double likelihood(List<Count> visits, double mean, double spread) {
        NormalDistribution ripening = NormalDistribution.of(mean, spread);
        double sum = -Math.pow((mean - PRIOR.mean()) / PRIOR.meanSpread(), 2) / 2
                - Math.pow(Math.log(spread / PRIOR.spread()) / 0.3, 2) / 2;
        for (Count visit : visits) {
            double ripe = ripening.cumulativeProbability(visit.day());
            sum += visit.ripe() * Math.log(ripe) + (visit.lookedAt() - visit.ripe()) * Math.log(1 - ripe);
        }
        return sum;
    }

    @Test
    void visitsFarFromWhatWasExpectedAreStillFitted() {
        RipeningFit allRipe = RipeningFit.of(List.of(new Count(-150, 50, 50)), PRIOR);
        RipeningFit noneRipe = RipeningFit.of(List.of(new Count(250, 0, 50)), PRIOR);
        assertThat(allRipe.mean()).isFinite().isLessThan(PRIOR.mean());
        assertThat(noneRipe.mean()).isFinite().isGreaterThan(PRIOR.mean());
        assertThat(noneRipe.spread()).isFinite().isPositive();
    }
}
