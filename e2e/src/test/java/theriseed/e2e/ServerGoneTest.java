package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.net.BindException;
import java.net.ServerSocket;
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
import theriseed.server.Season;
import theriseed.server.TestDatabase;
import theriseed.server.Theriseed;

/** The server is stopped in the middle of sending, and started again on the same records. */
class ServerGoneTest {
    final String database = TestDatabase.fresh();
    int port;
    ConfigurableApplicationContext server;

    @BeforeEach
    void startOnAPortOfItsOwn() throws IOException {
        port = freePort();
        server = start();
    }

    /**
     * A port nobody is handed by the system: while the server is away, one of those it hands out
     * could become the near end of the browser's own next try to connect.
     */
    private static int freePort() throws IOException {
        for (int candidate = 8600; candidate < 9000; candidate++) {
            try (ServerSocket free = new ServerSocket(candidate)) {
                return free.getLocalPort();
            } catch (BindException taken) {
                continue;
            }
        }
        throw new BindException("no port is free between 8600 and 8999");
    }

    @AfterEach
    void stop() {
        server.close();
    }

    private ConfigurableApplicationContext start() {
        return new SpringApplicationBuilder(Theriseed.class)
                .run(
                        "--server.port=" + port,
                        "--server.shutdown=immediate",
                        "--theriseed.mode=demo",
                        "--spring.datasource.url=" + TestDatabase.url(database),
                        "--spring.datasource.username=" + TestDatabase.USER,
                        "--spring.datasource.password=" + TestDatabase.password());
    }

    @Test
    void whatWasNotSentYetIsSentWhenItIsBack() {
        Season season = new Season(port);
        List<String> plantings = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            plantings.add(season.planted("pea", "2026-03-20", 300));
        }
        try (Person hand = Person.inTheRows(port).signedIn("hand")) {
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
                    server.close();
                }
                route.resume();
            });
            hand.at("/waiting");
            assertThat(hand.page.locator("main li")).hasCount(5);
            hand.signal(true);
            assertThat(hand.page.locator("main li"))
                    .hasCount(3, new LocatorAssertions.HasCountOptions().setTimeout(30_000));

            server = start();
            hand.at("/waiting");
            hand.sees("everything has arrived");
        }
        Client grower = Client.as("grower", port);
        for (String planting : plantings) {
            assertThat(grower.get("/api/plantings/" + planting + "/walks")
                            .ok()
                            .get("walks")
                            .size())
                    .isEqualTo(1);
        }
    }
}
