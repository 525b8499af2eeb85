package theriseed.core.season;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.MonthDay;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import theriseed.core.bloom.BloomForecast;
import theriseed.core.bloom.ClimateNormals;
import theriseed.core.bloom.FarmYear;
import theriseed.core.bloom.Frosts;
import theriseed.core.bloom.GrowingDays;
import theriseed.core.bloom.Weather;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.season.RipensHere.Cause;
import theriseed.core.season.RipensHere.Mark;

/** At 52 degrees north, 3.5 to 17 degrees from month to month; and the same farm warmer, and in the south. */
class RipensHereTest {
    private static final ClimateNormals COOL = new ClimateNormals(10.25, 6.75, 20, 5);
    private static final Optional<Frosts> FROSTS = Optional.of(new Frosts(MonthDay.of(5, 5), MonthDay.of(10, 15)));
    private static final LocalDate TODAY = LocalDate.of(2026, 1, 1);

    private static Crop crop(String key) {
        return CropTable.shipped().find(key).orElseThrow();
    }

    private static BloomForecast.Bloom bloom(
            ClimateNormals normals, Optional<Frosts> frosts, String key, int season, GrowingDays days) {
        return new BloomForecast(new Weather(normals, Map.of()), frosts, TODAY).of(crop(key), season, days);
    }

    private static Optional<RipensHere> here(
            ClimateNormals normals, Optional<Frosts> frosts, String key, int season, GrowingDays days) {
        return RipensHere.of(
                new FarmYear(normals, frosts),
                crop(key),
                days.setOut().orElse(days.sown()),
                bloom(normals, frosts, key, season, days),
                TODAY);
    }

    private static RipensHere cool(String key, String sown) {
        return here(COOL, FROSTS, key, 2026, GrowingDays.sown(LocalDate.parse(sown)))
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({"flour-maize, 2026-05-10", "squash-moschata, 2026-05-15", "watermelon, 2026-05-20"})
    void whatNeedsALongWarmSummerDoesNotRipenInACoolOne(String key, String sown) {
        RipensHere here = cool(key, sown);
        assertThat(here.mark()).isEqualTo(Mark.WILL_NOT);
        assertThat(here.cause()).isPresent();
        assertThat(here.ends().orElseThrow()).isBetween(LocalDate.of(2026, 9, 1), LocalDate.of(2026, 10, 20));
    }

    @ParameterizedTest
    @CsvSource({"pea, 2026-03-20", "lettuce, 2026-04-01", "broad-bean, 2026-03-01"})
    void whatIsMadeForCoolSummersRipens(String key, String sown) {
        assertThat(cool(key, sown).mark()).isEqualTo(Mark.RIPENS);
    }

    @Test
    void aTenderCropInTheOpenBeforeTheLastFrostIsAtRisk() {
        ClimateNormals warm = new ClimateNormals(14, 9, 20, 5);
        RipensHere early = here(warm, FROSTS, "tomato", 2026, GrowingDays.sown(LocalDate.of(2026, 3, 5)))
                .orElseThrow();
        assertThat(early.mark()).isEqualTo(Mark.AT_RISK);
        assertThat(early.cause()).contains(Cause.SPRING_FROST);
        assertThat(early.ends()).contains(LocalDate.of(2026, 5, 5));
        GrowingDays raised = new GrowingDays(
                LocalDate.of(2026, 3, 5),
                Optional.of(LocalDate.of(2026, 5, 12)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        assertThat(here(warm, FROSTS, "tomato", 2026, raised).orElseThrow().mark())
                .isEqualTo(Mark.RIPENS);
    }

    @Test
    void frostEndsWhatLivesForOneSummer() {
        GrowingDays late = GrowingDays.sown(LocalDate.of(2026, 7, 9));
        BloomForecast.Bloom bloom = bloom(COOL, FROSTS, "tomato", 2026, late);
        assertThat(bloom.window()).isEmpty();
        assertThat(bloom.killed().orElseThrow()).isBetween(LocalDate.of(2026, 10, 10), LocalDate.of(2026, 10, 20));
        assertThat(here(COOL, FROSTS, "tomato", 2026, late).orElseThrow().mark())
                .isEqualTo(Mark.WILL_NOT);
        BloomForecast.Bloom cut = bloom(
                new ClimateNormals(13, 8, 20, 5),
                FROSTS,
                "calendula",
                2026,
                GrowingDays.sown(LocalDate.of(2026, 8, 1)));
        cut.window()
                .ifPresent(window ->
                        cut.killed().ifPresent(day -> assertThat(window.last()).isBefore(day)));
    }

    @Test
    void whereFrostsAreNotKnownTheyAreTakenFromTheUsualWarmth() {
        RipensHere here = here(COOL, Optional.empty(), "flour-maize", 2026, GrowingDays.sown(LocalDate.of(2026, 5, 10)))
                .orElseThrow();
        assertThat(here.mark()).isEqualTo(Mark.WILL_NOT);
        assertThat(here.ends().orElseThrow()).isBetween(LocalDate.of(2026, 10, 1), LocalDate.of(2026, 11, 15));
    }

    @Test
    void theSouthRipensInItsOwnSummer() {
        ClimateNormals south = new ClimateNormals(14.5, 5.5, 200, 5);
        RipensHere bean = here(
                        south, Optional.empty(), "common-bean", 2028, GrowingDays.sown(LocalDate.of(2027, 10, 25)))
                .orElseThrow();
        assertThat(bean.mark()).isEqualTo(Mark.RIPENS);
        assertThat(bean.ripe().orElseThrow()).isBetween(LocalDate.of(2028, 1, 1), LocalDate.of(2028, 4, 15));
        RipensHere late = here(
                        south, Optional.empty(), "flour-maize", 2028, GrowingDays.sown(LocalDate.of(2028, 2, 20)))
                .orElseThrow();
        assertThat(late.mark()).isEqualTo(Mark.WILL_NOT);
    }

    /** Where it never freezes a tender crop does not wait out the winter either, and flower in the spring after. */
    @Test
    void withoutFrostTheColdEndsWhatIsTender() {
        ClimateNormals mild = new ClimateNormals(14.5, 5.5, 207, 4);
        RipensHere maize = here(
                        mild, Optional.empty(), "flour-maize", 2028, GrowingDays.sown(LocalDate.of(2028, 2, 20)))
                .orElseThrow();
        assertThat(maize.mark()).isEqualTo(Mark.WILL_NOT);
        assertThat(maize.cause()).contains(Cause.COLD);
        assertThat(maize.ends().orElseThrow()).isBetween(LocalDate.of(2028, 5, 20), LocalDate.of(2028, 7, 10));
    }

    @Test
    void laterIsNeverBetterWarmerNeverWorseAndNothingJumps() {
        for (String key : List.of("flour-maize", "common-bean", "tomato", "courgette", "sunflower", "basil")) {
            double before = chance(COOL, key, GrowingDays.sown(LocalDate.of(2026, 5, 9)));
            for (LocalDate day = LocalDate.of(2026, 5, 10);
                    day.isBefore(LocalDate.of(2026, 7, 20));
                    day = day.plusDays(1)) {
                GrowingDays sown = GrowingDays.sown(day);
                double chance = chance(COOL, key, sown);
                assertThat(chance).as(key + " " + day).isLessThanOrEqualTo(before + 0.01);
                assertThat(before - chance).as(key + " " + day).isLessThan(0.2);
                assertThat(chance(new ClimateNormals(12.25, 6.75, 20, 5), key, sown))
                        .as(key + " " + day)
                        .isGreaterThanOrEqualTo(chance - 0.05);
                before = chance;
            }
        }
    }

    private static double chance(ClimateNormals normals, String key, GrowingDays days) {
        return here(normals, FROSTS, key, 2026, days).map(RipensHere::chance).orElse(0.0);
    }
}
