package theriseed.server.money;

import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.Changed;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Stamps;
import theriseed.server.lot.Lots;
import theriseed.server.season.Plantings;

/** Keeps hours, outlays, what by-products brought and what the farm calculates with. What was written by mistake is set to 0 with why. */
@Service
public class Spendings {
    /** Nobody writes down what lies further back. */
    private static final int YEARS_BACK = 10;

    private final WorkDoneRepository work;
    private final OutlayRepository outlays;
    private final ByProductSaleRepository byProducts;
    private final MoneyRatesRepository rates;
    private final Plantings plantings;
    private final Lots lots;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;

    Spendings(
            WorkDoneRepository work,
            OutlayRepository outlays,
            ByProductSaleRepository byProducts,
            MoneyRatesRepository rates,
            Plantings plantings,
            Lots lots,
            Corrections corrections,
            Stamps stamps,
            FarmTime time) {
        this.work = work;
        this.outlays = outlays;
        this.byProducts = byProducts;
        this.rates = rates;
        this.plantings = plantings;
        this.lots = lots;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
    }

    @ReadsOnly
    public MoneyRatesView rates() {
        return rates.findFirstBy().map(MoneyRates::view).orElse(MoneyRatesView.NOT_SAID);
    }

    /** Says what costs are calculated with. @param made of what was said before, if anything */
    @GrowersWork
    @Transactional
    public MoneyRatesView reckonWith(MoneyRatesFacts facts, Changed made) {
        MoneyRates said = rates.findFirstBy().orElse(null);
        if (said == null) {
            return rates.saveAndFlush(new MoneyRates(facts, stamps.now())).view();
        }
        Clash.check(said, made.from(), said.view());
        Map<String, Object> before = said.correctable();
        said.change(facts);
        corrections.keep("rates", said.id(), before, said.correctable(), made.because());
        return rates.saveAndFlush(said).view();
    }

    @HandsWork
    @Transactional
    public WorkDoneView worked(Bears on, WorkDoneFacts facts) {
        check(on);
        checkDay("doneOn", facts.doneOn());
        return work.save(new WorkDone(on, facts, stamps.now())).view();
    }

    @GrowersWork
    @Transactional
    public WorkDoneView correctWork(UUID id, Changed made, WorkDoneFacts facts) {
        WorkDone done = work.findById(id).orElseThrow(NotFound.of("hours"));
        Clash.check(done, made.from(), done.view());
        checkDay("doneOn", facts.doneOn());
        Map<String, Object> before = done.correctable();
        done.change(facts);
        corrections.keep("hours", id, before, done.correctable(), made.because());
        return work.saveAndFlush(done).view();
    }

    @GrowersWork
    @Transactional
    public OutlayView spent(Bears on, OutlayFacts facts) {
        check(on);
        checkDay("spentOn", facts.spentOn());
        return outlays.save(new Outlay(on, facts, stamps.now())).view();
    }

    @GrowersWork
    @Transactional
    public OutlayView correctOutlay(UUID id, Changed made, OutlayFacts facts) {
        Outlay outlay = outlays.findById(id).orElseThrow(NotFound.of("outlay"));
        Clash.check(outlay, made.from(), outlay.view());
        checkDay("spentOn", facts.spentOn());
        Map<String, Object> before = outlay.correctable();
        outlay.change(facts);
        corrections.keep("outlay", id, before, outlay.correctable(), made.because());
        return outlays.saveAndFlush(outlay).view();
    }

    @GrowersWork
    @Transactional
    public ByProductSaleView sold(Bears on, ByProductFacts facts) {
        check(on);
        checkDay("soldOn", facts.soldOn());
        return byProducts.save(new ByProductSale(on, facts, stamps.now())).view();
    }

    @GrowersWork
    @Transactional
    public ByProductSaleView correctSold(UUID id, Changed made, ByProductFacts facts) {
        ByProductSale sold = byProducts.findById(id).orElseThrow(NotFound.of("by-product"));
        Clash.check(sold, made.from(), sold.view());
        checkDay("soldOn", facts.soldOn());
        Map<String, Object> before = sold.correctable();
        sold.change(facts);
        corrections.keep("by-product", id, before, sold.correctable(), made.because());
        return byProducts.saveAndFlush(sold).view();
    }

    private void check(Bears on) {
        if (on.plantingId() != null) {
            plantings.grown(on.plantingId());
        } else {
            lots.byId(on.lotId());
        }
    }

    private void checkDay(String field, LocalDate day) {
        SeasonDates.check(field, day, time.today().minusYears(YEARS_BACK), time.today());
    }
}
