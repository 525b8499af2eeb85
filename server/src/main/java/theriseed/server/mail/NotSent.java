package theriseed.server.mail;

import java.util.Map;

/** A letter did not reach the mail server, or was not taken there. */
public class NotSent extends Exception {
    private final Why why;
    private final String said;

    NotSent(Why why, String said) {
        super(why + ": " + said);
        this.why = why;
        this.said = said;
    }

    /** What it failed of. */
    public enum Why {
        NO_ANSWER,
        NOT_SAFE,
        NOT_LET_IN,
        NOT_TAKEN
    }

    Why why() {
        return why;
    }

    /** In the words of the server or the line, one line of them. */
    String said() {
        return said;
    }

    /** What happened, as {@code refused.mail.notSent} says it. */
    public Map<String, String> told() {
        return Map.of("why", why.name(), "said", said);
    }
}
