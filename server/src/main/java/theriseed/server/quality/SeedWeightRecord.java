package theriseed.server.quality;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import theriseed.core.measure.OutOfRange;
import theriseed.core.quality.SeedWeight;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** Replicates of 100 seeds that were weighed, grams. */
@Entity
@Table(name = "seed_weight_test")
class SeedWeightRecord extends Recorded {
    private UUID lotId;
    private LocalDate weighedOn;
    private double[] grams;

    protected SeedWeightRecord() {}

    SeedWeightRecord(UUID lotId, LocalDate weighedOn, List<Double> grams, Stamp stamp) {
        super(stamp);
        this.lotId = lotId;
        this.weighedOn = weighedOn;
        this.grams = grams.stream().mapToDouble(Double::doubleValue).toArray();
        OutOfRange.named("reps", "grams", () -> SeedWeight.of(this.grams));
    }

    UUID lotId() {
        return lotId;
    }

    SeedWeightView view() {
        return new SeedWeightView(
                id(), weighedOn, Arrays.stream(grams).boxed().toList(), SeedWeight.of(grams), recordedBy());
    }
}
