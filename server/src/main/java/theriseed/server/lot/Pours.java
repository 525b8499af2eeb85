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

/** What was poured from lot to lot, and so what each came of. */
@Service
public class Pours {
    private final PourRepository pours;
    private final LotRepository lots;
    private final Corrections corrections;

    Pours(PourRepository pours, LotRepository lots, Corrections corrections) {
        this.pours = pours;
        this.lots = lots;
        this.corrections = corrections;
    }

    /** All that was poured out of these lots or into them. */
    @ReadsOnly
    public List<PourView> of(Collection<UUID> lotIds) {
        return views(pours.ofLots(lotIds));
    }

    private List<PourView> views(List<Pour> found) {
        Set<UUID> both = new HashSet<>();
        found.forEach(pour -> both.addAll(List.of(pour.fromLotId(), pour.toLotId())));
        Map<UUID, String> numbers = lots.findAllById(both).stream()
                .collect(Collectors.toMap(Lot::id, lot -> lot.view().number()));
        return found.stream()
                .map(pour -> pour.view(numbers.get(pour.fromLotId()), numbers.get(pour.toLotId())))
                .toList();
    }

    /** Grams that were poured out of each of these lots; lots that none was poured out of are left out. */
    public static Map<UUID, BigDecimal> out(List<PourView> poured) {
        return poured.stream()
                .collect(Collectors.groupingBy(
                        PourView::fromId, Collectors.reducing(BigDecimal.ZERO, PourView::mass, BigDecimal::add)));
    }

    /** A lot that came of no others, of which seed of another came. @param plantingId null where none of these records gave it */
    public record PickedLot(UUID lotId, UUID plantingId) {}

    /** The lots that came of no others of which each of these came; such a lot comes of itself. */
    @ReadsOnly
    public Map<UUID, List<PickedLot>> picked(Collection<UUID> lotIds) {
        return pours.picked(lotIds).stream()
                .collect(Collectors.groupingBy(
                        PourRepository.Picked::getLotId,
                        Collectors.mapping(
                                lot -> new PickedLot(lot.getPickedId(), lot.getPlantingId()), Collectors.toList())));
    }

    /** For each of these lots, all that seed of it came of, with the day until which; those that came of none are left out. */
    @ReadsOnly
    public Map<UUID, Map<UUID, LocalDate>> cameOf(Collection<UUID> lotIds) {
        Map<UUID, Map<UUID, LocalDate>> cameOf = new HashMap<>();
        (lotIds.isEmpty() ? List.<PourRepository.Whole>of() : pours.cameOf(lotIds))
                .forEach(one -> cameOf.computeIfAbsent(one.getLotId(), lot -> new HashMap<>())
                        .merge(one.getParentId(), one.getUntil(), (a, b) -> a.isAfter(b) ? a : b));
        return cameOf;
    }

    /** For each part of another lot, those that it was the same seed as, with the day until which; others are left out. */
    @ReadsOnly
    public Map<UUID, Map<UUID, LocalDate>> wholes(Collection<UUID> lotIds) {
        Map<UUID, Map<UUID, LocalDate>> wholes = new HashMap<>();
        pours.wholes(lotIds)
                .forEach(one -> wholes.computeIfAbsent(one.getLotId(), lot -> new HashMap<>())
                        .put(one.getParentId(), one.getUntil()));
        return wholes;
    }

    /** A lot, and all that seed of it came of, by number. */
    @ReadsOnly
    public List<LotView> above(UUID lot) {
        return byNumber(pours.above(lot));
    }

    /** These lots, and all that came of them: every lot that may carry seed of theirs, by number. */
    @ReadsOnly
    public List<LotView> below(Collection<UUID> lotIds) {
        return byNumber(pours.below(lotIds));
    }

    private List<LotView> byNumber(List<UUID> ids) {
        return lots.findAllById(ids).stream()
                .map(Lot::view)
                .sorted(Comparator.comparing(LotView::number))
                .toList();
    }

    /** Whether anything was poured out of a lot. */
    @ReadsOnly
    public boolean anyOut(UUID lot) {
        return pours.existsByFromLotId(lot);
    }

    /** The lots picked from a planting, but not from a ring of it that is kept apart, and all that came of them. */
    List<Lot> cameOf(UUID plantingId) {
        List<UUID> picked = lots.findByPlantingIdInAndOriginOrderByNumber(List.of(plantingId), Origin.PICKED).stream()
                .filter(lot -> lot.ringId() == null)
                .map(Lot::id)
                .toList();
        return picked.isEmpty() ? List.of() : lots.findAllById(pours.below(picked));
    }

    @ReadsOnly
    public PourView get(UUID id) {
        return view(find(id));
    }

    /** What was poured turns out to have been more or less, or on another day; whether that can be is the caller's to say. */
    @HandsWork
    @Transactional
    public PourView correct(UUID id, Changed made, BigDecimal mass, LocalDate pouredOn) {
        Pour pour = find(id);
        Clash.check(pour, made.from(), view(pour));
        Map<String, Object> before = pour.correctable();
        pour.change(mass, pouredOn);
        corrections.keep("pour", id, before, pour.correctable(), made.because());
        return view(pours.saveAndFlush(pour));
    }

    private Pour find(UUID id) {
        return pours.findById(id).orElseThrow(NotFound.of("pour"));
    }

    private PourView view(Pour pour) {
        return views(List.of(pour)).get(0);
    }
}
