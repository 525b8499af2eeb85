package theriseed.core.roguing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.apache.commons.statistics.distribution.HypergeometricDistribution;
import org.junit.jupiter.api.Test;
import theriseed.core.measure.OutOfRange;
import theriseed.core.roguing.StockTrend.Year;

class StockTrendTest {
    @Test
    void fewerOffTypesEveryYearIsTruer() {
        assertThat(StockTrend.of(List.of(new Year(2023, 24, 400), new Year(2024, 12, 400), new Year(2025, 5, 400))))
                .isEqualTo(StockTrend.TRUER);
        assertThat(StockTrend.of(List.of(new Year(2023, 5, 400), new Year(2024, 12, 400), new Year(2025, 24, 400))))
                .isEqualTo(StockTrend.WORSE);
    }

    @Test
    void aFewPlantsMoreOrLessAreNoTrend() {
        assertThat(StockTrend.of(List.of(new Year(2023, 2, 110), new Year(2025, 1, 96))))
                .isEqualTo(StockTrend.NOT_TOLD_APART);
        assertThat(StockTrend.of(List.of(new Year(2023, 0, 110), new Year(2025, 0, 96))))
                .isEqualTo(StockTrend.NOT_TOLD_APART);
    }

    @Test
    void theSameSharesAreATrendOnceEnoughWereLookedAt() {
        assertThat(StockTrend.of(List.of(new Year(2024, 2, 100), new Year(2025, 1, 100))))
                .isEqualTo(StockTrend.NOT_TOLD_APART);
        assertThat(StockTrend.of(List.of(new Year(2024, 60, 3000), new Year(2025, 30, 3000))))
                .isEqualTo(StockTrend.TRUER);
    }

    /** Far from the border it agrees with the usual test by a bell; near it, it is the more careful. */
    @Test
    void yearsCountByHowManyPlantsWereLookedAtInThem() {
        Random random = new Random(26);
        int told = 0;
        for (int i = 0; i < 3000; i++) {
            List<Year> years = new ArrayList<>();
            int year = 2015;
            for (int n = 2 + random.nextInt(4); n > 0; n--) {
                year += 1 + random.nextInt(3);
                int lookedAt = 20 + random.nextInt(800);
                years.add(new Year(year, random.nextInt(1 + lookedAt / 20), lookedAt));
            }
            double z = z(years);
            int offTypes = years.stream().mapToInt(Year::offTypes).sum();
            if (offTypes >= 8 && Math.abs(z) > 2.6) {
                assertThat(StockTrend.of(years))
                        .as(years + ", z " + z)
                        .isEqualTo(z < 0 ? StockTrend.TRUER : StockTrend.WORSE);
                told++;
            } else if (Double.isNaN(z) || Math.abs(z) < 1.7) {
                assertThat(StockTrend.of(years)).as(years + ", z " + z).isEqualTo(StockTrend.NOT_TOLD_APART);
            }
        }
        assertThat(told).isBetween(300, 2700);
    }

    private static double z(List<Year> years) {
        double off = 0;
        double all = 0;
        for (Year year : years) {
            off += year.offTypes();
            all += year.lookedAt();
        }
        double trend = 0;
        double squares = 0;
        double products = 0;
        for (Year year : years) {
            double right = year.lookedAt() - year.offTypes();
            trend += (year.year() - 2000) * (year.offTypes() * (all - off) - right * off);
            squares += Math.pow(year.year() - 2000, 2) * year.lookedAt() * (all - year.lookedAt());
            for (Year other : years) {
                if (other != year) {
                    products += (year.year() - 2000.0) * (other.year() - 2000) * year.lookedAt() * other.lookedAt();
                }
            }
        }
        return trend / Math.sqrt(off * (all - off) / all * (squares - products));
    }

    @Test
    void oneYearTellsNothing() {
        assertThat(StockTrend.of(List.of(new Year(2025, 3, 400), new Year(2025, 1, 400))))
                .isEqualTo(StockTrend.TOO_FEW);
    }

    @Test
    void moreOffTypesThanPlantsAreRefused() {
        assertThatThrownBy(() -> new Year(2025, 11, 10))
                .isInstanceOf(OutOfRange.class)
                .hasMessage("offTypes: 11 is outside the valid range [0, 10] plants");
    }

    /** One in 110 and one in 4: of all pairs among the 114 plants, seven in a hundred hold one of the four at least. */
    @Test
    void aFewPlantsAreNoTrend() {
        assertThat(StockTrend.of(List.of(new Year(2024, 1, 110), new Year(2026, 1, 4))))
                .isEqualTo(StockTrend.NOT_TOLD_APART);
        assertThat(StockTrend.of(List.of(new Year(2024, 1, 110), new Year(2026, 3, 4))))
                .isEqualTo(StockTrend.WORSE);
    }

    /** Two years are two samples of one urn: the tail is that of drawing without putting back. */
    @Test
    void twoYearsAreTestedAsTheHypergeometricSays() {
        for (int off = 0; off <= 12; off++) {
            double atLeast = HypergeometricDistribution.of(500, 12, 200).survivalProbability(off - 1);
            assertThat(StockTrend.of(List.of(new Year(2024, 12 - off, 300), new Year(2025, off, 200)))
                            == StockTrend.WORSE)
                    .as(off + " of 12")
                    .isEqualTo(atLeast <= 0.025);
        }
    }

    @Test
    void hundredsOfOffTypesAreATrendToo() {
        assertThat(StockTrend.of(List.of(new Year(2023, 90, 4000), new Year(2025, 160, 4000))))
                .isEqualTo(StockTrend.WORSE);
        assertThat(StockTrend.of(List.of(new Year(2023, 190, 190), new Year(2025, 1, 4))))
                .as("too few expected in one of the years to tell so")
                .isEqualTo(StockTrend.NOT_TOLD_APART);
    }
}
