package theriseed.server.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
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
    private final SeasonAsWhole season;
    private final GroundCheck taken;
    private final FarmGround ground;
    private final LocalDate today;
    private final UUID schemeId;

    Ways(SeasonAsWhole season, GroundCheck taken, LocalDate today, UUID schemeId) {
        this.season = season;
        this.taken = taken;
        this.ground = season.ground();
        this.today = today;
        this.schemeId = schemeId;
    }

    List<WayView> of(Member asked) {
        List<Where> free = today.isBefore(asked.facts().days().onGroundFrom()) ? taken.free(asked) : List.of();
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
            return new WaysOut.Known(source.kind(), 1, today, true, true, days -> Optional.empty());
        }
        Member member = source.member();
        if (member.facts().season() != year) {
            return new WaysOut.Known(
                    source.kind(),
                    member.facts().sowing().plants(),
                    member.facts().days().onGroundFrom(),
                    true,
                    true,
                    days -> Optional.empty());
        }
        return new WaysOut.Known(
                source.kind(),
                member.facts().sowing().plants(),
                member.facts().days().onGroundFrom(),
                !today.isBefore(member.facts().days().sownOn()),
                !today.isBefore(member.facts().days().onGroundFrom()),
                days -> shifted(member, days).map(then -> season.source(then).stand()));
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
            LocalDate regrowth = season.year().regrowth(season.year().winter(facts.season(), when.sownOn()));
            if (then.replantedOn().isBefore(regrowth)
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
        Source source = season.sources().get(out.stand());
        Member changed = source.kind() == WaysOut.Source.OWN ? source.member() : asked;
        return plan(out, changed, free).map(plan -> {
            PlantingFacts then = plan.facts();
            return new WayView(
                    plan.change(),
                    source.id(),
                    source.kind(),
                    source.name(),
                    changed == asked && source.kind() != WaysOut.Source.NEIGHBOUR,
                    WayCost.of(out.cost()),
                    out.verdict(),
                    out.crossing(),
                    out.helpsAgainst().stream()
                            .map(number -> season.sources().get(number).name())
                            .toList(),
                    then == null ? null : changed.id(),
                    then == null ? null : PlantingRequest.of(then, schemeId, changed.version()),
                    source.version());
        });
    }

    /** What would be planned; null where nothing of the farm's own changes. */
    private record Plan(WayChange change, PlantingFacts facts) {}

    private Optional<Plan> plan(WayOut out, Member member, List<Where> free) {
        PlantingFacts facts = member.facts();
        Keeping keeping = facts.keeping();
        if (out.way() instanceof Way.Move move) {
            Where where = free.get(move.place());
            return plan(
                    new WayChange.Move(ground.words(where), nearest(out, where)),
                    facts.at(where.plotId(), where.stretches()));
        }
        if (out.way() instanceof Way.Shift shift) {
            PlantingFacts then = shifted(member, shift.days()).orElseThrow().facts();
            boolean replanted = then.days().replantedOn() != null;
            LocalDate on = replanted ? then.days().replantedOn() : then.days().sownOn();
            return plan(new WayChange.Shift(Math.abs(shift.days()), shift.days() > 0, on, replanted), then);
        }
        if (out.way() instanceof Way.Cage cage) {
            return plan(
                    new WayChange.Cage(cage.area(), cage.weeks(), cage.introductions()),
                    facts.kept(keeping.controlled(PollenControl.Kind.CAGED, true)));
        }
        if (out.way() instanceof Way.Bag bag) {
            return plan(
                    new WayChange.Bag(bag.clusters()),
                    facts.kept(keeping.controlled(PollenControl.Kind.BAGGED, false)));
        }
        if (out.way() instanceof Way.HandPollinate hand) {
            return plan(
                    new WayChange.HandPollinate(hand.flowers(), hand.fruits()),
                    facts.kept(keeping.controlled(PollenControl.Kind.HAND_POLLINATED, false)));
        }
        if (out.way() instanceof Way.EatFirst eat) {
            PlantingFacts then = facts.eatenBy(facts.days().clearedBy(eat.by()));
            return plan(new WayChange.EatFirst(eat.by(), losesSeed(facts, then)), then);
        }
        if (out.way() instanceof Way.DropRows drop) {
            return plan(
                    new WayChange.DropRows(drop.metres(), drop.seedLost()),
                    facts.kept(keeping.dropping(drop.metres())));
        }
        if (out.way() instanceof Way.LowerGrade lower) {
            return plan(new WayChange.LowerGrade(lower.grade()), facts.savedAs(lower.grade()));
        }
        if (out.way() instanceof Way.PullVolunteers pull) {
            return plan(new WayChange.PullVolunteers(pull.by()), facts.kept(keeping.pullingVolunteers()));
        }
        if (out.way() instanceof Way.AskNeighbour ask) {
            return plan(new WayChange.AskNeighbour(ask.by()), null);
        }
        Optional<SeedStock.OnHand> left = season.stockOf(member);
        int lasts = left.map(stock -> season.lastsUntil(member, stock)).orElse(Integer.MAX_VALUE);
        int next = facts.season() + 1;
        return lasts >= next
                ? plan(new WayChange.AnotherYear(next, left.isEmpty() ? null : lasts), facts.nextYear())
                : Optional.empty();
    }

    private static Optional<Plan> plan(WayChange change, PlantingFacts facts) {
        return Optional.of(new Plan(change, facts));
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
