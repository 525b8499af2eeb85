package theriseed.server.history;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import theriseed.core.crop.Crop;
import theriseed.core.pollination.Parentage;
import theriseed.core.quality.BoredSeed;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Roles;
import theriseed.server.bench.BenchView;
import theriseed.server.bench.PickingView;
import theriseed.server.bench.Pickings;
import theriseed.server.bench.SettingCheckView;
import theriseed.server.bench.SettingChecks;
import theriseed.server.bench.StepKindView;
import theriseed.server.bench.StepView;
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.gate.Overrulings;
import theriseed.server.handbook.Crops;
import theriseed.server.harvest.HarvestView;
import theriseed.server.lot.Families;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.lot.Origin;
import theriseed.server.lot.TransferView;
import theriseed.server.lot.Transfers;
import theriseed.server.photo.Photos;
import theriseed.server.pollination.HandPollination;
import theriseed.server.quality.CutView;
import theriseed.server.quality.GerminationView;
import theriseed.server.quality.GrowOutView;
import theriseed.server.quality.MoistureView;
import theriseed.server.quality.PurityView;
import theriseed.server.quality.SeedWeightView;
import theriseed.server.quality.TestsView;
import theriseed.server.quality.WeevilLookView;
import theriseed.server.sown.Sowings;
import theriseed.server.stall.PackingRunView;
import theriseed.server.stall.Sales;
import theriseed.server.stall.Stall;
import theriseed.server.stall.StockView;
import theriseed.server.stall.Stocks;
import theriseed.server.walk.WalkView;
import theriseed.server.walk.Walks;

/** Gathers a lot's life for its page. */
@Service
public class LotPages {
    private static final int SALES_SHOWN = 12;

    private final Lots lots;
    private final Gate gate;
    private final Overrulings overrulings;
    private final Stocks stocks;
    private final Sales sales;
    private final Walks walks;
    private final Transfers transfers;
    private final Families families;
    private final Sowings sowings;
    private final SettingChecks checks;
    private final Pickings pickings;
    private final HandPollination hand;
    private final Crops crops;
    private final Photos photos;
    private final Corrections corrections;
    private final FarmTime time;

    LotPages(
            Lots lots,
            Gate gate,
            Overrulings overrulings,
            Stocks stocks,
            Sales sales,
            Walks walks,
            Transfers transfers,
            Families families,
            Sowings sowings,
            SettingChecks checks,
            Pickings pickings,
            HandPollination hand,
            Crops crops,
            Photos photos,
            Corrections corrections,
            FarmTime time) {
        this.lots = lots;
        this.gate = gate;
        this.overrulings = overrulings;
        this.stocks = stocks;
        this.sales = sales;
        this.walks = walks;
        this.transfers = transfers;
        this.families = families;
        this.sowings = sowings;
        this.checks = checks;
        this.pickings = pickings;
        this.hand = hand;
        this.crops = crops;
        this.photos = photos;
        this.corrections = corrections;
        this.time = time;
    }

    @ReadsOnly
    public LotPage page(String number) {
        LotView lot = lots.get(number);
        LotKnown known = gate.of(lot);
        StockView stock = stocks.of(known);
        List<WalkView> walked = lot.plantingId() == null ? List.of() : walks.of(lot.plantingId());
        List<SettingCheckView> checked = checks.of(lot.id());
        Crop crop = crops.get(known.variety().cropKey());
        List<UUID> subjects = subjects(known, stock, walked, checked);
        return new LotPage(
                known,
                crop.species(),
                stock,
                Roles.onlyLooks() ? List.of() : sales.last(lot.id(), SALES_SHOWN),
                walked,
                checked,
                history(known, stock, walked),
                gave(known),
                StepKindView.all(),
                families.generation(lot.id()),
                lot.origin() == Origin.PICKED ? sowings.with(lot.plantingId()) : null,
                parents(known),
                photos.of(subjects),
                crop.ripenessCues(),
                crop.hazards(),
                crop.preSowingNote(),
                new LotPage.TestAdvice(
                        crop.testTemperature(),
                        crop.firstCountDay(),
                        crop.finalCountDay(),
                        crop.dormancyTreatment(),
                        BoredSeed.ofFamily(crop.family())),
                overrulings.of(
                        transfers.above(lot.id()).stream().map(LotView::id).toList()),
                corrections.of(subjects).stream()
                        .filter(one -> !(Roles.onlyLooks() && one.subject().equals(Stall.SALE)))
                        .toList());
    }

    private PickingView gave(LotKnown known) {
        return known.lot().origin() == Origin.PICKED
                        && known.harvest() != null
                        && known.harvest().transferredOut().signum() > 0
                ? pickings.of(known.lot())
                : null;
    }

    private Parentage parents(LotKnown known) {
        Parentage parents = known.lot().untagged() || known.planting() == null
                ? Parentage.of(List.of())
                : HandPollination.parents(hand.flowers(known.planting().id()));
        return parents.mothers() == 0 ? null : parents;
    }

    private List<UUID> subjects(
            LotKnown known, StockView stock, List<WalkView> walked, List<SettingCheckView> checked) {
        List<UUID> subjects = new ArrayList<>(List.of(known.lot().id()));
        if (known.planting() != null) {
            subjects.add(known.planting().id());
        }
        stock.withdrawals().forEach(withdrawal -> subjects.add(withdrawal.id()));
        stock.runs().forEach(run -> subjects.add(run.id()));
        subjects.addAll(sales.changed(known.lot().id()));
        walked.forEach(walk -> subjects.add(walk.id()));
        checked.forEach(check -> subjects.add(check.id()));
        if (known.harvest() != null) {
            known.harvest().picks().forEach(pick -> subjects.add(pick.id()));
            known.harvest().transferred().forEach(transfer -> subjects.add(transfer.id()));
            if (known.harvest().arrival() != null) {
                subjects.add(known.harvest().arrival().id());
            }
            known.bench().steps().forEach(step -> subjects.add(step.id()));
        }
        known.tests().weevils().stream().map(WeevilLookView::id).forEach(subjects::add);
        TestsView tests = known.tests();
        Stream.of(tests.germinations(), tests.running(), tests.spoilt())
                .flatMap(List::stream)
                .map(GerminationView::id)
                .forEach(subjects::add);
        tests.seedWeights().stream().map(SeedWeightView::id).forEach(subjects::add);
        tests.purities().stream().map(PurityView::id).forEach(subjects::add);
        tests.moistures().stream().map(MoistureView::id).forEach(subjects::add);
        tests.cuts().stream().map(CutView::id).forEach(subjects::add);
        tests.growOuts().stream().map(GrowOutView::id).forEach(subjects::add);
        return subjects;
    }

    private LotHistory history(LotKnown known, StockView stock, List<WalkView> walked) {
        BenchView bench = known.bench();
        if (bench == null) {
            return new LotHistory(List.of(), List.of(), List.of(), List.of(), false);
        }
        boolean wetCrop = !bench.chain().isEmpty() && bench.chain().get(0).wet();
        List<TransferView> transferred = transfers.of(List.of(known.lot().id()));
        List<LotHistory.Knot> knots = new ArrayList<>();
        knots.add(new LotHistory.Knot(
                null,
                beginning(known.harvest()),
                known.harvest().pickedOn(),
                known.harvest().mass().doubleValue(),
                bench.dryPicked(),
                wetCrop,
                false,
                List.of()));
        for (StepView step : bench.steps()) {
            if (step.massOut() != null) {
                knots.add(knot(step));
            }
        }
        List<LotHistory.End> ends = new ArrayList<>();
        transferred.stream()
                .filter(transfer -> transfer.fromId().equals(known.lot().id()))
                .forEach(transfer -> ends.add(new LotHistory.End(
                        LotHistory.EndKind.TRANSFERRED, transfer.mass().doubleValue(), 0, 0, transfer.to())));
        if (bench.clean()) {
            double packed = stock.runs().stream()
                    .mapToDouble(run -> run.fill().doubleValue() * run.packets())
                    .sum();
            if (packed > 0) {
                int packets =
                        stock.runs().stream().mapToInt(PackingRunView::packets).sum();
                ends.add(new LotHistory.End(LotHistory.EndKind.PACKETS, packed, packets, stock.packetsSold(), null));
            }
            if (stock.bulkSold().signum() > 0) {
                ends.add(new LotHistory.End(
                        LotHistory.EndKind.BULK_SOLD, stock.bulkSold().doubleValue(), 0, 0, null));
            }
            if (stock.bulk().signum() > 0 || ends.isEmpty()) {
                ends.add(
                        new LotHistory.End(LotHistory.EndKind.BULK, stock.bulk().doubleValue(), 0, 0, null));
            }
        }
        boolean estimated = bench.steps().stream()
                .anyMatch(step -> step.dry() != null && !step.dry().measured());
        List<LotHistory.Start> starts = transferred.stream()
                .filter(transfer -> transfer.toId().equals(known.lot().id()))
                .map(transfer ->
                        new LotHistory.Start(transfer.from(), transfer.mass().doubleValue()))
                .toList();
        return new LotHistory(
                starts, knots, new HistoryEvents(known, walked, time.zone()).between(knots), ends, estimated);
    }

    /** The record it began with. */
    private static UUID beginning(HarvestView harvest) {
        if (harvest.arrival() != null) {
            return harvest.arrival().id();
        }
        return harvest.picks().isEmpty()
                ? harvest.transferred().get(0).id()
                : harvest.picks().get(0).id();
    }

    private LotHistory.Knot knot(StepView step) {
        LocalDate on = step.endedAt().atZone(time.zone()).toLocalDate();
        return new LotHistory.Knot(
                step.kind(),
                step.id(),
                on,
                step.massOut().doubleValue(),
                step.dry().out(),
                step.kind().wet(),
                step.alarm(),
                step.byProducts().stream()
                        .map(gone ->
                                new LotHistory.Leaving(gone.what(), gone.mass().doubleValue(), gone.goneTo()))
                        .toList());
    }
}
