package theriseed.server.today;

import java.time.LocalDateTime;
import java.util.UUID;
import theriseed.core.bench.StepKind;
import theriseed.server.base.Maybe;

/**
 * Something that waits to be done, with the figures that say why.
 *
 * @param when part of the day it belongs to
 * @param urgent whether it cannot wait
 * @param stage of a walk
 * @param count plants, packets or days, as the kind means it
 * @param share 0 to 1, as the kind means it
 * @param limit what the share is held against
 * @param at moment that decides
 */
public record Act(
        Kind kind,
        When when,
        boolean urgent,
        String variety,
        String crop,
        String plot,
        @Maybe String lot,
        @Maybe UUID plantingId,
        @Maybe StepKind step,
        @Maybe String stage,
        @Maybe Integer count,
        @Maybe Double share,
        @Maybe Double limit,
        @Maybe Double temperature,
        @Maybe LocalDateTime at,
        @Maybe String other) {

    /** What is to be done. */
    public enum Kind {
        RINSE,
        STIR,
        WALK,
        PICK,
        FILL_LOT,
        NEXT_STEP,
        WEIGH_OUT,
        WEIGH_TRAY,
        FREEZE,
        LOOK_FOR_WEEVILS,
        WEIGH_SEED,
        TEST_GERMINATION,
        TEST_AGAIN,
        COUNT_GERMINATION,
        LOOK_AT_HOLD,
        DECIDE_ISOLATION,
        DECIDE_RING,
        POLLINATE,
        LOOK_AT_FLOWERS,
        SHAKE,
        PACK,
        SOW,
        PLANT,
        SET_OUT,
        STAKE,
        HOE_VOLUNTEERS,
        COVER,
        BRING_INSECTS,
        CLOSE_BUDS,
        UNCOVER,
        WATCH_RIPENING,
        LIFT,
        CHECK_STORE,
        REPLANT,
        CLEAR
    }

    /** Work runs on the day's own clock: damp mornings for wet seed, dry hours for the rows, evenings for the table. */
    public enum When {
        WHILE_WET,
        WHILE_DRY,
        BY_EVENING
    }
}
