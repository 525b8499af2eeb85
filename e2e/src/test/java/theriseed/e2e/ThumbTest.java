package theriseed.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;

/** On a phone everything that is pressed is met by a thumb, in the rows by one in a glove, and pages scroll one way. */
@DemoFarmTest
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ThumbTest {
    private static final int THUMB_PX = 44;
    private static final int GLOVE_PX = 56;

    /** The narrowest phone, and a desk's screen enlarged four times. */
    private static final int[] WIDTHS = {360, 320};

    private static final Set<String> IN_THE_ROWS =
            Set.of("/walk/[planting]", "/walk/[planting]/found", "/pollination/[planting]");

    /** What is seen, pressed and lower or narrower than this, all folds open; links within a sentence have its height. */
    private static final String TOO_SMALL = """
            ({least, within}) => {
                document.querySelectorAll('details').forEach(fold => fold.open = true);
                const inSentence = part => {
                    if (getComputedStyle(part).display !== 'inline') return false;
                    let block = part.parentElement;
                    while (getComputedStyle(block).display === 'inline') block = block.parentElement;
                    const links = [...block.querySelectorAll('a, button')].reduce((sum, one) => sum + one.innerText.length, 0);
                    return block.innerText.length - links > 8;
                };
                const pressed = 'a[href], button, input, select, textarea, summary, [role=option], [role=tab], [role=menuitem]';
                return [...document.querySelectorAll(within)]
                    .flatMap(part => [...part.querySelectorAll(pressed)])
                    .filter(part => !part.closest('svg, .ol-viewport') && part.checkVisibility({visibilityProperty: true}))
                    .filter(part => {
                        const met = /^(checkbox|radio|file)$/.test(part.type) && part.closest('label') || part;
                        const {width, height, right} = met.getBoundingClientRect();
                        return right > 0 && width > 1 && (width < least - 0.5 || height < least - 0.5) && !inSentence(part);
                    })
                    .map(part => part.outerHTML);
            }
            """;

    private static final String SCROLLS_SIDEWAYS = "() => document.documentElement.scrollWidth - innerWidth";

    @LocalServerPort
    int port;

    Views views;
    Person grower;

    @BeforeAll
    void signIn() {
        views = new Views(Client.as("grower", port));
        grower = Person.inTheRows(port).signedIn("grower");
    }

    @AfterAll
    void leave() {
        grower.close();
    }

    static Stream<String> routes() {
        return Views.routes().stream();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("routes")
    void everythingIsMetByAThumb(String route) {
        List<String> faults = new ArrayList<>();
        grower.page.setViewportSize(WIDTHS[0], 800);
        grower.settledAt(views.at(route));
        faults.addAll(tooSmall(THUMB_PX, "body"));
        if (IN_THE_ROWS.contains(route)) {
            faults.addAll(tooSmall(GLOVE_PX, "main .gloved"));
        }
        for (int width : WIDTHS) {
            grower.page.setViewportSize(width, 800);
            grower.drawn();
            int by = (int) grower.page.evaluate(SCROLLS_SIDEWAYS);
            if (by > 0) {
                faults.add("scrolls sideways by " + by + " at " + width);
            }
        }
        assertThat(faults).isEmpty();
    }

    private List<String> tooSmall(int least, String within) {
        @SuppressWarnings("unchecked")
        List<String> found = (List<String>) grower.page.evaluate(TOO_SMALL, Map.of("least", least, "within", within));
        return found;
    }
}
