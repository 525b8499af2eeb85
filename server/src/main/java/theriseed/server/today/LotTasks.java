package theriseed.server.today;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import theriseed.core.lot.Finding;
import theriseed.core.lot.LotNeed;
import theriseed.server.gate.LotKnown;
import theriseed.server.today.Task.When;

/** What lots wait for, as tasks of a day: which part of it they belong to, and what is told of them. */
final class LotTasks {
    private final ZoneId zone;

    LotTasks(ZoneId zone) {
        this.zone = zone;
    }

    /** @param needs what the lot waits for; what only shows where it hangs, or is for another day, is no task */
    Stream<Task> of(LotKnown lot, List<LotNeed> needs) {
        return needs.stream()
                .flatMap(need -> Stream.of(bench(need), test(need), store(need))
                        .flatMap(Optional::stream)
                        .map(toDo -> Task.of(lot, toDo, when(need), need.urgent())));
    }

    /** Damp mornings for wet seed, dry hours for what dries, evenings for the table. */
    private static When when(LotNeed need) {
        if (need instanceof LotNeed.Rinse
                || need instanceof LotNeed.TakeOutOfWash
                || need instanceof LotNeed.NextStep next && next.step().wet()) {
            return When.WHILE_WET;
        }
        boolean dry = need instanceof LotNeed.WeighHarvest
                || need instanceof LotNeed.NextStep
                || need instanceof LotNeed.WeighOut
                || need instanceof LotNeed.WeighTray
                || need instanceof LotNeed.TrayTooWarm
                || need instanceof LotNeed.TrayRewetted
                || need instanceof LotNeed.TrayForgotten;
        return dry ? When.WHILE_DRY : When.BY_EVENING;
    }

    private Optional<ToDo> bench(LotNeed need) {
        ToDo toDo = null;
        if (need instanceof LotNeed.WeighHarvest) {
            toDo = new ToDo.WeighHarvest();
        } else if (need instanceof LotNeed.PutWeightsRight right) {
            toDo = new ToDo.PutWeightsRight(right.step());
        } else if (need instanceof LotNeed.Rinse rinse) {
            toDo = new ToDo.Rinse(rinse.celsius(), local(rinse.overAt()), rinse.over());
        } else if (need instanceof LotNeed.TakeOutOfWash wash) {
            toDo = new ToDo.TakeOutOfWash(local(wash.since()), local(wash.outAt()));
        } else if (need instanceof LotNeed.Stir stir) {
            toDo = new ToDo.Stir(local(stir.readyAt()));
        } else if (need instanceof LotNeed.TrayTooWarm tray) {
            toDo = new ToDo.TrayTooWarm(local(tray.dryAt()));
        } else if (need instanceof LotNeed.TrayRewetted tray) {
            toDo = new ToDo.TrayRewetted(local(tray.dryAt()));
        } else if (need instanceof LotNeed.TrayForgotten tray) {
            toDo = new ToDo.TrayForgotten(tray.days(), local(tray.dryAt()));
        } else if (need instanceof LotNeed.WeighTray tray) {
            toDo = new ToDo.WeighTray(tray.moisture(), tray.target(), local(tray.dryAt()));
        } else if (need instanceof LotNeed.WeighOut out) {
            toDo = new ToDo.WeighOut(out.step(), local(out.since()));
        } else if (need instanceof LotNeed.NextStep next) {
            toDo = new ToDo.NextStep(next.step());
        }
        return Optional.ofNullable(toDo);
    }

    private static Optional<ToDo> test(LotNeed need) {
        if (need instanceof LotNeed.CountGermination count && count.now()) {
            return Optional.of(new ToDo.CountGermination(count.seeds(), count.setOn(), count.last()));
        }
        if (need instanceof LotNeed.Retest retest) {
            return Optional.of(new ToDo.Retest(retest.since()));
        }
        if (!(need instanceof LotNeed.Test)) {
            return Optional.empty();
        }
        Finding because = ((LotNeed.Test) need).because();
        if (because instanceof Finding.NotWeighed) {
            return Optional.of(new ToDo.WeighSeed());
        } else if (because instanceof Finding.WeightsDisagree weights) {
            return Optional.of(new ToDo.WeighSeedAgain(weights.variation(), weights.allowed()));
        } else if (because instanceof Finding.ReplicatesDisagree replicates) {
            return Optional.of(new ToDo.RepeatTest(replicates.apart(), replicates.allowed()));
        } else if (because instanceof Finding.TooFewTested few) {
            return Optional.of(new ToDo.TestMore(few.germination(), few.seeds(), few.needed(), few.least()));
        } else if (because instanceof Finding.TestRunOut ran) {
            return Optional.of(new ToDo.TestAnew(ran.on().plusDays(ran.lasts())));
        }
        return Optional.of(new ToDo.TestGermination());
    }

    private static Optional<ToDo> store(LotNeed need) {
        if (need instanceof LotNeed.DecideHold hold) {
            return Optional.of(new ToDo.DecideHold(hold.why()));
        } else if (need instanceof LotNeed.Freeze freeze) {
            return Optional.of(new ToDo.Freeze(freeze.bored(), freeze.upper()));
        } else if (need instanceof LotNeed.LookForWeevils look) {
            return Optional.of(new ToDo.LookForWeevils(look.since()));
        }
        return need instanceof LotNeed.Pack ? Optional.of(new ToDo.Pack()) : Optional.empty();
    }

    private LocalDateTime local(Optional<Instant> moment) {
        return moment.map(this::local).orElse(null);
    }

    private LocalDateTime local(Instant moment) {
        return LocalDateTime.ofInstant(moment, zone);
    }
}
