package theriseed.server.pollination;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import theriseed.core.pollination.MorningPlan.Buds;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** Buds that would open next morning, closed in an evening, plant by plant. */
@Entity
class BudEvening extends Recorded {
    private UUID plantingId;
    private LocalDate closedOn;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "bud_evening_plant", joinColumns = @JoinColumn(name = "bud_evening_id"))
    @OrderColumn(name = "place")
    private List<OnPlant> plants = new ArrayList<>();

    protected BudEvening() {}

    BudEvening(UUID id, UUID plantingId, LocalDate closedOn, List<Buds> closed, Stamp stamp) {
        super(id, stamp);
        this.plantingId = plantingId;
        this.closedOn = closedOn;
        closed.forEach(buds -> plants.add(new OnPlant(buds)));
    }

    List<Buds> closed() {
        return plants.stream()
                .map(one -> new Buds(one.plant, one.females, one.males))
                .toList();
    }

    UUID plantingId() {
        return plantingId;
    }

    EveningView view() {
        return new EveningView(id(), closedOn, closed(), recordedBy());
    }

    /** Buds closed on one plant. */
    @Embeddable
    static class OnPlant {
        private int plant;
        private int females;
        private int males;

        protected OnPlant() {}

        OnPlant(Buds buds) {
            this.plant = buds.plant();
            this.females = buds.females();
            this.males = buds.males();
        }
    }
}
