package theriseed.server.farm;

/** Where a farm's usual year comes from: what somebody typed, or the days it has known itself. */
public enum ClimateFrom {
    TYPED,
    OWN_DAYS
}
