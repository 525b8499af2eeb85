package theriseed.server.walk;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import theriseed.server.base.Maybe;
import theriseed.server.photo.PhotoView;

/**
 * A walk as others see it.
 *
 * @param photos its pictures, oldest first
 */
public record WalkView(
        UUID id,
        int version,
        String stage,
        LocalDate walkedOn,
        int lookedAt,
        List<Integer> rows,
        @Maybe Integer rowsInAll,
        boolean others,
        List<WalkFacts.OffType> offTypes,
        int offTypesInAll,
        int pulled,
        int sick,
        int stressed,
        int bolted,
        @Maybe LocalDate sheddingSince,
        boolean notFlowered,
        String note,
        List<PhotoView> photos,
        String recordedBy) {}
