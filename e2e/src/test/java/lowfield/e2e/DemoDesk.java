package lowfield.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.args.AxeRuleOptions;
import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/** The demo's world in a browser: started once for all journeys that leave it as they found it, and ended after the last. */
final class DemoDesk implements BeforeAllCallback {
    static final String GUIDE = "/guides/the-tidewater-guide";
    private static final ExtensionContext.Namespace OURS = ExtensionContext.Namespace.create(DemoDesk.class);
    private static Running running;

    /** What runs until the last journey is over. */
    private record Running(Theatre theatre, Chromium chromium) implements AutoCloseable {
        @Override
        public void close() throws Exception {
            chromium.close();
            theatre.close();
        }
    }

    @Override
    public void beforeAll(ExtensionContext context) {
        running = context.getRoot().getStore(OURS).computeIfAbsent("demo", key -> start(), Running.class);
    }

    private static Running start() {
        try {
            return new Running(new Theatre(true), new Chromium());
        } catch (Exception failed) {
            throw new IllegalStateException(failed);
        }
    }

    static Theatre theatre() {
        return running.theatre();
    }

    static BrowserContext context(ColorScheme scheme, int width) {
        return running.chromium()
                .browser()
                .newContext(new Browser.NewContextOptions()
                        .setViewportSize(width, 800)
                        .setColorScheme(scheme)
                        .setLocale("en-GB"));
    }

    static BrowserContext context() {
        return context(ColorScheme.LIGHT, 1280);
    }

    static Page signedIn(BrowserContext context) {
        return signedIn(context, "ines@tidewater.example", "harbour-lights");
    }

    static Page signedIn(BrowserContext context, String email, String password) {
        var page = context.newPage();
        page.navigate(theatre().desk());
        page.getByLabel("E-mail address").fill(email);
        page.getByLabel("Password").fill(password);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign in"))
                .click();
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Guides"))
                .waitFor();
        return page;
    }

    /** The guide's desk, signed in. */
    static Page desk(BrowserContext context) {
        var page = signedIn(context);
        home(page);
        return page;
    }

    static void home(Page page) {
        page.navigate(theatre().desk() + GUIDE);
        page.getByText("To decide").waitFor();
    }

    /** The main build of a tier at the bench, signed in. */
    static Page bench(BrowserContext context, String tier) {
        var page = signedIn(context);
        bench(page, tier);
        return page;
    }

    static void bench(Page page, String tier) {
        home(page);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(tier).setExact(true))
                .click();
        page.getByTestId("total").waitFor();
    }

    /** Finds by some words in the finder and takes the first candidate, with keys alone. */
    static void find(Page page, String words) {
        page.keyboard().press("/");
        page.locator("#candidate-0").waitFor();
        page.keyboard().type(words);
        if (!words.isEmpty()) {
            assertThat(page).hasURL(Pattern.compile(".*find=text.*"));
        }
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
    }

    /** Keys go to what is behind a dialog only once it has gone. */
    static void leave(Page page) {
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
    }

    /** Every rule that axe runs unasked, and that pointer targets are 24 pixels or have the room (WCAG 2.2, 2.5.8). */
    private static AxeRunOptions withTargetSizes() {
        var isOn = new AxeRuleOptions();
        isOn.setEnabled(true);
        var options = new AxeRunOptions();
        options.setRules(Map.of("target-size", isOn));
        return options;
    }

    static void isClean(Page page, String view) {
        page.waitForLoadState();
        var violations =
                new AxeBuilder(page).options(withTargetSizes()).analyze().getViolations();
        assertThat(violations)
                .as(view)
                .map(v -> v.getId() + ": " + v.getNodes().get(0).getHtml())
                .isEmpty();
    }
}
