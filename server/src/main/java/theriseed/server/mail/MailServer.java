package theriseed.server.mail;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import theriseed.core.measure.Range;
import theriseed.server.base.Recorded;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamp;
import theriseed.server.mail.MailServerFacts.Safety;

/** The server the one farm sends mail through. */
@Entity
class MailServer extends Recorded {
    private static final Range PORT = Range.of(1, 65535, "port");
    private static final Range PASSWORD = Range.of(0, 200, "characters");
    private static final Range USER = Range.of(0, 120, "characters");
    private static final Pattern HOST = Pattern.compile("[\\p{Alnum}.:-]{1,120}");
    private static final Set<String> THIS_MACHINE = Set.of("localhost", "127.0.0.1", "::1");

    private boolean sends;
    private String host;
    private int port;

    @Enumerated(EnumType.STRING)
    private Safety safety;

    private String userName;
    private String password = "";
    private Instant passwordSince;
    private String sender;

    protected MailServer() {}

    MailServer(MailServerFacts facts, String password, Stamp stamp) {
        super(stamp);
        change(facts, password, stamp.at());
    }

    /** @param told another password; null for the one it has */
    final void change(MailServerFacts facts, String told, Instant at) {
        String name = facts.host().strip();
        if (!HOST.matcher(name).matches()) {
            throw new Refused("host", name, "mail.noHost");
        }
        String letsIn = facts.user().strip();
        PORT.check("port", facts.port());
        USER.check("user", letsIn.length());
        String secret = letsIn.isEmpty() ? "" : told == null ? password : told;
        PASSWORD.check("password", secret.length());
        if (facts.safety() == Safety.NONE && !secret.isEmpty() && !THIS_MACHINE.contains(name)) {
            throw new Refused("safety", facts.safety(), "mail.passwordInTheOpen", "host", name);
        }
        sender = Addresses.check("sender", facts.sender());
        sends = facts.sends();
        host = name;
        port = facts.port();
        safety = facts.safety();
        userName = letsIn;
        if (!secret.equals(password)) {
            password = secret;
            passwordSince = secret.isEmpty() ? null : at;
        }
    }

    /** Of the password only since when it is this one: it is written down nowhere else. */
    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("sends", sends);
        facts.put("host", host);
        facts.put("port", port);
        facts.put("safety", safety);
        facts.put("user", userName);
        facts.put("passwordSince", passwordSince);
        facts.put("sender", sender);
        return facts;
    }

    MailServerFacts facts() {
        return new MailServerFacts(sends, host, port, safety, userName, sender);
    }

    String password() {
        return password;
    }

    Instant passwordSince() {
        return passwordSince;
    }
}
