package theriseed.server.money;

import java.time.LocalDate;
import java.util.UUID;
import theriseed.core.stall.Work;
import theriseed.server.base.Maybe;

/** Hours worked on a planting or a lot, as others see them. @param minutes of each of the {@code people} */
public record WorkDoneView(
        UUID id,
        int version,
        @Maybe UUID plantingId,
        @Maybe UUID lotId,
        Work kind,
        LocalDate doneOn,
        int people,
        int minutes,
        String note,
        String recordedBy) {}
