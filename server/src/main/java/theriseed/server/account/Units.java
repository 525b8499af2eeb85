package theriseed.server.account;

/** Units shown to one person; stored and computed is always SI. */
public enum Units {
    METRIC,
    US
}
