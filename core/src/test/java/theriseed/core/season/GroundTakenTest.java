package theriseed.core.season;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.season.Bedding.Stretch;
import theriseed.core.season.GroundTaken.Bed;
import theriseed.core.season.GroundTaken.Plants;
import theriseed.core.season.GroundTaken.Plot;
import theriseed.core.season.GroundTaken.Stay;

class GroundTakenTest {
    private static final Bedding PLOT = new Bedding("west", List.of());

    private static Crop crop(String key) {
        return CropTable.shipped().find(key).orElseThrow();
    }

    private static Bedding bed(String name, double from, double to) {
        return new Bedding("west", List.of(new Stretch(name, from, to)));
    }

    private static Stay summer(Bedding ground, int year) {
        return new Stay(ground, year, LocalDate.of(year, 4, 1), LocalDate.of(year, 9, 30));
    }

    private static Plants<String> plants(String name, String crop, Stay stay) {
        return new Plants<>(name, crop(crop), name, stay.year(), stay.from(), List.of(stay));
    }

    private static GroundTaken<String> taken(Plants<?>... plants) {
        @SuppressWarnings("unchecked")
        List<Plants<String>> all = (List<Plants<String>>) (List<?>) List.of(plants);
        return new GroundTaken<>(all);
    }

    @Test
    void aPlotAsItLiesIsAllOfItsBedsAndBedsThatOnlyTouchAreTwo() {
        assertThat(PLOT.shares(bed("1", 0, 5))).isTrue();
        assertThat(bed("1", 0, 5).shares(bed("1", 4, 9))).isTrue();
        assertThat(bed("1", 0, 5).shares(bed("1", 5, 9))).isFalse();
        assertThat(bed("1", 0, 5).shares(bed("2", 0, 5))).isFalse();
        assertThat(new Bedding("west", List.of(new Stretch("1", 0, 5), new Stretch("1", 3, 6))).overlapsItself())
                .isTrue();
    }

    @Test
    void groundIsTakenOnTheDaysBothStandThere() {
        Plants<String> leek = plants("leek", "leek", summer(bed("1", 0, 10), 2026));
        Plants<String> pea = plants("pea", "pea", summer(bed("1", 8, 12), 2026));
        GroundTaken<String> ground = taken(leek);
        assertThat(ground.takenBy(pea, pea.stays().get(0)).orElseThrow().plants())
                .isEqualTo(leek);
        Stay autumn = new Stay(bed("1", 0, 10), 2026, LocalDate.of(2026, 10, 1), LocalDate.of(2026, 11, 1));
        assertThat(ground.takenBy(pea, autumn)).isEmpty();
        assertThat(ground.takenBy(leek, leek.stays().get(0))).as("itself").isEmpty();
    }

    @Test
    void groundRestsFromAFamilyBeforeAndAfterIt() {
        Plants<String> tomato = plants("tomato", "tomato", summer(PLOT, 2024));
        Plants<String> pepper = plants("pepper", "sweet-pepper", summer(PLOT, 2026));
        Plants<String> later = plants("pepper", "sweet-pepper", summer(PLOT, 2028));
        Plants<String> earlier = plants("pepper", "sweet-pepper", summer(PLOT, 2022));
        GroundTaken<String> ground = taken(tomato);
        assertThat(ground.restsFrom(pepper, pepper.stays().get(0))).isPresent();
        assertThat(ground.restsFrom(later, later.stays().get(0)))
                .as("rested four years")
                .isEmpty();
        assertThat(ground.restsFrom(earlier, earlier.stays().get(0)))
                .as("the tomato is planned after it")
                .isPresent();
        Plants<String> pea = plants("pea", "pea", summer(PLOT, 2025));
        assertThat(ground.restsFrom(pea, pea.stays().get(0))).isEmpty();
    }

    @Test
    void aPerennialStandsOnItsOwnGroundYearAfterYear() {
        LocalDate sown = LocalDate.of(2024, 4, 1);
        Stay first = new Stay(PLOT, 2025, sown, LocalDate.of(2025, 11, 30));
        Stay next = new Stay(PLOT, 2026, sown, LocalDate.of(2026, 11, 30));
        Plants<String> sage = new Plants<>("sage 2025", crop("sage"), "sage", 2025, sown, List.of(first));
        Plants<String> again = new Plants<>("sage 2026", crop("sage"), "sage", 2026, sown, List.of(next));
        assertThat(taken(sage).takenBy(again, next)).isEmpty();
        assertThat(taken(sage).restsFrom(again, next)).isEmpty();
        Plants<String> anew = new Plants<>("sage anew", crop("sage"), "sage", 2026, sown.plusYears(1), List.of(next));
        assertThat(taken(sage).takenBy(anew, next)).isPresent();
    }

    @Test
    void whereThereIsRoomIsToldBedByBed() {
        Stay now = summer(new Bedding("east", List.of()), 2026);
        Plants<String> pea = plants("pea", "pea", now);
        Plants<String> leek = plants("leek", "leek", summer(bed("1", 0, 10), 2026));
        Plot west = new Plot("west", 300, List.of(new Bed("1", 10, 15), new Bed("2", 10, 15), new Bed("3", 10, 15)));
        Plot north = new Plot("north", 40, List.of());
        GroundTaken<String> ground = taken(leek);
        assertThat(ground.free(pea, now, 20, List.of(west, north)))
                .containsExactly(
                        new Bedding("west", List.of(new Stretch("2", 0, 10), new Stretch("3", 0, 10))),
                        new Bedding("north", List.of()));
        assertThat(ground.free(pea, now, 35, List.of(west, north)))
                .as("two free beds are too small")
                .containsExactly(new Bedding("north", List.of()));
        assertThat(ground.free(pea, now, 50, List.of(west, north))).isEmpty();
    }
}
