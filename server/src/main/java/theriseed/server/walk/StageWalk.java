package theriseed.server.walk;

import java.time.LocalDate;
import theriseed.server.base.Maybe;

/**
 * A stage of the crop at which its rows are walked.
 *
 * @param from first day it is due; absent when its bloom is not known
 * @param verdict what its walks have shown; absent when no inspection is recorded
 */
public record StageWalk(
        String stage,
        String lookFor,
        @Maybe LocalDate from,
        @Maybe LocalDate to,
        @Maybe StageVerdict verdict) {}
