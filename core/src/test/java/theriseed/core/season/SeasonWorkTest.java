package theriseed.core.season;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import theriseed.core.bloom.BloomForecast;
import theriseed.core.bloom.BloomSpread;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.bloom.ClimateNormals;
import theriseed.core.bloom.FarmYear;
import theriseed.core.bloom.GrowingDays;
import theriseed.core.bloom.Weather;
import theriseed.core.crop.BreedingSystem;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.crop.LifeCycle;
import theriseed.core.isolation.PollenControl;
import theriseed.core.season.SeasonWork.Kind;
import theriseed.core.season.SeasonWork.Task;

class SeasonWorkTest {
    private static final LocalDate FIRST = LocalDate.of(2026, 6, 20);
    private static final FarmYear NORTH = new FarmYear(new ClimateNormals(10, 7, 20, 5));
    private static final FarmYear SOUTH = new FarmYear(new ClimateNormals(14.5, 5.5, 200, 5));

    private static List<Task> work(Crop crop, PollenControl.Kind control, LocalDate first, boolean stored) {
        boolean winter = crop.lifeCycle().flowersAfterWinter();
        return SeasonWork.of(new SeasonWork.Plan(
                crop,
                NORTH,
                2026,
                LocalDate.of(winter ? 2025 : 2026, winter ? 6 : 3, 20),
                Optional.empty(),
                stored ? Optional.of(LocalDate.of(2025, 11, 5)) : Optional.empty(),
                stored ? Optional.of(LocalDate.of(2026, 4, 2)) : Optional.empty(),
                Optional.empty(),
                true,
                control,
                true,
                Optional.empty(),
                Optional.empty(),
                Optional.of(new BloomWindow(first, first.plusDays(crop.floweringDays() - 1L))),
                BloomSpread.ofBoth(5)));
    }

    private static Crop crop(String key) {
        return CropTable.shipped().find(key).orElseThrow();
    }

    private static List<Task> of(List<Task> tasks, Kind kind) {
        return tasks.stream().filter(task -> task.kind() == kind).toList();
    }

    static List<Crop> grownFromSeed() {
        return CropTable.shipped().all().stream().filter(Crop::grownFromSeed).toList();
    }

    @ParameterizedTest
    @MethodSource("grownFromSeed")
    void everyCropIsWalkedAtEachStageAndWhatCrossesFreelyBeforeItSheds(Crop crop) {
        List<Task> tasks = work(crop, PollenControl.Kind.OPEN, FIRST, false);
        assertThat(tasks).isSortedAccordingTo((a, b) -> a.from().compareTo(b.from()));
        List<Task> walks = of(tasks, Kind.WALK);
        int stages = crop.stages(Optional.empty()).size();
        assertThat(walks).hasSizeGreaterThanOrEqualTo(stages);
        if (crop.breedingSystem().orElseThrow() == BreedingSystem.OUTCROSSING) {
            assertThat(walks).anyMatch(walk -> walk.from().isBefore(FIRST));
        }
        assertThat(of(tasks, Kind.PICK))
                .singleElement()
                .extracting(Task::from)
                .isEqualTo(FIRST.plusDays(crop.daysFlowerToRipeSeed()));
    }

    @Test
    void plantingStockIsWalkedLiftedAndLookedThroughUntilItIsPlantedAgain() {
        LocalDate planted = LocalDate.of(2025, 10, 10);
        LocalDate lifted = LocalDate.of(2026, 7, 20);
        for (String key : List.of("garlic", "shallot-clonal", "potato-tuber")) {
            Crop crop = crop(key);
            List<Task> tasks = SeasonWork.of(new SeasonWork.Plan(
                    crop,
                    NORTH,
                    2026,
                    planted,
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.of(lifted),
                    false,
                    PollenControl.Kind.OPEN,
                    false,
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    BloomSpread.NONE));
            assertThat(of(tasks, Kind.PLANT))
                    .singleElement()
                    .extracting(Task::from)
                    .isEqualTo(planted);
            assertThat(of(tasks, Kind.LIFT))
                    .singleElement()
                    .extracting(Task::to)
                    .isEqualTo(lifted);
            assertThat(of(tasks, Kind.WALK))
                    .hasSize(crop.stages().size())
                    .allSatisfy(walk -> assertThat(walk.from()).isBetween(planted, lifted.plusDays(100)));
            assertThat(of(tasks, Kind.CHECK_STORE))
                    .isNotEmpty()
                    .allSatisfy(
                            check -> assertThat(check.from()).isAfter(lifted).isBefore(planted.plusYears(1)));
            assertThat(of(tasks, Kind.SOW)).isEmpty();
        }
    }

    @Test
    void whatHangsOnBloomMovesWithIt() {
        List<Task> early = work(crop("kale"), PollenControl.Kind.CAGED, FIRST, false);
        List<Task> late = work(crop("kale"), PollenControl.Kind.CAGED, FIRST.plusDays(9), false);
        for (Kind kind :
                List.of(Kind.COVER, Kind.BRING_INSECTS, Kind.UNCOVER, Kind.PICK, Kind.STAKE, Kind.HOE_VOLUNTEERS)) {
            assertThat(of(late, kind).get(0).from())
                    .as(kind.name())
                    .isEqualTo(of(early, kind).get(0).from().plusDays(9));
        }
        assertThat(of(late, Kind.SOW)).isEqualTo(of(early, Kind.SOW));
    }

    @Test
    void aCageStandsBeforeTheFirstFlowerSurelyOpens() {
        Task cover = of(work(crop("kale"), PollenControl.Kind.CAGED, FIRST, false), Kind.COVER)
                .get(0);
        assertThat(cover.to()).isEqualTo(FIRST.minusDays(BloomSpread.ofBoth(5).beforeFirst()));
    }

    @Test
    void insectsAreBroughtOnlyToWhatNeedsThem() {
        assertThat(of(work(crop("kale"), PollenControl.Kind.CAGED, FIRST, false), Kind.BRING_INSECTS))
                .hasSizeGreaterThan(1);
        assertThat(of(work(crop("hot-pepper"), PollenControl.Kind.CAGED, FIRST, false), Kind.BRING_INSECTS))
                .isEmpty();
    }

    @Test
    void budsAreClosedAsLongAsItBlooms() {
        Crop courgette = crop("courgette");
        assertThat(of(work(courgette, PollenControl.Kind.HAND_POLLINATED, FIRST, false), Kind.CLOSE_BUDS))
                .containsExactly(new Task(Kind.CLOSE_BUDS, FIRST, FIRST.plusDays(courgette.floweringDays() - 1L), ""));
        assertThat(of(work(courgette, PollenControl.Kind.BAGGED, FIRST, false), Kind.UNCOVER))
                .hasSize(1);
    }

    @Test
    void storedRootsAreLookedAtEveryThreeWeeks() {
        List<Task> tasks = work(crop("beetroot"), PollenControl.Kind.OPEN, FIRST, true);
        assertThat(of(tasks, Kind.LIFT)).hasSize(1);
        assertThat(of(tasks, Kind.REPLANT)).hasSize(1);
        List<Task> checks = of(tasks, Kind.CHECK_STORE);
        assertThat(checks).hasSize(7);
        assertThat(checks.get(0).from()).isEqualTo(LocalDate.of(2025, 11, 26));
        assertThat(of(work(crop("beetroot"), PollenControl.Kind.OPEN, FIRST, false), Kind.CHECK_STORE))
                .isEmpty();
    }

    /** Every crop, every way it is grown, north and south, at the days its own bloom is forecast for. */
    @ParameterizedTest
    @MethodSource("grownFromSeed")
    void stagesComeInTheirOrderAndBeforePollenWhereThatMatters(Crop crop) {
        for (FarmYear year : List.of(NORTH, SOUTH)) {
            LocalDate winter = year.coldest(2028);
            boolean afterWinter = crop.lifeCycle().flowersAfterWinter();
            LocalDate summer = crop.goesThroughWinter() ? winter.minusDays(125) : winter.plusDays(110);
            LocalDate sown = afterWinter ? winter.minusDays(200) : summer;
            for (boolean stored : List.of(false, true)) {
                if (stored && crop.lifeCycle() != LifeCycle.BIENNIAL) {
                    continue;
                }
                Optional<LocalDate> lifted = stored ? Optional.of(winter.minusDays(75)) : Optional.empty();
                Optional<LocalDate> replanted = stored ? Optional.of(winter.plusDays(70)) : Optional.empty();
                BloomForecast forecast = new BloomForecast(new Weather(year.normals(), Map.of()), sown);
                Optional<BloomWindow> bloom = forecast.of(
                                crop,
                                2028,
                                new GrowingDays(sown, Optional.empty(), lifted, replanted, Optional.empty()))
                        .window();
                if (bloom.isEmpty()) {
                    continue;
                }
                List<DueWalk> walks = SeasonWork.walks(new SeasonWork.Plan(
                        crop,
                        year,
                        2028,
                        sown,
                        Optional.empty(),
                        lifted,
                        replanted,
                        Optional.empty(),
                        true,
                        PollenControl.Kind.OPEN,
                        false,
                        Optional.empty(),
                        Optional.empty(),
                        bloom,
                        BloomSpread.ofBoth(5)));
                LocalDate before = sown;
                for (DueWalk walk : walks) {
                    String says = crop.key() + " " + walk;
                    assertThat(walk.from()).as(says).isAfterOrEqualTo(before);
                    before = walk.from();
                    if (walk.stage().beforePollen()) {
                        assertThat(walk.from())
                                .as(says)
                                .isBeforeOrEqualTo(bloom.get().first().plusDays(3));
                    }
                }
            }
        }
    }

    private static Task of(String key, Kind kind) {
        List<Task> tasks = of(work(crop(key), PollenControl.Kind.OPEN, FIRST, false), kind);
        return tasks.isEmpty() ? null : tasks.get(0);
    }

    @Test
    void onlyWhatNeedsStakesIsStakedAndNotBeforeItStands() {
        assertThat(of("courgette", Kind.STAKE)).isNull();
        assertThat(of("pumpkin-pepo", Kind.STAKE)).isNull();
        assertThat(of("tomato", Kind.STAKE)).isNotNull();
        LocalDate setOut = LocalDate.of(2026, 5, 20);
        assertThat(SeasonWork.of(new SeasonWork.Plan(
                        crop("tomato"),
                        NORTH,
                        2026,
                        LocalDate.of(2026, 3, 12),
                        Optional.of(setOut),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        true,
                        PollenControl.Kind.OPEN,
                        false,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(new BloomWindow(FIRST, FIRST.plusDays(50))),
                        BloomSpread.ofBoth(5))))
                .filteredOn(task -> task.kind() == Kind.STAKE)
                .singleElement()
                .extracting(Task::from)
                .isEqualTo(setOut.plusDays(7));
    }

    @Test
    void whatDriesDownIsWateredForTheLastTimeBeforeItIsRipe() {
        Task last = of("common-bean", Kind.LAST_WATERING);
        assertThat(last.from()).isBetween(FIRST, of("common-bean", Kind.PICK).from());
        assertThat(of("tomato", Kind.LAST_WATERING)).isNull();
    }

    @Test
    void flowersThatMayNotStayArePickedOffAndCagesAreOpenedByTurns() {
        Crop crop = crop("sweet-pepper");
        List<Task> tasks = SeasonWork.of(new SeasonWork.Plan(
                crop,
                NORTH,
                2026,
                LocalDate.of(2026, 3, 1),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                true,
                PollenControl.Kind.BY_TURNS,
                false,
                Optional.of(FIRST),
                Optional.of(FIRST.plusDays(20)),
                Optional.of(new BloomWindow(FIRST, FIRST.plusDays(20))),
                BloomSpread.ofBoth(1)));
        assertThat(of(tasks, Kind.PICK_FLOWERS_OFF)).hasSize(2);
        assertThat(of(tasks, Kind.PICK_FLOWERS_OFF).get(0).to()).isEqualTo(FIRST.minusDays(1));
        assertThat(of(tasks, Kind.PICK_FLOWERS_OFF).get(1).from()).isEqualTo(FIRST.plusDays(21));
        assertThat(of(tasks, Kind.TURN_CAGES)).singleElement().satisfies(task -> {
            assertThat(task.from()).isEqualTo(FIRST);
            assertThat(task.to()).isEqualTo(FIRST.plusDays(20));
        });
        assertThat(of(tasks, Kind.COVER)).hasSize(1);
    }
}
