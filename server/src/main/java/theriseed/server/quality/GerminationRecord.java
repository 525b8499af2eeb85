package theriseed.server.quality;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.ToIntFunction;
import java.util.stream.IntStream;
import theriseed.core.quality.SeedlingCounts;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamp;

/** A germination test, from when it is set. */
@Entity
@Table(name = "germination_test")
class GerminationRecord extends SeedTest {
    private LocalDate setOn;

    @Enumerated(EnumType.STRING)
    private Method method;

    private String treatment;
    private int perReplicate;
    private int replicates;
    private LocalDate firstDue;
    private LocalDate finalDue;
    private LocalDate firstOn;
    private int[] firstCounts;
    private LocalDate countedOn;
    private int[] counts;
    private int[] hard;
    private int[] fresh;
    private int[] abnormal;
    private int[] dead;
    private String note;
    private String spoilt;

    protected GerminationRecord() {}

    GerminationRecord(UUID lotId, GerminationFacts facts, int firstAfter, int finalAfter, Stamp stamp) {
        super(lotId, stamp);
        this.firstDue = facts.setOn().plusDays(firstAfter);
        this.finalDue = facts.setOn().plusDays(finalAfter);
        change(facts);
    }

    final void change(GerminationFacts facts) {
        if (setOn != null) {
            long moved = facts.setOn().toEpochDay() - setOn.toEpochDay();
            firstDue = firstDue.plusDays(moved);
            finalDue = finalDue.plusDays(moved);
        }
        setOn = facts.setOn();
        method = facts.method();
        treatment = facts.treatment().strip();
        perReplicate = facts.perReplicate();
        replicates = facts.replicates();
        firstOn = facts.firstOn();
        firstCounts = firstOn == null
                ? null
                : facts.firstCounts().stream().mapToInt(Integer::intValue).toArray();
        countedOn = facts.countedOn();
        boolean counted = countedOn != null;
        counts = counted ? column(facts, SeedlingCounts.Replicate::normal) : null;
        hard = counted ? column(facts, SeedlingCounts.Replicate::hard) : null;
        fresh = counted ? column(facts, SeedlingCounts.Replicate::fresh) : null;
        abnormal = counted ? column(facts, SeedlingCounts.Replicate::abnormal) : null;
        dead = counted ? column(facts, SeedlingCounts.Replicate::dead) : null;
        note = facts.note().strip();
    }

    private static int[] column(GerminationFacts facts, ToIntFunction<SeedlingCounts.Replicate> of) {
        return facts.counted().stream().mapToInt(of).toArray();
    }

    void spoil(String because) {
        if (countedOn != null || spoilt != null) {
            throw new Refused("why", because, "test.doesNotRun");
        }
        spoilt = because.strip();
    }

    boolean runs() {
        return countedOn == null && spoilt == null;
    }

    boolean counted() {
        return countedOn != null;
    }

    GerminationFacts facts() {
        return new GerminationFacts(
                setOn,
                method,
                treatment,
                perReplicate,
                replicates,
                firstOn,
                boxed(firstCounts),
                countedOn,
                rows(),
                note);
    }

    /** Tests counted before seedlings were told apart have only the normal ones. */
    private List<SeedlingCounts.Replicate> rows() {
        return counts == null
                ? List.of()
                : IntStream.range(0, counts.length)
                        .mapToObj(i -> new SeedlingCounts.Replicate(
                                counts[i], at(hard, i), at(fresh, i), at(abnormal, i), at(dead, i)))
                        .toList();
    }

    private static int at(int[] column, int i) {
        return column == null ? 0 : column[i];
    }

    private static List<Integer> boxed(int[] column) {
        return column == null ? List.of() : Arrays.stream(column).boxed().toList();
    }

    @Override
    LocalDate on() {
        return countedOn == null ? setOn : countedOn;
    }

    @Override
    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("setOn", setOn);
        facts.put("method", method);
        facts.put("treatment", treatment);
        facts.put("perReplicate", perReplicate);
        facts.put("replicates", replicates);
        facts.put("firstOn", firstOn);
        facts.put("firstCounts", boxed(firstCounts));
        facts.put("countedOn", countedOn);
        facts.put("counts", boxed(counts));
        facts.put("hard", boxed(hard));
        facts.put("fresh", boxed(fresh));
        facts.put("abnormal", boxed(abnormal));
        facts.put("dead", boxed(dead));
        facts.put("note", note);
        return facts;
    }

    @Override
    GerminationView view() {
        SeedlingCounts counted = countedOn == null ? null : new SeedlingCounts(perReplicate, rows());
        return new GerminationView(
                id(),
                version(),
                setOn,
                method,
                treatment,
                perReplicate,
                replicates,
                firstDue,
                finalDue,
                firstOn,
                boxed(firstCounts),
                countedOn,
                boxed(counts),
                rows(),
                counted == null || !counted.complete() ? null : counted.classes(),
                counted == null ? null : counted.test(),
                note,
                spoilt,
                recordedBy());
    }
}
