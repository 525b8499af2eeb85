package theriseed.server.harvest;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.crop.Crop;
import theriseed.core.harvest.EarlyPick;
import theriseed.core.harvest.PickedMass;
import theriseed.core.isolation.PollenControl;
import theriseed.core.measure.Range;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.HandsWork;
import theriseed.server.base.Maybe;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.farm.Farms;
import theriseed.server.handbook.Crops;
import theriseed.server.lot.ArrivalCorrected;
import theriseed.server.lot.Arrivals;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.lot.Origin;
import theriseed.server.lot.TransferView;
import theriseed.server.lot.Transfers;
import theriseed.server.photo.Pictured;
import theriseed.server.pollination.HandPollination;
import theriseed.server.season.Grown;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;
import theriseed.server.walk.Picking;

/** Picking into numbered lots: several picks may go into one until the bench begins on it. */
@Service
public class Harvests implements Picking, Pictured {
    private final PickRepository picks;
    private final Lots lots;
    private final Transfers transfers;
    private final Arrivals arrivals;
    private final Plantings plantings;
    private final HandPollination hand;
    private final Crops crops;
    private final Farms farms;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;
    private final ApplicationEventPublisher events;

    Harvests(
            PickRepository picks,
            Lots lots,
            Transfers transfers,
            Arrivals arrivals,
            Plantings plantings,
            HandPollination hand,
            Crops crops,
            Farms farms,
            Corrections corrections,
            Stamps stamps,
            FarmTime time,
            ApplicationEventPublisher events) {
        this.picks = picks;
        this.lots = lots;
        this.transfers = transfers;
        this.arrivals = arrivals;
        this.plantings = plantings;
        this.hand = hand;
        this.crops = crops;
        this.farms = farms;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
        this.events = events;
    }

    /** What was picked into each of these lots, or transferred into it; lots still empty are left out. */
    @ReadsOnly
    public Map<UUID, HarvestView> of(Collection<UUID> lotIds) {
        Set<UUID> asked = Set.copyOf(lotIds);
        List<TransferView> transferred = transfers.of(asked);
        Map<UUID, List<TransferView>> into = transferred.stream()
                .filter(transfer -> asked.contains(transfer.toId()))
                .collect(Collectors.groupingBy(TransferView::toId));
        Map<UUID, List<Transfers.PickedLot>> from = into.isEmpty() ? Map.of() : transfers.picked(into.keySet());
        Set<UUID> pickedIds = new HashSet<>(asked);
        from.values().forEach(lots -> lots.forEach(lot -> pickedIds.add(lot.lotId())));
        Map<UUID, List<PickView>> byLot = picks.findByLotIdInOrderById(pickedIds).stream()
                .collect(Collectors.groupingBy(Pick::lotId, Collectors.mapping(Pick::view, Collectors.toList())));
        Map<UUID, HarvestView> picked = new HashMap<>();
        byLot.forEach((lot, own) -> picked.put(lot, HarvestView.of(lot, own)));
        arrivals.of(pickedIds).forEach((lot, arrival) -> picked.put(lot, HarvestView.arrived(arrival)));
        Map<UUID, HarvestView> harvests = new HashMap<>(picked);
        harvests.keySet().retainAll(asked);
        into.forEach((lot, own) -> harvests.put(
                lot, HarvestView.transferred(lot, own, plants(from.get(lot), picked), earlyBy(from.get(lot), picked))));
        Transfers.out(transferred)
                .forEach((lot, out) -> harvests.computeIfPresent(lot, (id, view) -> view.transferringOut(out)));
        return harvests;
    }

    /** As few as they can have been: lots of one planting may be from the same plants. */
    private static int plants(List<Transfers.PickedLot> from, Map<UUID, HarvestView> picked) {
        return from.stream()
                .collect(Collectors.toMap(
                        lot -> lot.plantingId() == null ? lot.lotId() : lot.plantingId(),
                        lot -> picked.get(lot.lotId()).plants(),
                        Math::max))
                .values()
                .stream()
                .mapToInt(Integer::intValue)
                .sum();
    }

    private static int earlyBy(List<Transfers.PickedLot> from, Map<UUID, HarvestView> picked) {
        return from.stream()
                .mapToInt(lot -> picked.get(lot.lotId()).earlyBy())
                .max()
                .orElse(0);
    }

    /**
     * What is asked about a picking before it is kept.
     *
     * @param usualLow grams that so many plants give at harvest, to {@code usualHigh}; absent where the mass may well be right
     * @param meant grams that were probably meant, in another unit
     * @param earlyBy days before its seed can be ripe; 0 where it may be
     * @param ripeFrom day on which its first seed is ripe by its bloom
     */
    public record PickTried(
            @Maybe Double usualLow,
            @Maybe Double usualHigh,
            @Maybe Double meant,
            int earlyBy,
            @Maybe LocalDate ripeFrom) {}

    /** @param plants picked from, and {@code mass} grams; null while they are not known */
    @HandsWork
    @ReadsOnly
    public PickTried tried(UUID plantingId, LocalDate pickedOn, Integer plants, Double mass) {
        PlantingView planting = plantings.get(plantingId);
        Crop crop = crops.get(planting.variety().cropKey());
        Optional<PickedMass.Doubt> doubt =
                plants == null || mass == null ? Optional.empty() : PickedMass.doubted(crop, plants, mass);
        return new PickTried(
                doubt.map(one -> one.usual().low()).orElse(null),
                doubt.map(one -> one.usual().high()).orElse(null),
                doubt.map(PickedMass.Doubt::meant)
                        .filter(OptionalDouble::isPresent)
                        .map(OptionalDouble::getAsDouble)
                        .orElse(null),
                earlyBy(planting, crop, pickedOn),
                planting.bloom() == null ? null : planting.bloom().ripeFrom());
    }

    private static int earlyBy(PlantingView planting, Crop crop, LocalDate pickedOn) {
        PlantingView.Bloom bloom = planting.bloom();
        return bloom == null ? 0 : EarlyPick.days(crop, pickedOn, bloom.ripeFrom(), bloom.firstSpreadDays());
    }

    /** It is remembered as it was forecast on the day it is written down. */
    private void markEarly(Pick pick, LotView lot) {
        PlantingView planting = plantings.get(lot.plantingId());
        pick.earlyBy(earlyBy(
                planting, crops.get(planting.variety().cropKey()), pick.view().pickedOn()));
    }

    @Override
    @ReadsOnly
    public Optional<LocalDate> cutOn(UUID plantingId) {
        List<UUID> ids = lots.of(List.of(plantingId)).stream().map(LotView::id).toList();
        return of(ids).values().stream().map(HarvestView::lastOn).max(Comparator.naturalOrder());
    }

    /** First day on which seed of a planting was picked. */
    @ReadsOnly
    public Optional<LocalDate> firstPicked(UUID plantingId) {
        return picks.firstOf(plantingId);
    }

    @HandsWork
    @Transactional
    public PickView pick(String lotNumber, PickFacts facts) {
        LotView lot = lots.lock(lotNumber);
        check(lot, null, facts);
        events.publishEvent(new PickAdded(lot.id(), lot.number()));
        Pick pick = new Pick(lot.id(), facts, stamps.now());
        markEarly(pick, lot);
        return picks.save(pick).view();
    }

    @HandsWork
    @Transactional
    public PickView correct(UUID id, int version, String reason, PickFacts facts) {
        Pick pick = picks.findById(id).orElseThrow(NotFound.of("pick"));
        LotView lot = lots.lock(lots.byId(pick.lotId()).number());
        Clash.check(pick, version, pick.view());
        check(lot, pick, facts);
        BigDecimal massBefore = of(List.of(lot.id())).get(lot.id()).mass();
        Map<String, Object> before = pick.correctable();
        boolean sameDay = pick.view().pickedOn().equals(facts.pickedOn());
        pick.change(facts);
        if (!sameDay) {
            markEarly(pick, lot);
        }
        corrections.keep("pick", id, before, pick.correctable(), reason);
        PickView corrected = picks.saveAndFlush(pick).view();
        HarvestView whole = of(List.of(lot.id())).get(lot.id());
        events.publishEvent(new HarvestCorrected(lot.id(), massBefore, whole.mass(), reason));
        return corrected;
    }

    @EventListener
    void on(ArrivalCorrected corrected) {
        events.publishEvent(
                new HarvestCorrected(corrected.lotId(), corrected.was(), corrected.mass(), corrected.reason()));
    }

    /** All that was picked into a pick's lot, were the pick's mass another, grams. */
    @ReadsOnly
    public HarvestView were(UUID pickId, BigDecimal mass) {
        Range.above(0, 1e9, "g").check("mass", mass);
        Pick pick = picks.findById(pickId).orElseThrow(NotFound.of("pick"));
        HarvestView harvest = of(List.of(pick.lotId())).get(pick.lotId());
        return harvest.weighing(harvest.mass().subtract(pick.view().mass()).add(mass));
    }

    /** @param instead the pick that these facts correct; null for a new one */
    private void check(LotView lot, Pick instead, PickFacts facts) {
        if (lot.origin() != Origin.PICKED) {
            throw new Refused("number", lot.number(), "harvest.cameOfOthers", "lot", lot.number());
        }
        Grown planting = plantings.grown(lot.plantingId());
        Crop crop = crops.get(planting.cropKey());
        SeasonDates.of(crop.lifeCycle(), planting.season(), farms.year())
                .checkPicking(planting.sownOn(), facts.pickedOn(), time.today());
        PickedMass.check(crop, facts.plants(), planting.plants(), facts.mass());
        BigDecimal others = picks.findByLotIdInOrderById(List.of(lot.id())).stream()
                .filter(pick -> instead == null || !pick.id().equals(instead.id()))
                .map(pick -> pick.view().mass())
                .reduce(BigDecimal.ZERO, BigDecimal::add);
        PickedMass.check(crop, planting.plants(), planting.plants(), others.add(facts.mass()));
        checkApart(lot, planting, facts);
    }

    /** Where flowers are pollinated by hand, only fruit that has its tag may come to the true seed. */
    private void checkApart(LotView lot, Grown planting, PickFacts facts) {
        boolean byHand = planting.control().tagsFruit();
        boolean tagged = facts.pickedFrom() == PickedFrom.TAGGED;
        if (byHand && !lot.untagged() && !tagged) {
            throw new Refused("pickedFrom", facts.pickedFrom(), "harvest.onlyTagged", "lot", lot.number());
        }
        if (tagged && (lot.untagged() || !byHand)) {
            throw new Refused("pickedFrom", facts.pickedFrom(), "harvest.noTagged", "lot", lot.number());
        }
        if (tagged && facts.pieces() != null && planting.control() == PollenControl.Kind.HAND_POLLINATED) {
            long borne = hand.flowers(planting.id()).stream()
                    .filter(flower -> !Boolean.FALSE.equals(flower.took()))
                    .count();
            Range.of(1, borne, "fruits").because("TAGGED_AND_TOOK").check("pieces", facts.pieces());
        }
    }

    @Override
    @ReadsOnly
    public boolean mayHavePictures(UUID id) {
        return picks.existsById(id);
    }
}
