package theriseed.server.season;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import theriseed.core.bloom.BloomForecast;
import theriseed.core.bloom.BloomSpread;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.crop.Crop;
import theriseed.core.ground.Site;
import theriseed.core.isolation.NeighbourReport;
import theriseed.core.isolation.PollenControl;
import theriseed.core.isolation.Stand;
import theriseed.core.isolation.Volunteers;
import theriseed.core.isolation.WaysOut;
import theriseed.core.season.RipensHere;
import theriseed.server.ground.NeighbourView;

/**
 * What sheds or takes pollen in a season, as the rules know it: the farm's own plantings, what came up after those of the
 * season before, and the neighbours' crops.
 */
final class SeasonSources {
    /** Blooms farther apart surely do not meet, however unsure their days are. */
    private static final int UNSURE_DAYS = 90;

    private static final String ANY_CROP = "kale";

    private final Function<String, Crop> crops;
    private final BloomForecast forecast;
    private final Learned learned;
    private final FarmGround ground;

    /** Of the plantings of the season: each is asked for more than once. */
    private final Map<Member, Life> lives = new IdentityHashMap<>();

    SeasonSources(Function<String, Crop> crops, BloomForecast forecast, Learned learned, FarmGround ground) {
        this.crops = crops;
        this.forecast = forecast;
        this.learned = learned;
        this.ground = ground;
    }

    /** When a planting blooms, and whether its seed ripens here: nothing where it is not grown for seed. */
    record Life(BloomForecast.Bloom bloom, Optional<RipensHere> ripens) {}

    /** A stand with what it is called. */
    record Source(
            UUID id,
            int version,
            WaysOut.Source kind,
            String name,
            String crop,
            String place,
            Stand stand,
            Member member) {
        Source standing(Stand as) {
            return new Source(id, version, kind, name, crop, place, as, member);
        }
    }

    /**
     * All of a season.
     *
     * @param beside plantings of the seasons before and after, and what neighbours grow then: a label does not keep pollen
     *     away, so those that bloom on the same days are among them
     */
    List<Source> of(List<Member> members, List<Member> yearBefore, List<NeighbourView> neighbours, Beside beside) {
        List<Source> all = new ArrayList<>();
        members.forEach(member -> {
            lives.put(member, lived(member));
            all.add(of(member));
        });
        Optional<BloomWindow> days = days(all);
        neighbours.forEach(seen -> all.add(of(seen)));
        all.addAll(volunteers(members, yearBefore));
        days.ifPresent(span -> {
            beside.members().stream()
                    .map(this::of)
                    .filter(source -> meets(source, span))
                    .map(SeasonSources::ofAnotherSeason)
                    .forEach(all::add);
            beside.neighbours().stream()
                    .map(this::of)
                    .filter(source -> meets(source, span))
                    .forEach(all::add);
        });
        return all;
    }

    /** What is filed under the seasons before and after. */
    record Beside(List<Member> members, List<NeighbourView> neighbours) {}

    /** From the first flower of any to the last. */
    private static Optional<BloomWindow> days(List<Source> sources) {
        List<BloomWindow> windows = sources.stream()
                .flatMap(source -> source.stand().bloom().stream())
                .toList();
        return windows.stream()
                .map(BloomWindow::first)
                .min(Comparator.naturalOrder())
                .map(first -> new BloomWindow(
                        first,
                        windows.stream()
                                .map(BloomWindow::last)
                                .max(Comparator.naturalOrder())
                                .orElseThrow()));
    }

    private static boolean meets(Source source, BloomWindow span) {
        return source.stand()
                .bloom()
                .filter(bloom -> bloom.daysApart(span) <= UNSURE_DAYS)
                .isPresent();
    }

    private static Source ofAnotherSeason(Source source) {
        return new Source(
                source.id(),
                source.version(),
                source.kind(),
                source.name() + " of " + source.member().facts().season(),
                source.crop(),
                source.place(),
                source.stand().seedless(),
                source.member());
    }

    Source of(Member member) {
        PlantingFacts facts = member.facts();
        Crop crop = crops.apply(member.variety().cropKey());
        Life life = life(member);
        BloomForecast.Bloom forecast = life.bloom();
        // What cannot ripen here will not be grown as planned: the days it would bloom clear nothing.
        boolean cannot = life.ripens()
                .filter(here -> here.mark() == RipensHere.Mark.WILL_NOT)
                .isPresent();
        BloomForecast.Bloom bloom = cannot && !forecast.seen() ? forecast.doubtful() : forecast;
        Site site = ground.site(facts.where());
        Stand stand = new Stand(
                crop,
                member.variety().name(),
                site,
                ground.plot(facts.where().plotId()).positionError(),
                facts.sowing().plants() * each(crop, facts),
                blooming(bloom, facts),
                bloom.spread(),
                control(crop, bloom, member),
                surely(bloom, facts),
                facts.aim().forSeed() ? Optional.of(facts.aim().grade()) : Optional.empty(),
                facts.keeping().dropped(),
                false,
                member.coverLeaked() ? "" : facts.keeping().turns());
        return new Source(
                member.id(),
                member.version(),
                WaysOut.Source.OWN,
                member.variety().name(),
                crop.name(),
                ground.words(facts.where()),
                stand,
                member);
    }

    /** What a planting's variety asks for until it flowers, by the table and by what was seen here. */
    PlantingView.Warmth warmth(Crop crop, Member member) {
        return new PlantingView.Warmth(
                learned.of(crop, member).mean(), BloomForecast.ofTable(crop).mean(), learned.sightings(member));
    }

    Life life(Member member) {
        Life known = lives.get(member);
        return known == null ? lived(member) : known;
    }

    private Life lived(Member member) {
        Crop crop = crops.apply(member.variety().cropKey());
        Keeping keeping = member.facts().keeping();
        BloomForecast.Bloom bloom = forecast.of(
                        crop, member.facts().season(), member.growing(), learned.of(crop, member))
                .letOpen(Optional.ofNullable(keeping.flowersFrom()), Optional.ofNullable(keeping.flowersUntil()));
        return new Life(
                bloom,
                member.facts().aim().forSeed()
                        ? RipensHere.of(forecast.year(), crop, member.growing().outdoors(), bloom, forecast.today())
                        : Optional.empty());
    }

    /** What is eaten blooms only until it is off the ground. */
    static Optional<BloomWindow> blooming(BloomForecast.Bloom bloom, PlantingFacts facts) {
        LocalDate cleared = facts.days().clearedOn();
        if (facts.aim().forSeed() || bloom.window().isEmpty()) {
            return bloom.window();
        }
        if (cleared == null) {
            return facts.aim().flowers() ? bloom.window() : Optional.empty();
        }
        BloomWindow window = bloom.window().get();
        return cleared.isBefore(window.first())
                ? Optional.empty()
                : Optional.of(
                        new BloomWindow(window.first(), cleared.isBefore(window.last()) ? cleared : window.last()));
    }

    /** A cage that was not tight is none. */
    private static PollenControl control(Crop crop, BloomForecast.Bloom bloom, Member member) {
        PlantingFacts facts = member.facts();
        if (blooming(bloom, facts).isEmpty() && (!facts.aim().forSeed() || bloom.tooLittleCold())) {
            return PollenControl.NEVER_FLOWERS;
        }
        boolean open = member.coverLeaked() && facts.keeping().control() == PollenControl.Kind.CAGED;
        return open
                ? PollenControl.OPEN
                : PollenControl.of(facts.keeping().control(), facts.keeping().everyFlower(), crop);
    }

    /** A crop to be eaten just before its bloom may flower all the same. */
    private static boolean surely(BloomForecast.Bloom bloom, PlantingFacts facts) {
        LocalDate cleared = facts.days().clearedOn();
        if (facts.aim().forSeed() || cleared == null || bloom.window().isEmpty()) {
            return true;
        }
        LocalDate first = bloom.window().get().first();
        return !cleared.isBefore(first)
                || !cleared.isAfter(first.minusDays(bloom.spread().beforeFirst()));
    }

    private Source of(NeighbourView seen) {
        boolean known = seen.kind().cropKnown();
        Stand stand = known
                ? noted(seen, crops.apply(seen.cropKey()))
                : noted(seen, anyCrop()).ofAnything();
        return new Source(
                seen.id(),
                seen.version(),
                switch (seen.kind()) {
                    case TENDED -> WaysOut.Source.NEIGHBOUR;
                    case WILD -> WaysOut.Source.WILD;
                    case NOT_TOLD, GARDEN -> WaysOut.Source.UNKNOWN;
                },
                seen.name(),
                known ? stand.crop().name() : "",
                seen.name(),
                stand,
                null);
    }

    /** Stands for what nobody knows; it is never asked what it is. */
    private Crop anyCrop() {
        return crops.apply(ANY_CROP);
    }

    private Stand noted(NeighbourView seen, Crop crop) {
        boolean fresh = seen.bloom()
                .map(bloom -> NeighbourReport.fresh(seen.seenOn(), bloom.last()))
                .orElse(true);
        Stand stand = new Stand(
                crop,
                seen.name(),
                Site.of(seen.place()),
                seen.positionError(),
                seen.kind().inFlower(seen.area()),
                seen.bloom(),
                seen.bloom()
                        .map(bloom -> NeighbourReport.spread(seen.seenOn(), bloom.last()))
                        .orElse(BloomSpread.NONE),
                PollenControl.OPEN,
                seen.kind().cropKnown() && seen.sure() && fresh,
                Optional.empty(),
                0);
        return seen.agreedBy() == null
                ? stand
                : NeighbourReport.cut(stand, seen.agreedBy(), Optional.ofNullable(seen.keptOn()));
    }

    /** What seeded last season comes up by itself where something that takes its pollen stands now. */
    private List<Source> volunteers(List<Member> members, List<Member> yearBefore) {
        List<Source> found = new ArrayList<>();
        Map<UUID, List<Member>> byPlot = new HashMap<>();
        members.stream()
                .filter(member -> member.facts().aim().forSeed())
                .forEach(member -> byPlot.computeIfAbsent(member.facts().where().plotId(), plot -> new ArrayList<>())
                        .add(member));
        for (Member earlier : yearBefore) {
            Crop crop = crops.apply(earlier.variety().cropKey());
            List<Member> now = byPlot.getOrDefault(earlier.facts().where().plotId(), List.of()).stream()
                    .filter(member -> member.facts()
                            .where()
                            .bedding()
                            .shares(earlier.facts().where().bedding()))
                    .filter(member -> Volunteers.matter(
                            crop,
                            crops.apply(member.variety().cropKey()),
                            member.variety().id().equals(earlier.variety().id())))
                    .toList();
            if (earlier.facts().aim().forSeed() && !now.isEmpty()) {
                boolean pulled =
                        now.stream().allMatch(member -> member.facts().keeping().volunteersPulled());
                found.add(volunteers(earlier, crop, pulled));
            }
        }
        return found;
    }

    private Source volunteers(Member earlier, Crop crop, boolean pulled) {
        PlantingFacts facts = earlier.facts();
        double area = facts.sowing().plants() * each(crop, facts);
        Stand stand = new Stand(
                crop,
                earlier.variety().name(),
                ground.site(facts.where()),
                ground.plot(facts.where().plotId()).positionError(),
                Volunteers.area(crop, area),
                Optional.empty(),
                BloomSpread.NONE,
                pulled ? PollenControl.NEVER_FLOWERS : PollenControl.OPEN,
                pulled,
                Optional.empty(),
                0);
        return new Source(
                UUID.nameUUIDFromBytes(("volunteers of " + earlier.id()).getBytes(StandardCharsets.UTF_8)),
                earlier.version(),
                WaysOut.Source.VOLUNTEERS,
                earlier.variety().name() + " of " + facts.season(),
                crop.name(),
                ground.words(facts.where()),
                stand,
                null);
    }

    static double inRow(Crop crop, PlantingFacts facts) {
        return facts.sowing().inRow() == null ? crop.inRow() : facts.sowing().inRow();
    }

    static double betweenRows(Crop crop, PlantingFacts facts) {
        return facts.sowing().betweenRows() == null
                ? crop.betweenRows()
                : facts.sowing().betweenRows();
    }

    /** Square metres a plant takes. */
    static double each(Crop crop, PlantingFacts facts) {
        return inRow(crop, facts) * betweenRows(crop, facts);
    }
}
