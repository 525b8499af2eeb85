package theriseed.server.mix;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
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
import theriseed.server.base.CorrectionView;
import theriseed.server.base.HandsWork;
import theriseed.server.base.Maybe;
import theriseed.server.base.PageOf;
import theriseed.server.base.ReasonRequest;
import theriseed.server.stall.Leaving;
import theriseed.server.stall.SaleKind;

/** Mixes over HTTP. */
@RestController
class MixController {
    private final Mixes mixes;
    private final MixStall stall;

    MixController(Mixes mixes, MixStall stall) {
        this.mixes = mixes;
        this.stall = stall;
    }

    /** @param amount grams or a share */
    record MixPartRequest(@NotBlank String number, @NotNull Double amount) {}

    /** @param total grams of all of it; absent where the parts are in grams */
    record MixPlanRequest(
            @NotNull Mixes.By by,
            @Maybe BigDecimal total,
            @NotEmpty List<@NotNull @Valid MixPartRequest> parts,
            @Maybe Integer seedsPerSquareMetre) {
        Mixes.Wanted wanted() {
            return new Mixes.Wanted(
                    by,
                    total,
                    parts.stream()
                            .map(part -> new Mixes.Part(part.number(), part.amount()))
                            .toList());
        }
    }

    record MixRequest(
            @NotNull @Size(max = 80) String name,
            @NotNull LocalDate mixedOn,
            @NotNull @Size(max = 300) String note,
            @NotNull @Valid MixPlanRequest of) {
        MixFacts facts() {
            return new MixFacts(name, of.seedsPerSquareMetre(), note);
        }
    }

    @HandsWork
    @GetMapping("/api/mixes")
    PageOf<MixView> page(@RequestParam(defaultValue = "0") int page, @RequestParam(defaultValue = "50") int size) {
        return mixes.page(page, size);
    }

    /** What would come of it. */
    @PostMapping("/api/mixes/plan")
    MixPlan plan(@Valid @RequestBody MixPlanRequest request) {
        return mixes.plan(request.wanted(), request.seedsPerSquareMetre());
    }

    @PostMapping("/api/mixes")
    MixView make(@Valid @RequestBody MixRequest request) {
        return mixes.make(request.facts(), request.of().wanted(), request.mixedOn());
    }

    @HandsWork
    @GetMapping("/api/mixes/{number}")
    MixView mix(@PathVariable String number) {
        return mixes.get(number);
    }

    @HandsWork
    @GetMapping("/api/mixes/{number}/corrections")
    List<CorrectionView> corrections(@PathVariable String number) {
        return mixes.corrections(number);
    }

    record MixChange(
            @NotNull @Size(max = 80) String name,
            @Maybe Integer seedsPerSquareMetre,
            @NotNull @Size(max = 300) String note,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {}

    @PutMapping("/api/mixes/{number}")
    MixView correct(@PathVariable String number, @Valid @RequestBody MixChange request) {
        return mixes.correct(
                number,
                new Changed(request.version(), request.reason()),
                new MixFacts(request.name(), request.seedsPerSquareMetre(), request.note()));
    }

    record MixPartChange(
            @NotNull BigDecimal mass,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {}

    @PutMapping("/api/mixes/{number}/parts/{part}")
    MixView correctPart(
            @PathVariable String number, @PathVariable UUID part, @Valid @RequestBody MixPartChange request) {
        return mixes.correctPart(number, part, new Changed(request.version(), request.reason()), request.mass());
    }

    @PostMapping("/api/mixes/{number}/hold")
    MixView hold(@PathVariable String number, @Valid @RequestBody ReasonRequest request) {
        return mixes.hold(number, request.reason());
    }

    @PostMapping("/api/mixes/{number}/release")
    MixView release(@PathVariable String number, @Valid @RequestBody ReasonRequest request) {
        return mixes.release(number, request.reason());
    }

    record MixPackingRequest(
            @NotNull LocalDate packedOn,
            @NotNull BigDecimal grams,
            @NotNull Integer packets,
            @NotNull BigDecimal price,
            @NotNull Integer sowBy) {}

    @PostMapping("/api/mixes/{number}/packing")
    MixView pack(@PathVariable String number, @Valid @RequestBody MixPackingRequest request) {
        return stall.pack(
                number,
                new MixStall.Packed(
                        request.packedOn(), request.grams(), request.packets(), request.price(), request.sowBy()));
    }

    record MixPackingChange(
            @NotNull Integer packets,
            @NotNull BigDecimal price,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {}

    @PutMapping("/api/mixes/{number}/packing/{packing}")
    MixView correctPacking(
            @PathVariable String number, @PathVariable UUID packing, @Valid @RequestBody MixPackingChange request) {
        return stall.correctPacking(
                number, packing, new Changed(request.version(), request.reason()), request.packets(), request.price());
    }

    /** Packets of a packing, or grams of bulk; without a price packets leave at the price on them. */
    record MixSaleRequest(
            @NotBlank String customer,
            @NotNull SaleKind kind,
            @NotNull LocalDate soldOn,
            @Maybe UUID packingId,
            @Maybe Integer packets,
            @Maybe BigDecimal bulk,
            @Maybe BigDecimal price,
            @NotNull @Size(max = 300) String note) {}

    @PostMapping("/api/mixes/{number}/sales")
    MixView sell(@PathVariable String number, @Valid @RequestBody MixSaleRequest request) {
        return stall.sell(
                number,
                new MixStall.Going(
                        request.customer(),
                        request.packingId(),
                        request.packets(),
                        request.bulk(),
                        new Leaving(request.kind(), request.soldOn(), request.price(), request.note(), null)));
    }

    record MixSaleChange(
            @Maybe Integer packets,
            @Maybe BigDecimal bulk,
            @NotNull BigDecimal price,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {}

    @PutMapping("/api/mixes/{number}/sales/{sale}")
    MixView correctSale(
            @PathVariable String number, @PathVariable UUID sale, @Valid @RequestBody MixSaleChange request) {
        return stall.correctSale(
                number,
                sale,
                new Changed(request.version(), request.reason()),
                request.packets(),
                request.bulk(),
                request.price());
    }
}
