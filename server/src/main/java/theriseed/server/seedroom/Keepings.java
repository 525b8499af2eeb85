package theriseed.server.seedroom;

import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import theriseed.core.crop.Crop;
import theriseed.core.seedroom.LotKeeping;
import theriseed.server.base.FarmTime;
import theriseed.server.base.KeptEach;
import theriseed.server.base.ReadsOnly;
import theriseed.server.gate.LotKnown;
import theriseed.server.handbook.Crops;
import theriseed.server.lot.LotStates;
import theriseed.server.quality.GerminationView;
import theriseed.server.seedroom.Placements.Placed;

/** Forecasts of what lots will still germinate, by the places their containers stood in. */
@Service
public class Keepings {
    /** More than stand in a seed room. */
    private static final int MOST_KEPT = 3000;

    private final Placements placements;
    private final Shelves shelves;
    private final Crops crops;
    private final LotStates states;
    private final FarmTime time;
    private final KeptEach<UUID, Rests, Standing> kept = new KeptEach<>(MOST_KEPT, standing -> true);

    Keepings(Placements placements, Shelves shelves, Crops crops, LotStates states, FarmTime time) {
        this.placements = placements;
        this.shelves = shelves;
        this.crops = crops;
        this.states = states;
        this.time = time;
    }

    /** The lots among these that were tested: the others have nothing to go by. */
    @ReadsOnly
    public Map<UUID, KeepingView> of(Collection<LotKnown> lots) {
        Map<UUID, KeepingView> keepings = new HashMap<>();
        standing(lots).forEach((lot, one) -> one.keeping().ifPresent(keeping -> keepings.put(lot, keeping)));
        return keepings;
    }

    /** Where a lot stands, by the names of the shelves, and how it keeps there. */
    record Standing(List<String> shelves, Optional<KeepingView> keeping) {}

    /** What that rests on. @param state of the lot's own records */
    private record Rests(UUID state, Crop crop, Shelves.Known shelves, LocalDate today) {}

    Map<UUID, Standing> standing(Collection<LotKnown> lots) {
        Map<UUID, LotKnown> byId =
                lots.stream().collect(Collectors.toMap(known -> known.lot().id(), known -> known));
        Shelves.Known on = shelves.known();
        Map<UUID, Rests> rests = states.of(byId.keySet()).entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey,
                        lot -> new Rests(
                                lot.getValue(),
                                crops.get(byId.get(lot.getKey()).variety().cropKey()),
                                on,
                                time.today())));
        return kept.of(rests, ids -> {
            Map<UUID, List<Placed>> placed = placements.all(ids);
            return ids.stream()
                    .collect(Collectors.toMap(
                            id -> id, id -> standing(byId.get(id), rests.get(id), placed.getOrDefault(id, List.of()))));
        });
    }

    private Standing standing(LotKnown known, Rests rests, List<Placed> placed) {
        List<Placed> holding = placed.stream().filter(Placed::holds).toList();
        GerminationView test = known.tests().valid();
        return new Standing(
                holding.stream()
                        .map(one -> rests.shelves().names().get(one.now().shelfId()))
                        .distinct()
                        .toList(),
                test == null
                        ? Optional.empty()
                        : LotKeeping.of(
                                        seed(known, rests.crop(), test),
                                        holding.stream()
                                                .map(one -> placements.stood(one, rests.shelves()))
                                                .toList(),
                                        rests.today())
                                .map(keeping -> KeepingView.of(test.countedOn(), keeping)));
    }

    private static LotKeeping.Seed seed(LotKnown known, Crop crop, GerminationView test) {
        return new LotKeeping.Seed(
                crop,
                known.lot().grade(),
                test.tested(),
                Optional.ofNullable(known.moisture()),
                known.bench() != null && known.bench().heated() != null);
    }
}
