package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import theriseed.server.Client;
import theriseed.server.DemoDatabase;
import theriseed.server.Season;
import theriseed.server.TestDatabase;
import theriseed.server.Theriseed;

/** The server is stopped in the middle of sending, and started again on the same records. */
class ServerGoneTest {
    final String database = DemoDatabase.fresh();
    final Door door = new Door();
    ConfigurableApplicationContext server;

    @BeforeEach
    void startBehindTheDoor() {
        server = start();
    }

    @AfterEach
    void stop() throws IOException {
        server.close();
        door.close();
    }

    private ConfigurableApplicationContext start() {
        ConfigurableApplicationContext started = new SpringApplicationBuilder(Theriseed.class)
                .run(
                        "--server.port=0",
                        "--server.shutdown=immediate",
                        "--theriseed.mode=demo",
                        "--spring.datasource.url=" + TestDatabase.url(database),
                        "--spring.datasource.username=" + TestDatabase.USER,
                        "--spring.datasource.password=" + TestDatabase.password());
        door.leadsTo(portOf(started));
        return started;
    }

    private static int portOf(ConfigurableApplicationContext started) {
        return Integer.parseInt(started.getEnvironment().getRequiredProperty("local.server.port"));
    }

    @Test
    void whatWasNotSentYetIsSentWhenItIsBack() {
        Season season = new Season(door.port());
        List<String> plantings = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            plantings.add(season.planted("pea", "2026-03-20", 300));
        }
        try (Person hand = Person.inTheRows(door.port()).signedIn("hand")) {
            hand.takesTheScreensAlong();
            for (String planting : plantings) {
                hand.at("/walk/" + planting);
            }
            hand.signal(false);
            for (String planting : plantings) {
                hand.at("/walk/" + planting);
                hand.button("something else").click();
                hand.act("End of the walk");
                hand.act("Record this walk");
                assertThat(hand.page.getByRole(AriaRole.STATUS)).containsText("not arrived");
            }
            AtomicInteger kept = new AtomicInteger();
            AtomicBoolean gone = new AtomicBoolean();
            hand.page.onResponse(answer -> {
                if (answer.request().method().equals("POST") && answer.ok()) {
                    kept.incrementAndGet();
                }
            });
            hand.page.route("**/api/plantings/*/walks", route -> {
                if (route.request().method().equals("POST") && kept.get() == 2 && !gone.getAndSet(true)) {
                    door.leadsNowhere();
                    server.close();
                }
                route.resume();
            });
            hand.at("/waiting");
            assertThat(hand.page.locator("main li")).hasCount(5);
            hand.signal(true);
            assertThat(hand.page.locator("main li")).hasCount(3);
            hand.page.waitForCondition(gone::get);

            server = start();
            hand.at("/waiting");
            hand.sees("everything has arrived");
        }
        Client grower = Client.as("grower", portOf(server));
        for (String planting : plantings) {
            assertThat(grower.get("/api/plantings/" + planting + "/walks")
                            .ok()
                            .get("walks")
                            .size())
                    .isEqualTo(1);
        }
    }
}
