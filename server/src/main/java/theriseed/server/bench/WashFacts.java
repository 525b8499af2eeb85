package theriseed.server.bench;

import theriseed.server.base.Maybe;

/**
 * With what and how long seed is washed in a cleaner.
 *
 * @param dose as its label says it, with its unit
 * @param minutes it is meant to stay in
 * @param batch by which made-up cleaner is known that is used more than once; empty for one of its own
 * @param rinses afterwards; absent while nobody rinsed
 * @param disposal where the cleaner went, by the rules of the place; empty while it is kept
 */
public record WashFacts(
        String product,
        String dose,
        int minutes,
        String batch,
        @Maybe Integer rinses,
        String disposal) {}
