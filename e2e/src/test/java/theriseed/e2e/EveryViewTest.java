package theriseed.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;

/** Every view fits every width in both themes, complains of nothing, and can be read and reached by all. */
@DemoFarmTest
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class EveryViewTest {
    private static final int[] WIDTHS = {1600, 1280, 768, 360};
    private static final String DAYLIGHT = "daylight";
    private static final String LAMP = "lamp";

    /** What can be told by a program of the guidelines for accessible content, version 2.2, levels A and AA. */
    private static final List<String> RULES = List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa");

    /** Those of them that a theme, which only changes colours, can break. */
    private static final List<String> RULES_OF_COLOUR = List.of("color-contrast", "link-in-text-block");

    /** By how much a page scrolls sideways, and what reaches past its right edge; nothing where it does not scroll. */
    private static final String TOO_WIDE = """
            () => document.documentElement.scrollWidth <= innerWidth ? [] :
                [`by ${document.documentElement.scrollWidth - innerWidth}`, ...[...document.querySelectorAll('body *')]
                    .filter(part => part.getBoundingClientRect().right > innerWidth && !part.firstElementChild)
                    .map(part => `as of ${part.outerHTML}`)]
            """;

    private static final String BARRIERS = """
            async rules => (await axe.run(document, { runOnly: rules, resultTypes: ['violations'], selectors: false })).violations
                .flatMap(rule => rule.nodes.map(node => `${rule.id} ${node.html}`))
            """;

    @LocalServerPort
    int port;

    Views views;
    Person grower;
    final List<String> elsewhere = new ArrayList<>();

    @BeforeAll
    void signIn() {
        views = new Views(Client.as("grower", port));
        grower = Person.atDesk(port).signedIn("grower");
        grower.page.onRequest(request -> {
            if (!request.url().startsWith("http://localhost:" + port)
                    && !request.url().startsWith("data:")) {
                elsewhere.add(request.url());
            }
        });
    }

    @AfterAll
    void leave() {
        grower.close();
    }

    static Stream<String> routes() {
        return Views.routes().stream();
    }

    @Test
    void everyRouteHasAViewThatIsLookedAt() {
        assertThat(views.all().keySet()).isEqualTo(new TreeSet<>(Views.routes()));
    }

    @Test
    void theTypefaceComesWithTheScreens() {
        grower.settledAt("/today");
        assertThat(grower.page.evaluate("document.fonts.check('16px \"Atkinson Hyperlegible Next Variable\"')"))
                .isEqualTo(true);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("routes")
    void fitsAndCanBeReadAndReachedByAll(String route) {
        List<String> faults = new ArrayList<>();
        elsewhere.clear();
        grower.complaints.clear();
        grower.page.setViewportSize(WIDTHS[0], 800);
        grower.settledAt(views.at(route));
        grower.page.evaluate(AxeBuilder.getAxeScript());
        for (int width : WIDTHS) {
            grower.page.setViewportSize(width, 800);
            for (String theme : List.of(DAYLIGHT, LAMP)) {
                grower.page.evaluate("theme => document.documentElement.dataset.theme = theme", theme);
                grower.drawn();
                String where = width + " in " + theme + ": ";
                ((List<?>) grower.page.evaluate(TOO_WIDE)).forEach(wide -> faults.add(where + "too wide " + wide));
                if (width < WIDTHS[0]) {
                    barriers(theme).forEach(barrier -> faults.add(where + barrier));
                }
            }
        }
        assertThat(faults).isEmpty();
        assertThat(elsewhere).isEmpty();
        assertThat(grower.complaints).isEmpty();
    }

    private List<?> barriers(String theme) {
        Object rules = theme.equals(DAYLIGHT)
                ? Map.of("type", "tag", "values", RULES)
                : Map.of("type", "rule", "values", RULES_OF_COLOUR);
        return (List<?>) grower.page.evaluate(BARRIERS, rules);
    }
}
