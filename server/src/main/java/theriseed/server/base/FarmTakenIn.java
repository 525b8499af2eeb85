package theriseed.server.base;

/**
 * A farm is being taken in from a file, in a transaction that has not ended. Whoever calculates from records does it now
 * for all of them: where that fails, the file is refused.
 */
public record FarmTakenIn() {}
