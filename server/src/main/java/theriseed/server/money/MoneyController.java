package theriseed.server.money;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import theriseed.core.stall.Work;
import theriseed.server.base.Changed;
import theriseed.server.base.HandsWork;
import theriseed.server.base.Maybe;

/** Costs, hours and what came in, over HTTP. */
@RestController
class MoneyController {
    private final Money money;
    private final Spendings spendings;

    MoneyController(Money money, Spendings spendings) {
        this.money = money;
        this.spendings = spendings;
    }

    @HandsWork
    @GetMapping("/api/money")
    SeasonMoneyView season(@RequestParam(required = false) Integer season) {
        return money.season(season);
    }

    @HandsWork
    @GetMapping("/api/lots/{number}/money")
    LotPriceView lot(
            @PathVariable String number,
            @RequestParam(required = false) Integer packets,
            @RequestParam(required = false) BigDecimal price,
            @RequestParam(required = false) Double unsold,
            @RequestParam(required = false) Double margin,
            @RequestParam(required = false) Double fees) {
        return money.lot(number, new Money.Asked(packets, price, unsold, margin, fees));
    }

    /** @param version of what was said before; absent for the first */
    record MoneyRatesRequest(
            @NotNull BigDecimal wage,
            @NotNull BigDecimal ground,
            @NotNull BigDecimal packet,
            @NotNull Double fees,
            @NotNull Double unsold,
            @NotNull Double margin,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {}

    @PutMapping("/api/money/rates")
    MoneyRatesView reckonWith(@Valid @RequestBody MoneyRatesRequest request) {
        return spendings.reckonWith(
                new MoneyRatesFacts(
                        request.wage(),
                        request.ground(),
                        request.packet(),
                        request.fees(),
                        request.unsold(),
                        request.margin()),
                new Changed(request.version(), request.reason()));
    }

    /** On a planting or a lot; neither is asked when it is corrected. */
    record WorkDoneRequest(
            @Maybe UUID plantingId,
            @Maybe UUID lotId,
            @NotNull Work kind,
            @NotNull LocalDate doneOn,
            @NotNull Integer people,
            @NotNull Integer minutes,
            @NotNull @Size(max = 300) String note,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        WorkDoneFacts facts() {
            return new WorkDoneFacts(kind, doneOn, people, minutes, note);
        }
    }

    @PostMapping("/api/money/work")
    WorkDoneView worked(@Valid @RequestBody WorkDoneRequest request) {
        return spendings.worked(new Bears(request.plantingId(), request.lotId()), request.facts());
    }

    @PutMapping("/api/money/work/{id}")
    WorkDoneView correctWork(@PathVariable UUID id, @Valid @RequestBody WorkDoneRequest request) {
        return spendings.correctWork(id, new Changed(request.version(), request.reason()), request.facts());
    }

    /** On a planting or a lot; neither is asked when it is corrected. */
    record OutlayRequest(
            @Maybe UUID plantingId,
            @Maybe UUID lotId,
            @NotNull OutlayKind kind,
            @NotNull LocalDate spentOn,
            @NotNull BigDecimal amount,
            @NotNull @Size(max = 300) String what,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        OutlayFacts facts() {
            return new OutlayFacts(kind, spentOn, amount, what);
        }
    }

    @PostMapping("/api/money/outlays")
    OutlayView spent(@Valid @RequestBody OutlayRequest request) {
        return spendings.spent(new Bears(request.plantingId(), request.lotId()), request.facts());
    }

    @PutMapping("/api/money/outlays/{id}")
    OutlayView correctOutlay(@PathVariable UUID id, @Valid @RequestBody OutlayRequest request) {
        return spendings.correctOutlay(id, new Changed(request.version(), request.reason()), request.facts());
    }

    /** On a planting or a lot; neither is asked when it is corrected. */
    record ByProductSaleRequest(
            @Maybe UUID plantingId,
            @Maybe UUID lotId,
            @NotNull LocalDate soldOn,
            @NotNull BigDecimal amount,
            @NotNull @Size(max = 300) String what,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        ByProductFacts facts() {
            return new ByProductFacts(soldOn, amount, what);
        }
    }

    @PostMapping("/api/money/by-products")
    ByProductSaleView sold(@Valid @RequestBody ByProductSaleRequest request) {
        return spendings.sold(new Bears(request.plantingId(), request.lotId()), request.facts());
    }

    @PutMapping("/api/money/by-products/{id}")
    ByProductSaleView correctSold(@PathVariable UUID id, @Valid @RequestBody ByProductSaleRequest request) {
        return spendings.correctSold(id, new Changed(request.version(), request.reason()), request.facts());
    }
}
