package theriseed.server.bench;

import theriseed.core.bench.AlkalineWash;
import theriseed.server.base.Maybe;

/**
 * A wash in a cleaner as others see it.
 *
 * @param version -1 while nothing was said of it
 * @param facts as they were said, else those of the last wash as a proposal; absent where there never was one
 * @param usedBefore how often its batch was used before this
 * @param clock while seed is in it and it is known for how long
 */
public record WashView(
        int version,
        @Maybe WashFacts facts,
        int usedBefore,
        @Maybe AlkalineWash clock) {}
