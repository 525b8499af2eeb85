package theriseed.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** Debian's own Chromium, started once for all tests. */
final class Chromium {
    private static final List<String> QUIET = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");
    private static final Playwright PLAYWRIGHT = begun();

    private Chromium() {}

    /** The one that all tests share. */
    static Browser browser() {
        return Shared.BROWSER;
    }

    private static final class Shared {
        private static final Browser BROWSER = started(Map.of(), List.of());
    }

    /** One more, with an environment and arguments of its own; whoever starts it closes it. */
    static Browser started(Map<String, String> environment, List<String> arguments) {
        Map<String, String> all = new HashMap<>(System.getenv());
        all.putAll(environment);
        return PLAYWRIGHT
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium-headless-shell"))
                        .setEnv(all)
                        .setArgs(Stream.concat(QUIET.stream(), arguments.stream())
                                .toList()));
    }

    private static Playwright begun() {
        // What comes at all comes sooner; a busy machine is no fault.
        PlaywrightAssertions.setDefaultAssertionTimeout(30_000);
        Playwright playwright = Playwright.create();
        Runtime.getRuntime().addShutdownHook(new Thread(playwright::close));
        return playwright;
    }
}
