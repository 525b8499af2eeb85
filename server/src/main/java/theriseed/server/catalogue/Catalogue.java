package theriseed.server.catalogue;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import theriseed.core.crop.Crop;
import theriseed.core.lot.SeedGeneration;
import theriseed.server.base.HandsWork;
import theriseed.server.base.ReadsOnly;
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.handbook.Crops;
import theriseed.server.lot.Families;
import theriseed.server.lot.LotsHere;
import theriseed.server.mix.MixView;
import theriseed.server.mix.Mixes;
import theriseed.server.quality.GerminationView;
import theriseed.server.season.TrueToType;
import theriseed.server.sown.Elsewhere;
import theriseed.server.stall.PackingRunView;
import theriseed.server.stall.PriceLists;
import theriseed.server.stall.StockView;
import theriseed.server.stall.Stocks;
import theriseed.server.stall.Terms;
import theriseed.server.words.Reader;
import theriseed.server.words.Readers;
import theriseed.server.words.Sentences;

/** Finds what anybody may buy today: of lots and mixes that may be sold, what is promised to nobody and not kept back. */
@Service
class Catalogue {
    private final LotsHere here;
    private final Gate gate;
    private final Stocks stocks;
    private final Families families;
    private final Elsewhere elsewhere;
    private final Mixes mixes;
    private final PriceLists priceLists;
    private final Crops crops;
    private final Readers readers;

    Catalogue(
            LotsHere here,
            Gate gate,
            Stocks stocks,
            Families families,
            Elsewhere elsewhere,
            Mixes mixes,
            PriceLists priceLists,
            Crops crops,
            Readers readers) {
        this.here = here;
        this.gate = gate;
        this.stocks = stocks;
        this.families = families;
        this.elsewhere = elsewhere;
        this.mixes = mixes;
        this.priceLists = priceLists;
        this.crops = crops;
        this.readers = readers;
    }

    /**
     * The stock that may be sold.
     *
     * @param terms name of the price list; empty for the prices on the packets
     * @param offers by crop and variety, packets before bulk
     * @param mixes of which packets are there, at the price on the packet
     */
    record Found(String terms, List<Offer> offers, List<MixView> mixes) {}

    /** @param list whose prices; null for those on the packets */
    @HandsWork
    @ReadsOnly
    public Found of(UUID list) {
        Terms terms = priceLists.ofList(list);
        Reader reader = readers.now();
        List<LotKnown> open = gate.of(here.all()).stream()
                .filter(known -> known.gate().mayBeSold())
                .toList();
        Map<UUID, StockView> stock = stocks.of(open);
        Map<UUID, SeedGeneration> generations = families.generations(
                open.stream().map(known -> known.lot().id()).toList());
        Set<UUID> treated = elsewhere.treated(open);
        List<Offer> offers = new ArrayList<>();
        for (LotKnown known : open) {
            UUID id = known.lot().id();
            String generation = Sentences.say(reader, "family", generations.get(id));
            offers.addAll(offers(known, stock.get(id), terms, generation, treated.contains(id)));
        }
        offers.sort(Comparator.comparing(Offer::crop)
                .thenComparing(Offer::variety)
                .thenComparing(Offer::byWeight)
                .thenComparing(Offer::price)
                .thenComparing(Offer::lot));
        return new Found(priceLists.name(list), offers, mixes.offered());
    }

    private List<Offer> offers(LotKnown known, StockView stock, Terms terms, String generation, boolean treated) {
        UUID variety = known.lot().varietyId();
        Stream<Offer> packets = stock.runs().stream()
                .filter(run -> run.free() > 0)
                .map(run -> offer(known, run, terms, generation, treated));
        Stream<Offer> bulk = terms.bulk(variety).filter(price -> stock.free().signum() > 0).stream()
                .map(price -> offer(known, null, generation, treated, price, 0, stock));
        return Stream.concat(packets, bulk).toList();
    }

    private Offer offer(LotKnown known, PackingRunView run, Terms terms, String generation, boolean treated) {
        return offer(known, run, generation, treated, terms.packet(known.lot().varietyId(), run), run.free(), null);
    }

    private Offer offer(
            LotKnown known,
            PackingRunView run,
            String generation,
            boolean treated,
            BigDecimal price,
            int packets,
            StockView bulk) {
        Crop crop = crops.get(known.variety().cropKey());
        Optional<GerminationView> test = Optional.ofNullable(known.tests().germination())
                .filter(one -> one.result() != null && one.result().acceptable());
        return new Offer(
                crop.name(),
                crop.species(),
                known.variety().name(),
                looks(known.variety().trueToType()),
                known.lot().number(),
                known.lot().season(),
                run == null ? null : run.seeds(),
                run == null ? null : run.byWeight(),
                run == null ? null : run.metres(),
                price,
                packets,
                bulk == null ? null : bulk.free(),
                run == null ? null : Integer.valueOf(run.sowBy()),
                test.map(one -> one.result().reported()).orElse(null),
                test.map(GerminationView::countedOn).orElse(null),
                generation,
                treated);
    }

    private static String looks(TrueToType plant) {
        return Stream.of(plant.leaf(), plant.habit(), plant.colour(), plant.maturity(), plant.root(), plant.fruit())
                .map(String::strip)
                .filter(words -> !words.isEmpty())
                .collect(Collectors.joining("; "));
    }
}
