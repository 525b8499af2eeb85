package theriseed.server.report;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import theriseed.server.gate.LotKnown;
import theriseed.server.harvest.HarvestView;
import theriseed.server.history.LotPage;
import theriseed.server.lot.ArrivalView;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Origin;
import theriseed.server.pdf.Paper;
import theriseed.server.quality.GerminationView;
import theriseed.server.quality.PurityView;
import theriseed.server.quality.WeevilLookView;
import theriseed.server.season.PlantingView;
import theriseed.server.walk.WalkView;
import theriseed.server.words.Reader;
import theriseed.server.words.Sentences;

/** What a customer is told of a lot: what it is, how it was kept true, how it was tested. Nothing of the farm's own affairs. */
final class CustomerReport {
    /** A smaller share is not told apart from none. */
    private static final double HARDLY_ANY = 1e-4;

    private final LotPage page;
    private final String farm;
    private final LocalDate today;
    private final boolean treated;
    private final Reader reader;

    CustomerReport(LotPage page, String farm, LocalDate today, boolean treated, Reader reader) {
        this.page = page;
        this.farm = farm;
        this.today = today;
        this.treated = treated;
        this.reader = reader;
    }

    Paper paper() {
        LotKnown known = page.known();
        LotView lot = known.lot();
        Paper paper = new Paper(
                "Lot " + lot.number(),
                farm + ", " + reader.day(today)
                        + ". From our own records; it is no certificate. Seed law and plant health rules differ by country.",
                reader);
        paper.titleOfLot(
                lot.number(),
                known.variety().name(),
                known.variety().cropName() + ", " + page.species() + ". Lot " + lot.number() + ", harvest "
                        + lot.season() + ".");
        if (!known.gate().mayBeSold()) {
            paper.heading("Not for sale as it is");
            known.gate().holding().forEach(one -> paper.words(Sentences.say(reader, "gate.found", one)));
        }
        origin(paper, known);
        kept(paper, known);
        tested(paper, known);
        if (!page.preSowingNote().isBlank()) {
            paper.heading("Before sowing");
            paper.words(page.preSowingNote());
        }
        return paper;
    }

    private void origin(Paper paper, LotKnown known) {
        List<List<String>> rows = new ArrayList<>();
        PlantingView planting = known.planting();
        HarvestView harvest = known.harvest();
        ArrivalView came = harvest == null ? null : harvest.arrival();
        if (planting != null) {
            rows.add(List.of(
                    known.lot().origin() == Origin.BLEND ? "most of it grew" : "grown",
                    "by us, sown " + reader.day(planting.sownOn())));
        } else if (came != null) {
            rows.add(List.of("grown", came.way().elsewhere() ? "for us, not by us" : "by us"));
        }
        if (harvest != null && harvest.plants() > 0) {
            rows.add(List.of("mother plants", String.valueOf(harvest.plants())));
        }
        rows.add(List.of("generation", Sentences.say(reader, "family", page.generation())));
        rows.add(List.of("treated", treated ? "raised from treated seed; not for food or feed" : "no"));
        paper.heading("Where it is from");
        paper.table(List.of(), rows, 0.25, 0.75);
    }

    private void kept(Paper paper, LotKnown known) {
        PlantingView planting = known.planting();
        if (planting == null) {
            return;
        }
        List<List<String>> rows = new ArrayList<>();
        PlantingView.Isolation isolation = planting.isolation();
        if (isolation != null) {
            rows.add(List.of("crossing with others", crossing(isolation)));
        }
        if (page.parents() != null) {
            rows.add(List.of(
                    "pollinated by hand",
                    page.parents().mothers() + " mothers, " + page.parents().fathers() + " fathers"));
        }
        List<WalkView> walks = page.walks();
        if (walks.isEmpty()) {
            rows.add(List.of("walked for off-types", "not written down"));
        } else {
            int pulled = walks.stream().mapToInt(WalkView::pulled).sum();
            int most = walks.stream().mapToInt(WalkView::lookedAt).max().orElseThrow();
            int sick = walks.stream().mapToInt(WalkView::sick).sum();
            rows.add(List.of(
                    "walked for off-types",
                    walks.size() + (walks.size() == 1 ? " time" : " times") + ", up to " + most + " plants each time; "
                            + pulled + " pulled"));
            rows.add(List.of("sick plants seen", sick == 0 ? "none" : String.valueOf(sick)));
        }
        paper.heading("How it was kept true");
        paper.table(List.of(), rows, 0.25, 0.75);
    }

    private String crossing(PlantingView.Isolation isolation) {
        double most = Math.min(1, isolation.crossing() * isolation.band());
        String share = most < HARDLY_ANY
                ? "less than " + reader.share(HARDLY_ANY) + " of the seed"
                : "about " + reader.share(isolation.crossing()) + " of the seed, at most " + reader.share(most);
        return share + ": estimated from distances, bloom and barriers";
    }

    private void tested(Paper paper, LotKnown known) {
        List<List<String>> rows = new ArrayList<>();
        GerminationView germination = known.tests().germination();
        if (germination != null && germination.result().acceptable()) {
            rows.add(List.of(
                    "germination",
                    germination.result().reported() + " % of "
                            + germination.result().seeds() + " seeds, " + reader.day(germination.countedOn())));
        }
        PurityView purity = known.tests().purity();
        if (purity != null) {
            rows.add(List.of(
                    "purity",
                    reader.percent(purity.result().pure()) + " pure seed, other crops "
                            + reader.percent(purity.result().other()) + ", weeds "
                            + reader.percent(purity.result().weed()) + ", "
                            + reader.day(purity.testedOn())));
        }
        if (known.tests().seedWeight() != null) {
            rows.add(List.of(
                    "thousand seeds",
                    reader.mass(known.tests().seedWeight().result().thousandSeedWeight())));
        }
        known.tests().growOuts().stream()
                .limit(1)
                .map(test -> List.of(
                        "grown out",
                        test.offTypes() + " off-types among " + test.plants() + " plants, "
                                + reader.day(test.examinedOn())))
                .forEach(rows::add);
        known.tests().weevils().stream().limit(1).map(this::insects).forEach(rows::add);
        paper.heading("Tests");
        if (rows.isEmpty()) {
            paper.words("None yet.");
        }
        paper.table(List.of(), rows, 0.25, 0.75);
        paper.words("Our own tests, on samples drawn by us.");
    }

    private List<String> insects(WeevilLookView look) {
        return List.of(
                "insects",
                (look.alive() == 0 ? "none alive" : look.alive() + " alive") + " in " + look.seeds() + " seeds, "
                        + reader.day(look.lookedOn()));
    }
}
