package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.ArrayList;
import java.util.List;

/** Somebody with a browser of their own, who sees only what the screen shows. */
final class Person implements AutoCloseable {
    final Page page;
    /** What the browser complained of: a broken script, a refused style, a missing file. */
    final List<String> complaints = new ArrayList<>();

    private final BrowserContext context;

    Person(int port, int width, int height) {
        context = Chromium.browser()
                .newContext(new Browser.NewContextOptions()
                        .setBaseURL("http://localhost:" + port)
                        .setViewportSize(width, height)
                        .setLocale("en-GB")
                        .setReducedMotion(ReducedMotion.REDUCE));
        page = context.newPage();
        page.onConsoleMessage(said -> {
            boolean refusedRequest = said.text().startsWith("Failed to load resource");
            if (List.of("error", "warning").contains(said.type()) && !refusedRequest) {
                complaints.add(said.text());
            }
        });
        page.onPageError(complaints::add);
    }

    static Person atDesk(int port) {
        return new Person(port, 1280, 800);
    }

    static Person inTheRows(int port) {
        return new Person(port, 390, 844);
    }

    Person signedIn(String role) {
        at("/");
        type("Name", role);
        type("Password", "skerrow-" + role);
        act("Sign in");
        assertThat(page.getByRole(AriaRole.NAVIGATION).first()).isVisible();
        return this;
    }

    Person at(String path) {
        page.navigate(path);
        assertThat(page.locator("h1").first()).isVisible();
        return this;
    }

    Locator field(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    void type(String label, String text) {
        field(label).fill(text);
    }

    void choose(String label, String option) {
        field(label).selectOption(option);
    }

    /** Types a mass in a unit. */
    void weigh(String label, String mass, String unit) {
        choose("Unit of " + label.toLowerCase(), unit);
        type(label, mass);
    }

    Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(false));
    }

    Locator link(String name) {
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
    }

    /** Presses the button or follows the link of this name. */
    void act(String name) {
        button(name).or(link(name)).first().click();
    }

    Locator heading(String text) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(text));
    }

    void sees(String text) {
        assertThat(page.locator("#page, main").first()).containsText(text);
    }

    Locator alert() {
        return page.getByRole(AriaRole.ALERT).filter(new Locator.FilterOptions().setHasText("a"));
    }

    @Override
    public void close() {
        context.close();
    }
}
