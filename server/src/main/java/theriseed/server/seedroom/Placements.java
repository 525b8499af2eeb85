package theriseed.server.seedroom;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import theriseed.core.seedroom.LotKeeping;
import theriseed.server.base.FarmTime;
import theriseed.server.base.ReadsOnly;
import theriseed.server.gate.WhereLotsStand;

/** Which containers there are of each lot, and on which shelves they stood. */
@Service
class Placements implements WhereLotsStand {
    private final ContainerRepository containers;
    private final ContainerStayRepository stays;
    private final Shelves shelves;
    private final FarmTime time;

    Placements(ContainerRepository containers, ContainerStayRepository stays, Shelves shelves, FarmTime time) {
        this.containers = containers;
        this.stays = stays;
        this.shelves = shelves;
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
    Map<UUID, List<Placed>> all(Collection<UUID> lotIds) {
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

    @Override
    @ReadsOnly
    public Map<UUID, List<LotKeeping.Container>> of(Collection<UUID> lots) {
        Shelves.Known on = shelves.known();
        return all(lots).entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey,
                        lot -> lot.getValue().stream()
                                .filter(Placed::holds)
                                .map(placed -> stood(placed, on))
                                .toList()));
    }

    @Override
    public Object air() {
        return shelves.known();
    }

    /** As the forecasts take it. */
    LotKeeping.Container stood(Placed placed, Shelves.Known on) {
        return new LotKeeping.Container(
                placed.container().sealed(),
                placed.moves().stream()
                        .map(move -> new LotKeeping.Move(
                                LocalDate.ofInstant(move.movedAt(), time.zone()),
                                on.names().get(move.shelfId()),
                                on.air().get(move.shelfId())))
                        .toList());
    }
}
