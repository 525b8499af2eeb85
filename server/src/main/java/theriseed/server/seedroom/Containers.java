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
import theriseed.server.base.Clash;
import theriseed.server.base.FarmTime;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;

/** Containers of clean seed, and the shelves they stand on. */
@Service
public class Containers {
    private static final int MOST_AT_ONCE = 50;

    private final ContainerRepository containers;
    private final ContainerStayRepository stays;
    private final Shelves shelves;
    private final Lots lots;
    private final Gate gate;
    private final Stamps stamps;
    private final FarmTime time;

    Containers(
            ContainerRepository containers,
            ContainerStayRepository stays,
            Shelves shelves,
            Lots lots,
            Gate gate,
            Stamps stamps,
            FarmTime time) {
        this.containers = containers;
        this.stays = stays;
        this.shelves = shelves;
        this.lots = lots;
        this.gate = gate;
        this.stamps = stamps;
        this.time = time;
    }

    /** A container with all its moves, oldest first. */
    record Placed(Container container, List<ContainerStay> moves) {
        ContainerStay now() {
            return moves.get(moves.size() - 1);
        }

        boolean holds() {
            return container.emptiedOn() == null;
        }
    }

    /** The containers of these lots, emptied ones too. */
    Map<UUID, List<Placed>> of(Collection<UUID> lotIds) {
        List<Container> found = containers.findByLotIdInOrderByNumber(lotIds);
        Map<UUID, List<ContainerStay>> moves = found.isEmpty()
                ? Map.of()
                : stays
                        .findByContainerIdInOrderByMovedAtAscIdAsc(
                                found.stream().map(Container::id).toList())
                        .stream()
                        .collect(Collectors.groupingBy(ContainerStay::containerId));
        return found.stream()
                .map(container -> new Placed(container, moves.get(container.id())))
                .collect(Collectors.groupingBy(placed -> placed.container().lotId()));
    }

    /** The names of the shelves on which these lots stand; lots that were never put away are left out. */
    @ReadsOnly
    public Map<UUID, List<String>> shelvesOf(Collection<UUID> lotIds) {
        Map<UUID, Shelf> on = shelves.byId();
        return of(lotIds).entrySet().stream()
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
        return views(of(List.of(lot.id())).getOrDefault(lot.id(), List.of()), shelves.byId());
    }

    List<ContainerView> views(List<Placed> placed, Map<UUID, Shelf> on) {
        return placed.stream().map(one -> view(one, on)).toList();
    }

    /**
     * Puts clean seed of a lot into containers on a shelf.
     *
     * @param count alike
     * @param on the day it was done
     */
    @HandsWork
    @Transactional
    public List<ContainerView> put(
            String lotNumber, UUID shelfId, Container.Kind kind, boolean sealed, int count, LocalDate on) {
        Range.of(1, MOST_AT_ONCE, "containers").check("count", count);
        LotView lot = lots.lock(lotNumber);
        LotKnown known = gate.of(lot);
        if (known.bench() == null || !known.bench().clean()) {
            throw new Refused("number", lot.number(), "lot.cleanFirst", "lot", lot.number());
        }
        SeasonDates.check("on", on, known.harvest().pickedOn(), time.today());
        shelves.get(shelfId);
        List<Placed> made = new ArrayList<>();
        int next = containers.lastNumber(lot.id()) + 1;
        for (int i = 0; i < count; i++) {
            Container container = containers.save(new Container(lot.id(), next + i, kind, sealed, stamps.now()));
            ContainerStay stay = stays.save(new ContainerStay(container.id(), shelfId, momentOf(on), stamps.now()));
            made.add(new Placed(container, List.of(stay)));
        }
        containers.flush();
        return views(made, shelves.byId());
    }

    /** Moves a container to another shelf. */
    @HandsWork
    @Transactional
    public ContainerView move(UUID id, UUID shelfId, LocalDate on) {
        Placed placed = get(id);
        placed.container().checkHolds();
        shelves.get(shelfId);
        if (placed.now().shelfId().equals(shelfId)) {
            throw new Refused("shelfId", shelfId, "container.thereAlready");
        }
        SeasonDates.check("on", on, LocalDate.ofInstant(placed.now().movedAt(), time.zone()), time.today());
        Instant at = momentOf(on);
        Instant since = placed.now().movedAt();
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
