package theriseed.core.roguing;

import theriseed.core.measure.Chance;
import theriseed.core.measure.Range;

/**
 * What probably still stands after the passes of one stage, since an eye recognises only some of the off-types it looks
 * at. What was missed once tends to be missed again, so a further pass does less than is calculated here.
 *
 * <p>Detection as in section 6 of the computations; own derivation of what is left of a finite stand.
 *
 * @param plants off-types to expect among what stands
 * @param share of what stands, 0 to 1
 * @param upper 95 % upper limit of that share
 * @param nextFinds off-types that another pass over every plant would find, on average
 * @param nextLeaves share it would leave
 * @param worthIt whether another pass is: more than the grade lets pass may still stand, and it would find some of it
 */
public record Remaining(
        double plants, double share, double upper, double nextFinds, double nextLeaves, boolean worthIt) {
    /** Fewer than one find in two passes is not worth the walking. */
    private static final double WORTH_A_PASS = 0.5;

    /**
     * @param found off-types, 0 to lookedAt
     * @param gone of them pulled, 0 to found
     * @param lookedAt plants, 1 to stand
     * @param stand plants before any was pulled
     * @param detection chance to recognise an off-type, above 0 to 1
     * @param tolerance share the grade lets pass, above 0 to 0.5
     */
    public static Remaining of(int found, int gone, int lookedAt, int stand, double detection, double tolerance) {
        Range.of(1, 1e6, "plants").check("stand", stand);
        Range.of(1, stand, "plants").check("lookedAt", lookedAt);
        Range.of(0, lookedAt, "plants").check("offTypes", found);
        Range.of(0, found, "plants").check("pulled", gone);
        Range.above(0, 1, "").check("detect", detection);
        Range.above(0, 0.5, "").check("tol", tolerance);
        int standing = stand - gone;
        if (standing == 0) {
            return new Remaining(0, 0, 0, 0, 0, false);
        }
        double plants = Math.min(standing, share(found, lookedAt, detection) * stand - gone);
        double atMost = lookedAt == stand
                ? mostOffTypes(found, stand, detection)
                : stand * Math.min(1, Chance.upperLimit(found, lookedAt, OffTypeLimit.CONFIDENCE) / detection);
        double share = plants / standing;
        double upper = Math.max(share, Math.min(1, (atMost - gone) / standing));
        double finds = detection * plants;
        return new Remaining(
                plants,
                share,
                upper,
                finds,
                Passes.of(share, detection, 1, 0).offTypesLeft(),
                finds >= WORTH_A_PASS && upper > tolerance);
    }

    private static double share(int found, int lookedAt, double detection) {
        return Math.min(1, found / (lookedAt * detection));
    }

    /** Most off-types a stand may have held when so few of them were recognised, at 95 %. */
    private static int mostOffTypes(int found, int stand, double detection) {
        int most = found;
        while (most < stand && Chance.atMost(found, most + 1, detection) > 1 - OffTypeLimit.CONFIDENCE) {
            most++;
        }
        return most;
    }
}
