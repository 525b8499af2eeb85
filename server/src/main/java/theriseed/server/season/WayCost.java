package theriseed.server.season;

import theriseed.core.isolation.WayOut;

/** What a way out costs: the greatest part of it. */
public sealed interface WayCost {
    /** @param hours of work, roughly; {@code under} whether it is less than one */
    record Work(double hours, boolean under) implements WayCost {}

    /** A seed crop gives no seed this season. */
    record ItsSeed() implements WayCost {}

    /** @param share of its seed that is given up */
    record PartOfItsSeed(double share) implements WayCost {}

    /** It waits for another season. */
    record ASeason() implements WayCost {}

    /** Its seed is of a lower grade. */
    record WorthLess() implements WayCost {}

    record NoWork() implements WayCost {}

    static WayCost of(WayOut.Cost cost) {
        if (cost.hours() > 0) {
            return new Work(cost.hours(), cost.hours() < 1);
        }
        if (cost.seasonLost()) {
            return new ASeason();
        }
        if (cost.seedLost() > 0) {
            return cost.seedLost() >= 1 ? new ItsSeed() : new PartOfItsSeed(cost.seedLost());
        }
        return cost.worthLess() ? new WorthLess() : new NoWork();
    }
}
