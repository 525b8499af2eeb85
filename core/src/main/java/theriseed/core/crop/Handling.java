package theriseed.core.crop;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How a crop is handled in the ground, and what its seed is asked to be. Rough: practice differs, and climate rules.
 *
 * @param staking what holds it up
 * @param stakeAt when it is staked; none where nothing holds it up
 * @param stopWateringAt when it is watered for the last time, to dry down; none where it is not stopped
 * @param killedAt air temperature at which standing plants are mostly lost, &deg;C; none where they stand any usual winter
 * @param purity what its seed is asked to be; none for crops that are kept by tubers or bulbs
 * @param threshesAt moisture at which it is threshed, percent wet basis, two points either way; none for what is not threshed
 * @param extraction ways of getting the seed out, the usual first; none for crops kept by tubers or bulbs
 * @param pieces cloves, bulbs or tubers that one planted piece gives; none for crops raised from seed
 */
public record Handling(
        Staking staking,
        Optional<Stage.When> stakeAt,
        Optional<Stage.When> stopWateringAt,
        OptionalDouble killedAt,
        Optional<PurityStandard> purity,
        OptionalDouble threshesAt,
        List<Extraction> extraction,
        Optional<Usual> pieces) {
    private static final double LIGHT_FROST_C = -2;

    /** Whether a light frost kills it. */
    public boolean diesOfFrost() {
        return killedAt.orElse(LIGHT_FROST_C - 1) >= LIGHT_FROST_C;
    }

    /** Ways of getting seed out of what was picked. */
    public enum Extraction {
        SQUEEZE,
        SCOOP,
        PICK_OUT,
        CUT_AND_SHAKE,
        GRIND_AND_SIEVE,
        TAP,
        RUB,
        SHELL,
        STRIP,
        THRESH,
        CRACK
    }

    /** What holds plants up. */
    public enum Staking {
        NONE,
        STAKES,
        STRING,
        TRELLIS
    }
}
