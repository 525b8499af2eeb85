package theriseed.server.lot;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.server.base.Changed;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;

/** What was transferred from lot to lot, and so what each came of. */
@Service
public class Transfers {
    private final TransferRepository transfers;
    private final LotRepository lots;
    private final Corrections corrections;

    Transfers(TransferRepository transfers, LotRepository lots, Corrections corrections) {
        this.transfers = transfers;
        this.lots = lots;
        this.corrections = corrections;
    }

    /** All that was transferred out of these lots or into them. */
    @ReadsOnly
    public List<TransferView> of(Collection<UUID> lotIds) {
        return views(transfers.ofLots(lotIds));
    }

    private List<TransferView> views(List<Transfer> found) {
        Set<UUID> both = new HashSet<>();
        found.forEach(transfer -> both.addAll(List.of(transfer.fromLotId(), transfer.toLotId())));
        Map<UUID, String> numbers = lots.findAllById(both).stream()
                .collect(Collectors.toMap(Lot::id, lot -> lot.view().number()));
        return found.stream()
                .map(transfer -> transfer.view(numbers.get(transfer.fromLotId()), numbers.get(transfer.toLotId())))
                .toList();
    }

    /** Grams that were transferred out of each of these lots; lots that none was transferred out of are left out. */
    public static Map<UUID, BigDecimal> out(List<TransferView> transferred) {
        return transferred.stream()
                .collect(Collectors.groupingBy(
                        TransferView::fromId,
                        Collectors.reducing(BigDecimal.ZERO, TransferView::mass, BigDecimal::add)));
    }

    /** A lot that came of no others, of which seed of another came. @param plantingId null where none of these records gave it */
    public record PickedLot(UUID lotId, UUID plantingId) {}

    /** The lots that came of no others of which each of these came; such a lot comes of itself. */
    @ReadsOnly
    public Map<UUID, List<PickedLot>> picked(Collection<UUID> lotIds) {
        return transfers.picked(lotIds).stream()
                .collect(Collectors.groupingBy(
                        TransferRepository.Picked::getLotId,
                        Collectors.mapping(
                                lot -> new PickedLot(lot.getPickedId(), lot.getPlantingId()), Collectors.toList())));
    }

    /** For each of these lots, all that seed of it came of, with the day until which; those that came of none are left out. */
    @ReadsOnly
    public Map<UUID, Map<UUID, LocalDate>> cameOf(Collection<UUID> lotIds) {
        Map<UUID, Map<UUID, LocalDate>> cameOf = new HashMap<>();
        (lotIds.isEmpty() ? List.<TransferRepository.Whole>of() : transfers.cameOf(lotIds))
                .forEach(one -> cameOf.computeIfAbsent(one.getLotId(), lot -> new HashMap<>())
                        .merge(one.getParentId(), one.getUntil(), (a, b) -> a.isAfter(b) ? a : b));
        return cameOf;
    }

    /** For each part of another lot, those that it was the same seed as, with the day until which; others are left out. */
    @ReadsOnly
    public Map<UUID, Map<UUID, LocalDate>> wholes(Collection<UUID> lotIds) {
        Map<UUID, Map<UUID, LocalDate>> wholes = new HashMap<>();
        transfers
                .wholes(lotIds)
                .forEach(one -> wholes.computeIfAbsent(one.getLotId(), lot -> new HashMap<>())
                        .put(one.getParentId(), one.getUntil()));
        return wholes;
    }

    /** A lot, and all that seed of it came of, by number. */
    @ReadsOnly
    public List<LotView> above(UUID lot) {
        return byNumber(transfers.above(lot));
    }

    /** These lots, and all that came of them: every lot that may carry seed of theirs, by number. */
    @ReadsOnly
    public List<LotView> below(Collection<UUID> lotIds) {
        return byNumber(transfers.below(lotIds));
    }

    private List<LotView> byNumber(List<UUID> ids) {
        return lots.findAllById(ids).stream()
                .map(Lot::view)
                .sorted(Comparator.comparing(LotView::number))
                .toList();
    }

    /** Whether anything was transferred out of a lot. */
    @ReadsOnly
    public boolean anyOut(UUID lot) {
        return transfers.existsByFromLotId(lot);
    }

    /** The lots picked from a planting, but not from a ring of it that is kept apart, and all that came of them. */
    List<Lot> cameOf(UUID plantingId) {
        List<UUID> picked = lots.findByPlantingIdInAndOriginOrderByNumber(List.of(plantingId), Origin.PICKED).stream()
                .filter(lot -> lot.ringId() == null)
                .map(Lot::id)
                .toList();
        return picked.isEmpty() ? List.of() : lots.findAllById(transfers.below(picked));
    }

    @ReadsOnly
    public TransferView get(UUID id) {
        return view(find(id));
    }

    /** What was transferred turns out to have been more or less, or on another day; whether that can be is the caller's to say. */
    @HandsWork
    @Transactional
    public TransferView correct(UUID id, Changed made, BigDecimal mass, LocalDate transferredOn) {
        Transfer transfer = find(id);
        Clash.check(transfer, made.from(), view(transfer));
        Map<String, Object> before = transfer.correctable();
        transfer.change(mass, transferredOn);
        corrections.keep("transfer", id, before, transfer.correctable(), made.because());
        return view(transfers.saveAndFlush(transfer));
    }

    private Transfer find(UUID id) {
        return transfers.findById(id).orElseThrow(NotFound.of("transfer"));
    }

    private TransferView view(Transfer transfer) {
        return views(List.of(transfer)).get(0);
    }
}
