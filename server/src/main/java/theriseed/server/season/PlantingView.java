package theriseed.server.season;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Stream;
import theriseed.core.bloom.BloomSpread;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.bloom.FarmYear;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Grade;
import theriseed.core.day.PlantingNeeds;
import theriseed.core.isolation.PollenControl;
import theriseed.core.isolation.Threat;
import theriseed.core.isolation.Verdict;
import theriseed.core.isolation.WaysOut;
import theriseed.core.population.PopulationPlan;
import theriseed.core.season.RipensHere;
import theriseed.core.season.SeasonWork;
import theriseed.core.store.StockPlan;
import theriseed.server.base.Maybe;

/**
 * A planting with what the rules say of it. Isolation and population are there for seed crops only; bloom is absent when
 * it will not flower or the year's warmth never suffices.
 *
 * @param group what crosses with what: the crop's crossing group
 * @param ground plot and beds in words
 * @param spacing ground the plants take, square metres
 * @param fits plants that the ground it takes has room for
 * @param groundFrom first day on the ground it seeds on
 * @param groundTo last day on it, as planned
 * @param rootGround plot and beds of the roots in words, when they are lifted
 * @param rootsFrom first day of the roots on the ground of their own year, when they are lifted
 * @param rootsTo last day of them there
 * @param turns name of those whose cages are opened by turns with its own; empty for none
 * @param flowersFrom day before which its flowers are picked off; {@code flowersUntil} the last day they are not
 * @param coverLeaked whether its cage was found not to have been tight, so that it is judged as standing open
 * @param stock for planting stock: whether it is enough, and what to put in store
 * @param cold weeks of cold it gets before it flowers, for crops that need them
 */
public record PlantingView(
        @Maybe UUID id,
        int version,
        int season,
        VarietyView variety,
        String group,
        String species,
        String family,
        UUID plotId,
        String plotName,
        String ground,
        List<Stretch> stretches,
        @Maybe UUID rootPlotId,
        List<Stretch> rootStretches,
        @Maybe String rootGround,
        @Maybe LocalDate rootsFrom,
        @Maybe LocalDate rootsTo,
        Purpose purpose,
        Grade grade,
        boolean flowers,
        LocalDate sownOn,
        @Maybe LocalDate setOutOn,
        @Maybe LocalDate liftedOn,
        @Maybe LocalDate replantedOn,
        @Maybe LocalDate clearedOn,
        @Maybe LocalDate firstFlowerOn,
        LocalDate groundFrom,
        LocalDate groundTo,
        int plants,
        double inRow,
        double betweenRows,
        double germination,
        double selected,
        PollenControl.Kind control,
        boolean coverLeaked,
        boolean everyFlower,
        double dropped,
        boolean volunteersPulled,
        String turns,
        @Maybe LocalDate flowersFrom,
        @Maybe LocalDate flowersUntil,
        String restOverruled,
        double spacing,
        int fits,
        @Maybe Bloom bloom,
        @Maybe Cold cold,
        @Maybe Ripens ripens,
        @Maybe Isolation isolation,
        @Maybe Population population,
        @Maybe Stock stock) {
    private static final String STORE = "store";

    /** Where its plants are on a day: roots have ground of their own until they are lifted, and then the store. */
    public String groundOn(LocalDate day) {
        if (liftedOn != null && day.isBefore(replantedOn)) {
            return day.isAfter(liftedOn) ? STORE : rootGround == null ? ground : rootGround;
        }
        boolean stored = purpose == Purpose.PLANTING_STOCK && clearedOn != null && day.isAfter(clearedOn);
        return stored ? STORE : ground;
    }

    /** What its season's work hangs on. */
    public SeasonWork.Plan work(Crop crop, FarmYear year) {
        return new SeasonWork.Plan(
                crop,
                year,
                season,
                sownOn,
                Optional.ofNullable(setOutOn),
                Optional.ofNullable(liftedOn),
                Optional.ofNullable(replantedOn),
                Optional.ofNullable(clearedOn),
                purpose == Purpose.SEED,
                control,
                volunteersPulled,
                Optional.ofNullable(flowersFrom),
                Optional.ofNullable(flowersUntil),
                window(),
                bloom == null ? BloomSpread.NONE : new BloomSpread(bloom.firstSpreadDays(), bloom.lastSpreadDays()));
    }

    /** First to last flower; none when it will not flower. */
    public Optional<BloomWindow> window() {
        return Optional.ofNullable(bloom).map(days -> new BloomWindow(days.first(), days.last()));
    }

    /**
     * Bloom and the days on which its seed may be ripe.
     *
     * @param firstSpreadDays sd of the first flower's day; {@code lastSpreadDays} of the last one's
     * @param seen whether it counts from a first flower that was seen; else it is planned
     */
    public record Bloom(
            LocalDate first,
            LocalDate last,
            LocalDate ripeFrom,
            LocalDate ripeTo,
            double firstSpreadDays,
            double lastSpreadDays,
            boolean seen,
            @Maybe LocalDate notYetOn,
            @Maybe LocalDate bloomingFrom,
            @Maybe LocalDate bloomingUntil,
            @Maybe LocalDate overOn,
            Warmth warmth) {
        /** What was seen of it. */
        public PlantingNeeds.Looked looked() {
            return new PlantingNeeds.Looked(
                    new BloomSpread(firstSpreadDays, lastSpreadDays),
                    seen || bloomingFrom != null,
                    overOn != null,
                    Stream.of(notYetOn, bloomingUntil, overOn)
                            .filter(Objects::nonNull)
                            .max(Comparator.naturalOrder()));
        }
    }

    /**
     * The warmth it asks for until its first flower, &deg;C d.
     *
     * @param asked as it is taken
     * @param table what the table of crops says
     * @param sightings first flowers of the variety seen here, of other plantings
     */
    public record Warmth(double asked, double table, int sightings) {}

    /** Weeks of cold it gets, and weeks it needs to flower. */
    public record Cold(double weeks, int asked) {}

    /**
     * Whether its seed ripens here.
     *
     * @param ripe day on which half of it is
     * @param ends day on which frost or cold usually ends it
     * @param chance that half of it is ripe by then, 0 to 1
     */
    public record Ripens(
            RipensHere.Mark mark,
            @Maybe LocalDate ripe,
            @Maybe LocalDate ends,
            @Maybe RipensHere.Cause cause,
            double chance) {
        public RipensHere here() {
            return new RipensHere(
                    mark, Optional.ofNullable(ripe), Optional.ofNullable(ends), Optional.ofNullable(cause), chance);
        }

        static Ripens of(RipensHere here) {
            return new Ripens(
                    here.mark(),
                    here.ripe().orElse(null),
                    here.ends().orElse(null),
                    here.cause().orElse(null),
                    here.chance());
        }
    }

    /**
     * What could cross it, worst first.
     *
     * @param crossing share of seed, estimated over everything; read it times and divided by {@code band}
     * @param unkept the same were no promise of a neighbour kept
     * @param falls how the estimate falls with distance: at the distances the grades ask, from beside on
     * @param threats all of them where one planting is looked at; else the worst that are not clear
     * @param clear how many are clear
     * @param forMarket the verdict if it were grown for the market only
     */
    public record Isolation(
            Verdict verdict,
            double crossing,
            double unkept,
            double allowed,
            double band,
            List<Fall> falls,
            List<ThreatView> threats,
            int clear,
            Verdict forMarket,
            boolean hangsOnDates) {}

    /** @param share of the seed that a large neighbour in full bloom would cross from so far */
    public record Fall(double metres, double share) {}

    /**
     * One threat.
     *
     * @param source whose it is
     * @param unkept {@code crossing} were its owner's promise not kept
     * @param sure whether what is known of it can be relied on
     * @param held share of its pollen that barriers on the way are taken to hold back
     */
    public record ThreatView(
            UUID sourceId,
            WaysOut.Source source,
            String name,
            String crop,
            String place,
            double metres,
            double asked,
            int daysTogether,
            int daysApart,
            int margin,
            double held,
            double crossing,
            double unkept,
            boolean sure,
            double compatibility,
            Verdict verdict,
            Threat.Why why) {}

    /**
     * Plants against what the grade needs, and the seed that would give them.
     *
     * @param keepsOneInTwenty chance that a type carried by one gamete in twenty is still there in the seed
     * @param keepsOneInHundred the same of one in a hundred
     * @param diversityKept share of heterozygosity left after ten generations of this size
     * @param toRaise plants to have before the best are chosen
     * @param onHand seed of the farm's own that is left; absent when none is known
     */
    public record Population(
            int asked,
            PopulationPlan.Mark mark,
            double effectiveSize,
            double keepsOneInTwenty,
            double keepsOneInHundred,
            double diversityKept,
            int toRaise,
            int seedToSow,
            double seedToSowGrams,
            double survival,
            double chance,
            @Maybe OnHand onHand) {
        static Population of(PopulationPlan plan, double thousandSeedWeight, OnHand onHand) {
            return new Population(
                    plan.asked(),
                    plan.mark(),
                    plan.effectiveSize(),
                    plan.keepsOneInTwenty(),
                    plan.keepsOneInHundred(),
                    plan.diversityKept(),
                    plan.seedToSow().beforeChoice(),
                    plan.seedToSow().seeds(),
                    plan.seedToSow().seeds() * thousandSeedWeight / 1000,
                    plan.seedToSow().survival(),
                    plan.seedToSow().chance(),
                    onHand);
        }
    }

    /**
     * Plants against what the grade needs to keep a clone, and pieces to store.
     *
     * @param days in store until it is planted again
     * @param wanted sound pieces to choose from then
     * @param putIn pieces to put in, for a 95 % chance
     * @param expected sound ones of them, on average
     */
    public record Stock(
            int asked, boolean enough, int days, int each, int wanted, int putIn, double expected, double chance) {
        static Stock of(StockPlan plan) {
            return new Stock(
                    plan.asked(),
                    plan.enough(),
                    plan.days(),
                    plan.each(),
                    plan.need().beforeChoice(),
                    plan.need().putIn(),
                    plan.need().expected(),
                    plan.need().chance());
        }
    }

    /**
     * Seed that is left of the variety.
     *
     * @param lastsUntil last season in which it should still germinate, by the crop's usual storage life
     * @param needed grams to sow of it, as it germinates; {@code enough} whether so much is there
     */
    public record OnHand(
            double grams,
            double germination,
            int harvested,
            int lastsUntil,
            @Maybe Double needed,
            boolean enough) {
        OnHand(double grams, double germination, int harvested, int lastsUntil, OptionalDouble needed) {
            this(
                    grams,
                    germination,
                    harvested,
                    lastsUntil,
                    needed.isPresent() ? needed.getAsDouble() : null,
                    needed.isPresent() && grams >= needed.getAsDouble());
        }
    }
}
