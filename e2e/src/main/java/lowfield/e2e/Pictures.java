package lowfield.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.nio.file.Path;

/** Takes one picture of each main view of a running demo: {@code Pictures DESK READERS FOLDER}. */
public final class Pictures {
    private static final String GUIDE = "/guides/the-tidewater-guide";
    private final String desk;
    private final String readers;
    private final Path folder;

    private Pictures(String desk, String readers, Path folder) {
        this.desk = desk;
        this.readers = readers;
        this.folder = folder;
    }

    public static void main(String[] arguments) {
        var pictures = new Pictures(arguments[0], arguments[1], Path.of(arguments[2]));
        try (var chromium = new Chromium()) {
            pictures.desk(chromium.browser());
            pictures.readers(chromium.browser());
        }
    }

    private void desk(Browser browser) {
        try (var context = context(browser, 1280, 800, ColorScheme.LIGHT)) {
            var page = context.newPage();
            page.navigate(desk);
            signIn(page);
            visit(page, GUIDE, "desk");
            page.keyboard().press("w");
            page.getByText("As readers see it today").first().waitFor();
            shot(page, "words");
            page.keyboard().press("Escape");
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Bosun"))
                    .first()
                    .click();
            page.getByTestId("total").waitFor();
            page.getByText("Take it").first().waitFor();
            shot(page, "bench");
            page.keyboard().press("t");
            page.locator("svg.fit").waitFor();
            shot(page, "fit");
            page.keyboard().press("Escape");
            // A key that comes before the dialog has gone is the dialog's.
            page.getByRole(AriaRole.DIALOG).waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
            page.keyboard().press("/");
            page.locator("#candidate-0").waitFor();
            page.keyboard().press("ArrowDown");
            shot(page, "finder");
            for (int i = 0; i < 4; i++) {
                page.keyboard().press("Alt+KeyC");
                page.keyboard().press("ArrowDown");
            }
            page.keyboard().press("Alt+KeyV");
            page.getByText("only what differs").waitFor();
            page.getByText("board power").waitFor();
            shot(page, "side-by-side");
            page.keyboard().press("Escape");
            page.keyboard().press("Escape");
            page.keyboard().press("l");
            page.getByText("A line runs through").waitFor();
            shot(page, "ladder");
            for (int i = 2; i < 5; i++) {
                page.locator("thead input[type=checkbox]").nth(i).check();
            }
            page.keyboard().press("v");
            page.getByText("Builds side by side").waitFor();
            shot(page, "builds-side-by-side");
            visit(page, GUIDE + "/round", "round");
            visit(page, GUIDE + "/prices", "prices");
            visit(page, GUIDE + "/press", "press");
            visit(page, "/catalogue", "catalogue");
            page.getByText("Hartle Basalt 16 GB").first().click();
            page.getByText("Siblings").waitFor();
            shot(page, "part");
            page.keyboard().press("Escape");
            page.navigate(desk + "/guides/harbour-hire");
            page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions().setName("Quayside").setExact(true))
                    .click();
            page.getByTestId("total").waitFor();
            page.keyboard().press("x");
            page.getByRole(AriaRole.DIALOG).waitFor();
            shot(page, "packages");
            visit(page, "/shops", "shops");
            visit(page, "/people", "people");
        }
        try (var context = context(browser, 1280, 800, ColorScheme.DARK)) {
            var page = context.newPage();
            page.navigate(desk);
            signIn(page);
            visit(page, GUIDE, "desk-dark");
        }
    }

    private void readers(Browser browser) {
        try (var context = context(browser, 1280, 800, ColorScheme.LIGHT)) {
            var page = context.newPage();
            page.navigate(readers + "/the-tidewater-guide#tier-bosun");
            shot(page, "reader");
        }
        try (var context = context(browser, 390, 844, ColorScheme.LIGHT)) {
            var page = context.newPage();
            page.navigate(readers + "/the-tidewater-guide");
            shot(page, "reader-phone");
        }
    }

    private static BrowserContext context(Browser browser, int width, int height, ColorScheme scheme) {
        return browser.newContext(new Browser.NewContextOptions()
                .setViewportSize(width, height)
                .setColorScheme(scheme)
                .setLocale("en-GB"));
    }

    private static void signIn(Page page) {
        page.getByLabel("E-mail address").fill("ines@tidewater.example");
        page.getByLabel("Password").fill("harbour-lights");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign in"))
                .click();
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Guides"))
                .waitFor();
    }

    private void visit(Page page, String path, String name) {
        page.navigate(desk + path);
        page.getByRole(AriaRole.HEADING).first().waitFor();
        page.waitForLoadState();
        page.waitForTimeout(700);
        shot(page, name);
    }

    private void shot(Page page, String name) {
        page.evaluate("document.fonts.ready");
        page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
    }
}
