package theriseed.server.quality;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import theriseed.core.measure.OutOfRange;
import theriseed.core.quality.SeedWeight;
import theriseed.server.base.Stamp;

/** Replicates of 100 seeds that were weighed, grams. */
@Entity
@Table(name = "seed_weight_test")
class SeedWeightRecord extends SeedTest {
    private LocalDate weighedOn;
    private double[] grams;
    private String note;

    protected SeedWeightRecord() {}

    SeedWeightRecord(UUID lotId, LocalDate weighedOn, List<Double> grams, String note, Stamp stamp) {
        super(lotId, stamp);
        change(weighedOn, grams, note);
    }

    final void change(LocalDate weighedOn, List<Double> grams, String note) {
        this.weighedOn = weighedOn;
        this.grams = grams.stream().mapToDouble(Double::doubleValue).toArray();
        OutOfRange.named("reps", "grams", () -> SeedWeight.of(this.grams));
        this.note = note.strip();
    }

    @Override
    LocalDate on() {
        return weighedOn;
    }

    @Override
    Map<String, Object> correctable() {
        return Map.of("weighedOn", weighedOn, "grams", Arrays.toString(grams), "note", note);
    }

    @Override
    SeedWeightView view() {
        return new SeedWeightView(
                id(),
                version(),
                weighedOn,
                Arrays.stream(grams).boxed().toList(),
                SeedWeight.of(grams),
                note,
                recordedBy());
    }
}
