package theriseed.server.mix;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import theriseed.core.lot.Finding;
import theriseed.core.seedroom.SeedMix;
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.lot.Lots;
import theriseed.server.quality.GerminationView;
import theriseed.server.sown.Elsewhere;
import theriseed.server.stall.CustomerView;
import theriseed.server.stall.Customers;
import theriseed.server.stall.WithdrawalView;
import theriseed.server.stall.Withdrawals;

/** Mixes as they are shown: what is in them, whether it may leave, what is left. */
@Component
class MixViews {
    private static final int SALES_SHOWN = 30;

    private final MixPackingRepository packings;
    private final MixSaleRepository sales;
    private final Withdrawals withdrawals;
    private final Customers customers;
    private final Lots lots;
    private final Gate gate;
    private final Elsewhere elsewhere;

    MixViews(
            MixPackingRepository packings,
            MixSaleRepository sales,
            Withdrawals withdrawals,
            Customers customers,
            Lots lots,
            Gate gate,
            Elsewhere elsewhere) {
        this.packings = packings;
        this.sales = sales;
        this.withdrawals = withdrawals;
        this.customers = customers;
        this.lots = lots;
        this.gate = gate;
        this.elsewhere = elsewhere;
    }

    /** One with its sales. */
    MixView of(Mix mix) {
        List<MixSale> last = sales.last(mix.id(), Limit.of(SALES_SHOWN));
        Map<UUID, CustomerView> who =
                customers.byIds(last.stream().map(MixSale::customerId).collect(Collectors.toSet()));
        List<MixView.MixSold> sold = last.stream()
                .map(sale -> sale.view(who.get(sale.customerId()).name()))
                .toList();
        return of(List.of(mix), Map.of(mix.id(), sold)).get(0);
    }

    /** Several, without their sales. */
    List<MixView> of(List<Mix> some) {
        return of(some, Map.of());
    }

    private List<MixView> of(List<Mix> some, Map<UUID, List<MixView.MixSold>> sold) {
        List<UUID> ids = some.stream().map(Mix::id).toList();
        Map<UUID, List<WithdrawalView>> parts = withdrawals.inMixes(ids);
        Map<UUID, LotKnown> known = gate
                .of(lots.byIds(parts.values().stream()
                        .flatMap(List::stream)
                        .map(WithdrawalView::lotId)
                        .collect(Collectors.toSet())))
                .stream()
                .collect(Collectors.toMap(lot -> lot.lot().id(), lot -> lot));
        Set<UUID> treated = elsewhere.treated(known.values());
        Map<UUID, List<MixPacking>> packed = packings.findByMixIdInOrderByPackedOnAscIdAsc(ids).stream()
                .collect(Collectors.groupingBy(MixPacking::mixId));
        Map<UUID, List<MixSaleRepository.Gone>> gone =
                sales.gone(ids).stream().collect(Collectors.groupingBy(MixSaleRepository.Gone::mixId));
        return some.stream()
                .map(mix -> view(
                        mix,
                        parts.getOrDefault(mix.id(), List.of()),
                        known,
                        treated,
                        packed.getOrDefault(mix.id(), List.of()),
                        gone.getOrDefault(mix.id(), List.of()),
                        sold.getOrDefault(mix.id(), List.of())))
                .toList();
    }

    private MixView view(
            Mix mix,
            List<WithdrawalView> parts,
            Map<UUID, LotKnown> known,
            Set<UUID> treated,
            List<MixPacking> packed,
            List<MixSaleRepository.Gone> gone,
            List<MixView.MixSold> sold) {
        List<MixView.MixPart> shown = parts.stream()
                .map(part -> part(part, known.get(part.lotId()), treated.contains(part.lotId())))
                .toList();
        BigDecimal mass = shown.stream().map(MixView.MixPart::mass).reduce(BigDecimal.ZERO, BigDecimal::add);
        Map<UUID, Integer> packetsGone = new HashMap<>();
        BigDecimal bulkSold = BigDecimal.ZERO;
        BigDecimal brought = BigDecimal.ZERO;
        for (MixSaleRepository.Gone one : gone) {
            brought = brought.add(one.price());
            if (one.packingId() == null) {
                bulkSold = one.bulk();
            } else {
                packetsGone.put(one.packingId(), one.packets().intValue());
            }
        }
        BigDecimal filled = packed.stream().map(MixPacking::taken).reduce(BigDecimal.ZERO, BigDecimal::add);
        List<MixView.MixPacked> packings = packed.stream()
                .map(packing -> packing.view(packetsGone.getOrDefault(packing.id(), 0)))
                .toList();
        SeedMix of = of(parts, known).orElse(null);
        return new MixView(
                mix.id(),
                mix.version(),
                mix.number(),
                mix.name(),
                mix.mixedOn(),
                mix.note(),
                mix.seedsPerSquareMetre(),
                mix.gramsPerSquareMetre(of),
                mix.holdReason(),
                mix.holdReason() == null
                        && shown.stream().allMatch(part -> part.holding().isEmpty()),
                shown,
                of,
                mass,
                mass.subtract(filled).subtract(bulkSold),
                packings.stream().mapToInt(MixView.MixPacked::left).sum(),
                bulkSold,
                brought,
                packings,
                sold,
                mix.recordedBy());
    }

    private static Optional<SeedMix> of(Collection<WithdrawalView> parts, Map<UUID, LotKnown> known) {
        List<SeedMix.Part> weighed = new ArrayList<>();
        for (WithdrawalView part : parts) {
            Optional<SeedMix.Seed> seed = Mixes.seed(known.get(part.lotId()));
            if (seed.isEmpty()) {
                return Optional.empty();
            }
            weighed.add(new SeedMix.Part(part.mass().doubleValue(), seed.get()));
        }
        return Optional.of(SeedMix.of(weighed));
    }

    /** That the rest of a lot went into another one says nothing of what went into the mix before. */
    private static MixView.MixPart part(WithdrawalView part, LotKnown lot, boolean treated) {
        GerminationView test = lot.tests().germination();
        boolean counts = test != null && test.result().acceptable();
        return new MixView.MixPart(
                part.id(),
                part.version(),
                lot.lot().number(),
                lot.variety().name(),
                lot.variety().cropName(),
                lot.lot().season(),
                part.mass(),
                counts ? test.result().reported() : null,
                counts ? test.countedOn() : null,
                treated,
                lot.gate().holding().stream()
                        .filter(found -> !(found instanceof Finding.AllTransferred))
                        .toList());
    }
}
