package theriseed.core.isolation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import theriseed.core.bloom.BloomSpread;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.crop.CropTable;
import theriseed.core.crop.Grade;
import theriseed.core.ground.LonLat;
import theriseed.core.ground.Place;
import theriseed.core.ground.Site;

class ThreatsTest {
    private static final CropTable CROPS = CropTable.shipped();
    private static final double METRES_PER_DEGREE_NORTH = 111_320;
    private static final BloomWindow MAY = bloom("2026-05-01", "2026-06-04");
    private static final BloomWindow AUGUST = bloom("2026-08-01", "2026-09-04");

    private static BloomWindow bloom(String first, String last) {
        return new BloomWindow(LocalDate.parse(first), LocalDate.parse(last));
    }

    private static Stand kale(String variety, double metresNorth, BloomWindow bloom) {
        return stand("kale", variety, metresNorth, bloom, PollenControl.OPEN, true);
    }

    private static Stand stand(
            String crop, String variety, double metresNorth, BloomWindow bloom, PollenControl control, boolean sure) {
        Place place = Place.spot(new LonLat(-24.3, 54.6 + metresNorth / METRES_PER_DEGREE_NORTH));
        return new Stand(
                CROPS.find(crop).orElseThrow(),
                variety,
                Site.of(place),
                3,
                100,
                Optional.ofNullable(bloom),
                BloomSpread.ofBoth(7),
                control,
                sure,
                Optional.of(Grade.MARKET),
                0);
    }

    private static Threats threats(Stand recipient, Stand... sources) {
        List<Stand> stands = new ArrayList<>(List.of(sources));
        stands.add(recipient);
        return SeasonThreats.of(stands, Barriers.NONE).to(sources.length);
    }

    private static Threat only(Stand source) {
        return threats(kale("Ninefold", 0, MAY), source).worst().orElseThrow();
    }

    @Test
    void nearAndInBloomTogetherCrosses() {
        Threat threat = only(kale("Other", 100, MAY));
        assertThat(threat.verdict()).isEqualTo(Verdict.CROSSES);
        assertThat(threat.why()).isEqualTo(Threat.Why.TOO_NEAR);
        assertThat(threat.metres()).isCloseTo(100, within(1.0));
        assertThat(threat.daysTogether()).isEqualTo(35);
        assertThat(threat.crossing()).isGreaterThan(Grade.MARKET.crossingAllowed());
    }

    @Test
    void farEnoughIsClear() {
        assertThat(only(kale("Other", 1100, MAY)).why()).isEqualTo(Threat.Why.FAR_ENOUGH);
    }

    @Test
    void insideThePositionErrorIsTight() {
        assertThat(only(kale("Other", 1001, MAY)).why()).isEqualTo(Threat.Why.WITHIN_POSITION_ERROR);
    }

    @Test
    void apartInTimeIsClearOnlyByMoreThanTheForecastMayErr() {
        assertThat(only(kale("Other", 50, AUGUST)).why()).isEqualTo(Threat.Why.APART_IN_TIME);
        Threat hardly = only(kale("Other", 50, bloom("2026-06-12", "2026-07-10")));
        assertThat(hardly.why()).isEqualTo(Threat.Why.HARDLY_APART_IN_TIME);
        assertThat(hardly.daysApart()).isEqualTo(7);
        assertThat(hardly.margin()).isEqualTo(17);
        assertThat(hardly.verdict()).isEqualTo(Verdict.TIGHT);
    }

    @Test
    void nearerThanAskedButWithinTheEstimateIsTight() {
        Threat threat = only(kale("Other", 850, bloom("2026-05-28", "2026-06-30")));
        assertThat(threat.why()).isEqualTo(Threat.Why.ESTIMATE_WITHIN_GRADE);
        assertThat(threat.verdict()).isEqualTo(Verdict.TIGHT);
    }

    @Test
    void manySourcesThatWouldEachPassAreJudgedTogether() {
        Stand recipient = kale("Ninefold", 0, MAY);
        Stand one = kale("A", 880, MAY);
        assertThat(threats(recipient, one).verdict()).isEqualTo(Verdict.TIGHT);
        assertThat(threats(recipient, one, kale("B", -880, MAY), kale("C", 890, MAY), kale("D", -890, MAY))
                        .verdict())
                .isEqualTo(Verdict.CROSSES);
    }

    @Test
    void anUnsureReportClearsNothingAndForgivesNothing() {
        assertThat(only(stand("cabbage", "croft", 100, MAY, PollenControl.OPEN, false))
                        .verdict())
                .isEqualTo(Verdict.CROSSES);
        assertThat(only(stand("cabbage", "croft", 100, MAY, PollenControl.OPEN, false))
                        .sure())
                .isFalse();
        assertThat(only(stand("cabbage", "croft", 100, AUGUST, PollenControl.OPEN, false))
                        .why())
                .isEqualTo(Threat.Why.UNSURE_REPORT);
    }

    @Test
    void whatAPromiseWouldBringIfItWereBrokenIsToldBesideIt() {
        Threats promised = threats(
                kale("Ninefold", 0, MAY), stand("cabbage", "croft", 100, MAY, PollenControl.NEVER_FLOWERS, false));
        Threats open = threats(kale("Ninefold", 0, MAY), stand("cabbage", "croft", 100, MAY, PollenControl.OPEN, true));
        assertThat(promised.crossing()).isZero();
        assertThat(promised.unkept()).isEqualTo(open.crossing());
        assertThat(promised.verdict()).isEqualTo(Verdict.TIGHT);
    }

    @Test
    void unknownBloomIsTakenToMeetInFull() {
        assertThat(only(kale("Other", 100, null)).verdict()).isEqualTo(Verdict.CROSSES);
    }

    @Test
    void whatBloomsLongerIsNeverJudgedBetter() {
        for (double metres : new double[] {60, 500, 850, 1100}) {
            for (int first = -40; first <= 40; first += 8) {
                Threats before = threats(kale("Ninefold", 0, MAY));
                for (int days = 0; days <= 120; days += 6) {
                    BloomWindow bloom = new BloomWindow(
                            MAY.first().plusDays(first), MAY.first().plusDays(first + days));
                    Threats now = threats(kale("Ninefold", 0, MAY), kale("Other", metres, bloom));
                    assertThat(now.crossing()).isGreaterThanOrEqualTo(before.crossing() - 1e-12);
                    assertThat(now.verdict()).isGreaterThanOrEqualTo(before.verdict());
                    before = now;
                }
            }
        }
    }

    @Test
    void whatNeverFlowersThreatensNothing() {
        Threat eaten = only(stand("cabbage", "Slack Water", 20, MAY, PollenControl.NEVER_FLOWERS, true));
        assertThat(eaten.why()).isEqualTo(Threat.Why.SHEDS_NOTHING);
        assertThat(eaten.crossing()).isZero();
    }

    @Test
    void otherGroupsAndTheSameVarietyAreNoThreat() {
        Stand recipient = kale("Ninefold", 0, MAY);
        Threats threats = threats(
                recipient, kale("Ninefold", 5, MAY), stand("carrot", "Ferrous", 5, MAY, PollenControl.OPEN, true));
        assertThat(threats.worstFirst()).isEmpty();
        assertThat(threats.verdict()).isEqualTo(Verdict.CLEAR);
    }

    @Test
    void theWorstComesFirstThenTheMostCrossing() {
        Threats threats = threats(
                kale("Ninefold", 0, MAY), kale("far", 2000, MAY), kale("near", 60, MAY), kale("late", 60, AUGUST));
        assertThat(threats.worstFirst()).extracting(Threat::source).containsExactly(1, 0, 2);
        assertThat(threats.crossing()).isLessThanOrEqualTo(0.85);
    }

    @Test
    void theGradeDecidesTheDistanceAndTheEstimate() {
        Stand recipient = kale("Ninefold", 0, MAY);
        Stand source = kale("Other", 450, MAY);
        assertThat(threats(recipient.savedAs(Grade.OWN_USE), source).verdict()).isEqualTo(Verdict.CLEAR);
        assertThat(threats(recipient, source).verdict()).isEqualTo(Verdict.CROSSES);
    }
}
