package theriseed.core.lot;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Grade;
import theriseed.core.isolation.Verdict;
import theriseed.core.quality.GerminationTest;
import theriseed.core.quality.SeedWeight;
import theriseed.core.roguing.WalkVerdict;

/**
 * Whether a lot may be sold, and everything that stands against it. Seed law, plant health rules and labels differ by
 * country: it defers to the local authority and certifies nothing.
 *
 * @param reasons all that hold it back, in the order of the work; none when it may be sold
 * @param cautions worth knowing, but holding nothing back
 */
public record SaleGate(List<Reason> reasons, List<Caution> cautions) {
    /** What holds a lot back. */
    public enum Reason {
        OWN_USE_ONLY("grown for own use only"),
        ISOLATION_FAILED("too near to what it crosses with"),
        NOT_WALKED("nobody walked the rows"),
        OFF_TYPES_NOT_SHOWN("too few plants looked at to show it is true"),
        OFF_TYPES_OVER("more off-types than its grade lets pass"),
        SHED_UNDECIDED("an off-type shed pollen in it, and nothing is decided about the seed"),
        NOT_CLEAN("not clean yet"),
        NOT_DRY("too damp to store"),
        SEED_WEIGHT_UNKNOWN("seed weight not taken"),
        SEED_WEIGHT_UNEVEN("seed weights disagree"),
        UNTESTED("germination not tested"),
        REPLICATES_DISAGREE("germination replicates disagree: test again"),
        TEST_RUN_OUT("germination test is over a year old"),
        BELOW_STANDARD("germinates below the standard"),
        ON_HOLD("on hold");

        private final String words;

        Reason(String words) {
            this.words = words;
        }

        /** What a grower says of it. */
        public String words() {
            return words;
        }
    }

    /** What is worth knowing before selling. */
    public enum Caution {
        ISOLATION_TIGHT,
        FEW_PLANTS,
        STANDARD_NOT_SHOWN
    }

    /** Days a germination test is relied on for sale when the local rule says nothing else. */
    public static final int TEST_LASTS_DAYS = 365;

    /** The table's storage moisture is for sealed packs; open or in paper, seed settles up to this much above it. */
    private static final double OPEN_STORE_POINTS = 5;

    /**
     * What is known of a lot.
     *
     * @param isolation as it turned out in the season
     * @param plantsPicked plants whose seed is in it
     * @param walks what the last stage's walks showed, if anyone walked
     * @param shedUndecided whether an off-type shed pollen among them and nobody decided about the seed
     * @param clean whether every step of its chain is done
     * @param moisture percent when last measured
     * @param weight thousand-seed weight, once counted
     * @param germination last test, once counted
     * @param testAgeDays days since that test
     */
    public record Known(
            Grade grade,
            Crop crop,
            Verdict isolation,
            int plantsPicked,
            Optional<WalkVerdict> walks,
            boolean shedUndecided,
            boolean clean,
            OptionalDouble moisture,
            Optional<SeedWeight> weight,
            Optional<GerminationTest> germination,
            long testAgeDays,
            boolean onHold) {}

    public static SaleGate of(Known lot) {
        List<Reason> reasons = new ArrayList<>();
        add(reasons, lot.grade() == Grade.OWN_USE, Reason.OWN_USE_ONLY);
        add(reasons, lot.isolation() == Verdict.CROSSES, Reason.ISOLATION_FAILED);
        add(reasons, lot.walks().isEmpty(), Reason.NOT_WALKED);
        lot.walks().ifPresent(walks -> {
            add(reasons, walks.mark() == WalkVerdict.Mark.NOT_YET, Reason.OFF_TYPES_NOT_SHOWN);
            add(reasons, walks.mark() == WalkVerdict.Mark.OVER, Reason.OFF_TYPES_OVER);
        });
        add(reasons, lot.shedUndecided(), Reason.SHED_UNDECIDED);
        add(reasons, !lot.clean(), Reason.NOT_CLEAN);
        add(reasons, tooDamp(lot), Reason.NOT_DRY);
        add(reasons, lot.weight().isEmpty(), Reason.SEED_WEIGHT_UNKNOWN);
        lot.weight().ifPresent(weight -> add(reasons, !weight.accepted(), Reason.SEED_WEIGHT_UNEVEN));
        add(reasons, lot.germination().isEmpty(), Reason.UNTESTED);
        List<Caution> cautions = new ArrayList<>();
        double standard = lot.grade().germinationAsked(lot.crop().germinationStandard());
        lot.germination().ifPresent(test -> {
            add(reasons, !test.acceptable(), Reason.REPLICATES_DISAGREE);
            add(reasons, lot.testAgeDays() > TEST_LASTS_DAYS, Reason.TEST_RUN_OUT);
            add(reasons, test.reported() < standard, Reason.BELOW_STANDARD);
            boolean hardlyAbove = test.reported() >= standard && test.lowerOneSided() < standard;
            add(cautions, hardlyAbove, Caution.STANDARD_NOT_SHOWN);
        });
        add(reasons, lot.onHold(), Reason.ON_HOLD);
        add(cautions, lot.isolation() == Verdict.TIGHT, Caution.ISOLATION_TIGHT);
        add(cautions, lot.plantsPicked() < lot.crop().plants().of(lot.grade()), Caution.FEW_PLANTS);
        return new SaleGate(List.copyOf(reasons), List.copyOf(cautions));
    }

    public boolean mayBeSold() {
        return reasons.isEmpty();
    }

    private static boolean tooDamp(Known lot) {
        return lot.moisture().isPresent()
                && lot.crop().storageMoisture().isPresent()
                && lot.moisture().getAsDouble() > lot.crop().storageMoisture().getAsDouble() + OPEN_STORE_POINTS;
    }

    private static <T> void add(List<T> list, boolean holds, T entry) {
        if (holds) {
            list.add(entry);
        }
    }
}
