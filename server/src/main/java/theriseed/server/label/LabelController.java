package theriseed.server.label;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import theriseed.core.crop.Crop;
import theriseed.core.measure.Range;
import theriseed.server.base.HandsWork;
import theriseed.server.base.Maybe;
import theriseed.server.base.NotFound;
import theriseed.server.farm.FarmView;
import theriseed.server.farm.Farms;
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.handbook.Crops;
import theriseed.server.instrument.SimulatedPrinter;
import theriseed.server.lot.Families;
import theriseed.server.lot.LotDecisions;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.mix.MixView;
import theriseed.server.mix.Mixes;
import theriseed.server.pdf.PaperSize;
import theriseed.server.pdf.Pdf;
import theriseed.server.quality.GerminationView;
import theriseed.server.season.PlantingView;
import theriseed.server.selection.Selection;
import theriseed.server.sown.Elsewhere;
import theriseed.server.stall.PackingRunView;
import theriseed.server.stall.Stocks;
import theriseed.server.words.Reader;
import theriseed.server.words.Readers;
import theriseed.server.words.Sentences;

/** Labels as PDF: large ones for a lot's containers, small ones for packets. */
@RestController
class LabelController {
    private static final int MOST = 50_000;

    private final Lots lots;
    private final LotDecisions decisions;
    private final Mixes mixes;
    private final Families families;
    private final Elsewhere elsewhere;
    private final Gate gate;
    private final Stocks stocks;
    private final Selection selection;
    private final Crops crops;
    private final Farms farms;
    private final SimulatedPrinter printer;
    private final Readers readers;

    LabelController(
            Lots lots,
            LotDecisions decisions,
            Mixes mixes,
            Families families,
            Elsewhere elsewhere,
            Gate gate,
            Stocks stocks,
            Selection selection,
            Crops crops,
            Farms farms,
            SimulatedPrinter printer,
            Readers readers) {
        this.readers = readers;
        this.selection = selection;
        this.lots = lots;
        this.decisions = decisions;
        this.mixes = mixes;
        this.families = families;
        this.elsewhere = elsewhere;
        this.gate = gate;
        this.stocks = stocks;
        this.crops = crops;
        this.farms = farms;
        this.printer = printer;
    }

    /**
     * Labels of a lot's containers, two across and four down, each with its number.
     *
     * @param first where some are labelled already
     * @param begin place on the sheet at which the first goes
     */
    @GetMapping(value = "/api/lots/{number}/label.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> container(
            @PathVariable String number,
            @RequestParam(defaultValue = "1") int containers,
            @RequestParam(defaultValue = "1") int first,
            @RequestParam(defaultValue = "1") int begin,
            @RequestParam(required = false) PaperSize sheet) {
        Range.of(1, 1000, "containers").check("containers", containers);
        Range.of(1, 10_000, "").check("first", first);
        int last = first + containers - 1;
        LotView lot = lots.get(number);
        LotKnown known = gate.of(lot);
        Reader reader = readers.now();
        String generation = generation(reader, lot);
        String farm = farms.get().name();
        List<LabelSheet.Label> labels = IntStream.rangeClosed(first, last)
                .mapToObj(container -> new LabelSheet.Label(
                        lot.number(),
                        known.variety().name() + ", "
                                + known.variety().cropName().toLowerCase(Locale.ROOT),
                        Stream.of(
                                        beginning(reader, known),
                                        List.of(generation, "container " + container + " of " + last))
                                .flatMap(List::stream)
                                .toList(),
                        farm))
                .toList();
        LabelFormat format = LabelFormat.filling(sheet(sheet, reader), 2, 4, begin);
        return Pdf.file(new LabelSheet(format).pdf(lot.number(), labels), lot.number());
    }

    /** Where it grew, or where it is from and what it was called there. */
    private static List<String> beginning(Reader reader, LotKnown known) {
        PlantingView planting = known.planting();
        if (planting != null) {
            return List.of(
                    planting.plotName() + ", season " + planting.season(),
                    planting.plants() + " plants, sown " + reader.day(planting.sownOn()));
        }
        String from = known.harvest() == null || known.harvest().arrival() == null
                ? ""
                : known.harvest().arrival().fromWhom();
        return Stream.of(
                        "harvest " + known.lot().season() + (from.isEmpty() ? "" : ", from " + from),
                        known.lot().oldNumber().isEmpty()
                                ? ""
                                : "was " + known.lot().oldNumber())
                .filter(line -> !line.isEmpty())
                .toList();
    }

    /** Notes that the labels of a lot were printed. */
    @PostMapping("/api/lots/{number}/label-printed")
    void printed(@PathVariable String number) {
        decisions.labelPrinted(number);
    }

    /** Tags of the best plants and fruits, so that nobody picks them for the kitchen. */
    @GetMapping(value = "/api/plantings/{id}/selection/tags.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> tags(@PathVariable UUID id) {
        Selection.SelectionPage page = selection.page(id, null);
        PlantingView planting = page.planting();
        Reader reader = readers.now();
        List<LabelSheet.Label> tags = page.candidates().stream()
                .map(marked -> new LabelSheet.Label(
                        marked.tag(),
                        "NOT FOR EATING: seed",
                        List.of(
                                planting.variety().name() + ", "
                                        + planting.variety().cropName().toLowerCase(Locale.ROOT),
                                planting.ground() + ", season " + planting.season(),
                                "marked " + reader.day(marked.markedOn())),
                        ""))
                .toList();
        Range.of(1, MOST, "tags").check("tags", tags.size());
        LabelFormat format = LabelFormat.filling(PaperSize.of(reader.locale()), 3, 8, 1);
        return Pdf.file(new LabelSheet(format).pdf("of " + planting.variety().name(), tags), "tags");
    }

    /**
     * Labels of the packets of a run.
     *
     * @param width and {@code height} millimetres of one; three by eight on a sheet where they are not said
     * @param single whether each is a page of its own, as for a roll
     * @param copies as many as there are packets where it is not said
     * @param begin place on the sheet at which the first goes
     * @param price whether it stands on them
     */
    @GetMapping(value = "/api/lots/{number}/packing/{run}/labels.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> packets(
            @PathVariable String number,
            @PathVariable UUID run,
            @RequestParam(required = false) Double width,
            @RequestParam(required = false) Double height,
            @RequestParam(defaultValue = "false") boolean single,
            @RequestParam(required = false) Integer copies,
            @RequestParam(defaultValue = "1") int begin,
            @RequestParam(required = false) PaperSize sheet,
            @RequestParam(defaultValue = "false") boolean price) {
        LotKnown known = gate.of(lots.get(number));
        PackingRunView packed = stocks.of(known).run(run);
        Reader reader = readers.now();
        return Pdf.file(
                new LabelSheet(format(width, height, single, sheet(sheet, reader), begin))
                        .pdf(packet(reader, known, packed, price), copies(copies, packed.packets())),
                known.lot().number() + "-packets");
    }

    /** Labels of the packets of a mix, with all that is in it; as for the packets of a lot. */
    @HandsWork
    @GetMapping(value = "/api/mixes/{number}/packing/{run}/labels.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> mix(
            @PathVariable String number,
            @PathVariable UUID run,
            @RequestParam(required = false) Double width,
            @RequestParam(required = false) Double height,
            @RequestParam(defaultValue = "false") boolean single,
            @RequestParam(required = false) Integer copies,
            @RequestParam(defaultValue = "1") int begin,
            @RequestParam(required = false) PaperSize sheet,
            @RequestParam(defaultValue = "false") boolean price) {
        MixView mix = mixes.get(number);
        MixView.MixPacked packed = packed(mix, run);
        Reader reader = readers.now();
        return Pdf.file(
                new LabelSheet(format(width, height, single, sheet(sheet, reader), begin))
                        .pdf(mixed(reader, mix, packed, price), copies(copies, packed.packets())),
                mix.number() + "-packets");
    }

    /**
     * The label of a run for a label printer, once, with how many are wanted.
     *
     * @param width and {@code height} millimetres
     * @param dotsPerMm of the printer
     */
    @GetMapping(value = "/api/lots/{number}/packing/{run}/labels.zpl", produces = MediaType.TEXT_PLAIN_VALUE)
    ResponseEntity<String> packetsForPrinter(
            @PathVariable String number,
            @PathVariable UUID run,
            @RequestParam(defaultValue = "62") double width,
            @RequestParam(defaultValue = "29") double height,
            @RequestParam(defaultValue = "8") int dotsPerMm,
            @RequestParam(required = false) Integer copies,
            @RequestParam(defaultValue = "false") boolean price) {
        LotKnown known = gate.of(lots.get(number));
        PackingRunView packed = stocks.of(known).run(run);
        return forPrinter(
                known.lot().number(),
                new LabelZpl(width, height, dotsPerMm)
                        .of(packet(readers.now(), known, packed, price), copies(copies, packed.packets())));
    }

    /** The same for the packets of a mix. */
    @HandsWork
    @GetMapping(value = "/api/mixes/{number}/packing/{run}/labels.zpl", produces = MediaType.TEXT_PLAIN_VALUE)
    ResponseEntity<String> mixForPrinter(
            @PathVariable String number,
            @PathVariable UUID run,
            @RequestParam(defaultValue = "62") double width,
            @RequestParam(defaultValue = "29") double height,
            @RequestParam(defaultValue = "8") int dotsPerMm,
            @RequestParam(required = false) Integer copies,
            @RequestParam(defaultValue = "false") boolean price) {
        MixView mix = mixes.get(number);
        MixView.MixPacked packed = packed(mix, run);
        return forPrinter(
                mix.number(),
                new LabelZpl(width, height, dotsPerMm)
                        .of(mixed(readers.now(), mix, packed, price), copies(copies, packed.packets())));
    }

    private static ResponseEntity<String> forPrinter(String number, String zpl) {
        return ResponseEntity.ok()
                .contentType(new MediaType(MediaType.TEXT_PLAIN, StandardCharsets.UTF_8))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + number + "-packets.zpl\"")
                .body(zpl);
    }

    private static MixView.MixPacked packed(MixView mix, UUID run) {
        return mix.packings().stream()
                .filter(one -> one.id().equals(run))
                .findFirst()
                .orElseThrow(NotFound.of("packing of this mix"));
    }

    private static LabelFormat format(Double width, Double height, boolean single, PaperSize sheet, int begin) {
        LabelFormat usual = LabelFormat.filling(sheet, 3, 8, 1);
        return new LabelFormat(
                width == null ? usual.width() : width, height == null ? usual.height() : height, single, sheet, begin);
    }

    private LabelSheet.Label mixed(Reader reader, MixView mix, MixView.MixPacked packed, boolean price) {
        FarmView farm = farms.get();
        List<String> lines = new ArrayList<>();
        lines.add(reader.agreed(packed.grams()) + ", mixed " + reader.day(mix.mixedOn()) + ", packed for "
                + packed.sowBy());
        for (MixView.MixPart part : mix.parts()) {
            lines.add(reader.share(part.mass().doubleValue() / mix.mass().doubleValue()) + " " + part.variety() + ", "
                    + part.crop().toLowerCase(Locale.ROOT) + " " + part.season() + ", lot " + part.lot()
                    + (part.germination() == null
                            ? ", not tested"
                            : ", germinates " + part.germination() + " %, " + reader.month(part.testedOn())));
        }
        if (mix.gramsPerSquareMetre() != null) {
            double rate = mix.gramsPerSquareMetre();
            lines.add("sow " + reader.mass(rate) + " on " + reader.area(1) + ": enough for "
                    + reader.area(packed.grams().doubleValue() / rate));
        }
        if (mix.parts().stream().anyMatch(MixView.MixPart::treated)) {
            lines.add("Raised from treated seed. Not for food or feed.");
        }
        farm.labelLines().lines().filter(line -> !line.isBlank()).forEach(lines::add);
        return new LabelSheet.Label(
                mix.number(),
                mix.name(),
                lines,
                farm.name(),
                price ? reader.money(packed.price()) + " " + farm.currency() : "");
    }

    /** @param asked null for what is usual where the reader is */
    private static PaperSize sheet(PaperSize asked, Reader reader) {
        return asked == null ? PaperSize.of(reader.locale()) : asked;
    }

    private static int copies(Integer asked, int packets) {
        return Range.of(1, MOST, "labels").check("copies", asked == null ? packets : asked);
    }

    record PrintRequest(
            @NotNull Double width,
            @NotNull Double height,
            @Maybe Integer copies) {}

    /** Sends the labels of a run to the simulated label printer. */
    @HandsWork
    @PostMapping("/api/lots/{number}/packing/{run}/print")
    SimulatedPrinter.Job print(
            @PathVariable String number, @PathVariable UUID run, @Valid @RequestBody PrintRequest request) {
        LotKnown known = gate.of(lots.get(number));
        PackingRunView packed = stocks.of(known).run(run);
        LabelFormat format = new LabelFormat(request.width(), request.height(), true, PaperSize.A4, 1);
        return printer.print(
                known.lot().number(), copies(request.copies(), packed.packets()), format.width(), format.height());
    }

    private LabelSheet.Label packet(Reader reader, LotKnown known, PackingRunView packed, boolean price) {
        Crop crop = crops.get(known.variety().cropKey());
        FarmView farm = farms.get();
        List<String> lines = new ArrayList<>();
        lines.add(crop.name() + ", " + crop.species());
        lines.add(holds(reader, packed) + ", harvest " + known.lot().season() + ", packed for " + packed.sowBy());
        GerminationView test = known.tests().germination();
        lines.add(
                test == null || !test.result().acceptable()
                        ? "not tested"
                        : "germination " + test.result().reported() + " %, tested " + reader.day(test.countedOn()));
        lines.add(crop.preSowingNote());
        lines.add(generation(reader, known.lot()));
        if (!known.lot().oldNumber().isEmpty()) {
            lines.add("was " + known.lot().oldNumber());
        }
        if (elsewhere.treated(known)) {
            lines.add("Raised from treated seed. Not for food or feed.");
        }
        farm.labelLines().lines().filter(line -> !line.isBlank()).forEach(lines::add);
        return new LabelSheet.Label(
                known.lot().number(),
                known.variety().name(),
                lines,
                farm.name(),
                price ? reader.money(packed.price()) + " " + farm.currency() : "");
    }

    private String generation(Reader reader, LotView lot) {
        return Sentences.say(reader, "family", families.generation(lot.id()));
    }

    private static String holds(Reader reader, PackingRunView packed) {
        if (packed.seeds() == null) {
            return reader.agreed(packed.byWeight());
        }
        String seeds = "at least " + packed.seeds() + " seeds";
        return packed.metres() == null ? seeds : "sows " + reader.reach(packed.metres()) + ", " + seeds;
    }
}
