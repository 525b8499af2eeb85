package theriseed.server.stall;

/** Who somebody is to the farm. */
public enum CustomerKind {
    GROWER,
    SHOP,
    MARKET,
    SWAP,
    OTHER
}
