package theriseed.server.mix;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.measure.Range;
import theriseed.core.season.SeasonDates;
import theriseed.core.stall.PackingPlan;
import theriseed.server.base.Changed;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.stall.Customers;
import theriseed.server.stall.Leaving;

/** Packs mixes and sells them: nothing leaves that is held back in any part, and nothing that is not there. */
@Service
public class MixStall {
    private final MixRepository mixes;
    private final MixPackingRepository packings;
    private final MixSaleRepository sales;
    private final MixViews views;
    private final Customers customers;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;

    MixStall(
            MixRepository mixes,
            MixPackingRepository packings,
            MixSaleRepository sales,
            MixViews views,
            Customers customers,
            Corrections corrections,
            Stamps stamps,
            FarmTime time) {
        this.mixes = mixes;
        this.packings = packings;
        this.sales = sales;
        this.views = views;
        this.customers = customers;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
    }

    /** @param grams in each packet; {@code price} of one */
    public record Packed(LocalDate packedOn, BigDecimal grams, int packets, BigDecimal price, int sowBy) {
        public Packed {
            Range.above(0, 1e5, "g").check("grams", grams);
            Range.of(0, 1e4, "a packet").check("price", price);
            Range.of(packedOn.getYear(), packedOn.getYear() + 3, "").check("sowBy", sowBy);
        }
    }

    @HandsWork
    @Transactional
    public MixView pack(String number, Packed facts) {
        Mix mix = mixes.locked(number);
        MixView there = open(mix);
        SeasonDates.check("packedOn", facts.packedOn(), mix.mixedOn(), time.today());
        BigDecimal taken = taken(facts.grams(), facts.packets(), there.bulk());
        packings.saveAndFlush(new MixPacking(mix.id(), facts, taken, stamps.now()));
        return views.of(mix);
    }

    /** More or fewer were packed, never fewer than are with others. */
    @HandsWork
    @Transactional
    public MixView correctPacking(String number, UUID id, Changed made, int packets, BigDecimal price) {
        Mix mix = mixes.locked(number);
        MixPacking packing = packings.findById(id)
                .filter(one -> one.mixId().equals(mix.id()))
                .orElseThrow(NotFound.of("packing of this mix"));
        MixView there = views.of(mix);
        Clash.check(packing, made.from(), there);
        int gone = packing.packets() - packing(there, id).left();
        Range.of(gone, 1e6, "packets").because("LEFT_OR_PROMISED").check("packets", packets);
        Range.of(0, 1e4, "a packet").check("price", price);
        BigDecimal taken = packets == 0
                ? BigDecimal.ZERO
                : taken(packing.grams(), packets, there.bulk().add(packing.taken()));
        Map<String, Object> before = packing.correctable();
        packing.change(packets, taken, price);
        corrections.keep("packing of the mix", id, before, packing.correctable(), made.because());
        packings.flush();
        return views.of(mix);
    }

    private static BigDecimal taken(BigDecimal grams, int packets, BigDecimal bulk) {
        double fits = bulk.doubleValue() / grams.doubleValue();
        Range.of(1, Math.max(1, Math.floor(fits + 1e-9)), "packets")
                .because("IS_THERE")
                .check("packets", packets);
        return PackingPlan.taken(grams, packets).min(bulk);
    }

    /** What leaves. @param packingId whose {@code packets}; null where {@code grams} leave */
    public record Going(String customer, UUID packingId, Integer packets, BigDecimal grams, Leaving how) {
        public Going {
            if ((packets == null) == (grams == null) || (packets == null) != (packingId == null)) {
                throw new Refused("packets", packets, "sale.sayHowMuch");
            }
        }
    }

    /** Where no price is said, packets leave at the price on them. */
    @GrowersWork
    @Transactional
    public MixView sell(String number, Going going) {
        Mix mix = mixes.locked(number);
        MixView there = open(mix);
        LocalDate since = mix.mixedOn();
        BigDecimal price = going.how().price();
        if (going.packets() != null) {
            MixView.MixPacked packing = packing(there, going.packingId());
            Range.of(1, packing.left(), "packets").because("RUN_HAS_LEFT").check("packets", going.packets());
            since = packing.packedOn();
            price = price == null ? packing.price().multiply(BigDecimal.valueOf(going.packets())) : price;
        } else {
            Range.above(0, there.bulk().doubleValue(), "g")
                    .because("MAY_BE_SOLD")
                    .check("bulk", going.grams());
        }
        if (price == null) {
            throw new Refused("price", "nothing", "mix.price");
        }
        SeasonDates.check("soldOn", going.how().on(), since, time.today());
        Leaving how = new Leaving(
                going.how().kind(), going.how().on(), price, going.how().note(), null);
        sales.saveAndFlush(new MixSale(
                mix.id(),
                going.packingId(),
                customers.whoever(going.customer()).id(),
                going.packets(),
                going.grams(),
                how,
                stamps.now()));
        return views.of(mix);
    }

    /** What left turns out to have been otherwise; nothing at all, where it never left. */
    @GrowersWork
    @Transactional
    public MixView correctSale(
            String number, UUID id, Changed made, Integer packets, BigDecimal grams, BigDecimal price) {
        Mix mix = mixes.locked(number);
        MixSale sale = sales.findById(id)
                .filter(one -> one.mixId().equals(mix.id()))
                .orElseThrow(NotFound.of("sale of this mix"));
        MixView there = views.of(mix);
        Clash.check(sale, made.from(), there);
        if ((packets == null) != (sale.mixPackingId() == null) || (packets == null) == (grams == null)) {
            throw new Refused("packets", packets, "sale.sayHowMuch");
        }
        if (packets != null) {
            int left = packing(there, sale.mixPackingId()).left() + sale.packets();
            Range.of(0, left, "packets").because("RUN_HAS_LEFT").check("packets", packets);
        } else {
            BigDecimal left = there.bulk().add(sale.bulk());
            Range.of(0, left.doubleValue(), "g").because("MAY_BE_SOLD").check("bulk", grams);
        }
        boolean none = packets != null ? packets == 0 : grams.signum() == 0;
        if (none && price.signum() > 0) {
            throw new Refused("price", price, "sale.nothingLeft");
        }
        Leaving how = new Leaving(sale.kind(), sale.soldOn(), price, sale.note(), null);
        Map<String, Object> before = sale.correctable();
        sale.change(packets, grams == null ? null : grams.setScale(3, RoundingMode.HALF_UP), how.price());
        corrections.keep("sale of the mix", id, before, sale.correctable(), made.because());
        sales.flush();
        return views.of(mix);
    }

    /** @throws Refused with everything that holds it back, in whichever part */
    private MixView open(Mix mix) {
        MixView there = views.of(mix);
        if (there.onHold() != null) {
            throw new Refused("number", mix.number(), "mix.onHold", "mix", mix.number(), "why", there.onHold());
        }
        there.parts().stream()
                .filter(part -> !part.holding().isEmpty())
                .findFirst()
                .ifPresent(part -> {
                    throw new Refused(
                            "number", mix.number(), "gate.shut", "lot", part.lot(), "findings", part.holding());
                });
        return there;
    }

    private static MixView.MixPacked packing(MixView there, UUID id) {
        return there.packings().stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow(NotFound.of("packing of this mix"));
    }
}
