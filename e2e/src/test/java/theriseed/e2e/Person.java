package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.Cookie;
import com.microsoft.playwright.options.ReducedMotion;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;

/** Somebody with a browser of their own, who sees only what the screen shows. */
final class Person implements AutoCloseable {
    Page page;
    /** What the browser complained of: a broken script, a refused style, a missing file. */
    final List<String> complaints = new ArrayList<>();

    /** Who has signed in at which server before, so that it is not typed again by every test. */
    private static final Map<String, List<Cookie>> KNOWN = new ConcurrentHashMap<>();

    /** Counts in each page the questions whose answers are not there to their last byte. */
    private static final String COUNT_QUESTIONS = """
            window.due = 0;
            const fetched = window.fetch;
            window.fetch = async (...question) => {
                window.due++;
                let answer;
                try {
                    answer = await fetched(...question);
                    return answer;
                } finally {
                    Promise.resolve(answer?.clone().arrayBuffer()).catch(() => {}).finally(() => window.due--);
                }
            };
            """;

    /** Until nothing is due and what came was drawn without leading to another question. */
    private static final String UNTIL_SETTLED = """
            async () => {
                const drawn = () => new Promise(requestAnimationFrame);
                const due = () => window.due > 0 || [...document.images].some(image => !image.complete);
                do {
                    await drawn();
                    while (due()) await drawn();
                    await drawn();
                } while (due());
                await document.fonts.ready;
            }
            """;

    private final int port;
    private final BrowserContext context;

    private Person(Browser browser, int port, int width, int height, boolean phone) {
        this.port = port;
        context = browser.newContext(new Browser.NewContextOptions()
                .setBaseURL("http://localhost:" + port)
                .setViewportSize(width, height)
                .setLocale("en-GB")
                .setHasTouch(phone)
                // At a desk there is always a network, so the browser need not keep the screens for when there is none.
                .setServiceWorkers(phone ? ServiceWorkerPolicy.ALLOW : ServiceWorkerPolicy.BLOCK)
                .setReducedMotion(ReducedMotion.REDUCE));
        context.addInitScript(COUNT_QUESTIONS);
        open();
    }

    private void open() {
        page = context.newPage();
        page.onConsoleMessage(said -> {
            boolean refusedRequest = said.text().startsWith("Failed to load resource");
            boolean hint = said.text().contains("willReadFrequently");
            boolean byTheTest = said.text().equals("Service Worker registration blocked by Playwright");
            if (List.of("error", "warning").contains(said.type()) && !refusedRequest && !hint && !byTheTest) {
                complaints.add(said.text());
            }
        });
        page.onPageError(complaints::add);
    }

    static Person atDesk(int port) {
        return new Person(Chromium.browser(), port, 1280, 800, false);
    }

    static Person inTheRows(int port) {
        return inTheRows(Chromium.browser(), port);
    }

    /** The same in a browser of its own. */
    static Person inTheRows(Browser browser, int port) {
        return new Person(browser, port, 390, 844, true);
    }

    Person signedIn(String role) {
        return signedIn(role, "skerrow-" + role);
    }

    Person signedIn(String name, String password) {
        String key = name + " at " + port;
        context.addCookies(KNOWN.getOrDefault(key, List.of()));
        at("/account");
        // The first of a class has to sign in: every class begins with a farm that knows nobody.
        if (field("Password").isVisible()) {
            signsIn(name, password);
            KNOWN.put(key, context.cookies());
        }
        return this;
    }

    /** Types name and password. */
    Person signsIn(String name, String password) {
        at("/");
        type("Name", name);
        type("Password", password);
        act("Sign in");
        assertThat(page.getByRole(AriaRole.NAVIGATION).first()).isVisible();
        return this;
    }

    Person at(String path) {
        page.navigate(path);
        assertThat(page.locator("h1").first()).isVisible();
        return this;
    }

    /** Opens a page and waits until all of it is there. */
    Person settledAt(String path) {
        at(path);
        assertThat(page.getByText("Looking it up")).hasCount(0);
        settles();
        return this;
    }

    /** Waits until nothing is being looked up any more. */
    void settles() {
        page.evaluate(UNTIL_SETTLED);
    }

    /** Waits until the browser has drawn what the page is now. */
    void drawn() {
        page.evaluate("() => new Promise(done => requestAnimationFrame(() => requestAnimationFrame(done)))");
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

    /** The button of this name in the row of a table that begins with these words. */
    Locator inRow(String row, String button) {
        return page.getByRole(AriaRole.ROW)
                .filter(new Locator.FilterOptions()
                        .setHas(page.getByRole(
                                AriaRole.ROWHEADER, new Page.GetByRoleOptions().setName(Pattern.compile("^" + row)))))
                .first()
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(button));
    }

    /** Where a spot of the farm, in metres from its own, stands on the screen. */
    double[] onMap(double east, double north) {
        Locator map = page.getByTestId("map");
        // What is looked up anew is drawn anew, under the hand too.
        settles();
        assertThat(map).not().hasAttribute("data-scale", "1");
        BoundingBox box = map.boundingBox();
        double scale = Double.parseDouble(map.getAttribute("data-scale"));
        return new double[] {
            box.x + (east - Double.parseDouble(map.getAttribute("data-west"))) * scale,
            box.y + (Double.parseDouble(map.getAttribute("data-north")) - north) * scale
        };
    }

    /** Drags something on the map from one spot of the farm to another, hand held down. */
    void drag(double fromEast, double fromNorth, double toEast, double toNorth) {
        double[] from = onMap(fromEast, fromNorth);
        double[] to = onMap(toEast, toNorth);
        page.mouse().move(from[0], from[1]);
        page.mouse().down();
        page.mouse().move(to[0], to[1], new Mouse.MoveOptions().setSteps(12));
    }

    void clickOnMap(double east, double north) {
        double[] at = onMap(east, north);
        page.mouse().click(at[0], at[1]);
    }

    /** Waits until the phone keeps the screens themselves. */
    void takesTheScreensAlong() {
        page.evaluate("navigator.serviceWorker.ready.then((there) => there.active.state)");
        // Waited for in the page itself: the pages' own policy lets nothing be evaluated again and again.
        page.evaluate("""
                () => navigator.serviceWorker.controller ? true : new Promise(done =>
                    navigator.serviceWorker.addEventListener('controllerchange', () => done(true), { once: true }))
                """);
    }

    void signal(boolean there) {
        context.setOffline(!there);
    }

    /**
     * The browser throws the page away; what is on the phone stays. What was tapped just now is written first, however
     * slow the disk is: the phone's store takes one write after the other.
     */
    void killsThePage() {
        page.evaluate("""
                () => new Promise((written) => {
                    const open = indexedDB.open('theriseed');
                    open.onsuccess = () => {
                        const last = open.result.transaction('drafts', 'readwrite');
                        last.oncomplete = () => { open.result.close(); written(); };
                        last.objectStore('drafts').count();
                    };
                })""");
        page.close();
        open();
    }

    /** Chooses a file. */
    void sends(String label, Path file) {
        page.getByLabel(label).setInputFiles(file);
    }

    /** Makes a plain picture. */
    static Path picture(Path file, int width, int height) throws IOException {
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), "png", file.toFile());
        return file;
    }

    Locator heading(String text) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(text));
    }

    void sees(String text) {
        assertThat(page.locator("#page, main").first()).containsText(text);
    }

    Locator alert() {
        return page.getByRole(AriaRole.ALERT).filter(new Locator.FilterOptions().setHasText(Pattern.compile("\\S")));
    }

    @Override
    public void close() {
        context.close();
    }
}
