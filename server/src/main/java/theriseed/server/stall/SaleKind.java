package theriseed.server.stall;

/** How seed left: for money, as a gift, or for other seed. */
public enum SaleKind {
    SALE,
    GIFT,
    SWAP
}
