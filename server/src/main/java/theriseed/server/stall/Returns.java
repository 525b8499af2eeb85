package theriseed.server.stall;

import java.math.BigDecimal;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.measure.Range;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.Changed;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.lot.Lots;

/**
 * Seed that customers bring back: no more than they got, for no more than they paid. It goes back to the stock, or is thrown
 * away, which is a withdrawal of its own.
 */
@Service
public class Returns {
    private static final double MOST = 1e9;

    private final SaleRepository sales;
    private final Withdrawals withdrawals;
    private final Stocks stocks;
    private final Lots lots;
    private final Gate gate;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;

    Returns(
            SaleRepository sales,
            Withdrawals withdrawals,
            Stocks stocks,
            Lots lots,
            Gate gate,
            Corrections corrections,
            Stamps stamps,
            FarmTime time) {
        this.sales = sales;
        this.withdrawals = withdrawals;
        this.stocks = stocks;
        this.lots = lots;
        this.gate = gate;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
    }

    /** What came back of a sale. */
    @GrowersWork
    @Transactional
    public SaleView take(UUID saleId, ReturnFacts facts) {
        Sale sold =
                sales.findById(saleId).filter(sale -> sale.returnOf() == null).orElseThrow(NotFound.of("sale"));
        String number = lots.lockAll(Set.of(sold.lotId())).get(0).number();
        check(sold, null, facts);
        SaleView back = sales.saveAndFlush(new Sale(sold, facts, stamps.now())).view();
        if (!facts.keep()) {
            withdrawals.take(
                    number,
                    new Withdrawals.WithdrawalFacts(
                            TakenFor.SPOILT,
                            facts.returnedOn(),
                            facts.bulk(),
                            sold.packingRunId(),
                            facts.packets(),
                            facts.note(),
                            null));
        }
        return back;
    }

    /** Other came back than was thought; nothing at all, where it did not. What was thrown away of it is put right by itself. */
    @GrowersWork
    @Transactional
    public SaleView correct(UUID id, Changed made, ReturnFacts facts) {
        Sale back = sales.findById(id).filter(sale -> sale.returnOf() != null).orElseThrow(NotFound.of("return"));
        LotKnown known = gate.of(lots.lockAll(Set.of(back.lotId())).get(0));
        Clash.check(back, made.from(), back.view());
        check(sales.findById(back.returnOf()).orElseThrow(), back, facts);
        StockView stock = stocks.of(known);
        if (back.packingRunId() != null) {
            int gone = -back.packets() - stock.run(back.packingRunId()).free();
            Range.of(Math.max(0, gone), MOST, "packets")
                    .because("LEFT_OR_PROMISED")
                    .check("packets", facts.packets());
        } else {
            double gone = -back.bulk().doubleValue() - stock.free().doubleValue();
            Range.of(Math.max(0, gone), MOST, "g").because("LEFT_OR_PROMISED").check("bulk", facts.bulk());
        }
        Map<String, Object> before = back.correctable();
        back.bring(facts);
        corrections.keep(Stall.SALE, id, before, back.correctable(), made.because());
        return sales.saveAndFlush(back).view();
    }

    /** @param instead what these facts correct; null for a new one */
    private void check(Sale sold, Sale instead, ReturnFacts facts) {
        if ((facts.packets() == null) != (sold.packingRunId() == null)) {
            throw new Refused("packets", facts.packets(), "sale.sayHowMuch");
        }
        SeasonDates.check("returnedOn", facts.returnedOn(), sold.soldOn(), time.today());
        SaleRepository.Back others = sales.back(sold.id(), instead == null ? sold.id() : instead.id());
        if (facts.packets() != null) {
            Range.of(instead == null ? 1 : 0, sold.packets() + others.packets(), "packets")
                    .because("THEY_HAVE")
                    .check("packets", facts.packets());
        } else {
            double most = sold.bulk().add(others.bulk()).doubleValue();
            Range range = instead == null ? Range.above(0, most, "g") : Range.of(0, most, "g");
            range.because("THEY_HAVE").check("bulk", facts.bulk());
        }
        BigDecimal paid = sold.price().add(others.price());
        Range.of(0, paid.doubleValue(), "").because("THEY_PAID").check("moneyBack", facts.moneyBack());
    }
}
