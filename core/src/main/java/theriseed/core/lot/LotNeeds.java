package theriseed.core.lot;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import theriseed.core.bench.FermentClock;
import theriseed.core.bench.StepKind;
import theriseed.core.drying.TrayWatch;
import theriseed.core.quality.BoredSeed;

/**
 * What a lot waits for, the most pressing first: the one answer that Today, the seed room and the tests page show of it, and
 * whose limits the bench shows. It rests on what was written down; what nobody wrote down is not waited for.
 */
public final class LotNeeds {
    /** Of all that lots wait for: what cannot wait, then as such work is done on one day. */
    public static final Comparator<LotNeed> MOST_PRESSING_FIRST =
            Comparator.comparing(LotNeed::urgent).reversed().thenComparing(LotNeed::place);

    /** Hours for which a ferment that is not ready was stirred enough: twice a day keeps it even. Usual advice. */
    static final double STIRRED_FOR_HOURS = 8;

    /** Days beyond the last count after which seedlings tangle, mould, and tell less. Experience; warm rooms are quicker. */
    static final int LATE_TO_COUNT_DAYS = 3;

    /** Months ahead in which seed that will fall below its standard is to be sold or sown first. A season's notice. */
    static final int FALLING_MONTHS = 6;

    /** Share of its clean seed left to sell below which a lot runs low. A guess: it says when to look, not what to do. */
    static final double LOW = 0.1;

    private LotNeeds() {}

    /** A germination test that is set and not counted for the last time. @param firstCounted whether the first count was done */
    public record Running(int seeds, LocalDate setOn, LocalDate firstDue, LocalDate finalDue, boolean firstCounted) {}

    /** @param lastStirred none while nobody said so */
    public record Ferment(
            FermentClock.State state, double celsius, Instant readyAt, Instant overAt, Optional<Instant> lastStirred) {}

    /**
     * Seed that dries.
     *
     * @param moisture percent now, and {@code target} percent
     * @param tooWarm whether the air is warmer than it bears, and {@code rewetted} whether it took up water again
     * @param sinceWeighed hours
     */
    public record Tray(
            double moisture,
            double target,
            Optional<Instant> dryAt,
            boolean tooWarm,
            boolean rewetted,
            double sinceWeighed) {}

    /**
     * A step that was begun and not ended; {@code ferment} or {@code tray} where that is what it is.
     *
     * @param outAt when seed in a cleaner is to come out, where somebody said so
     */
    public record UnderWay(
            StepKind step, Instant begunAt, Optional<Ferment> ferment, Optional<Tray> tray, Optional<Instant> outAt) {}

    /**
     * Where it stands at the bench.
     *
     * @param wrong step whose weights cannot be
     * @param next step; none while one is under way; of clean seed only to dry it where it is too damp for the store
     * @param clean grams of clean seed there were, 0 until it is clean
     * @param transferred whether all of it went into other lots
     */
    public record AtBench(
            Optional<StepKind> wrong,
            Optional<UnderWay> underWay,
            Optional<StepKind> next,
            double clean,
            boolean transferred) {}

    /**
     * What is left of it, grams.
     *
     * @param any whether anything is left
     * @param free clean seed in bulk that is promised to nobody
     * @param packed in packets that are left; {@code everPacked} whether some were filled
     */
    public record Left(boolean any, double free, double packed, boolean everPacked) {
        private boolean allInBulk() {
            return !everPacked && free > 0;
        }
    }

    /**
     * What is known of a lot.
     *
     * @param hold why it is held
     * @param weevils what the last look for them says, and {@code freezing} whether it is in the freezer now
     * @param bench none while nothing is in it
     * @param holding findings that hold it back, in the order of the work
     * @param retestOn day from which its forecast asks for a test, and {@code below} that on which it falls below its standard
     */
    public record Known(
            Optional<String> hold,
            Optional<BoredSeed> weevils,
            boolean freezing,
            List<Running> running,
            Optional<AtBench> bench,
            Left left,
            List<Finding> holding,
            Optional<LocalDate> retestOn,
            Optional<LocalDate> below) {}

    /** @param now the moment, and {@code today} the farm's day */
    public static List<LotNeed> of(Known lot, Instant now, LocalDate today) {
        if (lot.bench().filter(AtBench::transferred).isPresent()) {
            return List.of(new LotNeed.NoneLeft(true));
        }
        if (lot.hold().isPresent()) {
            return List.of(new LotNeed.DecideHold(lot.hold().get()));
        }
        List<LotNeed> needs = new ArrayList<>();
        lot.weevils().ifPresent(weevils -> weevils(weevils, lot.freezing(), today, needs));
        lot.running().forEach(test -> needs.add(count(test, today)));
        if (lot.bench().isEmpty()) {
            needs.add(new LotNeed.WeighHarvest());
            return needs;
        }
        AtBench bench = lot.bench().get();
        if (bench.wrong().isPresent()) {
            needs.add(new LotNeed.PutWeightsRight(bench.wrong().get()));
        } else if (bench.underWay().isPresent()) {
            needs.add(underWay(bench.underWay().get(), now));
        } else if (bench.next().isPresent() && bench.clean() == 0) {
            needs.add(new LotNeed.NextStep(bench.next().get()));
        } else if (!lot.left().any()) {
            needs.add(new LotNeed.NoneLeft(false));
        } else {
            clean(lot, bench, today, needs);
        }
        return needs;
    }

    /** Bored seed is frozen at once, unless it is in the freezer; what lived on is looked for when it has hatched. */
    private static void weevils(BoredSeed weevils, boolean freezing, LocalDate today, List<LotNeed> needs) {
        if (weevils.next() == BoredSeed.Next.FREEZE && !freezing) {
            needs.add(new LotNeed.Freeze(weevils.share(), weevils.upper()));
        } else if (weevils.next() == BoredSeed.Next.LOOK_AGAIN && !today.isBefore(weevils.due())) {
            needs.add(new LotNeed.LookForWeevils(weevils.due()));
        }
    }

    /** Seedlings are counted on their day; those of the first count are taken out, so that they do not hide the others. */
    private static LotNeed count(Running test, LocalDate today) {
        boolean last = test.firstCounted() || !today.isBefore(test.finalDue());
        LocalDate due = last ? test.finalDue() : test.firstDue();
        return new LotNeed.CountGermination(
                test.seeds(),
                test.setOn(),
                due,
                last,
                !today.isBefore(due),
                today.isAfter(test.finalDue().plusDays(LATE_TO_COUNT_DAYS)));
    }

    private static LotNeed underWay(UnderWay step, Instant now) {
        if (step.tray().filter(tray -> tray.moisture() > tray.target()).isPresent()) {
            return tray(step.tray().get());
        }
        if (step.step() == StepKind.CHEMICAL_WASH) {
            return new LotNeed.TakeOutOfWash(step.begunAt(), step.outAt());
        }
        return step.ferment()
                .map(ferment -> ferment(ferment, now))
                .orElseGet(() -> new LotNeed.WeighOut(step.step(), step.begunAt()));
    }

    /** A ferment that is not ready and was stirred lately asks for nothing. */
    private static LotNeed ferment(Ferment ferment, Instant now) {
        if (ferment.state() != FermentClock.State.NOT_READY) {
            return new LotNeed.Rinse(
                    ferment.celsius(), ferment.overAt(), ferment.overAt().isBefore(now));
        }
        boolean stirred = ferment.lastStirred()
                .filter(at -> Duration.between(at, now).toHours() < STIRRED_FOR_HOURS)
                .isPresent();
        return stirred ? new LotNeed.Wait() : new LotNeed.Stir(ferment.readyAt());
    }

    /** What is most pressing about seed that dries. */
    private static LotNeed tray(Tray tray) {
        if (tray.tooWarm()) {
            return new LotNeed.TrayTooWarm(tray.dryAt());
        }
        if (tray.rewetted()) {
            return new LotNeed.TrayRewetted(tray.dryAt());
        }
        return TrayWatch.forgotten(tray.sinceWeighed())
                ? new LotNeed.TrayForgotten((int) Math.round(tray.sinceWeighed() / 24), tray.dryAt())
                : new LotNeed.WeighTray(tray.moisture(), tray.target(), tray.dryAt());
    }

    private static void clean(Known lot, AtBench bench, LocalDate today, List<LotNeed> needs) {
        boolean running = !lot.running().isEmpty();
        boolean toDry = bench.next().isPresent() && lot.left().allInBulk();
        if (toDry) {
            needs.add(new LotNeed.NextStep(StepKind.DRY));
        }
        List<LotNeed> inStore = new ArrayList<>();
        lot.holding().stream()
                .filter(finding -> ofSeedWeight(finding.reason()))
                .map(LotNeed.Test::new)
                .forEach(inStore::add);
        // One test settles whatever is said of its germination.
        lot.holding().stream()
                .filter(finding -> settledByTest(finding.reason()) && !ofSeedWeight(finding.reason()) && !running)
                .findFirst()
                .map(LotNeed.Test::new)
                .ifPresent(inStore::add);
        lot.holding().stream()
                .filter(finding ->
                        !settledByTest(finding.reason()) && !(toDry && finding.reason() == SaleGate.Reason.NOT_DRY))
                .map(LotNeed.HeldBack::new)
                .forEach(inStore::add);
        lot.retestOn()
                .filter(on -> !running && lot.holding().isEmpty() && !on.isAfter(today))
                .map(LotNeed.Retest::new)
                .ifPresent(inStore::add);
        lot.below()
                .filter(on -> on.isBefore(today.plusMonths(FALLING_MONTHS)))
                .map(LotNeed.Falling::new)
                .ifPresent(inStore::add);
        if (lot.left().free() + lot.left().packed() < LOW * bench.clean()) {
            inStore.add(new LotNeed.Low());
        }
        if (inStore.isEmpty() && lot.holding().isEmpty() && !toDry) {
            inStore.add(new LotNeed.Nothing(lot.below()));
        }
        needs.addAll(inStore);
        if (!toDry && lot.holding().isEmpty() && lot.left().allInBulk()) {
            needs.add(new LotNeed.Pack());
        }
    }

    /** Whether a test settles what was found. */
    static boolean settledByTest(SaleGate.Reason reason) {
        return switch (reason) {
            case SEED_WEIGHT_UNKNOWN, SEED_WEIGHT_UNEVEN, UNTESTED, REPLICATES_DISAGREE, TOO_FEW_TESTED, TEST_RUN_OUT ->
                true;
            default -> false;
        };
    }

    private static boolean ofSeedWeight(SaleGate.Reason reason) {
        return reason == SaleGate.Reason.SEED_WEIGHT_UNKNOWN || reason == SaleGate.Reason.SEED_WEIGHT_UNEVEN;
    }
}
