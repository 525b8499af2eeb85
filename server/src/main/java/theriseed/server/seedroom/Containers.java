package theriseed.server.seedroom;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.measure.Range;
import theriseed.core.season.SeasonDates;
import theriseed.core.seedroom.ShelfKind;
import theriseed.server.base.Clash;
import theriseed.server.base.FarmTime;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.gate.DampSeed;
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.seedroom.Placements.Placed;

/** Containers of clean seed, and the shelves they stand on. */
@Service
public class Containers {
    private static final int MOST_AT_ONCE = 50;

    private final ContainerRepository containers;
    private final ContainerStayRepository stays;
    private final Placements placements;
    private final Shelves shelves;
    private final Lots lots;
    private final Gate gate;
    private final DampSeed damp;
    private final Stamps stamps;
    private final FarmTime time;

    Containers(
            ContainerRepository containers,
            ContainerStayRepository stays,
            Placements placements,
            Shelves shelves,
            Lots lots,
            Gate gate,
            DampSeed damp,
            Stamps stamps,
            FarmTime time) {
        this.containers = containers;
        this.stays = stays;
        this.placements = placements;
        this.shelves = shelves;
        this.lots = lots;
        this.gate = gate;
        this.damp = damp;
        this.stamps = stamps;
        this.time = time;
    }

    /** The names of the shelves on which these lots stand; lots that were never put away are left out. */
    @ReadsOnly
    public Map<UUID, List<String>> shelvesOf(Collection<UUID> lotIds) {
        Map<UUID, Shelf> on = shelves.byId();
        return placements.all(lotIds).entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey,
                        lot -> lot.getValue().stream()
                                .filter(Placed::holds)
                                .map(placed -> on.get(placed.now().shelfId()).name())
                                .distinct()
                                .toList()));
    }

    @ReadsOnly
    public List<ContainerView> views(LotView lot) {
        return views(placements.all(List.of(lot.id())).getOrDefault(lot.id(), List.of()), shelves.byId());
    }

    List<ContainerView> views(List<Placed> placed, Map<UUID, Shelf> on) {
        return placed.stream().map(one -> view(one, on)).toList();
    }

    /**
     * Puts clean seed of a lot into containers on a shelf.
     *
     * @param dampBecause why it is closed in or frozen though it is not known to be dry; empty where nobody said
     * @param count alike
     * @param on the day it was done
     */
    @HandsWork
    @Transactional
    public List<ContainerView> put(
            String lotNumber,
            UUID shelfId,
            Container.Kind kind,
            boolean sealed,
            String dampBecause,
            int count,
            LocalDate on) {
        Range.of(1, MOST_AT_ONCE, "containers").check("count", count);
        LotView lot = lots.lock(lotNumber);
        LotKnown known = gate.of(lot);
        if (known.bench() == null || !known.bench().clean()) {
            throw new Refused("number", lot.number(), "lot.cleanFirst", "lot", lot.number());
        }
        SeasonDates.check("on", on, known.harvest().pickedOn(), time.today());
        if (sealed) {
            damp.checkSealing(known, dampBecause);
        }
        if (shelves.get(shelfId).kind() == ShelfKind.FREEZER) {
            damp.checkFreezing(known, dampBecause);
        }
        List<Placed> made = new ArrayList<>();
        int next = containers.lastNumber(lot.id()) + 1;
        for (int i = 0; i < count; i++) {
            Container container =
                    containers.save(new Container(lot.id(), next + i, kind, sealed, dampBecause, stamps.now()));
            ContainerStay stay = stays.save(new ContainerStay(container.id(), shelfId, momentOf(on), stamps.now()));
            made.add(new Placed(container, List.of(stay)));
        }
        containers.flush();
        return views(made, shelves.byId());
    }

    /** Moves a container to another shelf. @param dampBecause as above, where that is a freezer */
    @HandsWork
    @Transactional
    public ContainerView move(UUID id, UUID shelfId, String dampBecause, LocalDate on) {
        Placed placed = get(id);
        placed.container().checkHolds();
        if (shelves.get(shelfId).kind() == ShelfKind.FREEZER) {
            damp.checkFreezing(gate.of(lots.byId(placed.container().lotId())), dampBecause);
        }
        if (placed.now().shelfId().equals(shelfId)) {
            throw new Refused("shelfId", shelfId, "container.thereAlready");
        }
        SeasonDates.check("on", on, LocalDate.ofInstant(placed.now().movedAt(), time.zone()), time.today());
        Instant at = momentOf(on);
        Instant since = placed.now().movedAt();
        if (!dampBecause.isBlank()) {
            placed.container().frozenDampBecause(dampBecause);
        }
        stays.saveAndFlush(new ContainerStay(id, shelfId, at.isBefore(since) ? since : at, stamps.now()));
        return view(get(id), shelves.byId());
    }

    /** Nothing is in it any more. */
    @HandsWork
    @Transactional
    public ContainerView empty(UUID id, int version, LocalDate on) {
        Placed placed = get(id);
        Clash.check(placed.container(), version, view(placed, shelves.byId()));
        SeasonDates.check("on", on, LocalDate.ofInstant(placed.now().movedAt(), time.zone()), time.today());
        placed.container().empty(on);
        containers.flush();
        return view(placed, shelves.byId());
    }

    private Placed get(UUID id) {
        Container container = containers.findById(id).orElseThrow(NotFound.of("container"));
        return new Placed(container, stays.findByContainerIdInOrderByMovedAtAscIdAsc(List.of(id)));
    }

    /** What is done today is done now; for an earlier day, noon is taken. */
    private Instant momentOf(LocalDate on) {
        return on.equals(time.today())
                ? time.now()
                : on.atTime(12, 0).atZone(time.zone()).toInstant();
    }

    private ContainerView view(Placed placed, Map<UUID, Shelf> on) {
        Container container = placed.container();
        Shelf shelf = on.get(placed.now().shelfId());
        return new ContainerView(
                container.id(),
                container.version(),
                container.number(),
                container.kind(),
                container.sealed(),
                container.dampBecause(),
                shelf.id(),
                shelf.name(),
                shelf.kind(),
                placed.now().movedAt(),
                container.emptiedOn(),
                closedUntil(placed, on));
    }

    private Instant closedUntil(Placed placed, Map<UUID, Shelf> on) {
        int last = placed.moves().size() - 1;
        if (last == 0) {
            return null;
        }
        Instant warm = placed.now()
                .movedAt()
                .plus(on.get(placed.now().shelfId())
                        .kind()
                        .closedAfter(
                                on.get(placed.moves().get(last - 1).shelfId()).kind()));
        return warm.isAfter(time.now()) ? warm : null;
    }
}
