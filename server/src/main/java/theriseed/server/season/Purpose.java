package theriseed.server.season;

/** What a planting is for. */
public enum Purpose {
    SEED,
    /** Tubers, bulbs or cloves to plant again: what seed is to other crops. */
    PLANTING_STOCK,
    EATING
}
