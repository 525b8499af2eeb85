package theriseed.server.report;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import theriseed.server.bench.StepView;
import theriseed.server.gate.LotKnown;
import theriseed.server.gate.OverrulingView;
import theriseed.server.harvest.HarvestView;
import theriseed.server.history.LotPage;
import theriseed.server.lot.ArrivalView;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Origin;
import theriseed.server.pdf.Paper;
import theriseed.server.quality.GerminationView;
import theriseed.server.quality.TestsView;
import theriseed.server.season.PlantingView;
import theriseed.server.seedroom.KeepingView;
import theriseed.server.sown.ElsewhereView;
import theriseed.server.sown.SownWith;
import theriseed.server.stall.Stall;
import theriseed.server.stall.StockView;
import theriseed.server.words.Reader;
import theriseed.server.words.Sentences;

/** Puts a lot's life on paper: facts as they were written down, findings as the rules say, customers left out. */
final class LotReport {
    private static final int MOST_ROWS = 8;

    private final LotPage page;
    private final KeepingView keeping;
    private final String farm;
    private final LocalDate today;
    private final ZoneId zone;
    private final Reader reader;

    LotReport(LotPage page, KeepingView keeping, String farm, LocalDate today, ZoneId zone, Reader reader) {
        this.reader = reader;
        this.page = page;
        this.keeping = keeping;
        this.farm = farm;
        this.today = today;
        this.zone = zone;
    }

    Paper paper() {
        LotKnown known = page.known();
        LotView lot = known.lot();
        Paper paper = new Paper(
                "Lot " + lot.number(),
                farm + ", " + reader.day(today)
                        + ". Written from the farm's own records; it certifies nothing. Seed law and plant health rules differ by"
                        + " country.",
                reader);
        paper.titleOfLot(
                lot.number(),
                lot.number(),
                known.variety().name() + ", " + lower(known.variety().cropName()) + " (" + page.species() + "), season "
                        + lot.season() + ", " + lot.grade().words() + " grade");
        gate(paper, known);
        changed(paper, known);
        tests(paper, known);
        kept(paper);
        grown(paper, known);
        where(paper, known, page.stock());
        worked(paper, known);
        return paper;
    }

    private void gate(Paper paper, LotKnown known) {
        boolean open = known.gate().mayBeSold();
        paper.heading(open ? "Nothing holds it back" : "It is held back");
        List<List<String>> rows = known.gate().against().stream()
                .map(one -> List.of(
                        Sentences.say(reader, "gate.found", one.finding()),
                        one.overruled() == null
                                ? "to settle: " + Sentences.say(reader, "gate.settle", one.finding())
                                : "overruled by " + one.overruled().by() + ", "
                                        + day(one.overruled().at()) + ": "
                                        + one.overruled().why()))
                .toList();
        if (rows.isEmpty()) {
            paper.words("By the farm's rules for " + known.lot().grade().words() + " grade"
                    + (known.gate().testRunsOut() == null
                            ? "."
                            : ", until its germination test runs out on "
                                    + reader.day(known.gate().testRunsOut()) + "."));
        }
        paper.table(List.of(), rows, 0.42, 0.58);
    }

    private void grown(Paper paper, LotKnown known) {
        PlantingView planting = known.planting();
        if (planting == null) {
            arrived(paper, known);
            return;
        }
        paper.heading(known.lot().origin() == Origin.BLEND ? "Where its largest part grew" : "Where it grew");
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of(
                "ground",
                planting.ground() + ", sown " + reader.day(planting.sownOn()) + ", " + planting.plants() + " plants"));
        rows.add(List.of("generation", Sentences.say(reader, "family", page.generation())));
        if (page.sown() != null) {
            page.sown().own().forEach(seed -> rows.add(List.of("seed sown", own(seed))));
            page.sown().elsewhere().forEach(seed -> rows.add(List.of("seed sown", elsewhere(seed))));
        }
        HarvestView harvest = known.harvest();
        if (harvest != null) {
            rows.add(List.of("mother plants", String.valueOf(harvest.plants())));
        }
        PlantingView.Isolation isolation = planting.isolation();
        if (isolation != null) {
            rows.add(List.of(
                    "isolation",
                    lower(isolation.verdict().name()) + "; crossing estimated at " + reader.share(isolation.crossing())
                            + ", at most " + reader.share(Math.min(1, isolation.crossing() * isolation.band())) + "; "
                            + reader.share(isolation.allowed()) + " is allowed"));
            isolation.threats().stream()
                    .limit(3)
                    .forEach(threat -> rows.add(List.of(
                            "",
                            threat.name() + ", " + lower(threat.crop()) + ": " + reader.distance(threat.metres())
                                    + " away, " + threat.daysTogether() + " days in bloom together, "
                                    + lower(threat.verdict().name()))));
        }
        if (page.parents() != null) {
            rows.add(List.of(
                    "by hand",
                    page.parents().mothers() + " mothers and " + page.parents().fathers() + " fathers"));
        }
        paper.table(List.of(), rows, 0.2, 0.8);
        if (!page.walks().isEmpty()) {
            paper.table(
                    List.of("walked", "stage", "looked at", "off-types", "pulled", "sick"),
                    limited(
                            page.walks().stream()
                                    .map(walk -> List.of(
                                            reader.day(walk.walkedOn()),
                                            walk.stage(),
                                            String.valueOf(walk.lookedAt()),
                                            String.valueOf(walk.offTypesInAll()),
                                            String.valueOf(walk.pulled()),
                                            String.valueOf(walk.sick())))
                                    .toList(),
                            MOST_ROWS),
                    0.2,
                    0.28,
                    -0.13,
                    -0.13,
                    -0.13,
                    -0.13);
        }
    }

    /** Of seed that none of these records gave only what was told of it is known. */
    private void arrived(Paper paper, LotKnown known) {
        paper.heading("Where it is from");
        List<List<String>> rows = new ArrayList<>();
        ArrivalView came = known.harvest() == null ? null : known.harvest().arrival();
        if (came != null) {
            rows.add(List.of(
                    came.way().elsewhere() ? "from" : "grown",
                    (came.way().elsewhere() ? came.fromWhom() : "here, before there were these records") + ", harvest "
                            + came.grownIn() + ", came " + reader.day(came.cameOn())));
            if (came.theirGermination() != null) {
                rows.add(List.of(
                        "germination as they said",
                        came.theirGermination() + " %"
                                + (came.theirTestOn() == null ? "" : ", " + reader.day(came.theirTestOn()))));
            }
            if (!came.treatment().isEmpty()) {
                rows.add(List.of("treated", came.treatment()));
            }
        }
        if (!known.lot().oldNumber().isEmpty()) {
            rows.add(List.of("number before", known.lot().oldNumber()));
        }
        rows.add(List.of("generation", Sentences.say(reader, "family", page.generation())));
        paper.table(List.of(), rows, 0.25, 0.75);
    }

    private String own(SownWith.SownLot seed) {
        return seed.number()
                + ", "
                + reader.mass(seed.grams().doubleValue())
                + (seed.withdrawal().packets() == null
                        ? ""
                        : ", packets: " + seed.withdrawal().packets());
    }

    private static String elsewhere(ElsewhereView seed) {
        return Stream.of(
                        "from " + seed.supplier(),
                        seed.theirNumber().isEmpty() ? "" : "their number " + seed.theirNumber(),
                        seed.grownIn() == null ? "" : "harvest " + seed.grownIn(),
                        seed.treatment().isEmpty() ? "" : "treated: " + seed.treatment())
                .filter(fact -> !fact.isEmpty())
                .collect(Collectors.joining(", "));
    }

    private void worked(Paper paper, LotKnown known) {
        if (known.harvest() == null) {
            return;
        }
        paper.heading("Picked and cleaned");
        List<List<String>> rows = new ArrayList<>();
        known.harvest()
                .picks()
                .forEach(pick -> rows.add(List.of(
                        "picked",
                        reader.day(pick.pickedOn()),
                        "",
                        reader.mass(pick.mass().doubleValue()),
                        "")));
        known.harvest()
                .transferred()
                .forEach(transfer -> rows.add(List.of(
                        "transferred from " + transfer.from(),
                        reader.day(transfer.transferredOn()),
                        "",
                        reader.mass(transfer.mass().doubleValue()),
                        "")));
        known.bench().steps().stream().filter(step -> step.massOut() != null).forEach(step -> rows.add(row(step)));
        paper.table(List.of("act", "day", "in", "out", "kept"), rows, 0.3, 0.22, -0.16, -0.16, -0.16);
    }

    private List<String> row(StepView step) {
        return List.of(
                lower(step.kind().name()),
                day(step.endedAt()),
                reader.mass(step.massIn().doubleValue()),
                reader.mass(step.massOut().doubleValue()),
                step.share() == null ? "" : reader.share(step.share()));
    }

    private void tests(Paper paper, LotKnown known) {
        TestsView tests = known.tests();
        paper.heading("Tests");
        List<List<String>> rows = new ArrayList<>();
        tests.germinations().forEach(test -> rows.add(row(test)));
        tests.spoilt()
                .forEach(
                        test -> rows.add(List.of(reader.day(test.setOn()), "germination", "spoilt: " + test.spoilt())));
        tests.seedWeights()
                .forEach(test -> rows.add(List.of(
                        reader.day(test.weighedOn()),
                        "thousand seeds",
                        reader.mass(test.result().thousandSeedWeight())
                                + (test.result().accepted() ? "" : ", weights disagree"))));
        tests.purities()
                .forEach(test -> rows.add(List.of(
                        reader.day(test.testedOn()),
                        "purity",
                        test.result().pure() + " % pure, other crops "
                                + test.result().other() + " %, weeds "
                                + test.result().weed() + " %, inert "
                                + test.result().inert() + " %")));
        tests.moistures()
                .forEach(test -> rows.add(List.of(
                        reader.day(test.measuredOn()),
                        "moisture",
                        reader.percent(test.result().moisture()) + " by "
                                + (test.dishes().isEmpty() ? "meter" : "oven"))));
        tests.cuts()
                .forEach(test -> rows.add(List.of(
                        reader.day(test.cutOn()),
                        "cut open",
                        reader.share(test.result().share()) + " full, of "
                                + test.result().seeds())));
        tests.growOuts()
                .forEach(test -> rows.add(List.of(
                        reader.day(test.examinedOn()),
                        "grown out",
                        test.offTypes() + " off-types among " + test.plants() + " plants, at most "
                                + reader.share(test.result().upper()) + " (95 %)")));
        tests.weevils()
                .forEach(look -> rows.add(List.of(
                        reader.day(look.lookedOn()),
                        "weevils",
                        look.bored() + " bored in " + look.seeds() + ", "
                                + (look.alive() == 0 ? "none alive" : look.alive() + " alive"))));
        if (rows.isEmpty()) {
            paper.words("None yet.");
        }
        paper.table(List.of(), limited(rows, 2 * MOST_ROWS), 0.2, 0.2, 0.6);
    }

    private List<String> row(GerminationView test) {
        return List.of(
                reader.day(test.countedOn()),
                "germination",
                test.result().reported() + " % of " + test.result().seeds() + " seeds, "
                        + (test.result().acceptable()
                                ? "between " + Math.round(test.result().lower()) + " and "
                                        + Math.round(test.result().upper()) + " % (95 %)"
                                : "replicates disagree: " + test.counts()));
    }

    private void kept(Paper paper) {
        if (keeping == null) {
            return;
        }
        paper.heading("How it keeps: a forecast");
        paper.words((keeping.place() == null ? "Taken to stand cool and dry" : "In " + keeping.place()) + ", "
                + reader.temperature(keeping.celsius()) + ", seed at " + reader.percent(keeping.moisture())
                + " moisture: about "
                + Math.round(keeping.now().middle()) + " % should germinate today, between "
                + Math.round(keeping.now().lower()) + " and "
                + Math.round(keeping.now().upper()) + " %; below "
                + reader.percent(keeping.standard()) + " "
                + (keeping.below().middle() == null
                        ? "not within ten years"
                        : "from " + reader.day(keeping.below().middle()))
                + ". Easily off twofold.");
    }

    private void changed(Paper paper, LotKnown known) {
        List<List<String>> rows = new ArrayList<>();
        LotView.Hold hold = known.lot().hold();
        if (hold != null) {
            rows.add(List.of(day(hold.at()), "held by " + hold.by(), hold.reason()));
        }
        for (OverrulingView one : page.overrulings()) {
            rows.add(List.of(
                    day(one.at()),
                    "overruled by " + one.by(),
                    Sentences.say(reader, "gate.found", one.finding()) + ": " + one.why()));
            if (one.withdrawnAt() != null) {
                rows.add(List.of(day(one.withdrawnAt()), "withdrawn by " + one.withdrawnBy(), one.withdrawnWhy()));
            }
        }
        page.corrections().stream()
                .filter(one -> !one.subject().equals(Stall.SALE))
                .forEach(one -> rows.add(List.of(
                        day(one.recordedAt()),
                        one.subject() + " corrected by " + one.recordedBy(),
                        one.field() + ": " + one.was() + " became " + one.became() + ", " + one.reason())));
        if (!rows.isEmpty()) {
            paper.heading("Held, overruled, corrected");
            paper.table(List.of(), limited(rows, 2 * MOST_ROWS), 0.16, 0.24, 0.6);
        }
    }

    private void where(Paper paper, LotKnown known, StockView stock) {
        paper.heading("Where it is");
        int packed = stock.runs().stream().mapToInt(run -> run.packets()).sum();
        String transferred = known.harvest() == null
                        || known.harvest().transferredOut().signum() == 0
                ? ""
                : reader.mass(known.harvest().transferredOut().doubleValue()) + " transferred into other lots; ";
        double sold = stock.bulkSold().doubleValue();
        paper.words(Stream.of(
                                transferred.isEmpty()
                                        ? null
                                        : transferred.strip().replace(";", ""),
                                reader.mass(stock.bulk().doubleValue()) + " here in bulk",
                                packed == 0
                                        ? null
                                        : packed + " packets filled, " + stock.packetsSold() + " of them sold, "
                                                + stock.packets() + " here",
                                sold == 0 ? null : reader.mass(sold) + " sold in bulk")
                        .filter(part -> part != null)
                        .collect(Collectors.joining("; "))
                + ".");
    }

    /** The first rows, and how many more there are. */
    private static List<List<String>> limited(List<List<String>> rows, int most) {
        if (rows.size() <= most) {
            return rows;
        }
        List<String> more = new ArrayList<>(Collections.nCopies(rows.get(0).size(), ""));
        more.set(more.size() > 1 ? 1 : 0, "and " + (rows.size() - most) + " more in the records");
        return Stream.concat(rows.stream().limit(most), Stream.of(more)).toList();
    }

    private String day(Instant at) {
        return reader.day(LocalDate.ofInstant(at, zone));
    }

    private static String lower(String words) {
        return words.toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
