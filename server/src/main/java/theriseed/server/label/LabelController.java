package theriseed.server.label;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import theriseed.core.crop.Crop;
import theriseed.core.measure.Range;
import theriseed.server.base.NotFound;
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.handbook.Crops;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.quality.GerminationView;
import theriseed.server.season.PlantingView;
import theriseed.server.selection.Selection;
import theriseed.server.stall.PackingRunView;
import theriseed.server.stall.Stall;

/** Labels as PDF: large ones for a lot's containers, small ones for packets. */
@RestController
class LabelController {
    private static final LabelSheet CONTAINERS = new LabelSheet(2, 4);
    private static final LabelSheet PACKETS = new LabelSheet(3, 8);
    private static final int MOST = 50_000;

    private final Lots lots;
    private final Gate gate;
    private final Stall stall;
    private final Selection selection;
    private final Crops crops;

    LabelController(Lots lots, Gate gate, Stall stall, Selection selection, Crops crops) {
        this.selection = selection;
        this.lots = lots;
        this.gate = gate;
        this.stall = stall;
        this.crops = crops;
    }

    /** Labels of a lot's containers, each with its number; {@code first} where some are labelled already. */
    @GetMapping(value = "/api/lots/{number}/label.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> container(
            @PathVariable String number,
            @RequestParam(defaultValue = "1") int containers,
            @RequestParam(defaultValue = "1") int first) {
        Range.of(1, 1000, "containers").check("containers", containers);
        Range.of(1, 10_000, "").check("first", first);
        int last = first + containers - 1;
        LotView lot = lots.get(number);
        PlantingView planting = gate.of(lot).planting();
        List<LabelSheet.Label> labels = IntStream.rangeClosed(first, last)
                .mapToObj(container -> new LabelSheet.Label(
                        lot.number(),
                        planting.variety().name() + ", "
                                + planting.variety().cropName().toLowerCase(Locale.ROOT),
                        List.of(
                                planting.plotName() + ", season " + planting.season(),
                                planting.plants() + " plants, sown " + planting.sownOn(),
                                "container " + container + " of " + last)))
                .toList();
        return pdf(CONTAINERS.pdf("Labels " + lot.number(), labels), lot.number());
    }

    /** Notes that the labels of a lot were printed. */
    @PostMapping("/api/lots/{number}/label-printed")
    void printed(@PathVariable String number) {
        lots.labelPrinted(number);
    }

    /** Tags of the best plants and fruits, so that nobody picks them for the kitchen. */
    @GetMapping(value = "/api/plantings/{id}/selection/tags.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> tags(@PathVariable UUID id) {
        Selection.SelectionPage page = selection.page(id, null);
        PlantingView planting = page.planting();
        List<LabelSheet.Label> tags = page.candidates().stream()
                .map(marked -> new LabelSheet.Label(
                        marked.tag(),
                        "NOT FOR EATING: seed",
                        List.of(
                                planting.variety().name() + ", "
                                        + planting.variety().cropName().toLowerCase(Locale.ROOT),
                                planting.ground() + ", season " + planting.season(),
                                "marked " + marked.markedOn())))
                .toList();
        Range.of(1, MOST, "tags").check("tags", tags.size());
        return pdf(PACKETS.pdf("Tags of " + planting.variety().name(), tags), "tags");
    }

    @GetMapping(value = "/api/lots/{number}/packing/{run}/labels.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> packets(@PathVariable String number, @PathVariable UUID run) {
        LotKnown known = gate.of(lots.get(number));
        PackingRunView packed = stall.stock(known).runs().stream()
                .filter(candidate -> candidate.id().equals(run))
                .findFirst()
                .orElseThrow(NotFound.of("packing run of this lot"));
        Range.of(1, MOST, "labels").check("packets", packed.packets());
        return pdf(
                PACKETS.pdf(packet(known, packed), packed.packets()),
                known.lot().number() + "-packets");
    }

    private LabelSheet.Label packet(LotKnown known, PackingRunView packed) {
        Crop crop = crops.get(known.planting().variety().cropKey());
        List<String> lines = new ArrayList<>();
        lines.add(crop.name() + ", " + crop.species());
        lines.add((packed.seeds() != null
                        ? "at least " + packed.seeds() + " seeds"
                        : packed.fill().stripTrailingZeros().toPlainString() + " g")
                + ", harvest " + known.lot().season());
        GerminationView test = known.tests().germination();
        LocalDate tested = test == null ? null : test.countedOn();
        lines.add(test == null ? "not tested" : "germination " + test.result().reported() + " %, tested " + tested);
        lines.add(crop.preSowingNote());
        if (known.planting().variety().treated()) {
            lines.add("Raised from treated seed. Not for food or feed.");
        }
        return new LabelSheet.Label(
                known.lot().number(), known.planting().variety().name(), lines);
    }

    private static ResponseEntity<byte[]> pdf(byte[] pdf, String name) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"" + name + ".pdf\"")
                .body(pdf);
    }
}
