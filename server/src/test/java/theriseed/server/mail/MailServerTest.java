package theriseed.server.mail;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.record;
import static theriseed.server.Season.with;

import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.ServerSetup;
import java.io.IOException;
import java.net.ServerSocket;
import java.util.HashMap;
import java.util.Map;
import javax.sql.DataSource;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.JdbcTemplate;
import theriseed.server.Client;
import theriseed.server.EmptyFarm;

/** Mail through a real mail server, with and without TLS. */
class MailServerTest {
    static final GreenMail POST = new GreenMail(new ServerSetup[] {
        new ServerSetup(0, "127.0.0.1", ServerSetup.PROTOCOL_SMTP),
        new ServerSetup(0, "127.0.0.1", ServerSetup.PROTOCOL_SMTPS)
    });

    static EmptyFarm farm;

    @BeforeAll
    static void start() {
        POST.start();
        POST.setUser("farm@sand.example", "farm", "eleven wet dykes");
        farm = new EmptyFarm();
    }

    @AfterAll
    static void stop() {
        farm.close();
        POST.stop();
    }

    private static Map<String, Object> server() {
        return record(
                "sends", true,
                "host", "127.0.0.1",
                "port", POST.getSmtp().getPort(),
                "safety", "NONE",
                "user", "farm",
                "password", "eleven wet dykes",
                "sender", "farm@sand.example",
                "reason", "the farm's own");
    }

    private static Client.Answer name(Map<String, Object> server) {
        int version = farm.grower.get("/api/mail-server").ok().get("version").asInt();
        return farm.grower.put("/api/mail-server", with(server, "version", version));
    }

    private static Client.Answer tried() {
        return farm.grower.post("/api/mail-server/tried", record("to", "ann@sand.example"));
    }

    private static String said(Map<String, Object> server) {
        name(server).ok();
        Client.Answer refused = tried();
        assertThat(refused.status()).isEqualTo(400);
        return refused.detail();
    }

    @Test
    void aLetterArrives() throws Exception {
        POST.purgeEmailFromAllMailboxes();
        name(server()).ok();
        tried().ok();
        var letter = POST.getReceivedMessages()[0];
        assertThat(letter.getSubject()).isEqualTo("Test Farm: mail arrives");
        assertThat(letter.getFrom()[0]).hasToString("Test Farm <farm@sand.example>");
        assertThat(letter.getHeader("Auto-Submitted")).containsExactly("auto-generated");
    }

    @Test
    void thePasswordIsShownAndWrittenDownNowhere() {
        name(server()).ok();
        Map<String, Object> same = new HashMap<>(server());
        same.remove("password");
        same.put("sender", "seed@sand.example");
        String shown = name(same).ok().toString();
        assertThat(shown).contains("passwordSince").doesNotContain("dykes");
        tried().ok();
        String corrections = new JdbcTemplate(farm.app.getBean(DataSource.class))
                .queryForObject("select string_agg(correction::text, ' ') from correction", String.class);
        assertThat(corrections).contains("seed@sand.example").doesNotContain("dykes");
        assertThat(farm.grower.get("/api/farm/copy").text()).doesNotContain("mail_server");
    }

    @Test
    void whyItWasNotTakenIsSaid() throws IOException {
        assertThat(said(with(server(), "password", "another"))).contains("does not let this user in");
        assertThat(said(with(server(), "safety", "TLS", "port", POST.getSmtps().getPort())))
                .as("nobody known vouches for its certificate")
                .contains("agree on no encryption");
        assertThat(said(with(server(), "safety", "STARTTLS"))).contains("agree on no encryption");
        try (ServerSocket nobody = new ServerSocket(0)) {
            int port = nobody.getLocalPort();
            nobody.close();
            assertThat(said(with(server(), "port", port))).contains("does not answer");
        }
    }

    @ParameterizedTest
    @CsvSource({
        "host, 'mail server', noHost",
        "host, '', noHost",
        "port, 0, port",
        "port, 65536, port",
        "sender, ann, noAddress",
        "sender, 'ann@sand.example, bob@sand.example', noAddress",
        "sender, 'Ann <ann@sand.example>', noAddress"
    })
    void nonsenseIsRefusedByItsField(String field, String value, String why) {
        Client.Answer refused =
                name(with(server(), field, field.equals("port") ? (Object) Integer.valueOf(value) : value));
        assertThat(refused.status()).as(why).isEqualTo(400);
        assertThat(refused.field()).isEqualTo(field);
    }

    @Test
    void aPasswordGoesNowhereInTheOpen() {
        Client.Answer refused = name(with(server(), "host", "mail.sand.example"));
        assertThat(refused.field()).isEqualTo("safety");
        assertThat(refused.detail()).contains("mail.sand.example");
    }
}
