package theriseed.core.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import theriseed.core.bloom.BloomForecast;
import theriseed.core.bloom.BloomSpread;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.crop.Crop;
import theriseed.core.crop.LifeCycle;
import theriseed.core.isolation.PollenControl;
import theriseed.core.pollination.CageSchedule;

/**
 * The work a planting asks for through its season, each act with the days on which it is due. What hangs on bloom moves
 * when the forecast does. Days of walks follow the crop's stages; where a stage says no more, they are spread between
 * sowing and harvest.
 */
public final class SeasonWork {
    private static final int SEEDLING_DAYS = 28;
    private static final int BEFORE_FLOWER_DAYS = 10;
    private static final int STAKING_DAYS = 21;
    private static final int STORE_CHECK_DAYS = 21;
    private static final double TALL_ROWS_M = 0.75;

    private SeasonWork() {}

    /** What is to be done. */
    public enum Kind {
        SOW,
        PLANT,
        SET_OUT,
        STAKE,
        WALK,
        HOE_VOLUNTEERS,
        COVER,
        BRING_INSECTS,
        CLOSE_BUDS,
        UNCOVER,
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
     * @param setOut none when it is sown in the open
     * @param lifted none when roots stay in the ground
     * @param cleared last day on the ground of what is eaten
     * @param forSeed whether its seed is saved
     * @param bloom none when it does not flower
     * @param spread sd of its dates, days
     */
    public record Plan(
            Crop crop,
            int season,
            LocalDate sown,
            Optional<LocalDate> setOut,
            Optional<LocalDate> lifted,
            Optional<LocalDate> replanted,
            Optional<LocalDate> cleared,
            boolean forSeed,
            PollenControl.Kind control,
            boolean volunteersPulled,
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
        boolean standsAlready = plan.sown().getYear() < plan.season() - 1;
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
        if (crop.lifeCycle() == LifeCycle.BIENNIAL || crop.betweenRows() >= TALL_ROWS_M) {
            LocalDate stake = bloom.first().minusDays(STAKING_DAYS);
            tasks.add(new Task(Kind.STAKE, stake, stake.plusDays(10), ""));
        }
        if (plan.volunteersPulled()) {
            tasks.add(new Task(Kind.HOE_VOLUNTEERS, surelyBefore.minusDays(28), surelyBefore, ""));
        }
        switch (plan.control()) {
            case OPEN -> {}
            case CAGED -> {
                tasks.add(new Task(Kind.COVER, surelyBefore.minusDays(7), surelyBefore, ""));
                insects(crop, bloom, tasks);
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
        if (plan.crop().lifeCycle() == LifeCycle.CLONAL) {
            return plan.cleared().map(lifted -> ofStock(plan, lifted)).orElse(List.of());
        }
        return plan.forSeed() && plan.bloom().isPresent()
                ? ofSeed(plan, plan.bloom().get())
                : List.of();
    }

    /** Spread over its time on the ground, the last of them at lifting or in the store. */
    private static List<DueWalk> ofStock(Plan plan, LocalDate lifted) {
        List<DueWalk> walks = new ArrayList<>();
        List<Crop.Stage> stages = plan.crop().rogueStages();
        long days = lifted.toEpochDay() - plan.sown().toEpochDay();
        for (int i = 0; i < stages.size(); i++) {
            boolean stored = stages.get(i).name().toLowerCase(Locale.ROOT).contains("stored");
            LocalDate day = stored
                    ? lifted.plusDays(STORE_CHECK_DAYS)
                    : lifted.minusDays(Math.round(days * (stages.size() - 1.0 - i) / (stages.size() + 1)));
            walks.add(DueWalk.of(stages.get(i), day));
        }
        return List.copyOf(walks);
    }

    private static List<DueWalk> ofSeed(Plan plan, BloomWindow bloom) {
        List<DueWalk> walks = new ArrayList<>();
        List<Crop.Stage> stages = plan.crop().rogueStages();
        boolean beforePollen = false;
        for (int i = 0; i < stages.size(); i++) {
            LocalDate day = day(plan, bloom, stages.get(i).name(), (i + 1.0) / (stages.size() + 1));
            beforePollen |= day.isBefore(bloom.first());
            walks.add(DueWalk.of(stages.get(i), day));
        }
        if (plan.crop().crossesFreely() && !beforePollen) {
            Crop.Stage added = new Crop.Stage("before flowering", "what is not as it should be");
            walks.add(DueWalk.of(added, surelyBefore(plan, bloom).minusDays(DueWalk.LASTS_DAYS)));
        }
        return List.copyOf(walks);
    }

    private static LocalDate day(Plan plan, BloomWindow bloom, String stage, double share) {
        String name = stage.toLowerCase(Locale.ROOT);
        Crop crop = plan.crop();
        LocalDate ripe = BloomForecast.firstRipe(crop, bloom);
        if (name.contains("seedling")) {
            return plan.sown().plusDays(SEEDLING_DAYS);
        }
        if (name.contains("root") || name.contains("lift") || name.contains("autumn") || name.contains("bulb")) {
            return plan.lifted()
                    .orElse(LocalDate.of(
                            crop.lifeCycle().flowersAfterWinter() ? plan.season() - 1 : plan.season(), 10, 15));
        }
        if (name.contains("before flower") || name.contains("bud") || name.contains("stalk") || name.contains("bolt")) {
            return bloom.first().minusDays(BEFORE_FLOWER_DAYS);
        }
        if (name.contains("spring") || name.contains("rosette") || name.contains("heading")) {
            return bloom.first().minusDays(35);
        }
        if (name.contains("ripe") || name.contains("harvest") || name.contains("dry")) {
            return ripe;
        }
        if (name.contains("fruit") || name.contains("pod") || name.contains("ear")) {
            return bloom.first().plusDays(crop.daysFlowerToRipeSeed() / 2);
        }
        if (name.contains("flower") || name.contains("tassel") || name.contains("truss") || name.contains("bloom")) {
            return bloom.first().plusDays(3);
        }
        long days = ripe.toEpochDay() - plan.sown().toEpochDay();
        return plan.sown().plusDays(Math.round(days * share));
    }

    private static LocalDate surelyBefore(Plan plan, BloomWindow bloom) {
        return bloom.first().minusDays(plan.spread().beforeFirst());
    }

    private static Task on(Kind kind, LocalDate day) {
        return new Task(kind, day, day, "");
    }
}
