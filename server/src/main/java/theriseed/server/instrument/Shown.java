package theriseed.server.instrument;

import theriseed.server.base.Maybe;

/**
 * What an instrument shows.
 *
 * @param simulated whether it only plays an instrument and measures nothing
 * @param value absent while it is not heard
 * @param steady whether it has settled, so that it may be taken
 */
public record Shown(
        InstrumentKind kind,
        String name,
        boolean simulated,
        String unit,
        @Maybe Double value,
        boolean steady) {}
