package theriseed.server.mixup;

import java.time.LocalDate;
import java.util.UUID;
import theriseed.server.base.Maybe;

/**
 * That two lots may have been mixed up.
 *
 * @param ending absent while nobody has found out; then so are {@code endedOn} and by whom
 * @param how it was found out
 */
public record MixUpView(
        UUID id,
        int version,
        String first,
        String second,
        LocalDate foundOn,
        String what,
        @Maybe MixUp.Ending ending,
        @Maybe LocalDate endedOn,
        String how,
        @Maybe String endedBy,
        String recordedBy) {}
