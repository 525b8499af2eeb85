package theriseed.server.season;

/** What a way out costs. */
public sealed interface WayCost {
    /** @param hours of work, roughly; {@code under} whether it is less than one */
    record Work(double hours, boolean under) implements WayCost {}

    /** A seed crop gives no seed this season. */
    record ItsSeed() implements WayCost {}

    record NoWork() implements WayCost {}

    static WayCost of(double hours, boolean losesSeed) {
        if (hours > 0) {
            return new Work(hours, hours < 1);
        }
        return losesSeed ? new ItsSeed() : new NoWork();
    }
}
