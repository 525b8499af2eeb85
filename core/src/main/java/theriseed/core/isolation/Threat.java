package theriseed.core.isolation;

import java.util.Comparator;

/**
 * What one source of foreign pollen means for one seed crop.
 *
 * @param source number of the stand it comes from
 * @param metres edge to edge
 * @param asked metres the grade needs; less where the two cross only partly
 * @param daysTogether days on which both bloom
 * @param daysApart days without bloom between them; 0 when they meet
 * @param margin days apart that would be sure
 * @param held share of its pollen that barriers on the way hold back
 * @param crossing estimated share of seed crossed by this source alone
 * @param unkept the same were a promise to keep its pollen away not kept; as {@code crossing} where nothing was promised
 * @param sure whether what is known of it can be relied on
 * @param compatibility 1 for the same crossing group, less for groups that cross partly
 * @param why what decided
 */
public record Threat(
        int source,
        double metres,
        double asked,
        int daysTogether,
        int daysApart,
        int margin,
        double held,
        double crossing,
        double unkept,
        boolean sure,
        double compatibility,
        Verdict verdict,
        Why why) {

    /** What decided a verdict. */
    public enum Why {
        SHEDS_NOTHING,
        TAKES_NOTHING,
        FAR_ENOUGH,
        APART_IN_TIME,
        WITHIN_POSITION_ERROR,
        HARDLY_APART_IN_TIME,
        ESTIMATE_WITHIN_GRADE,
        UNSURE_REPORT,
        /** Far enough or apart by itself, but all of them together are more than the grade allows. */
        TOO_MUCH_TOGETHER,
        TOO_NEAR
    }

    /** Whether it would be judged otherwise, or its estimate be another, were the two in bloom on other days. */
    public boolean hangsOnDates() {
        return switch (why) {
            case APART_IN_TIME, HARDLY_APART_IN_TIME -> true;
            case ESTIMATE_WITHIN_GRADE, UNSURE_REPORT, TOO_MUCH_TOGETHER, TOO_NEAR -> crossing > 0;
            case SHEDS_NOTHING, TAKES_NOTHING, FAR_ENOUGH, WITHIN_POSITION_ERROR -> false;
        };
    }

    static final Comparator<Threat> WORST_FIRST = Comparator.comparing(Threat::verdict)
            .reversed()
            .thenComparing(Comparator.comparingDouble(Threat::crossing).reversed())
            .thenComparingDouble(Threat::metres);

    /** The same by another number of its stand. */
    Threat from(int number) {
        return number == source ? this : but(number, verdict, why);
    }

    Threat judged(Verdict otherwise, Why because) {
        return otherwise == verdict && because == why ? this : but(source, otherwise, because);
    }

    private Threat but(int number, Verdict otherwise, Why because) {
        return new Threat(
                number,
                metres,
                asked,
                daysTogether,
                daysApart,
                margin,
                held,
                crossing,
                unkept,
                sure,
                compatibility,
                otherwise,
                because);
    }
}
