package theriseed.core.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import theriseed.core.bloom.BloomForecast;
import theriseed.core.bloom.BloomSpread;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.bloom.FarmYear;
import theriseed.core.crop.Crop;
import theriseed.core.crop.LifeCycle;
import theriseed.core.crop.Stage;
import theriseed.core.isolation.PollenControl;
import theriseed.core.pollination.CageSchedule;

/**
 * The work a planting asks for through its season, each act with the days on which it is due. What hangs on bloom moves
 * when the forecast does. Days of walks, of staking and of the last watering follow the life of the plant.
 */
public final class SeasonWork {
    private static final int STAKING_LASTS_DAYS = 10;
    private static final int STORE_CHECK_DAYS = 21;

    /** Flowers are looked for so long before the first that may stay, and after the last. */
    private static final int PICKED_BEFORE_DAYS = 42;

    private static final int PICKED_AFTER_DAYS = 28;

    private SeasonWork() {}

    /** What is to be done. */
    public enum Kind {
        SOW,
        PLANT,
        SET_OUT,
        STAKE,
        WALK,
        HOE_VOLUNTEERS,
        PICK_FLOWERS_OFF,
        COVER,
        TURN_CAGES,
        BRING_INSECTS,
        CLOSE_BUDS,
        UNCOVER,
        LAST_WATERING,
        WATCH_RIPENING,
        PICK,
        LIFT,
        CHECK_STORE,
        REPLANT,
        CLEAR
    }

    /**
     * An act and the days on which it is due, both included.
     *
     * @param about the stage of a walk and what shows then; empty for other acts
     */
    public record Task(Kind kind, LocalDate from, LocalDate to, String about) {}

    /**
     * What is planned for a planting.
     *
     * @param year of the farm
     * @param setOut none when it is sown in the open
     * @param lifted none when roots stay in the ground
     * @param cleared last day on the ground of what is eaten
     * @param forSeed whether its seed is saved
     * @param flowersFrom day before which its flowers are picked off; {@code flowersUntil} the last day they are not
     * @param bloom of the flowers that are let open; none when it does not flower
     * @param spread sd of its dates, days
     */
    public record Plan(
            Crop crop,
            FarmYear year,
            int season,
            LocalDate sown,
            Optional<LocalDate> setOut,
            Optional<LocalDate> lifted,
            Optional<LocalDate> replanted,
            Optional<LocalDate> cleared,
            boolean forSeed,
            PollenControl.Kind control,
            boolean volunteersPulled,
            Optional<LocalDate> flowersFrom,
            Optional<LocalDate> flowersUntil,
            Optional<BloomWindow> bloom,
            BloomSpread spread) {}

    /** All of it, in the order of its days. */
    public static List<Task> of(Plan plan) {
        List<Task> tasks = new ArrayList<>();
        if (plan.crop().lifeCycle() == LifeCycle.CLONAL) {
            stock(plan, tasks);
        } else {
            raised(plan, tasks);
        }
        walks(plan).forEach(walk -> tasks.add(walk.task()));
        tasks.sort(Comparator.comparing(Task::from).thenComparing(Task::kind));
        return List.copyOf(tasks);
    }

    /** What is raised from seed. */
    private static void raised(Plan plan, List<Task> tasks) {
        boolean standsAlready =
                plan.sown().isBefore(plan.year().coldest(plan.season()).minusYears(1));
        if (!standsAlready) {
            tasks.add(on(Kind.SOW, plan.sown()));
            plan.setOut().ifPresent(day -> tasks.add(on(Kind.SET_OUT, day)));
        }
        plan.cleared().ifPresent(day -> tasks.add(new Task(Kind.CLEAR, day.minusDays(14), day, "")));
        roots(plan, tasks);
        if (plan.forSeed() && plan.bloom().isPresent()) {
            flowers(plan, plan.bloom().get(), tasks);
        }
    }

    private static void roots(Plan plan, List<Task> tasks) {
        if (plan.lifted().isEmpty() || plan.replanted().isEmpty()) {
            return;
        }
        tasks.add(on(Kind.LIFT, plan.lifted().get()));
        tasks.add(on(Kind.REPLANT, plan.replanted().get()));
        store(plan.lifted().get(), plan.replanted().get(), tasks);
    }

    /** Planting stock: lifted, and stored until it is planted again a year later. */
    private static void stock(Plan plan, List<Task> tasks) {
        tasks.add(on(Kind.PLANT, plan.sown()));
        if (plan.cleared().isEmpty()) {
            return;
        }
        LocalDate lifted = plan.cleared().get();
        PlantLife life = new PlantLife(plan);
        plan.crop().handling().stopWateringAt().map(life::day).ifPresent(day -> tasks.add(on(Kind.LAST_WATERING, day)));
        tasks.add(new Task(Kind.LIFT, lifted.minusDays(7), lifted, plan.crop().ripenessCues()));
        store(lifted, plan.sown().plusYears(1), tasks);
    }

    private static void store(LocalDate lifted, LocalDate replanted, List<Task> tasks) {
        for (LocalDate day = lifted.plusDays(STORE_CHECK_DAYS);
                day.isBefore(replanted);
                day = day.plusDays(STORE_CHECK_DAYS)) {
            tasks.add(on(Kind.CHECK_STORE, day));
        }
    }

    private static void flowers(Plan plan, BloomWindow bloom, List<Task> tasks) {
        Crop crop = plan.crop();
        LocalDate surelyBefore = surelyBefore(plan, bloom);
        PlantLife life = new PlantLife(plan);
        crop.handling().stakeAt().map(life::day).ifPresent(day -> {
            LocalDate stake = plan.setOut().filter(day::isBefore).orElse(day);
            tasks.add(new Task(Kind.STAKE, stake, stake.plusDays(STAKING_LASTS_DAYS), ""));
        });
        crop.handling().stopWateringAt().map(life::day).ifPresent(day -> tasks.add(on(Kind.LAST_WATERING, day)));
        if (plan.volunteersPulled()) {
            tasks.add(new Task(Kind.HOE_VOLUNTEERS, surelyBefore.minusDays(28), surelyBefore, ""));
        }
        plan.flowersFrom()
                .ifPresent(day -> tasks.add(
                        new Task(Kind.PICK_FLOWERS_OFF, day.minusDays(PICKED_BEFORE_DAYS), day.minusDays(1), "")));
        plan.flowersUntil()
                .ifPresent(day -> tasks.add(
                        new Task(Kind.PICK_FLOWERS_OFF, day.plusDays(1), day.plusDays(PICKED_AFTER_DAYS), "")));
        switch (plan.control()) {
            case OPEN -> {}
            case CAGED -> {
                tasks.add(new Task(Kind.COVER, surelyBefore.minusDays(7), surelyBefore, ""));
                insects(crop, bloom, tasks);
                tasks.add(new Task(
                        Kind.UNCOVER, bloom.last().plusDays(1), bloom.last().plusDays(7), ""));
            }
            case BY_TURNS -> {
                tasks.add(new Task(Kind.COVER, surelyBefore.minusDays(7), surelyBefore, ""));
                tasks.add(new Task(Kind.TURN_CAGES, bloom.first(), bloom.last(), ""));
                tasks.add(new Task(
                        Kind.UNCOVER, bloom.last().plusDays(1), bloom.last().plusDays(7), ""));
            }
            case BAGGED -> {
                tasks.add(new Task(Kind.COVER, surelyBefore, bloom.last(), ""));
                tasks.add(new Task(
                        Kind.UNCOVER, bloom.first().plusDays(14), bloom.last().plusDays(14), ""));
            }
            case HAND_POLLINATED -> tasks.add(new Task(Kind.CLOSE_BUDS, bloom.first(), bloom.last(), ""));
        }
        LocalDate ripe = BloomForecast.firstRipe(crop, bloom);
        tasks.add(new Task(Kind.WATCH_RIPENING, ripe.minusDays(10), ripe.minusDays(1), crop.ripenessCues()));
        tasks.add(new Task(Kind.PICK, ripe, BloomForecast.lastRipe(crop, bloom), ""));
    }

    private static void insects(Crop crop, BloomWindow bloom, List<Task> tasks) {
        if (crop.crossesFreely()) {
            CageSchedule.usual(bloom.days())
                    .placeOn()
                    .forEach(day ->
                            tasks.add(on(Kind.BRING_INSECTS, bloom.first().plusDays(day))));
        }
    }

    /**
     * The walks of a crop that is kept true, in the order of its stages. Of what crosses freely at least one comes before
     * any pollen is shed.
     */
    public static List<DueWalk> walks(Plan plan) {
        boolean stock = plan.crop().lifeCycle() == LifeCycle.CLONAL;
        boolean walked = stock
                ? plan.cleared().isPresent()
                : plan.forSeed() && plan.bloom().isPresent();
        if (!walked) {
            return List.of();
        }
        PlantLife life = new PlantLife(plan);
        List<DueWalk> walks = new ArrayList<>();
        LocalDate before = plan.sown();
        for (Stage stage : plan.crop().stages(plan.lifted())) {
            LocalDate day = life.day(stage.at());
            // Stages come in their order however rough their days are.
            before = day.isBefore(before) ? before : day;
            walks.add(DueWalk.of(stage, before));
        }
        if (!stock && plan.crop().crossesFreely()) {
            lookBeforePollen(plan, walks);
        }
        return List.copyOf(walks);
    }

    private static void lookBeforePollen(Plan plan, List<DueWalk> walks) {
        BloomWindow bloom = plan.bloom().orElseThrow();
        if (walks.stream().noneMatch(walk -> walk.from().isBefore(bloom.first()))) {
            Stage added = new Stage(
                    "before flowering",
                    "what is not as it should be",
                    new Stage.When(Stage.Anchor.FIRST_FLOWER, 0),
                    Stage.Grown.ALL,
                    true);
            walks.add(0, DueWalk.of(added, surelyBefore(plan, bloom).minusDays(DueWalk.LASTS_DAYS)));
        }
    }

    private static LocalDate surelyBefore(Plan plan, BloomWindow bloom) {
        return bloom.first().minusDays(plan.spread().beforeFirst());
    }

    private static Task on(Kind kind, LocalDate day) {
        return new Task(kind, day, day, "");
    }
}
