package theriseed.server.pollination;

import java.time.LocalDate;
import java.util.Locale;
import java.util.UUID;
import theriseed.server.base.Maybe;

/** What was done with a cover. */
public record CoverEventView(
        UUID id,
        int version,
        CoverEventKind kind,
        LocalDate firstDay,
        LocalDate lastDay,
        @Maybe Integer insects,
        String recordedBy) {
    String words() {
        String what = kind.name().toLowerCase(Locale.ROOT);
        return firstDay.equals(lastDay) ? what + " " + firstDay : what + " " + firstDay + " to " + lastDay;
    }
}
