package lowfield.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.util.regex.Pattern;

/**
 * Counts the keys of an author's hands on the demo's second guide: {@code HandKeys DESK READERS}. A part from a link after the
 * paste; prices one after the other, beyond their own characters; "still so" for the last; a tier that follows another, with
 * one slot changed; another offer for a line. Characters of names, sums and search words are not counted.
 */
public final class HandKeys {
    private static final String GUIDE = "/guides/harbour-hire";
    private static final String LINK = "https://ferrowby.example/new/kelder-ridge-650";
    private static final String PASTE = """
            text => {
                const data = new DataTransfer();
                data.setData('text', text);
                document.activeElement.dispatchEvent(
                    new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
            }
            """;

    private final Page page;
    private final String desk;
    private int keys;

    private HandKeys(Page page, String desk) {
        this.page = page;
        this.desk = desk;
    }

    public static void main(String[] arguments) {
        try (var chromium = new Chromium();
                var context = chromium.browser()
                        .newContext(new Browser.NewContextOptions()
                                .setViewportSize(1280, 800)
                                .setLocale("en-GB"))) {
            var hands = new HandKeys(context.newPage(), arguments[0]);
            hands.signIn();
            System.out.printf(
                    "part_keys=%d price_keys_per_line=%.2f still_keys_per_line=%.2f tier_keys=%d offer_keys=%d%n",
                    hands.part(), hands.prices(), hands.still(), hands.tier(), hands.offer());
        }
    }

    private void signIn() {
        page.navigate(desk);
        page.getByLabel("E-mail address").fill("ines@tidewater.example");
        page.getByLabel("Password").fill("harbour-lights");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign in"))
                .click();
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Guides"))
                .waitFor();
    }

    private void press(String key) {
        keys++;
        page.keyboard().press(key);
    }

    /** Of what was pressed since the last count. */
    private int counted() {
        var many = keys;
        keys = 0;
        return many;
    }

    private int part() {
        page.navigate(desk + "/catalogue");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("From links"))
                .click();
        page.getByLabel("Addresses of product pages at your shops, one or many").focus();
        page.evaluate(PASTE, LINK);
        page.waitForFunction("() => document.activeElement?.textContent?.trim() === 'Add the part'");
        press("Enter");
        page.getByText(Pattern.compile("is in the catalogue")).waitFor();
        return counted();
    }

    /** The fields of the sheet that wait for a price. */
    private Locator lines() {
        return page.locator("main input[inputmode=decimal]");
    }

    private void sheet() {
        page.navigate(desk + GUIDE + "/prices");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Type prices"))
                .click();
        lines().first().waitFor();
        page.waitForFunction("() => document.activeElement?.tagName === 'INPUT'");
    }

    private double prices() {
        sheet();
        var many = Math.min(5, lines().count());
        for (int i = 0; i < many; i++) {
            page.keyboard().type(lastPrice());
            press("Enter");
            page.getByText(Pattern.compile("^" + (i + 1) + " of ")).first().waitFor();
        }
        return counted() / (double) many;
    }

    /** The last price of the line that has the focus, as one would type it; 60 where there is none. */
    private String lastPrice() {
        var told = page.evaluate("() => document.activeElement.closest('tr').cells[1].innerText.split('\\n')[0]")
                .toString()
                .replaceAll("[^0-9.]", "");
        return told.isEmpty() ? "60" : told;
    }

    private double still() {
        sheet();
        var many = Math.min(3, lines().count());
        for (int i = 0; i < many; i++) {
            press("=");
            page.getByText(Pattern.compile("^" + (i + 1) + " of ")).first().waitFor();
        }
        return counted() / (double) many;
    }

    private int tier() {
        page.navigate(desk + GUIDE);
        page.getByText("To decide").waitFor();
        press("t");
        page.getByRole(AriaRole.DIALOG).waitFor();
        page.waitForFunction("() => document.activeElement?.type === 'radio'");
        press("ArrowDown");
        reach("Tier name");
        page.keyboard().type("Jetty");
        reach("From");
        page.keyboard().type("900");
        reach("To");
        page.keyboard().type("1300");
        press("Enter");
        page.getByTestId("total").waitFor();
        press("/");
        page.locator("#candidate-0").waitFor();
        page.keyboard().type("vane six");
        page.getByRole(AriaRole.OPTION)
                .filter(new Locator.FilterOptions().setHasText("Vane Six"))
                .first()
                .waitFor();
        press("Enter");
        page.getByRole(AriaRole.DIALOG).waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
        return counted();
    }

    /** Presses Tab until a field of a label has the focus. */
    private void reach(String label) {
        for (int i = 0; i < 20; i++) {
            press("Tab");
            var at = page.evaluate("() => document.activeElement?.labels?.[0]?.textContent?.trim() ?? ''");
            if (label.equals(at)) {
                return;
            }
        }
        throw new IllegalStateException("The focus does not come to " + label + ".");
    }

    private int offer() {
        page.navigate(desk + "/guides/the-tidewater-guide");
        page.getByText("To decide").waitFor();
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Bosun").setExact(true))
                .click();
        page.getByTestId("total").waitFor();
        press("o");
        page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.ROW).first().waitFor();
        press("1");
        page.getByRole(AriaRole.DIALOG).waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
        page.getByText("Pinned to this offer").waitFor();
        return counted();
    }
}
