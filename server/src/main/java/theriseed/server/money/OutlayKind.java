package theriseed.server.money;

/** What money went into besides ground and hours. */
public enum OutlayKind {
    MATERIALS,
    OWN_SEED
}
