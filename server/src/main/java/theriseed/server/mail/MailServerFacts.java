package theriseed.server.mail;

/**
 * Through whom the farm sends mail.
 *
 * @param sends false while nothing is to be sent
 * @param user whom the server lets in; empty where it asks for nobody
 * @param sender the address letters come from
 */
public record MailServerFacts(boolean sends, String host, int port, Safety safety, String user, String sender) {
    /** How what is sent is kept from others on its way to the server. */
    public enum Safety {
        /** From the first word on; mostly port 465. */
        TLS,
        /** Agreed before anything is told; mostly port 587. */
        STARTTLS,
        /** Not at all. */
        NONE
    }
}
