package theriseed.server.seedroom;

import java.time.LocalDate;
import theriseed.core.lot.Finding;
import theriseed.server.base.Maybe;

/** What a lot waits for, with its figures. What it says in words stands in the catalogue of sentences. */
public sealed interface Need {
    record Held(String why) implements Need {}

    /** @param today whether that day has come */
    record Count(LocalDate due, boolean today) implements Need {}

    /** A test would settle what holds it back. */
    record Test(Finding because) implements Need {}

    record Retest(LocalDate due) implements Need {}

    /** It is forecast to fall below its standard on that day. */
    record Falling(LocalDate on) implements Need {}

    record AtBench() implements Need {}

    record HeldBack(Finding because) implements Need {}

    record Low() implements Need {}

    /** @param keepsUntil day on which it is forecast to fall below its standard; absent beyond ten years */
    record Nothing(@Maybe LocalDate keepsUntil) implements Need {}

    /** @param transferred whether all of it went into other lots */
    record NoneLeft(boolean transferred) implements Need {}
}
