package theriseed.server.account;

import theriseed.server.words.Units;

/**
 * Whoever is signed in, and how they like to see things.
 *
 * @param locale English as it is written in some country, such as {@code en-GB}: whose numbers and dates they read
 */
public record AccountView(String name, Role role, Units units, Theme theme, String locale) {}
