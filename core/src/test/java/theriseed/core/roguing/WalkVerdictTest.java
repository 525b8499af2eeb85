package theriseed.core.roguing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import theriseed.core.crop.Grade;
import theriseed.core.measure.OutOfRange;
import theriseed.core.roguing.WalkVerdict.Mark;

/** Shown is shown at 95 of 100, however it came about. */
class WalkVerdictTest {
    private static final double NINE_IN_TEN = 0.9;

    private static WalkVerdict market(int plants, Pass... passes) {
        return WalkVerdict.of(Grade.MARKET, plants, List.of(passes));
    }

    private static Pass pulled(int lookedAt, int offTypes) {
        return Pass.of(lookedAt, offTypes, offTypes, NINE_IN_TEN);
    }

    private static Pass rows(int lookedAt, int offTypes, int first, int last, int inAll) {
        List<Integer> rows = new ArrayList<>();
        for (int row = first; row <= last; row++) {
            rows.add(row);
        }
        return new Pass(lookedAt, offTypes, offTypes, NINE_IN_TEN, rows, inAll, false);
    }

    @ParameterizedTest
    @CsvSource({"0, 100", "1, 100", "4, 312", "0, 298"})
    void lookingAtAsManyMoreAsItSaysIsJustEnough(int offTypes, int lookedAt) {
        int plants = 20_000;
        Pass before = pulled(lookedAt, offTypes);
        WalkVerdict now = market(plants, before);
        assertThat(now.mark()).isEqualTo(Mark.NOT_YET);
        assertThat(market(plants, before, pulled(now.more(), 0).throughOthers()).mark())
                .isEqualTo(Mark.SHOWN);
        assertThat(market(plants, before, pulled(now.more() - 1, 0).throughOthers())
                        .mark())
                .isEqualTo(Mark.NOT_YET);
    }

    @Test
    void aSampleMustAllowForWhatTheEyeOverlooks() {
        assertThat(market(20_000, pulled(299, 0)).mark()).isEqualTo(Mark.NOT_YET);
        assertThat(market(20_000, Pass.of(299, 0, 0, 1)).mark()).isEqualTo(Mark.SHOWN);
    }

    @Test
    void theSameHalfTwiceIsNotTheWhole() {
        WalkVerdict half = market(400, rows(200, 0, 1, 5, 10));
        WalkVerdict twice = market(400, rows(200, 0, 1, 5, 10), rows(200, 0, 1, 5, 10));
        WalkVerdict whole = market(400, rows(200, 0, 1, 5, 10), rows(200, 0, 6, 10, 10));
        assertThat(twice.seen()).isEqualTo(200);
        assertThat(whole.seen()).isEqualTo(400);
        assertThat(twice.none()).isBetween(half.none(), 0.5);
        assertThat(whole.none()).isCloseTo(market(400, pulled(400, 0)).none(), within(1e-12));
        assertThat(market(400, pulled(200, 0), pulled(200, 0)).seen())
                .as("nobody noted which, so they may be the same")
                .isEqualTo(200);
        assertThat(market(400, pulled(200, 0), pulled(200, 0).throughOthers()).seen())
                .isEqualTo(400);
    }

    @Test
    void rowsThatOverlapCountOnce() {
        WalkVerdict overlapping = market(400, rows(200, 1, 1, 5, 10), rows(200, 2, 4, 8, 10));
        assertThat(overlapping.seen()).isEqualTo(320);
        assertThat(overlapping.standing()).isEqualTo(397);
    }

    /** Twelve plants in four rows; what two walks that overlap leave, counted out over every way off-types can stand. */
    @Test
    void overlappingWalksShowNoMoreThanIsKnown() {
        double[] counted = {0.41802, 0.31922, 0.16442, 0.06693, 0.02265};
        OffTypesStanding left = OffTypesStanding.after(
                12,
                List.of(
                        new Pass(6, 1, 1, 0.8, List.of(1, 2), 4, false),
                        new Pass(6, 0, 0, 0.8, List.of(2, 3), 4, false)));
        double sum = 0;
        for (int offTypes = 0; offTypes < counted.length; offTypes++) {
            sum += counted[offTypes];
            assertThat(left.atMost(offTypes)).isLessThanOrEqualTo(sum).isCloseTo(sum, within(0.05));
        }
    }

    @Test
    void whatIsPulledStandsNoMore() {
        WalkVerdict tomatoes = market(20, pulled(20, 1));
        assertThat(tomatoes.mark()).isEqualTo(Mark.NOT_YET);
        assertThat(tomatoes.passes()).isEqualTo(1);
        assertThat(market(20, pulled(20, 1), pulled(19, 0)).mark()).isEqualTo(Mark.SHOWN);
        assertThat(market(20, Pass.of(20, 1, 0, NINE_IN_TEN)).mark()).isEqualTo(Mark.OVER);
    }

    @Test
    void whatWasMarkedAndIsPulledOnTheNextWalkIsTheSame() {
        WalkVerdict marked = market(150, Pass.of(150, 2, 0, 0.95), Pass.of(150, 2, 2, 0.95));
        assertThat(marked.standing()).isEqualTo(148);
        assertThat(marked.expected()).isLessThan(0.1);
        assertThat(marked.mark()).isEqualTo(Mark.SHOWN);
    }

    @Test
    void manyOffTypesAreOverTheLimit() {
        assertThat(market(100_000, pulled(300, 12)).mark()).isEqualTo(Mark.OVER);
        assertThat(market(5000, pulled(10, 1)).mark())
                .as("one in the first ten plants says little yet")
                .isEqualTo(Mark.NOT_YET);
    }

    @Test
    void aStandLookedAtWholeByASureEyeIsJudgedAsItIs() {
        assertThat(market(100, Pass.of(100, 1, 0, 1)).mark()).isEqualTo(Mark.SHOWN);
        assertThat(market(100, Pass.of(100, 2, 0, 1)).mark()).isEqualTo(Mark.OVER);
        assertThat(market(100, Pass.of(100, 2, 1, 1)).most()).isEqualTo(1);
        assertThat(market(4, Pass.of(4, 4, 4, 1)).upper()).isZero();
    }

    @Test
    void oneMorePlantLookedAtIsNoJump() {
        double before = OffTypesStanding.after(400, List.of(pulled(399, 3))).within(0.01);
        double whole = OffTypesStanding.after(400, List.of(pulled(400, 3))).within(0.01);
        assertThat(whole - before).isBetween(0.0, 0.01);
    }

    @Test
    void neverWeakerForLookingAtMoreOrPullingMoreNorBetterForFindingMore() {
        Random random = new Random(7);
        for (int i = 0; i < 300; i++) {
            int plants = 20 + random.nextInt(600);
            int looked = 2 + random.nextInt(plants - 2);
            int found = random.nextInt(Math.min(looked, 9));
            double eye = 0.5 + random.nextDouble() / 2;
            double tolerance = new double[] {0.002, 0.01, 0.03}[random.nextInt(3)];
            double now = chance(plants, tolerance, Pass.of(looked, found, found, eye));
            if (looked < plants) {
                assertThat(chance(plants, tolerance, Pass.of(looked + 1, found, found, eye)))
                        .isGreaterThanOrEqualTo(now - 1e-9);
            }
            assertThat(chance(plants, tolerance, Pass.of(looked, found + 1, found, eye)))
                    .isLessThanOrEqualTo(now + 1e-9);
            if (found > 0) {
                assertThat(OffTypesStanding.after(plants, List.of(Pass.of(looked, found, found - 1, eye)))
                                .expected())
                        .isGreaterThan(OffTypesStanding.after(plants, List.of(Pass.of(looked, found, found, eye)))
                                .expected());
            }
            assertThat(chance(
                            plants,
                            tolerance,
                            Pass.of(looked, found, found, eye),
                            Pass.of(Math.min(looked, plants - found), 0, 0, eye)))
                    .as("none found once more")
                    .isGreaterThanOrEqualTo(now - 1e-9);
            WalkVerdict verdict = WalkVerdict.of(Grade.MARKET, plants, List.of(Pass.of(looked, found, found, eye)));
            assertThat(verdict.most()).isGreaterThanOrEqualTo((int) Math.floor(verdict.expected()));
        }
    }

    private static double chance(int plants, double tolerance, Pass... passes) {
        return OffTypesStanding.after(plants, List.of(passes)).within(tolerance);
    }

    /** Stands whose off-types are drawn as they are taken to be beforehand, walked by rows twice, pulled as found. */
    @Test
    void ofStandsCalledShownHardlyAnyIsNot() {
        Random random = new Random(11);
        int shown = 0;
        int wrong = 0;
        for (int i = 0; i < 4000; i++) {
            int plants = 120;
            List<Boolean> stand = new ArrayList<>();
            int offTypes = random.nextInt(13);
            for (int plant = 0; plant < plants; plant++) {
                stand.add(plant < offTypes);
            }
            java.util.Collections.shuffle(stand, random);
            int first = pull(stand, 0, 60, random);
            int second = pull(stand, 0, 120, random);
            WalkVerdict told = market(plants, rows(60, first, 1, 5, 10), rows(120 - first, second, 1, 10, 10));
            long left = stand.stream().filter(off -> off).count();
            if (told.mark() == Mark.SHOWN) {
                shown++;
                wrong += left > 0.01 * told.standing() ? 1 : 0;
            }
        }
        assertThat(shown).isGreaterThan(500);
        assertThat(wrong / (double) shown).isLessThan(0.05);
    }

    private static int pull(List<Boolean> stand, int from, int to, Random random) {
        int pulled = 0;
        for (int plant = from; plant < to; plant++) {
            if (stand.get(plant) && random.nextDouble() < NINE_IN_TEN) {
                stand.set(plant, false);
                pulled++;
            }
        }
        return pulled;
    }

    @Test
    void moreThanStandsIsRefused() {
        assertThatThrownBy(() -> market(100, pulled(60, 2), pulled(99, 0)))
                .isInstanceOf(OutOfRange.class)
                .hasMessage("passes[1].looked_at: 99 is outside the valid range [1, 98] plants");
        assertThatThrownBy(() -> pulled(10, 12))
                .isInstanceOf(OutOfRange.class)
                .hasMessage("offTypes: 12 is outside the valid range [0, 10] plants");
        assertThatThrownBy(() -> Pass.of(10, 2, 3, 0.9))
                .isInstanceOf(OutOfRange.class)
                .hasMessage("pulled: 3 is outside the valid range [0, 2] plants");
    }
}
