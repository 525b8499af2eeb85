package theriseed.server.family;

import java.math.BigDecimal;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import theriseed.core.lot.SeedGeneration;
import theriseed.server.base.ReadsOnly;
import theriseed.server.harvest.HarvestView;
import theriseed.server.harvest.Harvests;
import theriseed.server.harvest.PickView;
import theriseed.server.lot.Families;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.lot.LotsHere;
import theriseed.server.lot.Origin;
import theriseed.server.lot.Pours;
import theriseed.server.season.Grown;
import theriseed.server.season.Plantings;
import theriseed.server.sown.Elsewhere;
import theriseed.server.stall.Sales;

/** Follows seed up to what the first of it was sown with, and down to whoever has some. */
@Service
class SeedFamily {
    private final Lots lots;
    private final Families families;
    private final Pours pours;
    private final Plantings plantings;
    private final Elsewhere elsewhere;
    private final Harvests harvests;
    private final LotsHere here;
    private final Sales sales;

    SeedFamily(
            Lots lots,
            Families families,
            Pours pours,
            Plantings plantings,
            Elsewhere elsewhere,
            Harvests harvests,
            LotsHere here,
            Sales sales) {
        this.lots = lots;
        this.families = families;
        this.pours = pours;
        this.plantings = plantings;
        this.elsewhere = elsewhere;
        this.harvests = harvests;
        this.here = here;
        this.sales = sales;
    }

    /** Whether the seed may be sold is not asked: of a lot that is called back only what is left of it counts. */
    @ReadsOnly
    public FamilyView of(String number) {
        LotView lot = lots.get(number);
        List<LotView> below = families.below(List.of(lot.id()));
        Set<UUID> carriers = ids(below);
        List<LotView> all = Stream.concat(families.above(List.of(lot.id())).stream(), below.stream())
                .distinct()
                .toList();
        Map<UUID, String> numbers = all.stream().collect(Collectors.toMap(LotView::id, LotView::number));
        List<Families.Sown> sown = Stream.concat(
                        families.sownOf(carriers).stream(),
                        families.sownWith(grown(all)).stream().filter(one -> numbers.containsKey(one.lotId())))
                .distinct()
                .toList();
        Grew grew = new Grew(all, sown);
        Map<UUID, Grown> planted = plantings.grown(grew.plantings());
        Map<UUID, String> grounds = plantings.grounds(grew.plantings());
        List<Sales.LeftLot> left = sales.left(carriers);
        return new FamilyView(
                lot.number(),
                planted.get(lot.plantingId()).varietyName(),
                members(all, carriers, planted, grounds),
                bought(grew),
                grew.standing().stream()
                        .map(id -> standing(planted.get(id), grounds.get(id)))
                        .toList(),
                sown.stream()
                        .map(one -> new FamilyView.Sown(
                                numbers.get(one.lotId()),
                                one.mass(),
                                one.sownOn(),
                                grew.of(one.plantingId()),
                                grew.standing(one.plantingId())))
                        .toList(),
                pours.of(numbers.keySet()).stream()
                        .filter(pour -> numbers.containsKey(pour.fromId()) && numbers.containsKey(pour.toId()))
                        .map(pour -> new FamilyView.Poured(pour.from(), pour.to(), pour.mass(), pour.pouredOn()))
                        .toList(),
                left.stream()
                        .map(one -> new FamilyView.Left(
                                numbers.get(one.lotId()), one.packets(), one.bulk(), one.lastOn(), one.customers()))
                        .toList(),
                sales.customers(carriers),
                left.stream().mapToLong(Sales.LeftLot::packets).sum(),
                left.stream().map(Sales.LeftLot::bulk).reduce(BigDecimal.ZERO, BigDecimal::add));
    }

    /** Every lot that may carry seed of one. */
    @ReadsOnly
    public List<LotView> carriers(LotView lot) {
        return families.below(List.of(lot.id()));
    }

    private static Set<UUID> ids(Collection<LotView> of) {
        return of.stream().map(LotView::id).collect(Collectors.toSet());
    }

    private static List<UUID> grown(List<LotView> all) {
        return all.stream()
                .filter(lot -> lot.origin() == Origin.PICKED)
                .map(LotView::plantingId)
                .distinct()
                .toList();
    }

    /** Which lots each planting of the family gave. */
    private record Grew(Map<UUID, List<String>> lots, Set<UUID> plantings, List<UUID> standing) {
        Grew(List<LotView> all, List<Families.Sown> sown) {
            this(
                    all.stream()
                            .filter(lot -> lot.origin() == Origin.PICKED)
                            .collect(Collectors.groupingBy(
                                    LotView::plantingId, Collectors.mapping(LotView::number, Collectors.toList()))),
                    Stream.concat(
                                    all.stream().map(LotView::plantingId),
                                    sown.stream().map(Families.Sown::plantingId))
                            .collect(Collectors.toSet()),
                    sown.stream()
                            .map(Families.Sown::plantingId)
                            .distinct()
                            .filter(planting -> all.stream()
                                    .noneMatch(lot -> lot.origin() == Origin.PICKED
                                            && lot.plantingId().equals(planting)))
                            .toList());
        }

        List<String> of(UUID planting) {
            return lots.getOrDefault(planting, List.of());
        }

        UUID standing(UUID planting) {
            return lots.containsKey(planting) ? null : planting;
        }
    }

    private List<FamilyView.Bought> bought(Grew grew) {
        return elsewhere.of(grew.lots().keySet()).stream()
                .map(seed -> new FamilyView.Bought(
                        seed.id(),
                        seed.supplier(),
                        seed.theirNumber(),
                        seed.grownIn(),
                        seed.mass(),
                        seed.sownOn(),
                        grew.of(seed.plantingId())))
                .toList();
    }

    private static FamilyView.Standing standing(Grown planting, String ground) {
        return new FamilyView.Standing(planting.id(), planting.varietyName(), ground, planting.season());
    }

    private List<FamilyView.Member> members(
            List<LotView> all, Set<UUID> carriers, Map<UUID, Grown> planted, Map<UUID, String> grounds) {
        Set<UUID> ids = ids(all);
        Map<UUID, HarvestView> picked = harvests.of(ids);
        Map<UUID, LotsHere.Left> left = here.left(ids);
        Map<UUID, SeedGeneration> generations = families.generations(ids);
        Function<LotView, FamilyView.Member> member = lot -> member(
                lot,
                carriers.contains(lot.id()),
                planted.get(lot.plantingId()),
                grounds.get(lot.plantingId()),
                picked.get(lot.id()),
                left.get(lot.id()),
                generations.get(lot.id()));
        return all.stream().map(member).toList();
    }

    private static FamilyView.Member member(
            LotView lot,
            boolean carries,
            Grown planting,
            String ground,
            HarvestView harvest,
            LotsHere.Left left,
            SeedGeneration generation) {
        boolean grown = lot.origin() == Origin.PICKED;
        return new FamilyView.Member(
                lot.number(),
                lot.origin(),
                planting.varietyName(),
                lot.season(),
                lot.grade(),
                generation,
                carries,
                left.any(),
                grown ? ground : null,
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
