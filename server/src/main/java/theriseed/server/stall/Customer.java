package theriseed.server.stall;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import theriseed.core.measure.Range;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** Someone seed goes to. */
@Entity
class Customer extends Recorded {
    private String name;

    @Enumerated(EnumType.STRING)
    private CustomerKind kind = CustomerKind.OTHER;

    private String address = "";
    private String note;

    @ManyToOne(fetch = FetchType.LAZY)
    @JoinColumn(name = "price_list_id")
    private PriceList priceList;

    private LocalDate endedOn;

    protected Customer() {}

    Customer(String name, String note, Stamp stamp) {
        super(stamp);
        change(name, CustomerKind.OTHER, "", note, null);
    }

    final void change(String name, CustomerKind kind, String address, String note, PriceList priceList) {
        Range.of(1, 80, "characters").check("name", name.strip().length());
        this.name = name.strip();
        this.kind = kind;
        this.address = address.strip();
        this.note = note.strip();
        this.priceList = priceList;
    }

    void end(LocalDate on) {
        endedOn = on;
    }

    boolean ended() {
        return endedOn != null;
    }

    void comesBack() {
        endedOn = null;
    }

    String name() {
        return name;
    }

    PriceList priceList() {
        return priceList;
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("name", name);
        facts.put("kind", kind);
        facts.put("address", address);
        facts.put("note", note);
        facts.put("priceList", priceList == null ? null : priceList.name());
        facts.put("endedOn", endedOn);
        return facts;
    }

    CustomerView view() {
        return new CustomerView(
                id(),
                version(),
                name,
                kind,
                address,
                note,
                priceList == null ? null : priceList.id(),
                priceList == null ? null : priceList.name(),
                endedOn);
    }
}
