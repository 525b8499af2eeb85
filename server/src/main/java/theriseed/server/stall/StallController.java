package theriseed.server.stall;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import theriseed.server.base.Changed;
import theriseed.server.base.HandsWork;
import theriseed.server.base.Maybe;
import theriseed.server.base.PageOf;
import theriseed.server.base.PartOf;
import theriseed.server.base.Refused;
import theriseed.server.lot.LotView;

/** Packing and selling over HTTP. */
@RestController
class StallController {
    private final PackingRuns packing;
    private final Stall stall;
    private final Stocks stocks;
    private final Sales sales;
    private final Returns returns;
    private final Withdrawals withdrawals;
    private final StockTakings stockTakings;

    StallController(
            PackingRuns packing,
            Stall stall,
            Stocks stocks,
            Sales sales,
            Returns returns,
            Withdrawals withdrawals,
            StockTakings stockTakings) {
        this.returns = returns;
        this.packing = packing;
        this.stall = stall;
        this.stocks = stocks;
        this.sales = sales;
        this.withdrawals = withdrawals;
        this.stockTakings = stockTakings;
    }

    /** By count, by weight or by the row; {@code sowBy} the usual year and one person where it is not said. */
    record PackingRequest(
            @NotNull LocalDate packedOn,
            @Maybe Integer seeds,
            @Maybe BigDecimal grams,
            @Maybe Integer metres,
            @Maybe Integer packets,
            @NotNull BigDecimal reserve,
            @NotNull BigDecimal price,
            @Maybe Integer sowBy,
            @Maybe Integer people,
            @Maybe Integer minutes,
            @Maybe Double scaleStep,
            @Maybe Double tenSpoons) {
        Packing packing() {
            return new Packing(
                    packedOn,
                    seeds,
                    grams,
                    metres,
                    packets,
                    reserve,
                    price,
                    sowBy == null ? Packing.usualSowBy(packedOn) : sowBy,
                    people == null ? 1 : people,
                    minutes,
                    new Packing.Weighing(scaleStep, tenSpoons));
        }
    }

    /** Packets of a run, or bulk grams; a sale by the customer's terms where nothing else is said. */
    record SaleRequest(
            @NotBlank String customer,
            @NotNull LocalDate soldOn,
            @Maybe UUID packingRunId,
            @Maybe Integer packets,
            @Maybe BigDecimal bulk,
            @Maybe BigDecimal price,
            @Maybe SaleKind kind,
            @Maybe @Size(max = 300) String note) {
        Leaving how() {
            return new Leaving(kind == null ? SaleKind.SALE : kind, soldOn, price, note == null ? "" : note, null);
        }
    }

    /** Grams of clean seed kept for the farm's own sowing. */
    record ReserveRequest(@NotNull Integer version, @NotNull BigDecimal grams) {}

    @PutMapping("/api/lots/{number}/reserve")
    LotView reserve(@PathVariable String number, @Valid @RequestBody ReserveRequest request) {
        return stocks.reserve(number, request.version(), request.grams());
    }

    /** Kinds of packets the farm filled before, those of the lot's variety first. */
    @GetMapping("/api/lots/{number}/packed-before")
    List<PackedBefore> packedBefore(@PathVariable String number) {
        return packing.before(number);
    }

    @PostMapping("/api/lots/{number}/packing/plan")
    Packing.Plan plan(@PathVariable String number, @Valid @RequestBody PackingRequest request) {
        return packing.plan(number, request.packing());
    }

    @PostMapping("/api/lots/{number}/packing")
    PackingRunView pack(@PathVariable String number, @Valid @RequestBody PackingRequest request) {
        return packing.pack(number, request.packing());
    }

    record PackingRunRequest(
            @NotNull LocalDate packedOn,
            @NotNull Integer packets,
            @NotNull BigDecimal price,
            @NotNull Integer sowBy,
            @NotNull Integer people,
            @Maybe Integer minutes,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {}

    @PutMapping("/api/packing-runs/{id}")
    PackingRunView correct(@PathVariable UUID id, @Valid @RequestBody PackingRunRequest request) {
        return packing.correct(
                id,
                new Changed(request.version(), request.reason()),
                new PackingCorrection(
                        request.packedOn(),
                        request.packets(),
                        request.price(),
                        request.sowBy(),
                        request.people(),
                        request.minutes()));
    }

    @PostMapping("/api/lots/{number}/sales")
    SaleView sell(@PathVariable String number, @Valid @RequestBody SaleRequest request) {
        if (request.packingRunId() != null && request.packets() != null && request.bulk() == null) {
            return stall.sellPackets(
                    number, request.packingRunId(), request.packets(), request.customer(), request.how());
        }
        if (request.bulk() != null && request.packets() == null) {
            return stall.sellBulk(number, request.bulk(), request.customer(), request.how());
        }
        throw new Refused("packets", request.packets(), "sale.howMuch");
    }

    /** As it was sold: packets, or grams of bulk. */
    record SaleCorrection(
            @NotNull LocalDate soldOn,
            @Maybe Integer packets,
            @Maybe BigDecimal bulk,
            @NotNull BigDecimal price,
            @NotNull @Size(max = 300) String note,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {}

    @PutMapping("/api/sales/{id}")
    SaleView correct(@PathVariable UUID id, @Valid @RequestBody SaleCorrection request) {
        return stall.correctSale(
                id,
                new Changed(request.version(), request.reason()),
                request.packets(),
                request.bulk(),
                request.soldOn(),
                request.price(),
                request.note());
    }

    /** Packets, or grams of bulk, as it was sold. @param keep whether it goes back to the stock, else it is thrown away */
    record ReturnRequest(
            @Maybe Integer packets,
            @Maybe BigDecimal bulk,
            @NotNull LocalDate returnedOn,
            @NotNull BigDecimal moneyBack,
            boolean keep,
            @NotNull @Size(max = 300) String note,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        ReturnFacts facts() {
            return new ReturnFacts(packets, bulk, returnedOn, moneyBack, keep, note);
        }
    }

    @PostMapping("/api/sales/{id}/returns")
    SaleView bringBack(@PathVariable UUID id, @Valid @RequestBody ReturnRequest request) {
        return returns.take(id, request.facts());
    }

    @PutMapping("/api/returns/{id}")
    SaleView correctReturn(@PathVariable UUID id, @Valid @RequestBody ReturnRequest request) {
        return returns.correct(id, new Changed(request.version(), request.reason()), request.facts());
    }

    /** Grams of bulk, or packets of a run; where it was sown, in which planting. */
    record WithdrawalRequest(
            @NotNull TakenFor why,
            @NotNull LocalDate takenOn,
            @Maybe BigDecimal mass,
            @Maybe UUID packingRunId,
            @Maybe Integer packets,
            @NotNull @Size(max = 300) String note,
            @Maybe UUID plantingId,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        Withdrawals.WithdrawalFacts facts() {
            return new Withdrawals.WithdrawalFacts(why, takenOn, mass, packingRunId, packets, note, plantingId);
        }
    }

    @PostMapping("/api/lots/{number}/withdrawals")
    WithdrawalView take(@PathVariable String number, @Valid @RequestBody WithdrawalRequest request) {
        return withdrawals.take(number, request.facts());
    }

    @PutMapping("/api/withdrawals/{id}")
    WithdrawalView take(@PathVariable UUID id, @Valid @RequestBody WithdrawalRequest request) {
        return withdrawals.correct(id, new Changed(request.version(), request.reason()), request.facts());
    }

    record StockTakingRequest(
            @NotNull LocalDate countedOn,
            @NotNull @Size(max = 300) String note,
            @NotNull List<@NotNull @Valid FoundRequest> lines) {}

    /** @param packingRunId whose packets; absent for grams of bulk */
    record FoundRequest(
            @NotBlank String number,
            @Maybe UUID packingRunId,
            @NotNull BigDecimal expected,
            @NotNull BigDecimal found,
            @NotNull Difference because) {
        StockTakings.Found line() {
            return new StockTakings.Found(number, packingRunId, expected, found, because);
        }
    }

    @PostMapping("/api/stock-takings")
    StockTakings.Taken count(@Valid @RequestBody StockTakingRequest request) {
        return stockTakings.take(
                request.countedOn(),
                request.note(),
                request.lines().stream().map(FoundRequest::line).toList());
    }

    @HandsWork
    @GetMapping("/api/stock-takings")
    PageOf<StockTakings.Taken> counted(
            @RequestParam(defaultValue = "0") int page, @RequestParam(defaultValue = "20") int size) {
        return stockTakings.page(page, size);
    }

    @HandsWork
    @GetMapping("/api/sales")
    PartOf<Sales.Sold> sales(@RequestParam(defaultValue = "0") int page, @RequestParam(defaultValue = "50") int size) {
        return sales.sold(page, size);
    }
}
