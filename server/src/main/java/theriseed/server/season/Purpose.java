package theriseed.server.season;

/** What a planting is for. */
public enum Purpose {
    SEED,
    EATING
}
