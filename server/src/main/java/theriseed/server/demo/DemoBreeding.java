package theriseed.server.demo;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.function.ToDoubleFunction;
import org.springframework.stereotype.Component;
import theriseed.core.pollination.MorningPlan.Buds;
import theriseed.core.population.StandLife.Point;
import theriseed.server.base.Clash;
import theriseed.server.base.Recorded;
import theriseed.server.farm.FarmClock;
import theriseed.server.pollination.AimFacts;
import theriseed.server.pollination.Father;
import theriseed.server.pollination.FlowerFacts;
import theriseed.server.pollination.FlowerView;
import theriseed.server.pollination.HandPollination;
import theriseed.server.season.Plantings;
import theriseed.server.selection.CandidateFacts;
import theriseed.server.selection.CandidateKind;
import theriseed.server.selection.Mark;
import theriseed.server.selection.Scores;
import theriseed.server.selection.Selection;
import theriseed.server.selection.TraitFacts;
import theriseed.server.selection.Trials;
import theriseed.server.stand.CountFacts;
import theriseed.server.stand.LookFacts;
import theriseed.server.stand.SeedFacts;
import theriseed.server.stand.Stands;

/** What the demo farm does to keep and better its stocks: flowers pollinated by hand, best plants, progeny rows. */
@Component
class DemoBreeding {
    private static final int SEED = 1706;

    private final FarmClock time;
    private final Plantings plantings;
    private final HandPollination hand;
    private final Scores scores;
    private final Selection selection;
    private final Trials trials;
    private final Stands stands;

    DemoBreeding(
            FarmClock time,
            Plantings plantings,
            HandPollination hand,
            Scores scores,
            Selection selection,
            Trials trials,
            Stands stands) {
        this.time = time;
        this.plantings = plantings;
        this.hand = hand;
        this.scores = scores;
        this.selection = selection;
        this.trials = trials;
        this.stands = stands;
    }

    /** Three weeks of mornings in a squash of fourteen plants; of most flowers it is known whether they took. */
    void squash(UUID planting) {
        on(LocalDate.of(2026, 7, 20), () -> hand.want(planting, Clash.NONE, new AimFacts(4000, 160, 0.4), ""));
        Random chance = new Random(SEED);
        int tag = 0;
        for (int morning = 0; morning < 9; morning++) {
            LocalDate day = LocalDate.of(2026, 7, 24).plusDays(morning * 2L);
            List<FlowerView> done = new ArrayList<>();
            for (int flower = 0; flower < 1 + chance.nextInt(4); flower++) {
                done.add(pollinated(planting, day, ++tag, chance));
            }
            LocalDate later = day.plusDays(6);
            if (later.isBefore(LocalDate.of(2026, 8, 14))) {
                on(later, () -> done.forEach(flower -> hand.looked(flower.id(), chance.nextInt(10) < 6, later, 0, "")));
            }
        }
        LocalDate evening = LocalDate.of(2026, 8, 13);
        on(
                evening,
                () -> hand.close(
                        Recorded.nextId(),
                        planting,
                        evening,
                        List.of(
                                new Buds(2, 1, 1),
                                new Buds(5, 1, 0),
                                new Buds(6, 0, 2),
                                new Buds(9, 2, 1),
                                new Buds(12, 0, 1),
                                new Buds(13, 0, 2))));
    }

    private FlowerView pollinated(UUID planting, LocalDate day, int tag, Random chance) {
        int mother = 1 + chance.nextInt(14);
        List<Father> fathers = List.of(
                new Father(planting, 1 + (mother + 2 + chance.nextInt(4)) % 14),
                new Father(planting, 1 + (mother + 7 + chance.nextInt(4)) % 14));
        Instant moment = day.atTime(6, 40).atZone(time.zone()).toInstant();
        FlowerView[] kept = new FlowerView[1];
        time.at(
                moment,
                () -> kept[0] = hand.pollinate(
                        Recorded.nextId(),
                        planting,
                        new FlowerFacts(mother, fathers, String.valueOf(tag), moment, "")));
        return kept[0];
    }

    /** Best roots of a carrot in an earlier season, and their progeny, forty rows of it, in the season to come. */
    void carrot(UUID before, UUID now, UUID next) {
        LocalDate summer = LocalDate.of(2024, 7, 20);
        List<UUID> mothers = new ArrayList<>();
        for (int tag = 1; tag <= 36; tag++) {
            mothers.add(marked(before, tag, summer));
        }
        Random chance = new Random(SEED);
        List<UUID> best = new ArrayList<>();
        for (int tag = 1; tag <= 24; tag++) {
            best.add(marked(now, tag, LocalDate.of(2026, 7, 6)));
        }
        UUID variety = plantings.grown(now).varietyId();
        UUID vigour = trait(variety, new TraitFacts("vigour", 1, 9, true));
        UUID health = trait(variety, new TraitFacts("health", 1, 9, true));
        for (UUID trait : List.of(vigour, health)) {
            List<Mark> marks = best.stream()
                    .map(plant -> new Mark(plant, 3 + chance.nextInt(6) * 1.0))
                    .toList();
            LocalDate day = LocalDate.of(2026, 7, 12);
            on(day, () -> selection.visit(Recorded.nextId(), now, trait, day, marks));
        }
        rows(next, mothers, vigour, health);
    }

    /** Plants of a tomato that the kitchen leaves alone. */
    void tomato(UUID lantern) {
        for (int tag : new int[] {5, 12, 19}) {
            marked(lantern, tag, LocalDate.of(2026, 7, 14));
        }
    }

    private void rows(UUID planting, List<UUID> mothers, UUID vigour, UUID health) {
        UUID trial = Recorded.nextId();
        List<Trials.Sown> sown = new ArrayList<>();
        for (int row = 1; row <= 40; row++) {
            boolean check = row % 10 == 0;
            int mother = row - row / 10 - 1;
            sown.add(new Trials.Sown(
                    check ? null : mothers.get(mother), check, check ? "all of 2024, mixed" : "24-" + (mother + 1)));
        }
        on(LocalDate.of(2026, 7, 11), () -> trials.sow(trial, planting, "carrot rows of 2026", 2, sown));
        Random chance = new Random(SEED);
        double[] worth = chance.doubles(40, 3.2, 6.8).toArray();
        LocalDate first = LocalDate.of(2026, 8, 4);
        LocalDate second = LocalDate.of(2026, 8, 11);
        scored(trial, vigour, first, row -> worth[row.number() - 1] + chance.nextDouble(-1.4, 1.4));
        scored(trial, vigour, second, row -> worth[row.number() - 1] + chance.nextDouble(-1.4, 1.4));
        scored(trial, health, second, row -> 5 + chance.nextDouble(-2, 2));
    }

    private void scored(UUID trial, UUID trait, LocalDate day, ToDoubleFunction<Trials.RowView> score) {
        on(day, () -> {
            List<Mark> marks = new ArrayList<>();
            trials.get(trial)
                    .rows()
                    .forEach(row -> row.plots()
                            .forEach(plot -> marks.add(new Mark(plot.id(), (double)
                                    Math.max(1, Math.min(9, Math.round(score.applyAsDouble(row))))))));
            trials.visit(Recorded.nextId(), trial, trait, day, marks);
        });
    }

    private UUID marked(UUID planting, int tag, LocalDate day) {
        UUID id = Recorded.nextId();
        CandidateFacts facts = new CandidateFacts(CandidateKind.PLANT, String.valueOf(tag), day, null, "");
        on(day, () -> selection.mark(id, planting, facts));
        return id;
    }

    private UUID trait(UUID variety, TraitFacts facts) {
        UUID[] made = new UUID[1];
        on(LocalDate.of(2024, 7, 1), () -> made[0] = scores.make(variety, facts).id());
        return made[0];
    }

    /** Garlic in store since July, looked through once; and counts of a kale through its winter. */
    void counted(UUID garlic, UUID kale) {
        count(garlic, Point.LIFTED, 391, "2026-07-20");
        count(garlic, Point.STORED, 372, "2026-07-24");
        LocalDate look = LocalDate.of(2026, 8, 12);
        on(
                look,
                () -> stands.look(
                        Recorded.nextId(), garlic, new LookFacts(look, 372, 9, 98, 175, 90, "two soft at the neck")));
        count(kale, Point.RAISED, 118, "2025-08-02");
        count(kale, Point.SET_OUT, 104, "2025-08-24");
        count(kale, Point.AFTER_WINTER, 79, "2026-03-18");
        Random chance = new Random(SEED);
        LocalDate weighed = LocalDate.of(2026, 7, 22);
        for (int plant = 1; plant <= 20; plant++) {
            BigDecimal grams = BigDecimal.valueOf(Math.round(Math.exp(3 + 0.7 * chance.nextGaussian())));
            SeedFacts facts = new SeedFacts(String.valueOf(plant), grams, weighed);
            on(weighed, () -> stands.weigh(Recorded.nextId(), kale, facts));
        }
    }

    private void count(UUID planting, Point point, int plants, String day) {
        LocalDate on = LocalDate.parse(day);
        on(on, () -> stands.count(Recorded.nextId(), planting, new CountFacts(point, plants, on, "")));
    }

    private void on(LocalDate day, Runnable act) {
        time.at(day.atTime(19, 0).atZone(time.zone()).toInstant(), act);
    }
}
