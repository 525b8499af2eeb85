package theriseed.server.done;

import java.time.LocalDate;
import java.util.List;
import theriseed.server.base.Maybe;
import theriseed.server.base.PageOf;

/**
 * What was written down on a day.
 *
 * @param earlier the last day before on which anything was, {@code later} the first after
 * @param people who wrote anything down on it
 * @param lines the last first
 */
public record DoneDay(
        LocalDate day, @Maybe LocalDate earlier, @Maybe LocalDate later, List<String> people, PageOf<DoneLine> lines) {}
