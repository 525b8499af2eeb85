package theriseed.server.pollination;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import theriseed.core.crop.Crop;
import theriseed.core.pollination.CageSchedule;
import theriseed.core.pollination.FlowerNeed;
import theriseed.core.pollination.MorningPlan;
import theriseed.core.pollination.MorningPlan.Buds;
import theriseed.core.pollination.Parentage;
import theriseed.core.pollination.TakeRate;
import theriseed.server.base.Clash;
import theriseed.server.base.CorrectionView;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.Maybe;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Wrong;
import theriseed.server.handbook.Crops;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;

/** Gathers what pollinating a planting needs, in the evening and in the morning. */
@Service
class PollinationPages {
    private final HandPollination hand;
    private final Covers covers;
    private final Plantings plantings;
    private final Crops crops;
    private final Corrections corrections;
    private final FarmTime time;

    PollinationPages(
            HandPollination hand,
            Covers covers,
            Plantings plantings,
            Crops crops,
            Corrections corrections,
            FarmTime time) {
        this.hand = hand;
        this.covers = covers;
        this.plantings = plantings;
        this.crops = crops;
        this.corrections = corrections;
        this.time = time;
    }

    /**
     * How many flowers the seed wanted asks for, and how many are done.
     *
     * @param wanted as the grower said, or as the plants would usually give
     * @param version of what the grower said; {@value Clash#NONE} while nothing was
     * @param wrong why no need can be calculated from what is wanted
     * @param take share of flowers that set, from those looked at
     */
    record Progress(
            AimFacts wanted,
            int version,
            double take,
            double ripe,
            @Maybe FlowersNeeded need,
            int done,
            int took,
            int failed,
            @Maybe Wrong wrong) {}

    /** @param more flowers still to pollinate, from those that took or may still */
    record FlowersNeeded(int fruits, int flowers, int perPlant, int more) {}

    /**
     * Everything for the rows.
     *
     * @param tonight buds closed this evening
     * @param morning what was closed yesterday evening, with who is to be crossed with whom
     * @param lookAt flowers to be looked at, whether they took
     * @param parents of what took
     * @param schedule how many insects, how often, for a cage
     * @param insectsOn the days they are due
     */
    record PollinationPage(
            PlantingView planting,
            List<EveningView> tonight,
            List<Buds> closed,
            MorningPlan morning,
            int doneToday,
            String nextTag,
            List<FlowerView> flowers,
            List<FlowerView> lookAt,
            Progress progress,
            Parentage parents,
            List<CoverView> covers,
            @Maybe CageSchedule schedule,
            List<LocalDate> insectsOn,
            List<CorrectionView> corrections) {}

    @ReadsOnly
    public PollinationPage of(UUID id) {
        PlantingView planting = plantings.get(id);
        Crop crop = crops.get(planting.variety().cropKey());
        LocalDate today = time.today();
        ZoneId zone = time.zone();
        List<FlowerView> flowers = hand.flowers(id);
        List<FlowerView> before = flowers.stream()
                .filter(flower -> flower.day(zone).isBefore(today))
                .toList();
        List<Buds> closed = hand.evenings(id, today.minusDays(1), today.minusDays(1)).stream()
                .flatMap(evening -> evening.closed().stream())
                .toList();
        List<CoverView> on = covers.of(planting);
        CageSchedule schedule = planting.window().isPresent() && crop.crossesFreely()
                ? CageSchedule.usual(planting.window().get().days())
                : null;
        return new PollinationPage(
                planting,
                hand.evenings(id, today, today),
                closed,
                HandPollination.plan(closed, before),
                flowers.size() - before.size(),
                nextTag(flowers),
                flowers,
                flowers.stream().filter(flower -> flower.due(today, zone)).toList(),
                progress(planting, crop, flowers),
                HandPollination.parents(flowers),
                on,
                schedule,
                schedule == null
                        ? List.of()
                        : schedule.placeOn().stream()
                                .map(days -> planting.bloom().first().plusDays(days))
                                .toList(),
                corrections.of(Stream.concat(flowers.stream().map(FlowerView::id), covers.correctable(on).stream())
                        .toList()));
    }

    /** One above the highest number on a tag. */
    private static String nextTag(List<FlowerView> flowers) {
        return String.valueOf(1
                + flowers.stream()
                        .filter(flower -> flower.tag().matches("\\d{1,6}"))
                        .mapToInt(flower -> Integer.parseInt(flower.tag()))
                        .max()
                        .orElse(0));
    }

    private Progress progress(PlantingView planting, Crop crop, List<FlowerView> flowers) {
        Optional<AimView> said = hand.aim(planting.id());
        AimFacts wanted = said.map(AimView::facts).orElseGet(() -> usual(planting, crop));
        int took = (int) flowers.stream()
                .filter(flower -> Boolean.TRUE.equals(flower.took()))
                .count();
        int failed = (int) flowers.stream()
                .filter(flower -> Boolean.FALSE.equals(flower.took()))
                .count();
        double take = TakeRate.of(took, took + failed);
        double open = flowers.size() - took - failed;
        int fruits = (int) Math.floor((took + open * take) * FlowerNeed.USUAL_RIPE);
        Wrong.Or<FlowersNeeded> need = Wrong.or(() -> need(wanted, take, fruits, planting.plants()));
        return new Progress(
                wanted,
                said.map(AimView::version).orElse(Clash.NONE),
                take,
                FlowerNeed.USUAL_RIPE,
                need.value(),
                flowers.size(),
                took,
                failed,
                need.wrong());
    }

    /** @param fruits that are there or may be expected */
    private static FlowersNeeded need(AimFacts wanted, double take, int fruits, int plants) {
        FlowerNeed all =
                FlowerNeed.forSeeds(wanted.seeds(), wanted.perFruit(), wanted.variation(), take, FlowerNeed.USUAL_RIPE);
        int more = fruits >= all.fruits()
                ? 0
                : FlowerNeed.forFruits(all.fruits() - fruits, take, FlowerNeed.USUAL_RIPE)
                        .flowers();
        return new FlowersNeeded(all.fruits(), all.flowers(), all.perPlant(plants), more);
    }

    /** What the plants would give if all set as usual, two fruits each. */
    private static AimFacts usual(PlantingView planting, Crop crop) {
        double perFruit = FlowerNeed.usualSeedsAFruit(crop);
        return new AimFacts(
                (int) Math.max(1, Math.round(perFruit * planting.plants())), perFruit, FlowerNeed.USUAL_VARIATION);
    }
}
