package theriseed.server.money;

import java.time.LocalDate;
import theriseed.core.stall.Work;

/** Hours worked. @param minutes of each of the {@code people}, on that day */
public record WorkDoneFacts(Work kind, LocalDate doneOn, int people, int minutes, String note) {}
