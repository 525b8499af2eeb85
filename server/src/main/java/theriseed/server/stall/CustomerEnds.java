package theriseed.server.stall;

import java.util.UUID;

/** Somebody is to be a customer no longer; whoever still owes them something refuses. */
public record CustomerEnds(UUID customerId, String name) {}
