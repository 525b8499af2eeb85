package theriseed.server.family;

import java.math.BigDecimal;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import theriseed.core.lot.SeedGeneration;
import theriseed.server.base.ReadsOnly;
import theriseed.server.harvest.HarvestView;
import theriseed.server.harvest.Harvests;
import theriseed.server.harvest.PickView;
import theriseed.server.lot.Arrivals;
import theriseed.server.lot.Families;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.lot.LotsHere;
import theriseed.server.lot.Origin;
import theriseed.server.lot.Transfers;
import theriseed.server.mix.MixView;
import theriseed.server.mix.Mixes;
import theriseed.server.season.Plantings;
import theriseed.server.season.Varieties;
import theriseed.server.season.VarietyView;
import theriseed.server.sown.Elsewhere;
import theriseed.server.stall.Sales;

/** Follows seed up to what the first of it was sown with, and down to whoever has some. */
@Service
class SeedFamily {
    private final Lots lots;
    private final Families families;
    private final Transfers transfers;
    private final Plantings plantings;
    private final Varieties varieties;
    private final Elsewhere elsewhere;
    private final Arrivals arrivals;
    private final Harvests harvests;
    private final LotsHere here;
    private final Mixes mixes;
    private final Sales sales;

    SeedFamily(
            Lots lots,
            Families families,
            Transfers transfers,
            Plantings plantings,
            Varieties varieties,
            Elsewhere elsewhere,
            Arrivals arrivals,
            Harvests harvests,
            LotsHere here,
            Mixes mixes,
            Sales sales) {
        this.lots = lots;
        this.families = families;
        this.transfers = transfers;
        this.plantings = plantings;
        this.varieties = varieties;
        this.arrivals = arrivals;
        this.elsewhere = elsewhere;
        this.harvests = harvests;
        this.here = here;
        this.mixes = mixes;
        this.sales = sales;
    }

    /** Whether the seed may be sold is not asked: of a lot that is called back only what is left of it counts. */
    @ReadsOnly
    public FamilyView of(String number) {
        LotView lot = lots.get(number);
        List<LotView> below = families.below(List.of(lot.id()));
        List<LotView> all = Stream.concat(families.above(List.of(lot.id())).stream(), below.stream())
                .distinct()
                .toList();
        Set<UUID> carriers = ids(below);
        return view(lot.number(), all, carriers, mixes.holding(carriers), sales.left(carriers));
    }

    /** What the parts of a mix came of, and what of it is with others. */
    @ReadsOnly
    public FamilyView ofMix(String number) {
        MixView mix = mixes.get(number);
        Set<UUID> parts =
                ids(lots.find(mix.parts().stream().map(MixView.MixPart::lot).toList())
                        .values());
        Sales.LeftLot together =
                new Sales.LeftLot(null, packetsGone(mix), mix.bulkSold(), null, mixes.customers(mix.id()));
        return view(
                mix.number(), families.above(parts), Set.of(), List.of(mix), new Sales.LeftLots(List.of(), together));
    }

    private FamilyView view(
            String number, List<LotView> all, Set<UUID> carriers, List<MixView> mixed, Sales.LeftLots left) {
        Map<UUID, String> numbers = all.stream().collect(Collectors.toMap(LotView::id, LotView::number));
        Grew grew = Grew.of(all);
        List<Families.Sown> sown = Stream.concat(
                        carriers.isEmpty() ? Stream.of() : families.sownOf(carriers).stream(),
                        families.sownWith(grew.lots().keySet()).stream()
                                .filter(one -> numbers.containsKey(one.lotId())))
                .distinct()
                .toList();
        Map<UUID, Plantings.GrownOn> planted = plantings.grownOn(Stream.concat(
                        all.stream().map(LotView::plantingId).filter(Objects::nonNull),
                        sown.stream().map(Families.Sown::plantingId))
                .collect(Collectors.toSet()));
        Map<UUID, VarietyView> named =
                varieties.byIds(all.stream().map(LotView::varietyId).collect(Collectors.toSet()));
        return new FamilyView(
                number,
                all.stream()
                        .filter(lot -> lot.number().equals(number))
                        .findFirst()
                        .map(lot -> named.get(lot.varietyId()).name())
                        .orElseGet(() -> mixed.get(0).name()),
                members(all, carriers, planted, named),
                bought(grew, numbers, all),
                sown.stream()
                        .map(one -> grew.standing(one.plantingId()))
                        .filter(Objects::nonNull)
                        .distinct()
                        .map(id -> standing(planted.get(id)))
                        .toList(),
                sown.stream()
                        .map(one -> new FamilyView.Sown(
                                numbers.get(one.lotId()),
                                one.mass(),
                                one.sownOn(),
                                grew.of(one.plantingId()),
                                grew.standing(one.plantingId())))
                        .toList(),
                transfers.of(numbers.keySet()).stream()
                        .filter(transfer ->
                                numbers.containsKey(transfer.fromId()) && numbers.containsKey(transfer.toId()))
                        .map(transfer -> new FamilyView.Transferred(
                                transfer.from(), transfer.to(), transfer.mass(), transfer.transferredOn()))
                        .toList(),
                mixed.stream().map(mix -> mixed(mix, numbers.values())).toList(),
                left.each().stream()
                        .map(one -> new FamilyView.Left(
                                numbers.get(one.lotId()), one.packets(), one.bulk(), one.lastOn(), one.customers()))
                        .toList(),
                left.together().customers(),
                left.together().packets(),
                left.together().bulk());
    }

    /** Every lot that may carry seed of one. */
    @ReadsOnly
    public List<LotView> carriers(LotView lot) {
        return families.below(List.of(lot.id()));
    }

    private static Set<UUID> ids(Collection<LotView> of) {
        return of.stream().map(LotView::id).collect(Collectors.toSet());
    }

    /** Which lots each planting of the family gave. */
    private record Grew(Map<UUID, List<String>> lots) {
        static Grew of(List<LotView> all) {
            return new Grew(all.stream()
                    .filter(lot -> lot.origin() == Origin.PICKED)
                    .collect(Collectors.groupingBy(
                            LotView::plantingId, Collectors.mapping(LotView::number, Collectors.toList()))));
        }

        List<String> of(UUID planting) {
            return lots.getOrDefault(planting, List.of());
        }

        UUID standing(UUID planting) {
            return lots.containsKey(planting) ? null : planting;
        }
    }

    /** Seed from elsewhere that was sown, or that was given a number of its own. */
    private List<FamilyView.Bought> bought(Grew grew, Map<UUID, String> numbers, List<LotView> all) {
        Map<UUID, LotView> byId = all.stream().collect(Collectors.toMap(LotView::id, lot -> lot));
        return Stream.concat(
                        elsewhere.of(grew.lots().keySet()).stream()
                                .map(seed -> new FamilyView.Bought(
                                        seed.id(),
                                        seed.supplier(),
                                        seed.theirNumber(),
                                        seed.grownIn(),
                                        seed.mass(),
                                        seed.sownOn(),
                                        grew.of(seed.plantingId()))),
                        arrivals.of(numbers.keySet()).values().stream()
                                .filter(came -> came.way().elsewhere())
                                .map(came -> new FamilyView.Bought(
                                        came.id(),
                                        came.fromWhom(),
                                        byId.get(came.lotId()).oldNumber(),
                                        came.grownIn(),
                                        came.mass(),
                                        came.cameOn(),
                                        List.of(numbers.get(came.lotId())))))
                .toList();
    }

    private static int packetsGone(MixView mix) {
        return mix.packings().stream()
                .mapToInt(packing -> packing.packets() - packing.left())
                .sum();
    }

    /** @param family numbers of its lots */
    private static FamilyView.Mixed mixed(MixView mix, Collection<String> family) {
        return new FamilyView.Mixed(
                mix.number(),
                mix.name(),
                mix.mixedOn(),
                mix.parts().stream()
                        .filter(part -> family.contains(part.lot()))
                        .map(part -> new FamilyView.Into(part.lot(), part.mass()))
                        .toList(),
                mix.onHold(),
                packetsGone(mix),
                mix.bulkSold(),
                mix.packets(),
                mix.bulk());
    }

    private static FamilyView.Standing standing(Plantings.GrownOn one) {
        return new FamilyView.Standing(
                one.planting().id(),
                one.planting().varietyName(),
                one.ground(),
                one.planting().season());
    }

    private List<FamilyView.Member> members(
            List<LotView> all, Set<UUID> carriers, Map<UUID, Plantings.GrownOn> planted, Map<UUID, VarietyView> named) {
        Set<UUID> ids = ids(all);
        Map<UUID, HarvestView> picked = harvests.of(ids);
        Map<UUID, LotsHere.Left> left = here.left(ids);
        Map<UUID, SeedGeneration> generations = families.generations(ids);
        return all.stream()
                .map(lot -> member(
                        lot,
                        carriers.contains(lot.id()),
                        named.get(lot.varietyId()),
                        lot.plantingId() == null ? null : planted.get(lot.plantingId()),
                        picked.get(lot.id()),
                        left.get(lot.id()),
                        generations.get(lot.id())))
                .toList();
    }

    private static FamilyView.Member member(
            LotView lot,
            boolean carries,
            VarietyView variety,
            Plantings.GrownOn planted,
            HarvestView harvest,
            LotsHere.Left left,
            SeedGeneration generation) {
        boolean grown = lot.origin() == Origin.PICKED;
        return new FamilyView.Member(
                lot.number(),
                lot.origin(),
                variety.name(),
                lot.season(),
                lot.grade(),
                generation,
                carries,
                left.any(),
                grown ? planted.ground() : null,
                grown && harvest != null ? harvest.pickedOn() : null,
                harvest == null ? 0 : harvest.plants(),
                harvest == null
                        ? List.of()
                        : harvest.picks().stream()
                                .map(PickView::which)
                                .filter(which -> !which.isBlank())
                                .distinct()
                                .toList(),
                left.bulk() == null ? BigDecimal.ZERO : left.bulk(),
                left.packets(),
                lot.hold() == null ? null : lot.hold().reason());
    }
}
