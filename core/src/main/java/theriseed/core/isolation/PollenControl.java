package theriseed.core.isolation;

import theriseed.core.crop.Crop;

/**
 * What a planting gives to the air and takes from it.
 *
 * @param sheds whether its pollen can leave
 * @param takes whether the seed saved from it can be fathered from outside
 */
public record PollenControl(boolean sheds, boolean takes) {
    public static final PollenControl OPEN = new PollenControl(true, true);

    /** Harvested or topped before it flowers. */
    public static final PollenControl NEVER_FLOWERS = new PollenControl(false, false);

    /** A cage counts only when its mesh stops what carries this crop's pollen; no mesh stops wind-borne pollen. */
    public static PollenControl caged(boolean meshStopsCarrier) {
        return meshStopsCarrier ? NEVER_FLOWERS : OPEN;
    }

    /** Bagged or pollinated by hand; flowers left open still shed, though the treated ones take nothing foreign. */
    public static PollenControl treated(boolean everyFlower) {
        return new PollenControl(!everyFlower, false);
    }

    /** How the flowers of a planting are kept from foreign pollen. */
    public enum Kind {
        OPEN,
        CAGED,
        /** In cages that are opened by turns, a day each: open to all but to those it takes turns with. */
        BY_TURNS,
        BAGGED,
        HAND_POLLINATED;

        /** Whether only fruit of flowers that were treated, and tagged, is true. */
        public boolean tagsFruit() {
            return this == BAGGED || this == HAND_POLLINATED;
        }
    }

    /**
     * What a way of keeping pollen out comes to for a crop: a net stops insects and what pollinates itself, not wind.
     *
     * @param everyFlower whether no flower of the planting is left open
     */
    public static PollenControl of(Kind kind, boolean everyFlower, Crop crop) {
        return switch (kind) {
            case OPEN, BY_TURNS -> OPEN;
            case CAGED -> caged(!crop.vector().equals("wind"));
            case BAGGED, HAND_POLLINATED -> treated(everyFlower);
        };
    }
}
