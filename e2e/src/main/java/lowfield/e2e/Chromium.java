package lowfield.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Headless Chromium from the system's packages, with nothing going out. */
final class Chromium implements AutoCloseable {
    /** How long an expectation waits, in ms, before it fails: a busy machine is slow, not wrong. */
    private static final double PATIENCE = 20_000;

    private final Playwright playwright;
    private final Browser browser;

    Chromium() {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE);
        playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        var path = Optional.ofNullable(System.getenv("LOWFIELD_CHROMIUM")).orElse("/usr/bin/chromium");
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of(path))
                        .setArgs(List.of(
                                "--no-sandbox",
                                "--disable-gpu",
                                "--disable-quic",
                                "--no-first-run",
                                "--disable-background-networking",
                                "--disable-component-update",
                                "--disable-sync",
                                "--disable-dev-shm-usage")));
    }

    Browser browser() {
        return browser;
    }

    @Override
    public void close() {
        playwright.close();
    }
}
