package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;

/** What was made by mistake. */
@DemoFarmTest
class MistakesTest {
    @LocalServerPort
    int port;

    private Season season;
    private Person grower;

    @BeforeEach
    void atTheDesk() {
        season = new Season(port);
        grower = Person.atDesk(port).signedIn("grower");
    }

    @AfterEach
    void close() {
        grower.close();
    }

    private void strikeOut() {
        grower.page.getByText("Made by mistake?").click();
        grower.type("Why it is struck out", "made twice");
        grower.button("Strike").click();
        grower.sees("it no longer stands in any list");
    }

    @Test
    void aVarietyIsStruckOutAndPutBack() {
        String id = season.variety("kale");
        grower.at("/desk/varieties/" + id);
        strikeOut();
        grower.act("Put it back");
        assertThat(grower.page.getByText("Made by mistake?")).isVisible();
        grower.at("/desk/plantings/new?season=2027&variety=" + id);
        assertThat(grower.field("Variety")).hasValue(id);
        grower.at("/desk/varieties/"
                + season.grower
                        .get("/api/plantings/" + season.planted("pea", "2026-03-20", 40))
                        .ok()
                        .at("/planting/variety/id")
                        .asString());
        assertThat(grower.page.getByText("Made by mistake?")).hasCount(0);
    }

    @Test
    void aNumberThatWasGivenByMistakeIsFoundNoMore() {
        String number = season.numbered(season.planted("pea", "2026-03-20", 40));
        grower.at("/lot/" + number);
        strikeOut();
        Assertions.assertThat(season.grower.get("/api/lots/" + number).status()).isEqualTo(404);
    }
}
