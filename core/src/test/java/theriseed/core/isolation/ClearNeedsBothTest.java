package theriseed.core.isolation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import theriseed.core.bloom.BloomSpread;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.crop.Grade;
import theriseed.core.ground.LocalPlane;
import theriseed.core.ground.LonLat;
import theriseed.core.ground.Place;
import theriseed.core.ground.Site;
import theriseed.core.measure.OutOfRange;

/** A seed crop is clear only where every source is far enough, apart or closed, and all together stay within the grade. */
class ClearNeedsBothTest {
    private static final CropTable CROPS = CropTable.shipped();
    private static final LocalPlane FARM = LocalPlane.at(new LonLat(-24.3, 54.6));
    private static final LocalDate JUNE = LocalDate.of(2026, 6, 1);

    /** A field so many metres wide and deep, its near edge so far to the east of the farm's spot. */
    private static Stand field(String crop, String variety, double east, double north, double wide) {
        return new Stand(
                CROPS.find(crop).orElseThrow(),
                variety,
                Site.of(Place.rectangle(FARM, east + wide / 2, north, wide, wide, 0)),
                0,
                wide * wide,
                Optional.of(new BloomWindow(JUNE, JUNE.plusDays(39))),
                BloomSpread.NONE,
                PollenControl.OPEN,
                true,
                Optional.empty(),
                0);
    }

    private static Stand blooming(Stand stand, int later, int days, BloomSpread spread) {
        LocalDate first = JUNE.plusDays(later);
        return new Stand(
                stand.crop(),
                stand.variety(),
                stand.site(),
                stand.positionError(),
                stand.area(),
                Optional.of(new BloomWindow(first, first.plusDays(days - 1L))),
                spread,
                stand.control(),
                stand.sure(),
                stand.grade(),
                stand.dropped());
    }

    private static Threats of(Stand recipient, List<Stand> sources) {
        List<Stand> all = new ArrayList<>(List.of(recipient));
        all.addAll(sources);
        return SeasonThreats.of(all, Barriers.NONE).to(0);
    }

    private static Stand carrot(Grade grade) {
        return field("carrot", "own", -10, 0, 10).savedAs(grade);
    }

    /** Fields alike on all sides, none of them nearer. */
    private static List<Stand> round(String crop, int many, double metres, double wide) {
        return IntStream.range(0, many)
                .mapToObj(i -> {
                    double angle = 2 * Math.PI * i / many;
                    double far = metres + (5 + wide / 2) * Math.sqrt(2);
                    return field(
                            crop, "round " + i, -5 + far * Math.cos(angle) - wide / 2, far * Math.sin(angle), wide);
                })
                .toList();
    }

    @ParameterizedTest
    @CsvSource({"OWN_USE, 469, 8", "MARKET, 1069, 8", "MARKET, 1088, 2"})
    void fieldsThatAreEachFarEnoughAreNotClearWhenTogetherTheyAreTooMuch(Grade grade, double metres, int many) {
        Threats judged = of(carrot(grade), round("carrot", many, metres, 60));
        boolean within = judged.crossing() <= grade.crossingAllowed();
        assertThat(judged.verdict() == Verdict.CLEAR).isEqualTo(within);
        if (!within) {
            assertThat(judged.worst().orElseThrow().why()).isEqualTo(Threat.Why.TOO_MUCH_TOGETHER);
            assertThat(judged.worstFirst())
                    .allSatisfy(threat -> assertThat(threat.metres()).isGreaterThan(threat.asked()));
        }
    }

    @Test
    void eightFieldsJustBeyondTheDistanceAreTooMuch() {
        Threats judged = of(carrot(Grade.OWN_USE), round("carrot", 8, 410, 60));
        assertThat(judged.crossing()).isGreaterThan(3 * Grade.OWN_USE.crossingAllowed());
        assertThat(judged.verdict()).isEqualTo(Verdict.CROSSES);
        assertThat(judged.worstFirst()).hasSize(8).allSatisfy(threat -> {
            assertThat(threat.verdict()).isEqualTo(Verdict.CROSSES);
            assertThat(threat.why()).isEqualTo(Threat.Why.TOO_MUCH_TOGETHER);
        });
    }

    @Test
    void whatHardlyAddsIsNotBlamed() {
        List<Stand> sources = new ArrayList<>(round("carrot", 3, 405, 60));
        sources.add(field("carrot", "far", 2500, 0, 60));
        Threats judged = of(carrot(Grade.OWN_USE), sources);
        assertThat(judged.verdict()).isNotEqualTo(Verdict.CLEAR);
        assertThat(judged.worstFirst().get(judged.worstFirst().size() - 1).verdict())
                .isEqualTo(Verdict.CLEAR);
    }

    @Test
    void oneLargeSourceAtTheDistanceAskedIsWithinTheGradeOfEveryCrop() {
        for (Crop crop : CROPS.all()) {
            if (crop.isolation().isEmpty()) {
                continue;
            }
            for (Grade grade : Grade.values()) {
                double asked = crop.isolation().get().of(grade);
                Stand own = field(crop.key(), "own", -10, 0, 10).savedAs(grade);
                Threats judged = of(own, List.of(field(crop.key(), "other", asked * 1.001 + 0.1, 0, 600)));
                assertThat(judged.verdict()).as(crop.key() + " " + grade).isEqualTo(Verdict.CLEAR);
                assertThat(judged.crossing()).as(crop.key()).isLessThanOrEqualTo(grade.crossingAllowed());
            }
        }
    }

    @Test
    void aPartlyCompatibleSpeciesMayStandAsNearAsItsCrossesAllow() {
        Stand own = field("siberian-kale", "own", -10, 0, 10).savedAs(Grade.MARKET);
        Threat cabbage =
                of(own, List.of(field("cabbage", "other", 30, 0, 20))).worst().orElseThrow();
        assertThat(cabbage.compatibility()).isLessThan(0.1);
        assertThat(cabbage.asked())
                .isLessThan(own.crop().isolation().orElseThrow().market());
        assertThat(cabbage.crossing()).isLessThan(Grade.MARKET.crossingAllowed());
        double where = cabbage.asked();
        assertThat(PollenFlow.of(own.crop()).at(where) * cabbage.compatibility())
                .isCloseTo(Grade.MARKET.crossingAllowed(), within(1e-9));
    }

    @Test
    void bloomsThatJustMeetOrJustMissAreWeighedAlike() {
        BloomSpread week = BloomSpread.ofBoth(7);
        Stand own = blooming(carrot(Grade.MARKET), 0, 30, week);
        double before = Double.MAX_VALUE;
        for (int later = 20; later < 60; later++) {
            Threats judged = of(own, List.of(blooming(field("carrot", "other", 1, 0, 30), later, 30, week)));
            assertThat(judged.crossing())
                    .as(later + " days later")
                    .isLessThan(before)
                    .isPositive();
            assertThat(later == 20 ? 1 : before / judged.crossing())
                    .as("no cliff")
                    .isLessThan(1.6);
            before = judged.crossing();
            if (judged.crossing() > Grade.MARKET.crossingAllowed()) {
                assertThat(judged.verdict()).isNotEqualTo(Verdict.CLEAR);
            }
        }
    }

    @Test
    void aSeenFirstFlowerSaysNothingSureOfTheEnd() {
        Stand own = blooming(carrot(Grade.MARKET), 0, 40, BloomSpread.ofBeginning(BloomSpread.SEEN, 40));
        Stand next = blooming(field("carrot", "other", 1, 0, 30), 48, 30, BloomSpread.ofBoth(BloomSpread.SEEN));
        assertThat(of(own, List.of(next)).verdict()).isNotEqualTo(Verdict.CLEAR);
    }

    @Test
    void nothingGetsBetterWithMoreSourcesNearerOnesOrUnsureReports() {
        Random random = new Random(11);
        List<Crop> crops = CROPS.all().stream()
                .filter(crop -> crop.isolation().isPresent())
                .toList();
        for (int round = 0; round < 400; round++) {
            Crop crop = crops.get(random.nextInt(crops.size()));
            Grade grade = Grade.values()[random.nextInt(3)];
            double asked = crop.isolation().orElseThrow().of(grade);
            Stand own = field(crop.key(), "own", -10, 0, 10).savedAs(grade);
            List<Stand> sources = new ArrayList<>();
            for (int i = 0; i < 1 + random.nextInt(8); i++) {
                Stand one = field(
                        crop.key(),
                        "other " + i,
                        1 + Math.min(4900, asked * 3) * random.nextDouble(),
                        random.nextInt(50),
                        5 + 60 * random.nextDouble());
                sources.add(blooming(
                        one, random.nextInt(90) - 45, 5 + random.nextInt(50), BloomSpread.ofBoth(random.nextInt(12))));
            }
            Threats judged = of(own, sources);
            if (judged.verdict() == Verdict.CLEAR) {
                assertThat(judged.crossing()).isLessThanOrEqualTo(grade.crossingAllowed());
            }
            assertThat(judged.crossing())
                    .isGreaterThanOrEqualTo(judged.worstFirst().stream()
                                    .mapToDouble(Threat::crossing)
                                    .max()
                                    .orElse(0)
                            * (1 - 1e-9));
            Threats fewer = of(own, sources.subList(0, sources.size() - 1));
            assertThat(fewer.verdict()).isLessThanOrEqualTo(judged.verdict());
            assertThat(fewer.crossing()).isLessThanOrEqualTo(judged.crossing());
            Stand last = sources.get(sources.size() - 1);
            List<Stand> nearer = new ArrayList<>(sources.subList(0, sources.size() - 1));
            nearer.add(last.at(Site.of(Place.rectangle(FARM, 16, 0, 30, 30, 0))));
            assertThat(of(own, nearer).verdict()).isGreaterThanOrEqualTo(judged.verdict());
            List<Stand> unsure = new ArrayList<>(sources.subList(0, sources.size() - 1));
            unsure.add(last.surely(false));
            assertThat(of(own, unsure).verdict()).isGreaterThanOrEqualTo(judged.verdict());
        }
    }

    @Test
    void rowsDroppedWiderThanTheBedLeaveNoSeedAndThrowNothing() {
        Stand bed = new Stand(
                CROPS.find("carrot").orElseThrow(),
                "own",
                Site.of(Place.rectangle(FARM, -0.6, 0, 1.2, 20, 0)),
                0,
                24,
                Optional.of(new BloomWindow(JUNE, JUNE.plusDays(39))),
                BloomSpread.NONE,
                PollenControl.OPEN,
                true,
                Optional.of(Grade.MARKET),
                1.5);
        Stand spot = bed.at(Site.of(Place.spot(FARM.spot(0, 0))));
        List<Stand> other = List.of(field("carrot", "other", 300, 0, 30));
        assertThat(of(bed, other).crossing())
                .isPositive()
                .isLessThanOrEqualTo(of(bed.dropping(0), other).crossing());
        assertThat(of(spot, other).crossing())
                .isEqualTo(of(spot.dropping(0), other).crossing());
    }

    @Test
    void whatCannotBeIsRefusedByNameInsteadOfClearing() {
        assertThatThrownBy(() -> new BloomSpread(Double.NaN, 3))
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("first");
        assertThatThrownBy(() -> BloomSpread.ofBoth(Double.POSITIVE_INFINITY)).isInstanceOf(OutOfRange.class);
        assertThatThrownBy(() -> carrot(Grade.MARKET).dropping(-1))
                .isInstanceOf(OutOfRange.class)
                .hasMessageContaining("dropped");
        assertThatThrownBy(() -> field("carrot", "none", 0, 0, 0)).isInstanceOf(RuntimeException.class);
    }
}
