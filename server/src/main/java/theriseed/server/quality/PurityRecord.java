package theriseed.server.quality;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.core.quality.PurityResult;
import theriseed.server.base.Stamp;

/** A sample parted into pure seed, other crops, weeds and inert matter. Grams. */
@Entity
@Table(name = "purity_test")
class PurityRecord extends SeedTest {
    private LocalDate testedOn;
    private BigDecimal initial;
    private BigDecimal pure;
    private BigDecimal other;
    private BigDecimal weed;
    private BigDecimal inert;
    private String note;

    protected PurityRecord() {}

    PurityRecord(UUID lotId, PurityFacts facts, Stamp stamp) {
        super(lotId, stamp);
        change(facts);
    }

    final void change(PurityFacts facts) {
        testedOn = facts.testedOn();
        initial = facts.initial();
        pure = facts.pure();
        other = facts.other();
        weed = facts.weed();
        inert = facts.inert();
        note = facts.note().strip();
        result();
    }

    private PurityResult result() {
        return PurityResult.of(
                initial.doubleValue(),
                pure.doubleValue(),
                other.doubleValue(),
                weed.doubleValue(),
                inert.doubleValue());
    }

    @Override
    LocalDate on() {
        return testedOn;
    }

    @Override
    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("testedOn", testedOn);
        facts.put("initial", initial);
        facts.put("pure", pure);
        facts.put("other", other);
        facts.put("weed", weed);
        facts.put("inert", inert);
        facts.put("note", note);
        return facts;
    }

    @Override
    PurityView view() {
        PurityResult result = result();
        return new PurityView(
                id(),
                version(),
                testedOn,
                initial,
                pure,
                other,
                weed,
                inert,
                PurityView.Says.of(result),
                note,
                recordedBy());
    }
}
