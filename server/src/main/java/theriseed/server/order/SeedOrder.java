package theriseed.server.order;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamp;
import theriseed.server.stall.SaleKind;

/** That a customer asked for seed, wanted by a day. */
@Entity
class SeedOrder extends Recorded {
    private String number;
    private UUID customerId;

    @Enumerated(EnumType.STRING)
    private SaleKind kind;

    private LocalDate orderedOn;
    private LocalDate wantedOn;
    private String note;
    private LocalDate doneOn;
    private LocalDate cancelledOn;
    private String cancelledBecause;
    private int deliveries;

    protected SeedOrder() {}

    SeedOrder(
            String number,
            UUID customerId,
            SaleKind kind,
            LocalDate orderedOn,
            LocalDate wantedOn,
            String note,
            Stamp stamp) {
        super(stamp);
        this.number = number;
        this.customerId = customerId;
        this.kind = kind;
        this.orderedOn = orderedOn;
        change(wantedOn, note);
    }

    final void change(LocalDate wantedOn, String note) {
        this.wantedOn = wantedOn;
        this.note = note.strip();
    }

    void checkOpen() {
        if (cancelledOn != null || doneOn != null) {
            throw new Refused(
                    "number",
                    number,
                    cancelledOn != null ? "order.wasCancelled" : "order.wasDelivered",
                    "order",
                    number);
        }
    }

    /** @return the number of the next delivery; none is used twice */
    int deliver() {
        return ++deliveries;
    }

    void done(LocalDate on) {
        doneOn = on;
    }

    /** Some of it was not delivered after all. */
    void open() {
        doneOn = null;
    }

    void cancel(LocalDate on, String because) {
        cancelledOn = on;
        cancelledBecause = because.strip();
    }

    String number() {
        return number;
    }

    UUID customerId() {
        return customerId;
    }

    SaleKind kind() {
        return kind;
    }

    LocalDate orderedOn() {
        return orderedOn;
    }

    LocalDate wantedOn() {
        return wantedOn;
    }

    String note() {
        return note;
    }

    LocalDate doneOn() {
        return doneOn;
    }

    LocalDate cancelledOn() {
        return cancelledOn;
    }

    String cancelledBecause() {
        return cancelledBecause;
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("wantedOn", wantedOn);
        facts.put("note", note);
        facts.put("cancelledOn", cancelledOn);
        return facts;
    }
}
