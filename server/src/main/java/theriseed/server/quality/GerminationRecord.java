package theriseed.server.quality;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import theriseed.core.measure.OutOfRange;
import theriseed.core.quality.GerminationTest;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** A germination test that was counted. */
@Entity
@Table(name = "germination_test")
class GerminationRecord extends Recorded {
    private UUID lotId;
    private LocalDate setOn;
    private LocalDate countedOn;
    private int perReplicate;
    private int[] counts;

    protected GerminationRecord() {}

    GerminationRecord(
            UUID lotId, LocalDate setOn, LocalDate countedOn, int perReplicate, List<Integer> counts, Stamp stamp) {
        super(stamp);
        this.lotId = lotId;
        change(setOn, countedOn, perReplicate, counts);
    }

    final void change(LocalDate setOn, LocalDate countedOn, int perReplicate, List<Integer> counts) {
        int[] counted = counts.stream().mapToInt(Integer::intValue).toArray();
        OutOfRange.named(
                "n_per",
                "perReplicate",
                () -> OutOfRange.named("reps", "counts", () -> GerminationTest.of(perReplicate, counted)));
        this.setOn = setOn;
        this.countedOn = countedOn;
        this.perReplicate = perReplicate;
        this.counts = counted;
    }

    UUID lotId() {
        return lotId;
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("setOn", setOn);
        facts.put("countedOn", countedOn);
        facts.put("perReplicate", perReplicate);
        facts.put("counts", Arrays.toString(counts));
        return facts;
    }

    GerminationView view() {
        return new GerminationView(
                id(),
                version(),
                setOn,
                countedOn,
                perReplicate,
                Arrays.stream(counts).boxed().toList(),
                GerminationTest.of(perReplicate, counts),
                recordedBy());
    }
}
