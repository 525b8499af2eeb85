package theriseed.server.mail;

/** A letter to one address, in plain text. */
public record Letter(String to, String subject, String text) {}
