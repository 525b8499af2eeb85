package theriseed.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.nio.file.Path;
import java.util.List;

/** Debian's own Chromium, started once for all tests. */
final class Chromium {
    private static final Browser BROWSER = start();

    private Chromium() {}

    static Browser browser() {
        return BROWSER;
    }

    private static Browser start() {
        // What comes at all comes sooner; a busy machine is no fault.
        PlaywrightAssertions.setDefaultAssertionTimeout(30_000);
        Playwright playwright = Playwright.create();
        Browser browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium-headless-shell"))
                        .setArgs(List.of(
                                "--no-sandbox",
                                "--disable-gpu",
                                "--disable-quic",
                                "--no-first-run",
                                "--disable-background-networking",
                                "--disable-component-update",
                                "--disable-sync")));
        Runtime.getRuntime().addShutdownHook(new Thread(playwright::close));
        return browser;
    }
}
