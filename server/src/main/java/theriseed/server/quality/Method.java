package theriseed.server.quality;

/** What a germination test is set on; at home, one sheet without replicates. */
public enum Method {
    PAPER,
    SAND,
    SOIL,
    HOME
}
