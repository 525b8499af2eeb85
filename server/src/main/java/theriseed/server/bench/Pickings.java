package theriseed.server.bench;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import theriseed.core.bench.LotYield;
import theriseed.core.bench.PickedSeed;
import theriseed.core.crop.Crop;
import theriseed.server.base.ReadsOnly;
import theriseed.server.handbook.Crops;
import theriseed.server.harvest.HarvestView;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.lot.TransferView;
import theriseed.server.lot.Transfers;
import theriseed.server.season.Varieties;

/** Follows what was picked through all lots it went into. */
@Service
public class Pickings {
    private final Bench bench;
    private final Lots lots;
    private final Transfers transfers;
    private final Varieties varieties;
    private final Crops crops;

    Pickings(Bench bench, Lots lots, Transfers transfers, Varieties varieties, Crops crops) {
        this.bench = bench;
        this.lots = lots;
        this.transfers = transfers;
        this.varieties = varieties;
        this.crops = crops;
    }

    /** What came of what was picked into a lot. */
    @ReadsOnly
    public PickingView of(LotView picked) {
        List<LotView> below = transfers.below(List.of(picked.id()));
        Set<UUID> all = new HashSet<>(below.stream().map(LotView::id).toList());
        transfers.cameOf(List.copyOf(all)).values().forEach(from -> all.addAll(from.keySet()));
        return new All(bench.of(lots.byIds(all))).of(picked, crops.get(varieties.cropKey(picked.varietyId())));
    }

    /** The same of many. @param at the bench, with all lots that seed of theirs came of and went into */
    public static final class All {
        private final Map<UUID, LotView> byId;
        private final LotsAtBench at;
        private final PickedSeed<UUID> seed;
        private final Map<UUID, TransferView> largest = new HashMap<>();

        public All(LotsAtBench at) {
            this.at = at;
            this.byId = at.lots().stream().collect(Collectors.toMap(LotView::id, lot -> lot));
            this.seed = new PickedSeed<>(at.worked().entrySet().stream()
                    .map(lot -> lot(lot.getKey(), lot.getValue(), at.picked().get(lot.getKey())))
                    .toList());
            at.picked().values().stream()
                    .flatMap(harvest -> harvest.transferred().stream())
                    .forEach(transfer -> largest.merge(
                            transfer.fromId(), transfer, (a, b) -> a.mass().compareTo(b.mass()) >= 0 ? a : b));
        }

        private static PickedSeed.Lot<UUID> lot(UUID id, BenchView work, HarvestView harvest) {
            return new PickedSeed.Lot<>(
                    id,
                    harvest.picks().isEmpty() ? 0 : harvest.mass().doubleValue(),
                    work.mass().doubleValue(),
                    harvest.transferredOut().doubleValue(),
                    work.clean(),
                    harvest.transferred().stream()
                            .map(transfer -> new PickedSeed.Transfer<>(
                                    transfer.fromId(), transfer.mass().doubleValue()))
                            .toList());
        }

        public PickingView of(LotView picked, Crop crop) {
            PickedSeed.Outcome outcome = seed.of(picked.id());
            HarvestView harvest = at.picked().get(picked.id());
            List<UUID> of = seed.into(picked.id());
            return new PickingView(
                    outcome.clean(),
                    outcome.waiting(),
                    of.stream()
                            .filter(id -> !at.worked().get(id).transferred())
                            .map(id -> byId.get(id).number())
                            .sorted()
                            .toList(),
                    of.stream()
                            .mapToDouble(id -> at.worked().get(id).minutes() * seed.share(picked.id(), id))
                            .sum(),
                    outcome.all() && outcome.clean() > 0
                            ? LotYield.of(crop, harvest.mass().doubleValue(), harvest.plants(), outcome.clean())
                            : null);
        }

        /** The steps that seed of a picked lot went through, in their order: its own, then those of the largest part. */
        public List<StepView> deeds(UUID picked) {
            List<StepView> deeds = new ArrayList<>(at.worked().get(picked).steps());
            TransferView next = largest.get(picked);
            while (next != null) {
                deeds.addAll(at.worked().get(next.toId()).steps());
                next = largest.get(next.toId());
            }
            return deeds;
        }
    }
}
