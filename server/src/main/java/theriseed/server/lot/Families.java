package theriseed.server.lot;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import theriseed.core.lot.SeedGeneration;
import theriseed.core.lot.SeedGenerations;
import theriseed.server.base.ReadsOnly;

/** What seed came of which, from one generation to the next: through sowings, splits and blends, either way. */
@Service
public class Families {
    private final FamilyRepository family;
    private final TransferRepository transfers;
    private final LotRepository lots;

    Families(FamilyRepository family, TransferRepository transfers, LotRepository lots) {
        this.family = family;
        this.transfers = transfers;
        this.lots = lots;
    }

    /** Seed of a lot that was sown in a planting, grams. */
    public record Sown(UUID lotId, UUID plantingId, LocalDate sownOn, BigDecimal mass) {}

    /** These lots, and all that their seed came of, oldest first. */
    @ReadsOnly
    public List<LotView> above(Collection<UUID> lotIds) {
        return lotIds.isEmpty() ? List.of() : views(family.above(array(lotIds)));
    }

    /** These lots, and all that came of their seed, oldest first: every lot that may carry some of it. */
    @ReadsOnly
    public List<LotView> below(Collection<UUID> lotIds) {
        return views(family.below(array(lotIds)));
    }

    /** What of these lots was sown. */
    @ReadsOnly
    public List<Sown> sownOf(Collection<UUID> lotIds) {
        return sown(lotIds, List.of());
    }

    /** Which of the farm's lots these plantings were sown with. */
    @ReadsOnly
    public List<Sown> sownWith(Collection<UUID> plantingIds) {
        return sown(List.of(), plantingIds);
    }

    /** Those of these plantings of which somebody wrote down what they were sown with. */
    @ReadsOnly
    public Set<UUID> known(Collection<UUID> plantingIds) {
        return Stream.concat(
                        sownWith(plantingIds).stream().map(Sown::plantingId),
                        family.fromElsewhere(array(plantingIds)).stream())
                .collect(Collectors.toSet());
    }

    /** How often the seed of each of these lots was grown here. */
    @ReadsOnly
    public Map<UUID, SeedGeneration> generations(Collection<UUID> lotIds) {
        SeedGenerations<UUID> counted = generations(above(lotIds));
        return lotIds.stream().distinct().collect(Collectors.toMap(id -> id, counted::of));
    }

    /** How often seed of a lot was grown here. */
    @ReadsOnly
    public SeedGeneration generation(UUID lotId) {
        return generations(List.of(lotId)).get(lotId);
    }

    /** How often seed that a planting gives will have been grown here. */
    @ReadsOnly
    public SeedGeneration ofSeedGrownIn(UUID plantingId) {
        Set<UUID> sown = sownWith(List.of(plantingId)).stream().map(Sown::lotId).collect(Collectors.toSet());
        Stream<SeedGeneration> bought = family.fromElsewhere(array(List.of(plantingId))).stream()
                .map(planting -> SeedGeneration.FROM_ELSEWHERE);
        return SeedGeneration.grownFrom(
                Stream.concat(generations(sown).values().stream(), bought).toList());
    }

    /** A lot that is on hold, among all that the seed came of that a planting was sown with. */
    Optional<LotView> heldBehind(UUID plantingId) {
        List<UUID> sown =
                sownWith(List.of(plantingId)).stream().map(Sown::lotId).toList();
        return above(sown).stream()
                .filter(lot -> lot.hold() != null)
                .max(Comparator.comparing(LotView::season).thenComparing(LotView::number));
    }

    /** @param all lots, with all that their seed came of */
    private SeedGenerations<UUID> generations(List<LotView> all) {
        Map<UUID, LotView> byId = all.stream().collect(Collectors.toMap(LotView::id, lot -> lot));
        Map<UUID, List<UUID>> transferred = transfers.ofLots(byId.keySet()).stream()
                .collect(Collectors.groupingBy(
                        Transfer::toLotId, Collectors.mapping(Transfer::fromLotId, Collectors.toList())));
        List<UUID> plantings = all.stream()
                .map(LotView::plantingId)
                .filter(Objects::nonNull)
                .distinct()
                .toList();
        Map<UUID, Set<UUID>> sown = sownWith(plantings).stream()
                .collect(Collectors.groupingBy(Sown::plantingId, Collectors.mapping(Sown::lotId, Collectors.toSet())));
        Set<UUID> elsewhere = Set.copyOf(family.fromElsewhere(array(plantings)));
        Set<UUID> came = Set.copyOf(family.cameFromElsewhere(array(byId.keySet())));
        return new SeedGenerations<>(id -> {
            LotView lot = byId.get(id);
            return switch (lot.origin()) {
                case PICKED ->
                    new SeedGenerations.Came<>(
                            true, sown.getOrDefault(lot.plantingId(), Set.of()), elsewhere.contains(lot.plantingId()));
                case PART, BLEND -> new SeedGenerations.Came<>(false, transferred.getOrDefault(id, List.of()), false);
                case ELSEWHERE -> new SeedGenerations.Came<>(!came.contains(id), List.of(), came.contains(id));
            };
        });
    }

    private List<Sown> sown(Collection<UUID> lotIds, Collection<UUID> plantingIds) {
        return lotIds.isEmpty() && plantingIds.isEmpty()
                ? List.of()
                : family.sown(array(lotIds), array(plantingIds)).stream()
                        .map(one -> new Sown(one.getLotId(), one.getPlantingId(), one.getSownOn(), one.getMass()))
                        .toList();
    }

    private List<LotView> views(List<UUID> ids) {
        return lots.findByIds(array(ids)).stream()
                .map(Lot::view)
                .sorted(Comparator.comparing(LotView::season).thenComparing(LotView::number))
                .toList();
    }

    private static UUID[] array(Collection<UUID> ids) {
        return ids.toArray(UUID[]::new);
    }
}
