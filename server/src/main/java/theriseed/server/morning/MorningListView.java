package theriseed.server.morning;

import java.time.LocalTime;
import theriseed.server.base.Maybe;

/**
 * Whether somebody has the day's work sent in the morning.
 *
 * @param sends whether this farm sends mail
 * @param wish absent while they have none sent
 * @param today how it would read now
 */
record MorningListView(boolean sends, @Maybe Wish wish, Read today) {
    /**
     * @param at on the farm's clock
     * @param trouble why the last could not be sent; absent while nothing is wrong
     */
    record Wish(String address, LocalTime at, @Maybe String trouble) {}

    /** @param waits how many tasks; where it is none, none is sent */
    record Read(int waits, String subject, String text) {}
}
