package theriseed.server.quality;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import theriseed.server.base.Stamp;

/** Replicates of 100 seeds that were weighed, or all seed that was counted; grams. */
@Entity
@Table(name = "seed_weight_test")
class SeedWeightRecord extends SeedTest {
    private LocalDate weighedOn;
    private double[] grams;
    private Integer counted;
    private String note;

    protected SeedWeightRecord() {}

    SeedWeightRecord(UUID lotId, SeedWeightFacts facts, Stamp stamp) {
        super(lotId, stamp);
        change(facts);
    }

    final void change(SeedWeightFacts facts) {
        this.weighedOn = facts.weighedOn();
        this.grams = facts.grams().stream().mapToDouble(Double::doubleValue).toArray();
        this.counted = facts.counted();
        this.note = facts.note().strip();
    }

    @Override
    LocalDate on() {
        return weighedOn;
    }

    @Override
    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("weighedOn", weighedOn);
        facts.put("grams", Arrays.toString(grams));
        facts.put("counted", counted);
        facts.put("note", note);
        return facts;
    }

    @Override
    SeedWeightView view() {
        List<Double> each = Arrays.stream(grams).boxed().toList();
        return new SeedWeightView(
                id(), version(), weighedOn, each, counted, SeedWeightFacts.result(each, counted), note, recordedBy());
    }
}
