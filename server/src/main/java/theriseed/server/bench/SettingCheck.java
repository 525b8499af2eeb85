package theriseed.server.bench;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.core.bench.Setting;
import theriseed.core.measure.Range;
import theriseed.server.base.Maybe;
import theriseed.server.base.Recorded;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamp;

/** Seed of a step that was looked at to see whether it was set right. */
@Entity
class SettingCheck extends Recorded {
    private UUID stepId;
    private LocalDate lookedOn;

    @Enumerated(EnumType.STRING)
    private Setting.Look look;

    private int seeds;
    private int found;
    private BigDecimal discarded;

    protected SettingCheck() {}

    SettingCheck(StepFacts of, UUID stepId, Facts facts, Stamp stamp) {
        super(stamp);
        this.stepId = stepId;
        change(of, facts);
    }

    /**
     * What is told of one.
     *
     * @param found sound ones of what was thrown out, or broken ones of what was kept
     * @param discarded grams of seed thrown out; all that left the step when absent
     */
    record Facts(
            LocalDate lookedOn,
            Setting.Look look,
            int seeds,
            int found,
            @Maybe BigDecimal discarded) {}

    final void change(StepFacts of, Facts facts) {
        BigDecimal left = of.gone();
        boolean thrownOut = facts.look() != Setting.Look.KEPT_BROKEN;
        if (thrownOut && left.signum() == 0) {
            throw new Refused("look", facts.look(), "bench.nothingThrownOut");
        }
        if (!thrownOut && facts.discarded() != null) {
            throw new Refused("discarded", facts.discarded(), "bench.nothingDiscarded");
        }
        BigDecimal seed = facts.discarded() == null ? left : facts.discarded();
        if (thrownOut) {
            Range.above(0, left.doubleValue(), "g").because("LEFT_THE_STEP").check("discarded", seed);
        }
        Setting.of(
                facts.look(),
                facts.seeds(),
                facts.found(),
                seed.doubleValue(),
                of.massOut().doubleValue());
        this.lookedOn = facts.lookedOn();
        this.look = facts.look();
        this.seeds = facts.seeds();
        this.found = facts.found();
        this.discarded = thrownOut ? seed : null;
    }

    UUID stepId() {
        return stepId;
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("lookedOn", lookedOn);
        facts.put("look", look);
        facts.put("seeds", seeds);
        facts.put("found", found);
        facts.put("discarded", discarded);
        return facts;
    }

    /** @param kept grams that came out of the step */
    SettingCheckView view(BigDecimal kept) {
        double seed = discarded == null ? 0 : discarded.doubleValue();
        Setting setting = Setting.of(look, seeds, found, seed, kept.doubleValue());
        Integer enough = setting.verdict() == Setting.Verdict.LOOK_AT_MORE
                ? Setting.enough(look, seeds, found, seed, kept.doubleValue()).stream()
                        .boxed()
                        .findFirst()
                        .orElse(null)
                : null;
        return new SettingCheckView(
                id(), version(), stepId, lookedOn, look, seeds, found, discarded, setting, enough, recordedBy());
    }
}
