package theriseed.core.population;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Grade;
import theriseed.core.measure.Range;

/**
 * How many plants of a stand will give seed, from what was counted last and what usually still comes; and what can be done
 * while there is time, when they will be too few.
 *
 * @param standing plants, from the last count less what was pulled since
 * @param expected plants at harvest
 * @param asked by the grade
 * @param acts what would help, while their time lasts; none when there are enough
 */
public record StandLife(int standing, int expected, int asked, PopulationPlan.Mark mark, List<Act> acts) {
    /** When plants are counted. */
    public enum Point {
        RAISED,
        SET_OUT,
        LIFTED,
        STORED,
        REPLANTED,
        AFTER_WINTER,
        STANDING;

        private boolean beforeWinter() {
            return this == RAISED || this == SET_OUT || this == LIFTED || this == STORED;
        }
    }

    /** What can be done about too few plants. */
    public enum Act {
        SOW_AGAIN,
        INTERPLANT,
        KEEP_MORE,
        LOWER_GRADE
    }

    private static final int SOWN_AGAIN_WITHIN_DAYS = 45;
    private static final int INTERPLANTED_BEFORE_BLOOM_DAYS = 30;

    /** Plants counted at some point. */
    public record Count(Point point, int plants, LocalDate on) {}

    /**
     * A stand.
     *
     * @param planned plants, where nothing was counted yet
     * @param last count; none yet
     * @param pulled plants since that count, or since sowing
     * @param latestSowing last day on which it may be sown for its season
     * @param selected share of the survivors that the grower keeps, above 0 to 1
     */
    public record Stand(
            Crop crop,
            Grade grade,
            LocalDate winterOver,
            int planned,
            Optional<Count> last,
            int pulled,
            double selected,
            LocalDate sown,
            LocalDate latestSowing,
            Optional<BloomWindow> bloom) {}

    public static StandLife of(Stand stand, LocalDate today) {
        int counted = stand.last().map(Count::plants).orElse(stand.planned());
        Range.of(0, 1e6, "plants").check("plants", counted);
        Range.of(0, 1e6, "plants").check("pulled", stand.pulled());
        int standing = Math.max(0, counted - stand.pulled());
        boolean winterToCome = stand.crop().lifeCycle().flowersAfterWinter()
                && stand.last().map(Count::point).orElse(Point.RAISED).beforeWinter()
                && today.isBefore(stand.winterOver());
        double kept = (winterToCome ? PopulationPlan.USUAL_WINTER : 1)
                * Range.above(0, 1, "").check("selected", stand.selected());
        int expected = (int) Math.floor(standing * kept + 1e-9);
        int asked = (int) stand.crop().plants().of(stand.grade());
        PopulationPlan.Mark mark = PopulationPlan.mark(expected, asked);
        return new StandLife(
                standing,
                expected,
                asked,
                mark,
                mark == PopulationPlan.Mark.CLEAR ? List.of() : acts(stand, standing * kept, today));
    }

    private static List<Act> acts(Stand stand, double expected, LocalDate today) {
        List<Act> acts = new ArrayList<>();
        LocalDate again = stand.sown().plusDays(SOWN_AGAIN_WITHIN_DAYS);
        if (!today.isAfter(stand.latestSowing()) && !today.isAfter(again)) {
            acts.add(Act.SOW_AGAIN);
        }
        boolean room = stand.bloom()
                .filter(bloom -> !today.isAfter(bloom.first().minusDays(INTERPLANTED_BEFORE_BLOOM_DAYS)))
                .isPresent();
        if (room) {
            acts.add(Act.INTERPLANT);
        }
        if (stand.selected() < 1
                && stand.bloom().filter(bloom -> !today.isAfter(bloom.last())).isPresent()) {
            acts.add(Act.KEEP_MORE);
        }
        int lower = stand.grade().ordinal() - 1;
        if (lower >= 0 && expected >= stand.crop().plants().of(Grade.values()[lower])) {
            acts.add(Act.LOWER_GRADE);
        }
        return List.copyOf(acts);
    }
}
