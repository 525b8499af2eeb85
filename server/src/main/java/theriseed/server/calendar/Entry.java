package theriseed.server.calendar;

import java.time.LocalDate;
import java.util.UUID;
import theriseed.core.season.SeasonWork;

/**
 * Something to be done for a planting, and the days on which it is due.
 *
 * @param ground plot and beds in words
 * @param about the stage of a walk and what shows then, or the cues of ripeness; empty for other acts
 * @param planned whether its days rest on a bloom that was not yet seen
 */
public record Entry(
        SeasonWork.Kind kind,
        LocalDate from,
        LocalDate to,
        UUID plantingId,
        int season,
        String variety,
        String crop,
        String ground,
        String about,
        boolean planned) {}
