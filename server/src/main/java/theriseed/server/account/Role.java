package theriseed.server.account;

/** What someone does on the farm: plans and sells, works the rows and the bench, or only looks. */
public enum Role {
    GROWER,
    HAND,
    VISITOR
}
