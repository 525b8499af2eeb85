package theriseed.server.account;

/** Somebody has no account any more: what they opened for themselves is closed too. */
public record PersonEnded(String name) {}
