package theriseed.server.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import theriseed.core.crop.Crop;
import theriseed.core.crop.LifeCycle;
import theriseed.core.ground.Site;
import theriseed.core.isolation.PollenControl;
import theriseed.core.isolation.Stand;
import theriseed.core.isolation.Threat;
import theriseed.core.isolation.Threats;
import theriseed.core.isolation.Verdict;
import theriseed.core.isolation.Way;
import theriseed.core.isolation.WayOut;
import theriseed.core.isolation.WaysOut;
import theriseed.core.measure.OutOfRange;
import theriseed.core.season.SeasonDates;
import theriseed.core.store.StockPlan;
import theriseed.server.season.SeasonSources.Source;

/** The ways out for a seed crop, each with the plan it would come to. */
final class Ways {
    private static final int LIFTED_BEFORE_GROWTH_DAYS = 7;

    private final SeasonAsWhole season;
    private final GroundCheck taken;
    private final FarmGround ground;
    private final LocalDate today;
    private final UUID schemeId;
    private final Map<UUID, SeedWorth.Earned> earned;

    /** @param earned by the varieties of the season, where something of them was sold */
    Ways(SeasonAsWhole season, GroundCheck taken, LocalDate today, UUID schemeId, Map<UUID, SeedWorth.Earned> earned) {
        this.earned = earned;
        this.season = season;
        this.taken = taken;
        this.ground = season.ground();
        this.today = today;
        this.schemeId = schemeId;
    }

    List<WayView> of(Member asked) {
        List<Where> free = today.isBefore(asked.facts().days().onGroundFrom())
                ? taken.free(asked)
                : lifted(asked)
                        .map(day -> taken.free(asked.otherwise(
                                asked.facts().on(asked.facts().days().replantedOn(day)))))
                        .orElse(List.of());
        List<Site> sites = free.stream().map(ground::site).toList();
        List<WaysOut.Known> known = season.sources().stream()
                .map(source -> known(source, asked.facts().season()))
                .toList();
        List<WayView> views = new ArrayList<>();
        for (WayOut way : WaysOut.of(season.threats(), season.placeOf(asked.id()), known, sites, today)) {
            view(way, asked, free).ifPresent(views::add);
        }
        return views;
    }

    /** Free ground for a planting, the truest first; none once it stands. */
    List<PlaceView> places(Member asked) {
        if (!today.isBefore(asked.facts().days().onGroundFrom())) {
            return List.of();
        }
        int place = season.placeOf(asked.id());
        Stand own = season.sources().get(place).stand();
        List<PlaceView> views = new ArrayList<>();
        for (Where where : taken.free(asked)) {
            Map<Integer, Threats> touched = season.threats().with(place, own.at(ground.site(where)));
            Threats itself = touched.remove(place);
            boolean spoils = touched.entrySet().stream()
                    .anyMatch(other -> season.threats().worsens(other.getKey(), other.getValue()));
            views.add(new PlaceView(
                    ground.words(where),
                    where.plotId(),
                    itself == null
                            ? 0
                            : itself.worstFirst().stream()
                                    .mapToDouble(Threat::metres)
                                    .min()
                                    .orElse(0),
                    itself == null ? Verdict.CLEAR : itself.verdict(),
                    itself == null ? 0 : itself.crossing(),
                    spoils,
                    PlantingRequest.of(
                            asked.facts().at(where.plotId(), where.stretches()), schemeId, asked.version())));
        }
        views.sort(Comparator.comparing(PlaceView::verdict)
                .thenComparing(Comparator.comparingDouble(PlaceView::metres).reversed())
                .thenComparing(PlaceView::ground));
        return views;
    }

    private WaysOut.Known known(Source source, int year) {
        if (source.kind() != WaysOut.Source.OWN) {
            return WaysOut.Known.fixed(source.kind(), 1, today);
        }
        Member member = source.member();
        if (member.facts().season() != year) {
            return WaysOut.Known.fixed(
                    source.kind(),
                    member.facts().sowing().plants(),
                    member.facts().days().onGroundFrom());
        }
        return new WaysOut.Known(
                source.kind(),
                member.facts().sowing().plants(),
                member.facts().days().onGroundFrom(),
                !today.isBefore(member.facts().days().sownOn()),
                !today.isBefore(member.facts().days().onGroundFrom()),
                days -> shifted(member, days).map(then -> season.source(then).stand()),
                lifted(member),
                season.lastUsefulFlower(member),
                Optional.ofNullable(earned.get(member.variety().id()))
                        .map(SeedWorth.Earned::hours)
                        .orElse(WayOut.Cost.A_CROP_HOURS),
                season.stockOf(member)
                        .filter(left ->
                                season.lastsUntil(member, left) > member.facts().season())
                        .isPresent());
    }

    /** The day on which a biennial that stands in the ground could be lifted and planted elsewhere: while it sleeps. */
    private Optional<LocalDate> lifted(Member member) {
        PlantingDays days = member.facts().days();
        if (season.cropOf(member).lifeCycle() != LifeCycle.BIENNIAL
                || days.replantedOn() != null
                || today.isBefore(days.onGroundFrom())) {
            return Optional.empty();
        }
        LocalDate grows =
                season.year().regrowth(season.year().winter(member.facts().season(), days.sownOn()));
        LocalDate best = grows.minusDays(LIFTED_BEFORE_GROWTH_DAYS);
        return today.isAfter(grows) ? Optional.empty() : Optional.of(today.isAfter(best) ? today : best);
    }

    /**
     * The planting so many days later: sown then, or its roots replanted then; where frost would not take it young or
     * unripe.
     */
    private Optional<Member> shifted(Member member, int days) {
        PlantingFacts facts = member.facts();
        PlantingDays when = facts.days();
        Crop crop = season.cropOf(member);
        PlantingDays then;
        if (crop.lifeCycle() == LifeCycle.ANNUAL && when.sownOn().isAfter(today)) {
            then = when.later(days);
        } else if (when.replantedOn() != null) {
            then = when.replantedLater(days);
            LocalDate earliest = season.year().replanting(season.year().winter(facts.season(), when.sownOn()));
            if (then.replantedOn().isBefore(earliest)
                    || then.replantedOn().isAfter(StockPlan.ROOTS_KEEP_UNTIL.atYear(facts.season()))) {
                return Optional.empty();
            }
        } else {
            return Optional.empty();
        }
        boolean over = then.onGroundFrom().isBefore(today)
                || (then.sownOn().isBefore(today) && !then.sownOn().equals(when.sownOn()));
        boolean frosted = crop.handling().diesOfFrost()
                && season.year()
                        .frosts()
                        .map(known -> known.lastOf(facts.season()))
                        .filter(then.onGroundFrom()::isBefore)
                        .isPresent();
        if (over || frosted) {
            return Optional.empty();
        }
        try {
            SeasonDates.of(crop.lifeCycle(), facts.season(), season.year())
                    .checkPlanting(
                            then.sownOn(), then.setOutOn(), then.liftedOn(), then.replantedOn(), then.clearedOn());
        } catch (OutOfRange notInThisSeason) {
            return Optional.empty();
        }
        Member tried = member.otherwise(facts.on(then));
        return season.ripens(tried) ? Optional.of(tried) : Optional.empty();
    }

    private Optional<WayView> view(WayOut out, Member asked, List<Where> free) {
        Map<UUID, Member> planned = new LinkedHashMap<>();
        List<PlannedTogether.Agreed> agreed = new ArrayList<>();
        List<WayView.Step> steps = new ArrayList<>();
        // What is sown at another time is worked out before it is moved or kept otherwise.
        List<WayOut.Step> inOrder = out.steps().stream()
                .sorted(Comparator.comparing(step -> !(step.way() instanceof Way.Shift)))
                .toList();
        String turns = UUID.randomUUID().toString();
        for (WayOut.Step step : inOrder) {
            Source source = season.sources().get(step.stand());
            Member owner = source.kind() == WaysOut.Source.OWN ? source.member() : asked;
            Member now = planned.getOrDefault(owner.id(), owner);
            Optional<Plan> plan = plan(out, step, now, free, turns);
            if (plan.isEmpty()) {
                return Optional.empty();
            }
            if (plan.get().facts() != null) {
                planned.put(owner.id(), now.otherwise(plan.get().facts()));
            } else {
                agreed.add(new PlannedTogether.Agreed(
                        source.id(), source.version(), plan.get().by()));
            }
            boolean itself = owner == asked
                    && (source.kind() == WaysOut.Source.OWN || source.kind() == WaysOut.Source.VOLUNTEERS);
            steps.add(new WayView.Step(plan.get().change(), source.id(), source.kind(), source.name(), itself));
        }
        return Optional.of(new WayView(
                steps,
                WayCost.of(out.cost(), money(out)),
                out.verdict(),
                out.crossing(),
                out.helpsAgainst().stream()
                        .map(number -> season.sources().get(number).name())
                        .toList(),
                new PlannedTogether(
                        planned.values().stream()
                                .map(then -> new PlannedTogether.Planned(
                                        then.id(), PlantingRequest.of(then.facts(), schemeId, then.version())))
                                .toList(),
                        agreed)));
    }

    /** What the seed that is lost or waits earns; null where of one of its varieties nothing was sold. */
    private Double money(WayOut out) {
        if (out.cost().worth() == 0) {
            return null;
        }
        List<Optional<SeedWorth.Earned>> known = out.steps().stream()
                .map(step -> season.sources().get(step.stand()))
                .filter(source -> source.kind() == WaysOut.Source.OWN)
                .map(source ->
                        Optional.ofNullable(earned.get(source.member().variety().id())))
                .toList();
        return known.isEmpty() || known.stream().anyMatch(Optional::isEmpty)
                ? null
                : out.cost().worth()
                        * known.get(0).get().money()
                        / known.get(0).get().hours();
    }

    /** What would be planned; or, where nothing of the farm's own changes, the day by which another acts. */
    private record Plan(WayChange change, PlantingFacts facts, LocalDate by) {}

    private Optional<Plan> plan(WayOut out, WayOut.Step step, Member member, List<Where> free, String turns) {
        PlantingFacts facts = member.facts();
        Keeping keeping = facts.keeping();
        Way way = step.way();
        if (way instanceof Way.Move move) {
            Where where = free.get(move.place());
            return plan(
                    new WayChange.Move(ground.words(where), nearest(out, where)),
                    facts.at(where.plotId(), where.stretches()));
        }
        if (way instanceof Way.LiftAndReplant lift) {
            Where where = free.get(lift.place());
            return plan(
                    new WayChange.LiftAndReplant(ground.words(where), nearest(out, where), lift.on()),
                    facts.replanted(where.plotId(), where.stretches(), lift.on()));
        }
        if (way instanceof Way.Shift shift) {
            PlantingFacts then = shifted(member, shift.days()).orElseThrow().facts();
            boolean replanted = then.days().replantedOn() != null;
            LocalDate on = replanted ? then.days().replantedOn() : then.days().sownOn();
            return plan(new WayChange.Shift(Math.abs(shift.days()), shift.days() > 0, on, replanted), then);
        }
        if (way instanceof Way.EatFirst eat) {
            PlantingFacts then = facts.eatenBy(facts.days().clearedBy(eat.by()));
            return plan(new WayChange.EatFirst(eat.by(), losesSeed(facts, then)), then);
        }
        if (way instanceof Way.LowerGrade lower) {
            return plan(new WayChange.LowerGrade(lower.grade()), facts.savedAs(lower.grade()));
        }
        if (way instanceof Way.AskNeighbour ask) {
            return Optional.of(new Plan(new WayChange.AskNeighbour(ask.by()), null, ask.by()));
        }
        if (way instanceof Way.Mow mow) {
            return Optional.of(new Plan(new WayChange.Mow(mow.by()), null, mow.by()));
        }
        if (way instanceof Way.AnotherYear) {
            return anotherYear(member);
        }
        return keptOtherwise(way, keeping, turns).flatMap(then -> plan(then.change(), facts.kept(then.keeping())));
    }

    /** A change of how a planting is kept true. */
    private record KeptOtherwise(WayChange change, Keeping keeping) {}

    private static Optional<KeptOtherwise> keptOtherwise(Way way, Keeping keeping, String turns) {
        if (way instanceof Way.Cage cage) {
            return Optional.of(new KeptOtherwise(
                    new WayChange.Cage(cage.area(), cage.weeks(), cage.introductions()),
                    keeping.controlled(PollenControl.Kind.CAGED, true)));
        }
        if (way instanceof Way.CageByTurns cage) {
            return Optional.of(
                    new KeptOtherwise(new WayChange.CageByTurns(cage.area(), cage.weeks()), keeping.byTurns(turns)));
        }
        if (way instanceof Way.Bag bag) {
            return Optional.of(new KeptOtherwise(
                    new WayChange.Bag(bag.clusters()), keeping.controlled(PollenControl.Kind.BAGGED, false)));
        }
        if (way instanceof Way.BagAgainstWind bag) {
            return Optional.of(new KeptOtherwise(
                    new WayChange.BagAgainstWind(bag.bags()), keeping.controlled(PollenControl.Kind.BAGGED, false)));
        }
        if (way instanceof Way.BagPlants bag) {
            return Optional.of(new KeptOtherwise(
                    new WayChange.BagPlants(bag.plants()), keeping.controlled(PollenControl.Kind.BAGGED, true)));
        }
        if (way instanceof Way.HandPollinate hand) {
            return Optional.of(new KeptOtherwise(
                    new WayChange.HandPollinate(hand.flowers(), hand.fruits()),
                    keeping.controlled(PollenControl.Kind.HAND_POLLINATED, false)));
        }
        if (way instanceof Way.PickFirstFlowers pick) {
            return Optional.of(new KeptOtherwise(
                    new WayChange.PickFirstFlowers(pick.until(), pick.seedLost()),
                    keeping.flowering(pick.until(), keeping.flowersUntil())));
        }
        if (way instanceof Way.PickLastFlowers pick) {
            return Optional.of(new KeptOtherwise(
                    new WayChange.PickLastFlowers(pick.from(), pick.seedLost()),
                    keeping.flowering(keeping.flowersFrom(), pick.from().minusDays(1))));
        }
        if (way instanceof Way.DropRows drop) {
            return Optional.of(new KeptOtherwise(
                    new WayChange.DropRows(drop.metres(), drop.seedLost()), keeping.dropping(drop.metres())));
        }
        return way instanceof Way.PullVolunteers pull
                ? Optional.of(new KeptOtherwise(new WayChange.PullVolunteers(pull.by()), keeping.pullingVolunteers()))
                : Optional.empty();
    }

    /** Where stored seed of it lasts until then. */
    private Optional<Plan> anotherYear(Member member) {
        Optional<SeedStock.OnHand> left = season.stockOf(member);
        int lasts = left.map(stock -> season.lastsUntil(member, stock)).orElse(Integer.MAX_VALUE);
        int next = member.facts().season() + 1;
        return lasts >= next
                ? plan(
                        new WayChange.AnotherYear(next, left.isEmpty() ? null : lasts),
                        member.facts().nextYear())
                : Optional.empty();
    }

    private static Optional<Plan> plan(WayChange change, PlantingFacts facts) {
        return Optional.of(new Plan(change, facts, null));
    }

    /** Metres from new ground to the nearest of what it helps against. */
    private double nearest(WayOut out, Where where) {
        Site there = ground.site(where);
        return out.helpsAgainst().stream()
                .mapToDouble(number ->
                        there.metresTo(season.sources().get(number).stand().site()))
                .min()
                .orElse(0);
    }

    private static boolean losesSeed(PlantingFacts now, PlantingFacts then) {
        return now.aim().forSeed() && !then.aim().forSeed();
    }
}
