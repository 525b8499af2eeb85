package theriseed.server.mail;

import jakarta.mail.AuthenticationFailedException;
import jakarta.mail.MessagingException;
import jakarta.mail.internet.MimeMessage;
import java.io.IOException;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Map;
import java.util.Properties;
import javax.net.ssl.SSLException;
import org.springframework.mail.MailAuthenticationException;
import org.springframework.mail.MailException;
import org.springframework.mail.MailSendException;
import org.springframework.mail.javamail.JavaMailSenderImpl;
import org.springframework.mail.javamail.MimeMessageHelper;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.server.base.Changed;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.farm.FarmView;
import theriseed.server.farm.Farms;
import theriseed.server.mail.MailServerFacts.Safety;

/** Sends mail through the server the grower names; the demo farm sends none. */
@Service
public class Mail {
    private static final Duration PATIENCE = Duration.ofSeconds(10);
    private static final int SAID = 200;

    private final MailServerRepository servers;
    private final Farms farms;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;

    Mail(MailServerRepository servers, Farms farms, Corrections corrections, Stamps stamps, FarmTime time) {
        this.servers = servers;
        this.farms = farms;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
    }

    @GrowersWork
    @ReadsOnly
    public MailServerView server() {
        return view(servers.findFirstBy().orElse(null));
    }

    private MailServerView view(MailServer there) {
        return there == null
                ? new MailServerView(!farms.get().demo(), Clash.NONE, null, null)
                : new MailServerView(
                        !farms.get().demo(),
                        there.version(),
                        there.facts(),
                        there.passwordSince() == null ? null : LocalDate.ofInstant(there.passwordSince(), time.zone()));
    }

    /** Whether letters are to be sent. */
    @ReadsOnly
    public boolean sends() {
        return farms.find().filter(farm -> !farm.demo()).isPresent()
                && servers.findFirstBy()
                        .filter(server -> server.facts().sends())
                        .isPresent();
    }

    /** Names the server, or says of it otherwise. @param password null for the one there is */
    @GrowersWork
    @Transactional
    MailServerView name(Changed made, MailServerFacts facts, String password) {
        checkMay();
        MailServer there = servers.findFirstBy().orElse(null);
        Clash.check(there == null ? Clash.NONE : there.version(), made.from(), view(there));
        if (there == null) {
            return view(servers.saveAndFlush(new MailServer(facts, password == null ? "" : password, stamps.now())));
        }
        Map<String, Object> before = there.correctable();
        there.change(facts, password, time.stamp());
        corrections.keep("mail_server", there.id(), before, there.correctable(), made.because());
        return view(servers.saveAndFlush(there));
    }

    /** Sends a letter that says nothing but that it came. @throws Refused when it was not taken */
    @GrowersWork
    @ReadsOnly
    void tryOut(String to) {
        FarmView farm = farms.get();
        try {
            send(new Letter(
                    Addresses.check("to", to),
                    farm.name() + ": mail arrives",
                    "This letter was sent to see whether mail of " + farm.name() + " arrives. It does.\n"));
        } catch (NotSent failed) {
            throw new Refused("to", to, "mail.notSent", "why", failed.why(), "said", failed.said());
        }
    }

    private void checkMay() {
        if (farms.get().demo()) {
            throw new Refused("mail", "the demo farm", "mail.notOnTheDemo");
        }
    }

    /**
     * Hands a letter to the mail server. Whether it arrives, that server knows.
     *
     * @throws NotSent when it was not taken
     */
    @ReadsOnly
    public void send(Letter letter) throws NotSent {
        checkMay();
        MailServer server = servers.findFirstBy().orElseThrow(NotFound.of("mail server"));
        JavaMailSenderImpl sender = sender(server);
        try {
            MimeMessage message = sender.createMimeMessage();
            MimeMessageHelper helper = new MimeMessageHelper(message, "UTF-8");
            helper.setFrom(server.facts().sender(), farms.get().name());
            helper.setTo(letter.to());
            helper.setSubject(letter.subject().replaceAll("\\p{Cntrl}+", " "));
            helper.setText(letter.text());
            // No machine is to answer it with a note of absence.
            message.setHeader("Auto-Submitted", "auto-generated");
            sender.send(message);
        } catch (MailException | MessagingException | IOException failed) {
            throw notSent(failed);
        }
    }

    private static JavaMailSenderImpl sender(MailServer server) {
        MailServerFacts facts = server.facts();
        JavaMailSenderImpl sender = new JavaMailSenderImpl();
        sender.setHost(facts.host());
        sender.setPort(facts.port());
        boolean asks = !facts.user().isEmpty();
        if (asks) {
            sender.setUsername(facts.user());
            sender.setPassword(server.password());
        }
        Properties with = sender.getJavaMailProperties();
        with.setProperty("mail.smtp.auth", String.valueOf(asks));
        with.setProperty("mail.smtp.ssl.enable", String.valueOf(facts.safety() == Safety.TLS));
        with.setProperty("mail.smtp.starttls.enable", String.valueOf(facts.safety() == Safety.STARTTLS));
        with.setProperty("mail.smtp.starttls.required", String.valueOf(facts.safety() == Safety.STARTTLS));
        with.setProperty("mail.smtp.ssl.checkserveridentity", "true");
        for (String wait : new String[] {"connectiontimeout", "timeout", "writetimeout"}) {
            with.setProperty("mail.smtp." + wait, String.valueOf(PATIENCE.toMillis()));
        }
        return sender;
    }

    private static NotSent notSent(Exception failed) {
        NotSent.Why why = NotSent.Why.NOT_TAKEN;
        Throwable last = failed;
        for (Throwable cause = failed; cause != null; cause = next(cause)) {
            last = cause;
            if (cause instanceof MailAuthenticationException || cause instanceof AuthenticationFailedException) {
                why = NotSent.Why.NOT_LET_IN;
            } else if (cause instanceof SSLException) {
                why = NotSent.Why.NOT_SAFE;
            } else if (cause instanceof IOException) {
                why = NotSent.Why.NO_ANSWER;
            }
        }
        String said = String.valueOf(last.getMessage()).strip().replaceAll("\\s+", " ");
        if (why == NotSent.Why.NOT_TAKEN && said.contains("STARTTLS")) {
            why = NotSent.Why.NOT_SAFE;
        }
        return new NotSent(why, said.length() > SAID ? said.substring(0, SAID) : said);
    }

    /** What lies under it: mail has its own way to say so. */
    private static Throwable next(Throwable cause) {
        if (cause instanceof MailSendException many && many.getFailedMessages().size() == 1) {
            return many.getFailedMessages().values().iterator().next();
        }
        return cause instanceof MessagingException one && one.getNextException() != null
                ? one.getNextException()
                : cause.getCause();
    }
}
