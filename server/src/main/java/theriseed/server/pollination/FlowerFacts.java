package theriseed.server.pollination;

import java.time.Instant;
import java.util.List;

/**
 * One flower pollinated by hand.
 *
 * @param mother number of the plant it stands on
 * @param tag number on its tag, its own within the planting
 */
public record FlowerFacts(int mother, List<Father> fathers, String tag, Instant pollinatedAt, String note) {
    FlowerFacts at(Instant moment) {
        return new FlowerFacts(mother, fathers, tag, moment, note);
    }
}
