package lowfield.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.util.regex.Pattern;

/**
 * Counts the keys that an author presses on the first day of a period, from the desk of the demo's edition in work: run the
 * round, decide everything that moved, until the queue is empty and every total is inside its band: {@code KeysPressed DESK
 * READERS}. A part that is gone and a build over its band are swapped in the finder for what stands first there.
 */
public final class KeysPressed {
    private static final String GUIDE = "/guides/the-tidewater-guide";
    private static final int MOST = 200;

    private final Page page;
    private int keys;

    private KeysPressed(Page page) {
        this.page = page;
    }

    public static void main(String[] arguments) {
        try (var chromium = new Chromium();
                var context = chromium.browser()
                        .newContext(new Browser.NewContextOptions()
                                .setViewportSize(1280, 800)
                                .setLocale("en-GB"))) {
            var author = new KeysPressed(context.newPage());
            author.signIn(arguments[0]);
            author.round();
            author.decide();
            author.tell();
        }
    }

    private void signIn(String desk) {
        page.navigate(desk);
        page.getByLabel("E-mail address").fill("ines@tidewater.example");
        page.getByLabel("Password").fill("harbour-lights");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign in"))
                .click();
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Guides"))
                .waitFor();
        page.navigate(desk + GUIDE);
        page.getByText("To decide").waitFor();
    }

    private void press(String key) {
        keys++;
        page.keyboard().press(key);
    }

    private void round() {
        press("2");
        page.getByText("Refresh all prices").waitFor();
        press("r");
        page.getByText("Pause").waitFor();
        page.getByText("Refresh all prices").waitFor(new Locator.WaitForOptions().setTimeout(120_000));
    }

    private Locator rows() {
        return page.getByRole(AriaRole.OPTION);
    }

    private void decide() {
        rows().first().waitFor();
        while (keys < MOST && rows().count() > 0) {
            var left = rows().count();
            var first = rows().first().innerText();
            System.out.println(first.replaceAll("\\s+", " "));
            if (Pattern.compile("No price|Over|Under")
                    .matcher(first.lines().limit(3).collect(java.util.stream.Collectors.joining()))
                    .find()) {
                swap();
            } else {
                press(first.contains("Ignore price") ? "x" : "k");
                page.waitForFunction("n => document.querySelectorAll('[role=option]').length !== n", left);
            }
        }
    }

    private void swap() {
        press("s");
        page.waitForURL(Pattern.compile(".*/lines/.*"));
        page.locator("#candidate-0").waitFor();
        press("Enter");
        page.getByRole(AriaRole.DIALOG).waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
        // The reason was written for what stood here before.
        page.getByText("written for another choice").waitFor();
        press("2");
        page.getByText(Pattern.compile("to decide, heaviest first|Everything that moved is decided"))
                .waitFor();
    }

    private void tell() {
        press("1");
        page.getByText("To decide").waitFor();
        var outside = page.evaluate("""
                fetch('/api/guides/the-tidewater-guide/desk').then(a => a.json()).then(desk => desk.cards
                    .filter(c => !['INSIDE', 'NO_BAND'].includes(c.gauge.standing.state))
                    .map(c => c.tierName + ', ' + c.buildName).join('; '))
                """);
        System.out.printf(
                "%d rows left; totals outside their bands or not known: %s%n",
                rows().count(), outside.equals("") ? "none" : outside);
        System.out.printf("keys=%d%n", keys);
    }
}
