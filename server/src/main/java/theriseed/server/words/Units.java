package theriseed.server.words;

/** Units shown to one person; stored and computed is always SI. */
public enum Units {
    METRIC,
    US
}
