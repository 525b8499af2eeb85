package theriseed.server.season;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.DoubleStream;
import theriseed.core.bloom.BloomForecast;
import theriseed.core.bloom.BloomSeen;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.bloom.FarmYear;
import theriseed.core.crop.ByGrade;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Grade;
import theriseed.core.ground.Site;
import theriseed.core.isolation.KeepingHours;
import theriseed.core.isolation.PollenFlow;
import theriseed.core.isolation.SeasonThreats;
import theriseed.core.isolation.Stand;
import theriseed.core.isolation.Threat;
import theriseed.core.isolation.Threats;
import theriseed.core.isolation.Verdict;
import theriseed.core.isolation.Volunteers;
import theriseed.core.isolation.WaysOut;
import theriseed.core.pollination.FlowerNeed;
import theriseed.core.population.PopulationPlan;
import theriseed.core.season.GroundTaken.Stay;
import theriseed.core.season.ProposedDays;
import theriseed.core.season.RipensHere;
import theriseed.core.store.StockPlan;
import theriseed.server.ground.NeighbourView;

/**
 * All plantings of one season, what came up after those of the season before, and the neighbours' crops beside them, so
 * that each can be judged against the rest.
 */
final class SeasonAsWhole {
    /** Before the coldest time the ground is cleared of what gave nothing. */
    private static final int CLEARED_BEFORE_DAYS = 46;

    /** Threats told of a planting that is one line of its season. */
    private static final int WORST_OF_A_LINE = 4;

    private final Function<String, Crop> crops;
    private final BloomForecast forecast;
    private final FarmGround ground;
    private final SeasonSources stands;
    private final Map<UUID, SeedStock.OnHand> stock;
    private final List<Member> members;
    private final List<SeasonSources.Source> sources = new ArrayList<>();
    private final Map<UUID, Integer> places = new HashMap<>();
    private final SeasonThreats lately;
    private volatile SeasonThreats threats;
    private volatile List<PlantingView> lines;

    /** @param before the same season as it was lately, so that what has not changed is not judged again; null for none */
    SeasonAsWhole(
            Function<String, Crop> crops,
            BloomForecast forecast,
            Learned learned,
            FarmGround ground,
            List<Member> members,
            List<Member> yearBefore,
            List<NeighbourView> neighbours,
            SeasonSources.Beside beside,
            SeasonAsWhole before) {
        this.crops = crops;
        this.forecast = forecast;
        this.ground = ground;
        this.stock = Map.of();
        this.members = List.copyOf(members);
        this.stands = new SeasonSources(crops, forecast, learned, ground);
        sources.addAll(stands.of(this.members, yearBefore, neighbours, beside));
        if (before != null) {
            sources.replaceAll(before::unchanged);
            sources.sort(Comparator.comparingInt(source -> before.places.getOrDefault(source.id(), Integer.MAX_VALUE)));
        }
        for (int i = 0; i < sources.size(); i++) {
            places.put(sources.get(i).id(), i);
        }
        this.lately = before == null ? null : before.judgedLast();
    }

    /** Its threats when they were asked for, else those of the season before the change. */
    private SeasonThreats judgedLast() {
        return threats == null ? lately : threats;
    }

    private SeasonAsWhole(SeasonAsWhole same, Map<UUID, SeedStock.OnHand> stock) {
        this.crops = same.crops;
        this.forecast = same.forecast;
        this.ground = same.ground;
        this.stands = same.stands;
        this.members = same.members;
        this.sources.addAll(same.sources);
        this.places.putAll(same.places);
        this.lately = same.lately;
        this.threats = same.threats();
        this.stock = stock;
    }

    /** The same season, with what is left of some seed. */
    SeasonAsWhole stocked(Map<UUID, SeedStock.OnHand> known) {
        return new SeasonAsWhole(this, known);
    }

    /** The source with the stand that this season knows, when it stands the same. */
    private SeasonSources.Source unchanged(SeasonSources.Source now) {
        Integer place = places.get(now.id());
        boolean same = place != null && sources.get(place).stand().equals(now.stand());
        return same ? now.standing(sources.get(place).stand()) : now;
    }

    List<Member> members() {
        return members;
    }

    FarmYear year() {
        return forecast.year();
    }

    /** Days proposed for a crop that is to be grown in a season. */
    ProposedDays proposed(Crop crop, int season) {
        return ProposedDays.of(forecast, crop, season);
    }

    List<SeasonSources.Source> sources() {
        return sources;
    }

    FarmGround ground() {
        return ground;
    }

    SeasonThreats threats() {
        if (threats == null) {
            List<Stand> stands =
                    sources.stream().map(SeasonSources.Source::stand).toList();
            threats = lately == null
                    ? SeasonThreats.of(stands, ground.barriers())
                    : SeasonThreats.of(stands, ground.barriers(), lately);
        }
        return threats;
    }

    /** A planting as a source, as it is recorded or as it is tried. */
    SeasonSources.Source source(Member member) {
        return stands.of(member);
    }

    int placeOf(UUID id) {
        return places.get(id);
    }

    Stand standOf(Member member) {
        return sources.get(placeOf(member.id())).stand();
    }

    boolean has(UUID source) {
        return places.containsKey(source);
    }

    /** What comes up by itself on the ground of a planting, by its places, hoed out before it flowers. */
    Map<Integer, Stand> volunteersPulled(int place) {
        Site here = sources.get(place).stand().site();
        Map<Integer, Stand> pulled = new HashMap<>();
        for (int i = 0; i < sources.size(); i++) {
            Stand stand = sources.get(i).stand();
            if (sources.get(i).kind() == WaysOut.Source.VOLUNTEERS && here.metresTo(stand.site()) == 0) {
                pulled.put(i, Volunteers.pulled(stand));
            }
        }
        return pulled;
    }

    /** Every planting as one line of the season: only the threats that are not clear. */
    List<PlantingView> lines() {
        if (lines == null) {
            threats().all();
            lines = members.stream()
                    .map(member -> view(member, judged(member), false))
                    .toList();
        }
        return lines;
    }

    /** A planting looked at by itself: with all its threats. */
    PlantingView whole(Member member) {
        return view(member, judged(member), true);
    }

    /** Null where no seed is saved. */
    private Threats judged(Member member) {
        return member.facts().aim().forSeed() ? threats().to(placeOf(member.id())) : null;
    }

    /**
     * What it would mean if plantings, or neighbours' crops, stood otherwise: the plantings themselves first, then every
     * seed crop that this touches.
     *
     * @param stands as they would be, by their places
     * @param then the plantings as they are tried, by their places
     */
    List<PlantingView> tried(Map<Integer, Stand> stands, Map<Integer, Member> then) {
        Map<Integer, Threats> touched = new LinkedHashMap<>(threats().with(stands));
        List<PlantingView> views = new ArrayList<>();
        then.forEach((place, member) -> views.add(view(member, touched.remove(place), true)));
        touched.forEach((number, judged) -> views.add(view(sources.get(number).member(), judged, false)));
        return views;
    }

    private PlantingView view(Member member, Threats judged, boolean all) {
        PlantingFacts facts = member.facts();
        Crop crop = crops.apply(member.variety().cropKey());
        SeasonSources.Life life = stands.life(member);
        BloomForecast.Bloom bloom = life.bloom();
        Optional<BloomWindow> window = SeasonSources.blooming(bloom, facts);
        boolean forSeed = facts.aim().forSeed();
        Stay onGround = stay(crop, facts, bloom.window());
        Optional<Stay> roots = roots(facts);
        BloomSeen looks = member.growing().looks();
        return new PlantingView(
                member.id(),
                member.version(),
                facts.season(),
                member.variety().view(crop),
                crop.crossingGroup(),
                crop.species(),
                crop.family(),
                facts.where().plotId(),
                ground.plot(facts.where().plotId()).name(),
                ground.words(facts.where()),
                facts.where().stretches(),
                facts.where().rootPlotId(),
                facts.where().rootStretches(),
                facts.where().rootPlotId() == null
                        ? null
                        : ground.words(facts.where().rootGround()),
                roots.map(Stay::from).orElse(null),
                roots.map(Stay::to).orElse(null),
                facts.aim().purpose(),
                facts.aim().grade(),
                facts.aim().flowers(),
                facts.days().sownOn(),
                facts.days().setOutOn(),
                facts.days().liftedOn(),
                facts.days().replantedOn(),
                facts.days().clearedOn(),
                member.firstFlowerOn(),
                onGround.from(),
                onGround.to(),
                facts.sowing().plants(),
                SeasonSources.inRow(crop, facts),
                SeasonSources.betweenRows(crop, facts),
                facts.sowing().germination(),
                facts.sowing().selected(),
                facts.keeping().control(),
                member.coverLeaked(),
                facts.keeping().everyFlower(),
                facts.keeping().dropped(),
                facts.keeping().volunteersPulled(),
                facts.keeping().turns(),
                facts.keeping().flowersFrom(),
                facts.keeping().flowersUntil(),
                facts.restOverruled(),
                facts.sowing().plants() * SeasonSources.each(crop, facts),
                fits(member),
                window.map(days -> new PlantingView.Bloom(
                                days.first(),
                                days.last(),
                                BloomForecast.firstRipe(crop, days),
                                BloomForecast.lastRipe(crop, days),
                                bloom.spread().first(),
                                bloom.spread().last(),
                                bloom.seen(),
                                looks.notYet().orElse(null),
                                looks.from().orElse(null),
                                looks.until().orElse(null),
                                looks.over().orElse(null),
                                stands.warmth(crop, member)))
                        .orElse(null),
                bloom.coldAsked() == 0 ? null : new PlantingView.Cold(bloom.cold(), bloom.coldAsked()),
                life.ripens().map(PlantingView.Ripens::of).orElse(null),
                forSeed ? isolation(crop, facts, judged, all) : null,
                forSeed ? population(crop, member) : null,
                facts.aim().purpose() == Purpose.PLANTING_STOCK ? stock(crop, facts) : null);
    }

    /** Planted again on the same day a year later. */
    private static PlantingView.Stock stock(Crop crop, PlantingFacts facts) {
        long days = ChronoUnit.DAYS.between(
                facts.days().clearedOn(), facts.days().sownOn().plusYears(1));
        return PlantingView.Stock.of(
                StockPlan.of(crop, facts.aim().grade(), facts.sowing().plants(), Math.max(0, days)));
    }

    private PlantingView.Isolation isolation(Crop crop, PlantingFacts facts, Threats judged, boolean all) {
        List<Threat> shown = judged.worstFirst().stream()
                .filter(threat -> all || threat.verdict() != Verdict.CLEAR)
                .limit(all ? Long.MAX_VALUE : WORST_OF_A_LINE)
                .toList();
        return new PlantingView.Isolation(
                judged.verdict(),
                judged.crossing(),
                judged.unkept(),
                facts.aim().grade().crossingAllowed(),
                PollenFlow.BAND,
                all ? falls(crop) : List.of(),
                shown.stream()
                        .map(threat -> view(threat, sources.get(threat.source())))
                        .toList(),
                (int) judged.worstFirst().stream()
                        .filter(threat -> threat.verdict() == Verdict.CLEAR)
                        .count(),
                facts.aim().grade() == Grade.STOCK ? threats().verdictAt(judged, Grade.MARKET) : judged.verdict(),
                judged.worstFirst().stream().anyMatch(Threat::hangsOnDates));
    }

    private static List<PlantingView.Fall> falls(Crop crop) {
        PollenFlow flow = PollenFlow.of(crop);
        ByGrade asked = crop.isolation().orElseThrow();
        return DoubleStream.of(0, asked.ownUse(), asked.market(), asked.stock())
                .distinct()
                .mapToObj(metres -> new PlantingView.Fall(metres, flow.at(metres)))
                .toList();
    }

    private static PlantingView.ThreatView view(Threat threat, SeasonSources.Source source) {
        return new PlantingView.ThreatView(
                source.id(),
                source.kind(),
                source.name(),
                source.crop(),
                source.place(),
                threat.metres(),
                threat.asked(),
                threat.daysTogether(),
                threat.daysApart(),
                threat.margin(),
                threat.held(),
                threat.crossing(),
                threat.unkept(),
                threat.sure(),
                threat.compatibility(),
                threat.verdict(),
                threat.why());
    }

    private PlantingView.Population population(Crop crop, Member member) {
        double germination = member.facts().sowing().germination();
        return PlantingView.Population.of(
                plan(crop, member, germination),
                crop.thousandSeedWeight(),
                stockOf(member)
                        .map(left -> new PlantingView.OnHand(
                                left.grams(),
                                left.germination(),
                                left.harvested(),
                                lastsUntil(member, left),
                                needed(crop, member, left.germination())))
                        .orElse(null));
    }

    private static PopulationPlan plan(Crop crop, Member member, double germination) {
        Sowing sowing = member.facts().sowing();
        return PopulationPlan.of(crop, member.facts().aim().grade(), sowing.plants(), germination, sowing.selected());
    }

    /** Grams to sow of seed that germinates so well, percent; none where none of it comes up. */
    private static OptionalDouble needed(Crop crop, Member member, double germination) {
        return germination <= 0
                ? OptionalDouble.empty()
                : OptionalDouble.of(
                        plan(crop, member, germination).seedToSow().seeds() * crop.thousandSeedWeight() / 1000);
    }

    /** Hours of work to keep a planting true and to walk it at each of its stages. */
    double hours(Member member) {
        if (!member.facts().aim().forSeed()) {
            return 0;
        }
        Crop crop = cropOf(member);
        Stand stand = standOf(member);
        int plants = member.facts().sowing().plants();
        int flowers = FlowerNeed.forFruits(plants, FlowerNeed.USUAL_TAKE, FlowerNeed.USUAL_RIPE)
                .flowers();
        return KeepingHours.of(member.facts().keeping().control(), crop, stand.bloom(), stand.area(), plants, flowers)
                + KeepingHours.walks(
                        plants,
                        crop.stages(Optional.ofNullable(member.facts().days().liftedOn()))
                                .size())
                + (member.facts().keeping().volunteersPulled() ? KeepingHours.hoeing(stand.area()) : 0);
    }

    Optional<SeedStock.OnHand> stockOf(Member member) {
        return Optional.ofNullable(stock.get(member.variety().id()));
    }

    /** Last season in which stored seed should still germinate, by the crop's usual life in a cool dry store. */
    int lastsUntil(Member member, SeedStock.OnHand left) {
        return left.harvested() + (int) cropOf(member).storageYears();
    }

    /** Plants that the ground of a planting has room for; what is a hair's breadth short of a plant is one. */
    int fits(Member member) {
        double area = ground.site(member.facts().where()).squareMetres();
        return (int) (area / SeasonSources.each(cropOf(member), member.facts()) + 0.05);
    }

    /** Last day on which a flower of a planting may open whose seed ripens before frost or cold; none where neither comes. */
    Optional<LocalDate> lastUsefulFlower(Member member) {
        SeasonSources.Life life = stands.life(member);
        Optional<BloomWindow> bloom = life.bloom().window();
        return life.ripens()
                .filter(here -> here.ripe().isPresent() && bloom.isPresent())
                .flatMap(here -> here.ends()
                        .map(end -> end.minusDays(ChronoUnit.DAYS.between(
                                bloom.get().first(), here.ripe().get()))));
    }

    /** Whether its seed ripens here as a rule. */
    boolean ripens(Member member) {
        return stands.life(member)
                .ripens()
                .filter(here -> here.mark() == RipensHere.Mark.RIPENS)
                .isPresent();
    }

    Crop cropOf(Member member) {
        return crops.apply(member.variety().cropKey());
    }

    /** The ground a planting is on and the days of it: where it seeds, and where its roots grow in the year before. */
    List<Stay> stays(Member member) {
        Crop crop = cropOf(member);
        Stay main = stay(crop, member.facts(), stands.life(member).bloom().window());
        return roots(member.facts()).map(roots -> List.of(main, roots)).orElse(List.of(main));
    }

    private Stay stay(Crop crop, PlantingFacts facts, Optional<BloomWindow> bloom) {
        LocalDate from = facts.days().onGroundFrom();
        LocalDate cleared = facts.days().clearedOn();
        LocalDate to = cleared != null
                ? cleared
                : bloom.map(window -> BloomForecast.lastRipe(crop, window))
                        .orElse(forecast.year().coldest(facts.season() + 1).minusDays(CLEARED_BEFORE_DAYS));
        LocalDate last = to.isBefore(from) ? from : to;
        return new Stay(facts.where().bedding(), forecast.year().seasonOf(from, last), from, last);
    }

    private Optional<Stay> roots(PlantingFacts facts) {
        PlantingDays days = facts.days();
        LocalDate from = days.setOutOn() == null ? days.sownOn() : days.setOutOn();
        return facts.where()
                .roots()
                .filter(where -> days.liftedOn() != null)
                .map(where -> new Stay(
                        where.bedding(), forecast.year().seasonOf(from, days.liftedOn()), from, days.liftedOn()));
    }
}
