package theriseed.server.mix;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.data.domain.Page;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.lot.LotNumber;
import theriseed.core.measure.Range;
import theriseed.core.seedroom.SeedMix;
import theriseed.server.base.Changed;
import theriseed.server.base.Clash;
import theriseed.server.base.CorrectionView;
import theriseed.server.base.Corrections;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.PageOf;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.lot.NewLots;
import theriseed.server.quality.GerminationView;
import theriseed.server.stall.Stall;
import theriseed.server.stall.Withdrawals;

/** Puts lots of several crops or varieties together in one bag, and knows what is in it. */
@Service
public class Mixes {
    private static final int MOST_PARTS = 30;
    private static final Range AMOUNT = Range.above(0, 1e7, "");

    private final MixRepository mixes;
    private final MixSaleRepository sales;
    private final MixViews views;
    private final Withdrawals withdrawals;
    private final Lots lots;
    private final NewLots newLots;
    private final Gate gate;
    private final Corrections corrections;
    private final Stamps stamps;

    Mixes(
            MixRepository mixes,
            MixSaleRepository sales,
            MixViews views,
            Withdrawals withdrawals,
            Lots lots,
            NewLots newLots,
            Gate gate,
            Corrections corrections,
            Stamps stamps) {
        this.mixes = mixes;
        this.sales = sales;
        this.views = views;
        this.withdrawals = withdrawals;
        this.lots = lots;
        this.newLots = newLots;
        this.gate = gate;
        this.corrections = corrections;
        this.stamps = stamps;
    }

    /** How the parts of a mix are said. */
    public enum By {
        GRAMS,
        /** Shares of the weight. */
        MASS,
        /** Shares of the seeds. */
        SEEDS
    }

    /** @param amount grams or a share, as is said by */
    public record Part(String number, double amount) {}

    /**
     * What is put together.
     *
     * @param total grams of all of it; null where the parts are in grams
     */
    public record Wanted(By by, BigDecimal total, List<Part> parts) {}

    /** What would come of it. @param seedsPerSquareMetre null where nobody says */
    @HandsWork
    @ReadsOnly
    public MixPlan plan(Wanted wanted, Integer seedsPerSquareMetre) {
        return plan(wanted, seedsPerSquareMetre, known(wanted, lots::get));
    }

    /** Puts it together: what goes in is withdrawn from its lots. */
    @HandsWork
    @Transactional
    public MixView make(MixFacts facts, Wanted wanted, LocalDate mixedOn) {
        Map<String, LotKnown> known = known(wanted, lots::lock);
        MixPlan plan = plan(wanted, facts.seedsPerSquareMetre(), known);
        Mix mix = mixes.saveAndFlush(new Mix(newLots.ofMix(mixedOn.getYear()), facts, mixedOn, stamps.now()));
        for (int i = 0; i < wanted.parts().size(); i++) {
            LotKnown lot = known.get(wanted.parts().get(i).number());
            withdrawals.mix(lot, mix.id(), mix.number(), mixedOn, plan.grams().get(i), "parts[" + i + "].amount");
        }
        return views.of(mix);
    }

    /** In the order of their numbers, so that two who mix at once do not wait for each other. */
    private Map<String, LotKnown> known(Wanted wanted, Function<String, LotView> get) {
        Range.of(2, MOST_PARTS, "lots").check("parts", wanted.parts().size());
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < wanted.parts().size(); i++) {
            String number = wanted.parts().get(i).number();
            if (!seen.add(LotNumber.read(number))) {
                throw new Refused("parts[" + i + "].number", number, "blend.twice");
            }
        }
        List<String> numbers =
                wanted.parts().stream().map(Part::number).sorted().toList();
        List<LotView> got = new ArrayList<>();
        numbers.forEach(number -> got.add(get.apply(number)));
        Map<UUID, LotKnown> byId =
                gate.of(got).stream().collect(Collectors.toMap(lot -> lot.lot().id(), Function.identity()));
        Map<String, LotKnown> known = new HashMap<>();
        for (int i = 0; i < numbers.size(); i++) {
            known.put(numbers.get(i), byId.get(got.get(i).id()));
        }
        return known;
    }

    private static MixPlan plan(Wanted wanted, Integer seedsPerSquareMetre, Map<String, LotKnown> known) {
        List<LotKnown> parts =
                wanted.parts().stream().map(part -> known.get(part.number())).toList();
        parts.forEach(Stall::checkOpen);
        List<SeedMix.Seed> seeds = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            LotKnown lot = parts.get(i);
            String field = "parts[" + i + "].number";
            AMOUNT.check("parts[" + i + "].amount", wanted.parts().get(i).amount());
            seeds.add(seed(lot)
                    .orElseThrow(() -> new Refused(
                            field,
                            lot.lot().number(),
                            "mix.testFirst",
                            "lot",
                            lot.lot().number())));
        }
        List<Double> amounts = wanted.parts().stream().map(Part::amount).toList();
        List<BigDecimal> grams = grams(wanted, amounts, seeds).stream()
                .map(gram -> BigDecimal.valueOf(gram).setScale(3, RoundingMode.HALF_UP))
                .toList();
        List<SeedMix.Part> weighed = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            weighed.add(new SeedMix.Part(grams.get(i).doubleValue(), seeds.get(i)));
        }
        SeedMix of = SeedMix.of(weighed);
        return new MixPlan(grams, of, seedsPerSquareMetre == null ? null : of.gramsPerSquareMetre(seedsPerSquareMetre));
    }

    private static List<Double> grams(Wanted wanted, List<Double> amounts, List<SeedMix.Seed> seeds) {
        if (wanted.by() == By.GRAMS) {
            return amounts;
        }
        if (wanted.total() == null) {
            throw new Refused("total", "nothing", "mix.total");
        }
        double total = wanted.total().doubleValue();
        return wanted.by() == By.MASS
                ? SeedMix.gramsByMass(amounts, total)
                : SeedMix.gramsBySeeds(amounts, seeds, total);
    }

    /** What its seed is like by tests that count; nothing where one of them is missing. */
    static Optional<SeedMix.Seed> seed(LotKnown lot) {
        GerminationView germination = lot.tests().germination();
        return lot.tests().seedWeight() == null
                        || germination == null
                        || !germination.result().acceptable()
                ? Optional.empty()
                : Optional.of(new SeedMix.Seed(
                        lot.purity(),
                        lot.tests().seedWeight().result().thousandSeedWeight(),
                        germination.result().reported()));
    }

    /** What it is called, how thick it is sown, what is noted. */
    @HandsWork
    @Transactional
    public MixView correct(String number, Changed made, MixFacts facts) {
        Mix mix = mixes.locked(number);
        Clash.check(mix, made.from(), views.of(mix));
        Map<String, Object> before = mix.correctable();
        mix.change(facts);
        corrections.keep("mix", mix.id(), before, mix.correctable(), made.because());
        return views.of(mixes.saveAndFlush(mix));
    }

    /** What was put in of one lot turns out to have been more or less; never so little that what left was not there. */
    @HandsWork
    @Transactional
    public MixView correctPart(String number, UUID part, Changed made, BigDecimal mass) {
        Mix mix = mixes.locked(number);
        MixView before = views.of(mix);
        MixView.MixPart there = before.parts().stream()
                .filter(one -> one.id().equals(part))
                .findFirst()
                .orElseThrow(NotFound.of("part of this mix"));
        if (before.bulk().add(mass).compareTo(there.mass()) < 0) {
            throw new Refused("mass", mass, "mix.wouldLeaveTooLittle", "mix", mix.number());
        }
        withdrawals.weighMixed(part, made, mass);
        return views.of(mix);
    }

    /** None of it leaves until somebody has decided of it. */
    @HandsWork
    @Transactional
    public MixView hold(String number, String reason) {
        Range.of(3, 300, "characters").check("reason", reason.strip().length());
        return decide(number, reason, mix -> mix.hold(reason));
    }

    @GrowersWork
    @Transactional
    public MixView release(String number, String reason) {
        return decide(number, reason, Mix::release);
    }

    private MixView decide(String number, String reason, Consumer<Mix> decision) {
        Mix mix = mixes.locked(number);
        Map<String, Object> before = mix.correctable();
        decision.accept(mix);
        corrections.keep("mix", mix.id(), before, mix.correctable(), reason);
        return views.of(mixes.saveAndFlush(mix));
    }

    @ReadsOnly
    public MixView get(String number) {
        return views.of(find(number));
    }

    /** The mix with exactly this number, if there is one. */
    @ReadsOnly
    public Optional<String> numbered(String folded) {
        return mixes.findByFolded(folded).map(Mix::number);
    }

    /** Newest first. */
    @ReadsOnly
    public PageOf<MixView> page(int page, int size) {
        Page<Mix> found = mixes.findAllByOrderByMixedOnDescNumberDesc(PageOf.request(page, size));
        return PageOf.of(found, views.of(found.getContent()));
    }

    /** Those that may be sold and of which packets are left, by name. */
    @ReadsOnly
    public List<MixView> offered() {
        return views.of(mixes.packed()).stream().filter(MixView::mayBeSold).toList();
    }

    /** Those that hold seed of these lots, by number. */
    @ReadsOnly
    public List<MixView> holding(Collection<UUID> lotIds) {
        return views.of(mixes.findByIdInOrderByNumber(withdrawals.mixesOf(lotIds)));
    }

    /** With how many customers some of a mix is. */
    @ReadsOnly
    public int customers(UUID id) {
        return sales.customers(id);
    }

    /** What was corrected and decided of one, newest first. */
    @ReadsOnly
    public List<CorrectionView> corrections(String number) {
        MixView mix = get(number);
        List<UUID> ids = new ArrayList<>(List.of(mix.id()));
        mix.parts().forEach(part -> ids.add(part.id()));
        mix.packings().forEach(packing -> ids.add(packing.id()));
        mix.sales().forEach(sale -> ids.add(sale.id()));
        return corrections.of(ids);
    }

    private Mix find(String number) {
        return mixes.findByFolded(LotNumber.read(number)).orElseThrow(NotFound.of("mix"));
    }
}
