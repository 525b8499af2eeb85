package theriseed.core.isolation;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.UnaryOperator;
import theriseed.core.bloom.BloomSpread;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.crop.Crop;
import theriseed.core.isolation.WayOut.Cost;
import theriseed.core.isolation.WaysOut.Known;
import theriseed.core.pollination.FlowerNeed;

/** What could be done about the flowers of a seed crop: closed to foreign pollen, or picked off while it flies. */
final class FlowerSteps {
    /** Flowers are picked off where at least this share of the bloom is left, and it is long enough to have a rest. */
    private static final double LEAST_LEFT = 0.3;

    private static final int LEAST_BLOOM_DAYS = 21;
    private static final int MOST_PICKED_PLANTS = 300;

    private static final int TREATING_TAKES_DAYS = 14;

    private final int asked;
    private final Stand own;
    private final Known here;
    private final LocalDate today;
    private final List<Possible> steps = new ArrayList<>();

    FlowerSteps(int asked, Stand own, Known here, LocalDate today) {
        this.asked = asked;
        this.own = own;
        this.here = here;
        this.today = today;
    }

    /** @param others what threatens it */
    List<Possible> of(BloomWindow bloom, List<Stand> others) {
        closed(bloom);
        pickedOff(
                bloom,
                others.stream().filter(stand -> stand.bloom().isPresent()).toList());
        return steps;
    }

    private void add(Way way, int number, UnaryOperator<Stand> then, Cost cost) {
        steps.add(Possible.of(way, number, then, cost));
    }

    private void closed(BloomWindow bloom) {
        Crop crop = own.crop();
        if (!crop.vector().equals("wind") && !bloom.first().isBefore(today)) {
            steps.add(cage(asked, own, bloom));
        }
        if (bloom.last().isBefore(today.plusDays(TREATING_TAKES_DAYS))) {
            return;
        }
        UnaryOperator<Stand> treated = stand -> stand.controlled(PollenControl.treated(false));
        if (!crop.crossesFreely()
                && crop.sexes().equals("perfect")
                && !crop.vector().equals("wind")) {
            int clusters = here.plants() * KeepingHours.CLUSTERS_A_PLANT;
            add(new Way.Bag(clusters), asked, treated, Cost.ofWork(KeepingHours.clusters(clusters)));
        }
        if (crop.vector().equals("wind")) {
            add(
                    new Way.BagAgainstWind(here.plants()),
                    asked,
                    treated,
                    Cost.ofWork(KeepingHours.clusters(here.plants())));
        }
        if (crop.family().equals("Cucurbitaceae")) {
            FlowerNeed need = FlowerNeed.forFruits(here.plants(), FlowerNeed.USUAL_TAKE, FlowerNeed.USUAL_RIPE);
            add(
                    new Way.HandPollinate(need.fruits(), need.flowers(), need.perPlant(here.plants())),
                    asked,
                    treated,
                    Cost.ofWork(KeepingHours.flowers(need.flowers())));
        }
    }

    static Possible cage(int number, Stand stand, BloomWindow bloom) {
        int weeks = KeepingHours.cageWeeks(bloom);
        int introductions = KeepingHours.introductions(stand.crop(), bloom);
        return Possible.of(
                new Way.Cage(stand.area(), weeks, introductions),
                number,
                caged -> caged.controlled(PollenControl.caged(true)),
                Cost.ofWork(KeepingHours.cage(stand.area(), weeks, introductions)));
    }

    /** Where it flowers on when the others are over, or before they begin, the flowers between are picked off. */
    private void pickedOff(BloomWindow bloom, List<Stand> others) {
        boolean longAndInsect =
                bloom.days() >= LEAST_BLOOM_DAYS && !own.crop().vector().equals("wind");
        if (others.isEmpty() || !longAndInsect || here.plants() > MOST_PICKED_PLANTS) {
            return;
        }
        LocalDate useful = here.lastUseful().filter(bloom.last()::isAfter).orElse(bloom.last());
        long useDays = ChronoUnit.DAYS.between(bloom.first(), useful) + 1;
        BloomSpread byHand = new BloomSpread(BloomSpread.SEEN, own.spread().last());
        LocalDate until = others.stream()
                .map(other -> other.bloom().get().last().plusDays(margin(other.spread(), byHand) + 1L))
                .max(Comparator.naturalOrder())
                .orElseThrow();
        long left = ChronoUnit.DAYS.between(until, useful) + 1;
        if (until.isAfter(bloom.first()) && until.isAfter(today) && left >= LEAST_LEFT * useDays) {
            double lost = 1 - (double) left / useDays;
            BloomWindow then = new BloomWindow(until, bloom.last());
            add(
                    new Way.PickFirstFlowers(until, lost),
                    asked,
                    stand -> stand.blooming(then, byHand),
                    picking(lost, ChronoUnit.DAYS.between(bloom.first(), until)));
        }
        BloomSpread ended = new BloomSpread(own.spread().first(), BloomSpread.SEEN);
        LocalDate from = others.stream()
                .map(other -> other.bloom().get().first().minusDays(margin(ended, other.spread()) + 1L))
                .min(Comparator.naturalOrder())
                .orElseThrow();
        long kept = ChronoUnit.DAYS.between(bloom.first(), from);
        if (from.isBefore(bloom.last()) && !from.isBefore(today) && kept >= LEAST_LEFT * useDays) {
            double lost = Math.max(0, 1 - (double) kept / useDays);
            BloomWindow then = new BloomWindow(bloom.first(), from.minusDays(1));
            add(
                    new Way.PickLastFlowers(from, lost),
                    asked,
                    stand -> stand.blooming(then, ended),
                    picking(lost, ChronoUnit.DAYS.between(from, bloom.last()) + 1));
        }
    }

    private int margin(BloomSpread earlier, BloomSpread later) {
        return Math.max(own.grade().orElseThrow().daysApart(), BloomSpread.margin(earlier, later));
    }

    private Cost picking(double lost, long days) {
        return Cost.ofWork(KeepingHours.picking(here.plants(), days)).and(Cost.ofSeed(lost, here.worth()));
    }
}
