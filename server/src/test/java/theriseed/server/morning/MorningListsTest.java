package theriseed.server.morning;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.record;
import static theriseed.server.Season.with;

import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.ServerSetup;
import jakarta.mail.internet.MimeMessage;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.stream.Stream;
import javax.sql.DataSource;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import theriseed.server.Client;
import theriseed.server.EmptyFarm;
import theriseed.server.Season;
import theriseed.server.TestDatabase;
import theriseed.server.account.Accounts;
import theriseed.server.account.Role;
import theriseed.server.base.ByItself;
import tools.jackson.databind.JsonNode;

/** The day's work, as a mail server gets it. */
class MorningListsTest {
    private static final String PASSWORD = "long enough to keep";

    private static final GreenMail POST = new GreenMail(new ServerSetup(0, "127.0.0.1", ServerSetup.PROTOCOL_SMTP));
    private static String databaseName;
    private static ServletWebServerApplicationContext app;
    private static Client grower;
    private static JdbcTemplate database;

    /** A farm where it is about noon. */
    @BeforeAll
    static void start() {
        POST.start();
        databaseName = TestDatabase.fresh();
        app = EmptyFarm.start("farm", databaseName);
        grower = new Client(app.getWebServer().getPort());
        grower.get("/api/session").ok();
        int hour = LocalTime.now(ZoneOffset.UTC).getHour();
        String zone = hour < 12 ? "Etc/GMT-" + (12 - hour) : "Etc/GMT+" + (hour - 12);
        grower.post("/api/first-run", with(EmptyFarm.FARM, "timeZone", zone)).ok();
        grower.get("/api/session").ok();
        database = new JdbcTemplate(app.getBean(DataSource.class));
    }

    @AfterAll
    static void stop() {
        app.close();
        POST.stop();
    }

    @BeforeEach
    void nothing() throws Exception {
        POST.purgeEmailFromAllMailboxes();
        database.update("delete from morning_list");
        database.update("delete from order_line");
        database.update("delete from seed_order");
        database.update("delete from customer");
    }

    private void mailIsSent(boolean sends) {
        int version = grower.get("/api/mail-server").ok().get("version").asInt();
        grower.put(
                        "/api/mail-server",
                        record(
                                "sends", sends,
                                "host", "127.0.0.1",
                                "port", POST.getSmtp().getPort(),
                                "safety", "NONE",
                                "user", "",
                                "sender", "farm@sand.example",
                                "version", version,
                                "reason", "the farm's own"))
                .ok();
    }

    /** Seed is ordered that nobody has. */
    private void somethingWaits() {
        String variety = grower.post("/api/varieties", Season.varietyOf("tomato"))
                .ok()
                .get("id")
                .asString();
        String customer = grower.post("/api/customers", record("name", "Inn shop", "kind", "SHOP"))
                .ok()
                .get("id")
                .asString();
        LocalDate today = LocalDate.parse(
                grower.get("/api/today").ok().get("now").asString().substring(0, 10));
        grower.post(
                        "/api/orders",
                        record(
                                "customerId",
                                customer,
                                "kind",
                                "SALE",
                                "orderedOn",
                                today.toString(),
                                "wantedOn",
                                today.plusDays(3).toString(),
                                "note",
                                "",
                                "lines",
                                List.of(record("varietyId", variety, "seeds", 50, "packets", 7, "price", 3.5))))
                .ok();
    }

    private void wishes(Client who, String address) {
        who.put("/api/morning-list", record("address", address, "at", "06:00")).ok();
    }

    /** As if it was wished last night, for a minute ago. */
    private void dueNow() {
        database.update(
                "update morning_list set sent_on = null, tried_at = null, at = ?::time",
                database.queryForObject(
                        "select to_char(now() at time zone time_zone - interval '1 minute', 'HH24:MI') from farm",
                        String.class));
    }

    private void look() {
        app.getBean(MorningLists.class).look();
    }

    private String[] subjects() {
        return Stream.of(POST.getReceivedMessages())
                .map(MorningListsTest::subject)
                .toArray(String[]::new);
    }

    private static String subject(MimeMessage letter) {
        try {
            return letter.getSubject();
        } catch (jakarta.mail.MessagingException unreadable) {
            throw new IllegalStateException(unreadable);
        }
    }

    @Test
    void whatWaitsIsSentOnceToWhoWantsIt() throws Exception {
        assertThat(grower.put("/api/morning-list", record("address", "ann@sand.example", "at", "06:00"))
                        .detail())
                .contains("sends no mail yet");
        mailIsSent(true);
        somethingWaits();
        JsonNode own = grower.get("/api/morning-list").ok();
        assertThat(own.has("wish")).isFalse();
        wishes(grower, "ann@sand.example");
        look();
        assertThat(subjects())
                .as("six is long over, so tomorrow's is the first")
                .isEmpty();
        dueNow();
        look();
        look();
        assertThat(subjects()).containsExactly(own.at("/today/subject").asString());
        String text = POST.getReceivedMessages()[0].getContent().toString();
        assertThat(text)
                .contains("Cannot wait", "- Find seed for order", "of Inn shop. ")
                .contains("http://localhost:" + app.getWebServer().getPort() + "/today");
        assertThat(text.replace("\r", "").strip())
                .isEqualTo(own.at("/today/text").asString().strip());
        grower.delete("/api/morning-list").ok();
        assertThat(grower.get("/api/morning-list").ok().has("wish")).isFalse();
    }

    @Test
    void nothingIsSentWhereNothingWaitsOrNoMailIs() {
        mailIsSent(true);
        wishes(grower, "ann@sand.example");
        dueNow();
        look();
        assertThat(subjects()).isEmpty();
        somethingWaits();
        mailIsSent(false);
        dueNow();
        look();
        assertThat(subjects()).isEmpty();
    }

    @Test
    void ofTwoServersOneSends() {
        mailIsSent(true);
        somethingWaits();
        wishes(grower, "ann@sand.example");
        try (var other = EmptyFarm.start("farm", databaseName)) {
            dueNow();
            Stream.of(app, other)
                    .parallel()
                    .forEach(one -> one.getBean(MorningLists.class).look());
        }
        assertThat(subjects()).hasSize(1);
    }

    @Test
    void whatCouldNotBeSentIsSaidAndSentLater() {
        mailIsSent(true);
        somethingWaits();
        wishes(grower, "ann@sand.example");
        POST.stop();
        dueNow();
        look();
        assertThat(grower.get("/api/morning-list").ok().at("/wish/trouble").asString())
                .contains("does not answer");
        POST.start();
        mailIsSent(true);
        look();
        assertThat(subjects()).as("it rests for a quarter of an hour").isEmpty();
        dueNow();
        look();
        assertThat(subjects()).hasSize(1);
        assertThat(grower.get("/api/morning-list").ok().get("wish").has("trouble"))
                .isFalse();
    }

    @Test
    void whoIsGoneGetsNoneAndWhoOnlyLooksReadsOfNoCustomer() {
        mailIsSent(true);
        somethingWaits();
        Accounts accounts = app.getBean(Accounts.class);
        ByItself.as("test", () -> accounts.make("vera", PASSWORD, Role.VISITOR));
        Client vera = new Client(app.getWebServer().getPort());
        vera.get("/api/session");
        vera.post("/api/session", record("name", "vera", "password", PASSWORD)).ok();
        vera.get("/api/session");
        wishes(vera, "vera@sand.example");
        assertThat(vera.get("/api/morning-list").ok().at("/today/waits").asInt())
                .isZero();
        assertThat(grower.get("/api/morning-list").ok().at("/today/waits").asInt())
                .isEqualTo(1);
        database.update("update account set role = 'HAND' where name = 'vera'");
        database.update("update account set ended_at = now(), ended_by = 'ann' where name = 'vera'");
        dueNow();
        look();
        assertThat(subjects()).isEmpty();
    }
}
