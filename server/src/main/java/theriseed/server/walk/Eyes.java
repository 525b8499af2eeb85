package theriseed.server.walk;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.roguing.Pass;
import theriseed.core.roguing.Recognition;
import theriseed.core.roguing.SecondPass;
import theriseed.core.roguing.TwoWalkers;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.Changes;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.HandsWork;
import theriseed.server.base.Kept;
import theriseed.server.base.Maybe;
import theriseed.server.base.NotFound;
import theriseed.server.base.Once;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Stamps;

/** How well whoever walks the rows recognises off-types: measured, not guessed. */
@Service
public class Eyes {
    private static final int LONGEST_AGO_YEARS = 20;

    private final EyeCheckRepository checks;
    private final Corrections corrections;
    private final Once once;
    private final Stamps stamps;
    private final FarmTime time;
    private final Kept<String, Map<String, List<Recognition.Of>>> measured;

    Eyes(EyeCheckRepository checks, Corrections corrections, Once once, Stamps stamps, FarmTime time, Changes changes) {
        this.checks = checks;
        this.corrections = corrections;
        this.once = once;
        this.stamps = stamps;
        this.time = time;
        this.measured = new Kept<>(changes.of(EyeCheck.class), 1);
    }

    /** Share of the off-types or marks known to be there that were found, with its 95 % limits of one side. */
    record KindRecognised(String kind, int known, int found, double share, double lower, double upper, boolean enough) {
        static KindRecognised of(String kind, Recognition eye) {
            return new KindRecognised(
                    kind, eye.known(), eye.found(), eye.share(), eye.lower(), eye.upper(), eye.enough());
        }
    }

    /**
     * What was measured of one person.
     *
     * @param goesBy chance to recognise an off-type that their walks are judged by
     * @param measured whether that was measured, not taken as usual
     */
    record Walker(String name, double goesBy, boolean measured, List<KindRecognised> kinds) {}

    /**
     * A check with what it says.
     *
     * @param overlooked off-types that both people, or both passes, overlooked; absent for marks, and where it cannot be told
     * @param most the same at 95 %; absent for marks and a second pass
     */
    record EyeCheckView(
            UUID id,
            int version,
            EyeCheckFacts facts,
            @Maybe Double overlooked,
            @Maybe Double most,
            String recordedBy) {
        static EyeCheckView of(EyeCheck check) {
            EyeCheckFacts facts = check.facts();
            Double overlooked = null;
            Double most = null;
            if (facts.how() == EyeCheckFacts.How.TOGETHER) {
                TwoWalkers two = TwoWalkers.of(facts.first(), facts.second(), facts.both());
                overlooked = two.overlooked();
                most = two.high() - two.seen();
            } else if (facts.how() == EyeCheckFacts.How.AGAIN) {
                overlooked = SecondPass.of(facts.first(), facts.second())
                        .map(SecondPass::left)
                        .orElse(null);
            }
            return new EyeCheckView(check.id(), check.version(), facts, overlooked, most, check.recordedBy());
        }
    }

    /**
     * All that is known of the eyes of the farm.
     *
     * @param usual chance taken of whoever was not measured
     * @param enough marks or off-types from which on what was measured counts
     */
    record EyesPage(double usual, int enough, List<Walker> people, List<EyeCheckView> checks) {}

    /** The chance to recognise an off-type that walks of somebody are judged by. */
    @ReadsOnly
    public double of(String walker) {
        return Recognition.toGoBy(measured().getOrDefault(walker, List.of())).orElse(Pass.USUALLY_RECOGNISED);
    }

    /** The same of whoever is signed in. */
    @ReadsOnly
    public double ofWhoeverWalks() {
        return of(stamps.now().by());
    }

    @ReadsOnly
    EyesPage page() {
        List<Walker> people = measured().entrySet().stream()
                .map(person -> {
                    OptionalDouble goesBy = Recognition.toGoBy(person.getValue());
                    return new Walker(
                            person.getKey(),
                            goesBy.orElse(Pass.USUALLY_RECOGNISED),
                            goesBy.isPresent(),
                            Recognition.byKind(person.getValue()).entrySet().stream()
                                    .map(kind -> KindRecognised.of(kind.getKey(), kind.getValue()))
                                    .toList());
                })
                .toList();
        return new EyesPage(
                Pass.USUALLY_RECOGNISED,
                Recognition.ENOUGH,
                people,
                checks.findAllByOrderByCheckedOnDescIdDesc().stream()
                        .map(EyeCheckView::of)
                        .toList());
    }

    @HandsWork
    @Transactional
    public EyeCheckView record(UUID id, EyeCheckFacts facts) {
        return EyeCheckView.of(once.record(id, () -> checks.findById(id), () -> {
            check(facts);
            return checks.saveAndFlush(new EyeCheck(id, facts, stamps.now()));
        }));
    }

    @HandsWork
    @Transactional
    public EyeCheckView correct(UUID id, int version, String reason, EyeCheckFacts facts) {
        EyeCheck check = checks.findById(id).orElseThrow(NotFound.of("check"));
        if (check.version() != version) {
            Clash.check(check, version, EyeCheckView.of(check));
        }
        check(facts);
        Map<String, Object> before = check.correctable();
        check.change(facts);
        corrections.keep("eyeCheck", id, before, check.correctable(), reason);
        return EyeCheckView.of(checks.saveAndFlush(check));
    }

    private void check(EyeCheckFacts facts) {
        SeasonDates.check("checkedOn", facts.checkedOn(), time.today().minusYears(LONGEST_AGO_YEARS), time.today());
    }

    private Map<String, List<Recognition.Of>> measured() {
        return measured.of("all", () -> {
            Map<String, List<Recognition.Of>> people = new TreeMap<>(String.CASE_INSENSITIVE_ORDER);
            checks.findAllByOrderByCheckedOnDescIdDesc().stream()
                    .flatMap(check -> check.facts().measured().stream())
                    .forEach(one -> people.computeIfAbsent(one.walker(), name -> new ArrayList<>())
                            .add(one.of()));
            return people;
        });
    }
}
