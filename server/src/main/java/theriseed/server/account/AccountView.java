package theriseed.server.account;

/** Whoever is signed in, and how they like to see things. */
public record AccountView(String name, Role role, Units units, Theme theme) {}
