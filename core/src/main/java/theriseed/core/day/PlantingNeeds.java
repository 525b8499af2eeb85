package theriseed.core.day;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import theriseed.core.bloom.BloomSpread;
import theriseed.core.isolation.Verdict;
import theriseed.core.roguing.WalkVerdict;
import theriseed.core.season.RipensHere;

/**
 * What a planting waits for in its rows on a day, from what was walked, picked and forecast of it. Days of bloom are
 * forecasts: where the rows say otherwise, the rows are right.
 */
public final class PlantingNeeds {
    private static final int LOOKED_AT_EVERY_DAYS = 4;
    /** Days before its bloom in which a seed crop is walked whatever its stages: what is pulled then sheds no pollen. */
    static final int WALK_BEFORE_BLOOM_DAYS = 21;

    /** Days after a stage in which what it shows can mostly still be seen. Experience; leaves and fruit differ. */
    static final int STAGE_STILL_SHOWS_DAYS = 14;

    /** A stage at which its rows are walked. @param from empty where its days are not known; {@code to} likewise */
    public record Stage(Optional<LocalDate> from, Optional<LocalDate> to, boolean walked) {
        private boolean on(LocalDate day) {
            return from.isPresent()
                    && !day.isBefore(from.get())
                    && !day.isAfter(to.orElseThrow().plusDays(STAGE_STILL_SHOWS_DAYS));
        }
    }

    /** @param ripeFrom day from which its first seed should be ripe */
    public record Bloom(LocalDate first, LocalDate last, LocalDate ripeFrom) {}

    /**
     * What is known of a planting.
     *
     * @param forSeed whether seed is saved of it
     * @param thisYear whether it is of the season that is under way
     * @param numbered whether seed of it has a lot already
     * @param sownOn day on which it is sown, where nobody wrote down with what
     * @param bloom empty where it has none
     * @param stages in their order
     * @param walked what its latest stage has shown; empty where no inspection is recorded
     * @param isolation empty where it does not matter
     * @param looked what was seen of its bloom; empty where its days change nothing
     * @param ripens whether its seed ripens here; empty where that does not matter, or is not known
     */
    public record Known(
            boolean forSeed,
            boolean thisYear,
            boolean numbered,
            Optional<LocalDate> sownOn,
            Optional<Bloom> bloom,
            List<Stage> stages,
            Optional<WalkVerdict> walked,
            Optional<Verdict> isolation,
            Optional<RipensHere> ripens,
            Optional<Looked> looked) {}

    /**
     * What is known of a bloom that others are judged by.
     *
     * @param spread sd of its days
     * @param began whether it was seen in bloom
     * @param over whether its bloom was seen to be over
     * @param last day on which anybody looked
     */
    public record Looked(BloomSpread spread, boolean began, boolean over, Optional<LocalDate> last) {}

    private PlantingNeeds() {}

    public static List<PlantingNeed> of(Known planting, LocalDate today) {
        List<PlantingNeed> needs = new ArrayList<>();
        if (planting.forSeed() && !planting.numbered()) {
            planting.sownOn()
                    .filter(today::isAfter)
                    .map(PlantingNeed.SayWhatWasSown::new)
                    .ifPresent(needs::add);
        }
        if (!planting.numbered()) {
            walk(planting, today).ifPresent(needs::add);
        }
        if (planting.forSeed() && planting.thisYear() && planting.bloom().isPresent()) {
            Bloom bloom = planting.bloom().get();
            if (!planting.numbered() && !today.isBefore(bloom.ripeFrom())) {
                needs.add(new PlantingNeed.LookWhetherRipe(bloom.ripeFrom()));
            }
            if (planting.isolation().filter(Verdict.CROSSES::equals).isPresent() && !today.isAfter(bloom.last())) {
                needs.add(new PlantingNeed.DecideIsolation());
            }
        }
        if (planting.forSeed() && planting.thisYear() && !planting.numbered()) {
            planting.ripens()
                    .filter(here -> here.mark() != RipensHere.Mark.RIPENS)
                    .filter(here -> here.ends().filter(today::isBefore).isPresent())
                    .ifPresent(here -> needs.add(new PlantingNeed.DecideRipening(here)));
        }
        if (planting.thisYear() && planting.bloom().isPresent()) {
            planting.looked()
                    .flatMap(looked -> lookAtBloom(planting.bloom().get(), looked, today))
                    .ifPresent(needs::add);
        }
        return needs;
    }

    /** Looked at while it may begin, and then while it may end, every few days. */
    private static Optional<PlantingNeed> lookAtBloom(Bloom bloom, Looked looked, LocalDate today) {
        boolean lately = looked.last()
                .filter(day -> today.isBefore(day.plusDays(LOOKED_AT_EVERY_DAYS)))
                .isPresent();
        if (looked.over() || lately) {
            return Optional.empty();
        }
        long early = Math.max(LOOKED_AT_EVERY_DAYS, looked.spread().beforeFirst());
        long late =
                Math.max(LOOKED_AT_EVERY_DAYS, Math.round(2 * looked.spread().last()));
        boolean ends = looked.began() && !today.isBefore(bloom.last().minusDays(late));
        boolean begins = !looked.began() && !today.isBefore(bloom.first().minusDays(early));
        boolean still = !today.isAfter(bloom.last().plusDays(late));
        return still && (begins || ends) ? Optional.of(new PlantingNeed.LookAtBloom(looked.began())) : Optional.empty();
    }

    /** A walk is due while its stage lasts, and before and in bloom until the planting is shown to be true. */
    private static Optional<PlantingNeed> walk(Known planting, LocalDate today) {
        Optional<Integer> now = IntStream.range(0, planting.stages().size())
                .boxed()
                .filter(place -> planting.stages().get(place).on(today))
                .max(Comparator.comparing(
                        place -> planting.stages().get(place).from().orElseThrow()));
        boolean stageOpen =
                now.filter(place -> !planting.stages().get(place).walked()).isPresent();
        boolean notShown = planting.walked()
                .filter(verdict -> verdict.mark() == WalkVerdict.Mark.SHOWN)
                .isEmpty();
        Optional<Bloom> near = planting.bloom()
                .filter(bloom ->
                        planting.forSeed() && !today.isBefore(bloom.first().minusDays(WALK_BEFORE_BLOOM_DAYS)));
        boolean sheds = near.filter(bloom -> !today.isBefore(bloom.first()) && !today.isAfter(bloom.last()))
                .isPresent();
        boolean urgent = notShown && sheds;
        if (stageOpen) {
            return now.map(place -> new PlantingNeed.WalkStage(place, urgent));
        }
        if (near.isEmpty() || !notShown) {
            return Optional.empty();
        }
        return Optional.of(planting.walked()
                .<PlantingNeed>map(verdict -> new PlantingNeed.WalkOn(verdict, urgent))
                .orElse(new PlantingNeed.WalkFirst(urgent)));
    }
}
