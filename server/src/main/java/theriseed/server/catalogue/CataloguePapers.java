package theriseed.server.catalogue;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import theriseed.server.base.Csv;
import theriseed.server.base.FarmTime;
import theriseed.server.farm.FarmView;
import theriseed.server.farm.Farms;
import theriseed.server.letterhead.Letterheads;
import theriseed.server.mix.MixView;
import theriseed.server.pdf.Paper;
import theriseed.server.stall.PackingRunView;
import theriseed.server.words.Reader;
import theriseed.server.words.Readers;

/** The stock that may be sold, as a list of prices, as a catalogue to read in, and as a file. */
@Component
class CataloguePapers {
    private static final List<String> COLUMNS = List.of(
            "crop",
            "species",
            "variety",
            "looks",
            "lot",
            "year",
            "seeds",
            "grams",
            "row_m",
            "price",
            "price_of",
            "packets",
            "bulk_g",
            "packed_for",
            "germination",
            "tested_on",
            "generation",
            "treated");

    private final Letterheads letterheads;
    private final Farms farms;
    private final Readers readers;
    private final FarmTime time;

    CataloguePapers(Letterheads letterheads, Farms farms, Readers readers, FarmTime time) {
        this.letterheads = letterheads;
        this.farms = farms;
        this.readers = readers;
        this.time = time;
    }

    /** A line a kind of packet, whatever lots it is of. */
    ResponseEntity<byte[]> prices(Catalogue.Found found) {
        Reader reader = readers.now();
        Paper paper = paper("Price list", found, reader);
        Map<String, Set<Offer.Priced>> byCrop = new LinkedHashMap<>();
        found.offers().stream()
                .filter(offer -> !offer.byWeight())
                .forEach(offer -> byCrop.computeIfAbsent(offer.crop(), crop -> new LinkedHashSet<>())
                        .add(offer.priced()));
        byCrop.forEach((crop, priced) -> {
            paper.heading(crop);
            paper.table(
                    List.of(),
                    priced.stream()
                            .map(one -> List.of(
                                    one.variety(),
                                    PackingRunView.packet(one.seeds(), one.grams(), one.metres(), reader),
                                    reader.money(one.price())))
                            .toList(),
                    0.5,
                    0.3,
                    -0.2);
        });
        List<List<String>> bulk = found.offers().stream()
                .filter(Offer::byWeight)
                .map(offer -> List.of(
                        offer.variety() + ", " + offer.crop().toLowerCase(Locale.ROOT),
                        "by weight, 100 g",
                        reader.money(offer.price())))
                .distinct()
                .toList();
        if (!bulk.isEmpty()) {
            paper.heading("By weight");
            paper.table(List.of(), bulk, 0.5, 0.3, -0.2);
        }
        mixes(paper, found, reader);
        return paper.file("price-list-" + time.today());
    }

    /** Variety after variety, with what a buyer asks: what it is like, of which year, how it germinates. */
    ResponseEntity<byte[]> catalogue(Catalogue.Found found) {
        Reader reader = readers.now();
        Paper paper = paper("Catalogue", found, reader);
        Map<String, List<Offer>> byVariety = found.offers().stream()
                .collect(Collectors.groupingBy(
                        offer -> offer.variety() + ", " + offer.crop().toLowerCase(Locale.ROOT),
                        LinkedHashMap::new,
                        Collectors.toList()));
        byVariety.forEach((variety, offers) -> {
            Offer first = offers.get(0);
            paper.heading(variety);
            paper.words(Stream.of(first.species(), first.looks())
                    .filter(words -> !words.isEmpty())
                    .collect(Collectors.joining("\n")));
            paper.table(
                    List.of(
                            "lot",
                            "harvest",
                            "germinates",
                            "what",
                            "there are",
                            farms.get().currency()),
                    offers.stream().map(offer -> row(offer, reader)).toList(),
                    0.19,
                    0.12,
                    0.25,
                    0.18,
                    -0.13,
                    -0.13);
            notes(offers).forEach(paper::words);
        });
        mixes(paper, found, reader);
        return paper.file("catalogue-" + time.today());
    }

    private static List<String> row(Offer offer, Reader reader) {
        return List.of(
                offer.lot(),
                String.valueOf(offer.season()),
                offer.germination() == null
                        ? "not tested"
                        : offer.germination() + " %, " + reader.month(offer.testedOn()),
                offer.byWeight()
                        ? "by weight, 100 g"
                        : PackingRunView.packet(offer.seeds(), offer.grams(), offer.metres(), reader),
                offer.byWeight() ? reader.mass(offer.bulk().doubleValue()) : String.valueOf(offer.packets()),
                reader.money(offer.price()));
    }

    private static List<String> notes(List<Offer> offers) {
        List<String> notes = new ArrayList<>(offers.stream()
                .collect(Collectors.groupingBy(Offer::generation, LinkedHashMap::new, Collectors.toList()))
                .entrySet()
                .stream()
                .map(one -> lots(one.getValue()) + ": " + one.getKey())
                .toList());
        List<Offer> treated = offers.stream().filter(Offer::treated).toList();
        if (!treated.isEmpty()) {
            notes.add(lots(treated) + ": raised from treated seed. Not for food or feed.");
        }
        return notes;
    }

    private static String lots(List<Offer> offers) {
        return offers.stream().map(Offer::lot).distinct().collect(Collectors.joining(", "));
    }

    private static void mixes(Paper paper, Catalogue.Found found, Reader reader) {
        if (found.mixes().isEmpty()) {
            return;
        }
        paper.heading("Mixes");
        for (MixView mix : found.mixes()) {
            paper.words(mix.name() + ", " + mix.number() + ": "
                    + mix.parts().stream()
                            .map(part -> part.variety() + ", " + part.crop().toLowerCase(Locale.ROOT))
                            .distinct()
                            .collect(Collectors.joining("; ")));
            paper.table(
                    List.of(),
                    mix.packings().stream()
                            .filter(packing -> packing.left() > 0)
                            .map(packing -> List.of(
                                    "packet of " + reader.agreed(packing.grams()), reader.money(packing.price())))
                            .toList(),
                    0.8,
                    -0.2);
        }
    }

    /** A line an offer; figures as a machine reads them. */
    ResponseEntity<String> file(Catalogue.Found found) {
        Stream<List<?>> offers = found.offers().stream()
                .map(offer -> cells(
                        offer.crop(),
                        offer.species(),
                        offer.variety(),
                        offer.looks(),
                        offer.lot(),
                        offer.season(),
                        offer.seeds(),
                        offer.grams(),
                        offer.metres(),
                        offer.price(),
                        offer.byWeight() ? "100 g" : "packet",
                        offer.byWeight() ? null : offer.packets(),
                        offer.bulk(),
                        offer.sowBy(),
                        offer.germination(),
                        offer.testedOn(),
                        offer.generation(),
                        offer.treated() ? "yes" : "no"));
        Stream<List<?>> mixes = found.mixes().stream()
                .flatMap(mix -> mix.packings().stream()
                        .filter(packing -> packing.left() > 0)
                        .map(packing -> cells(
                                "mix",
                                null,
                                mix.name(),
                                null,
                                mix.number(),
                                mix.mixedOn().getYear(),
                                null,
                                packing.grams(),
                                null,
                                packing.price(),
                                "packet",
                                packing.left(),
                                null,
                                packing.sowBy(),
                                null,
                                null,
                                null,
                                mix.parts().stream().anyMatch(MixView.MixPart::treated) ? "yes" : "no")));
        return Csv.file("catalogue-" + time.today(), COLUMNS, Stream.concat(offers, mixes));
    }

    private static List<?> cells(Object... cells) {
        List<Object> row = new ArrayList<>();
        for (Object cell : cells) {
            row.add(
                    cell instanceof BigDecimal amount
                            ? amount.toPlainString()
                            : cell instanceof LocalDate day ? day.toString() : cell);
        }
        return row;
    }

    private Paper paper(String what, Catalogue.Found found, Reader reader) {
        FarmView farm = farms.get();
        Paper paper = new Paper(what, farm.name() + ", " + reader.day(time.today()), reader);
        letterheads.head(paper);
        paper.title(
                what,
                reader.day(time.today()) + ", in " + farm.currency()
                        + (found.terms().isEmpty() ? "" : ", " + found.terms()));
        if (found.offers().isEmpty() && found.mixes().isEmpty()) {
            paper.words("Nothing may be sold today.");
        }
        return paper;
    }
}
