package theriseed.server.bench;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.UUID;
import org.hibernate.annotations.BatchSize;
import theriseed.core.bench.MissingReason;
import theriseed.core.bench.StepKind;
import theriseed.core.drying.DryingWatch;
import theriseed.core.drying.Moisture;
import theriseed.core.measure.Range;
import theriseed.server.base.Recorded;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamp;

/** One thing done to a lot at the bench; under way until it has an end. Masses in grams. */
@Entity
class Step extends Recorded {
    private UUID lotId;
    private int place;

    @Enumerated(EnumType.STRING)
    private StepKind kind;

    private Instant begunAt;
    private Instant endedAt;
    private BigDecimal massIn;
    private BigDecimal waterAdded;
    private BigDecimal massOut;
    private Double moistureIn;
    private Double moistureOut;
    private Double temperature;
    private Double target;
    private Integer minutes;
    private int people;
    private String vessels;
    private String way;
    private Double hole;
    private Integer rounds;

    @Enumerated(EnumType.STRING)
    private MissingReason missingReason;

    private String missingBecause;
    private String dampBecause;
    private String note;

    @ElementCollection(fetch = FetchType.LAZY)
    @CollectionTable(name = "step_by_product", joinColumns = @JoinColumn(name = "step_id"))
    @OrderColumn(name = "place")
    @BatchSize(size = 200)
    private List<ByProduct> byProducts = new ArrayList<>();

    protected Step() {}

    Step(UUID id, UUID lotId, int place, StepFacts facts, Stamp stamp) {
        super(id, stamp);
        this.lotId = lotId;
        this.place = place;
        change(facts);
    }

    final void change(StepFacts facts) {
        check(facts);
        this.kind = facts.kind();
        this.begunAt = facts.begunAt();
        this.endedAt = facts.endedAt();
        this.massIn = facts.massIn();
        this.waterAdded = facts.waterAdded();
        this.massOut = facts.massOut();
        this.moistureIn = facts.moistureIn();
        this.moistureOut = facts.moistureOut();
        this.temperature = facts.temperature();
        this.target = facts.target();
        this.minutes = facts.minutes();
        this.people = facts.people();
        this.vessels = facts.vessels().strip();
        this.way = facts.way().strip();
        this.hole = facts.hole();
        this.rounds = facts.rounds();
        this.missingReason = facts.missingReason();
        this.missingBecause = facts.missingBecause();
        this.dampBecause = facts.dampBecause();
        this.note = facts.note();
        byProducts.clear();
        facts.byProducts().forEach(gone -> byProducts.add(new ByProduct(gone)));
    }

    private static void check(StepFacts facts) {
        if (facts.minutes() != null) {
            Range.of(0, 60_000, "minutes").check("minutes", facts.minutes());
        }
        maybe(facts.moistureIn()).ifPresent(moisture -> Moisture.PERCENT.check("moistureIn", moisture));
        maybe(facts.moistureOut()).ifPresent(moisture -> Moisture.PERCENT.check("moistureOut", moisture));
        Range.of(1, 50, "people").check("people", facts.people());
        if (facts.rounds() != null) {
            Range.of(1, 100, "rounds").check("rounds", facts.rounds());
        }
        if (facts.hole() != null) {
            Range.above(0, 60, "mm").check("hole", facts.hole());
        }
        if (facts.target() != null) {
            DryingWatch.TARGET.check("target", facts.target());
        }
        if (facts.temperature() != null) {
            Range.of(-30, 80, "C").check("temperature", facts.temperature());
        }
        if (facts.kind() == StepKind.FERMENT && facts.temperature() != null) {
            Range.of(5, 40, "C").check("temperature", facts.temperature());
        }
        if (facts.endedAt() != null && facts.endedAt().isBefore(facts.begunAt())) {
            throw new Refused("endedAt", facts.endedAt(), "bench.endsBeforeItBegan");
        }
        if (facts.massOut() == null) {
            Range.above(0, 1e9, "g").check("massIn", facts.massIn());
            Range.of(0, 1e9, "g").check("waterAdded", facts.waterAdded());
        } else {
            facts.toWeigh().weighed();
        }
    }

    UUID lotId() {
        return lotId;
    }

    int place() {
        return place;
    }

    boolean ended() {
        return massOut != null;
    }

    StepFacts facts() {
        return new StepFacts(
                kind,
                begunAt,
                endedAt,
                massIn,
                waterAdded,
                massOut,
                byProducts.stream().map(ByProduct::facts).toList(),
                moistureIn,
                moistureOut,
                temperature,
                target,
                minutes,
                people,
                vessels,
                way,
                hole,
                rounds,
                missingReason,
                missingBecause,
                dampBecause,
                note);
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("kind", kind);
        facts.put("begunAt", begunAt);
        facts.put("endedAt", endedAt);
        facts.put("massIn", massIn);
        facts.put("waterAdded", waterAdded);
        facts.put("massOut", massOut);
        facts.put(
                "byProducts",
                byProducts.stream().map(gone -> gone.facts().text()).toList().toString());
        facts.put("moistureIn", moistureIn);
        facts.put("moistureOut", moistureOut);
        facts.put("temperature", temperature);
        facts.put("target", target);
        facts.put("minutes", minutes);
        facts.put("people", people);
        facts.put("vessels", vessels);
        facts.put("way", way);
        facts.put("hole", hole);
        facts.put("rounds", rounds);
        facts.put("missingReason", missingReason);
        facts.put("missingBecause", missingBecause);
        facts.put("dampBecause", dampBecause);
        facts.put("note", note);
        return facts;
    }

    static OptionalDouble maybe(Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    /** Something that left the lot in this step. */
    @Embeddable
    static class ByProduct {
        private String what;
        private BigDecimal mass;
        private String goneTo;

        protected ByProduct() {}

        ByProduct(StepFacts.ByProduct gone) {
            this.what = gone.what().strip();
            this.mass = Range.above(0, 1e9, "g").check("byProducts", gone.mass());
            this.goneTo = gone.goneTo().strip();
        }

        StepFacts.ByProduct facts() {
            return new StepFacts.ByProduct(what, mass, goneTo);
        }
    }
}
