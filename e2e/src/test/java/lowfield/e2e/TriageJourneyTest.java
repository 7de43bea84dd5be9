package lowfield.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The demo's edition in work, from its five troubles to a published page: what an author does on the first day of a period. */
class TriageJourneyTest {
    private static final String GUIDE = "/guides/the-tidewater-guide";
    private Page page;

    @Test
    void everyTroubleOfTheEditionInWorkIsSettledAndItIsPublished() throws Exception {
        try (var theatre = new Theatre(true);
                var chromium = new Chromium();
                var context = chromium.browser()
                        .newContext(new Browser.NewContextOptions()
                                .setViewportSize(1280, 800)
                                .setLocale("en-GB"))) {
            page = context.newPage();
            page.navigate(theatre.desk());
            page.getByLabel("E-mail address").fill("tom@tidewater.example");
            page.getByLabel("Password").fill("second-pair-of-eyes");
            button("Sign in").click();
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Guides"))
                    .waitFor();

            wanted(theatre, "Ostrand Quay Grand has no price");
            take("keel plus");
            assertThat(total()).not().hasText("not known");
            page.keyboard().press("u");
            assertThat(total()).hasText("not known");
            take("ostrand quay atx");
            assertThat(total()).hasText("1,832.10");
            writeReason("A full-size board in every shop this month.");

            wanted(theatre, "over its band");
            take("hartle mica nine");
            assertThat(total()).hasText("1,244.90");
            writeReason("The larger card went up in every shop; this one keeps the promise with less memory.");

            wanted(theatre, "graphics card clearance of Hollowell Byre S is not known");
            goTo("Case");
            take("byre m black");
            writeReason("Small, plain, and its figures are known.");

            wanted(theatre, "Reason of the case is stale");
            page.keyboard().press("v");
            assertThat(page.getByText("written for another choice")).not().isVisible();

            wanted(theatre, "Reason of the graphics card is stale");
            assertThat(page.getByText("Price against Hartle Mica Six")).isVisible();
            page.keyboard().press("v");
            assertThat(page.getByText("Price against Hartle Mica Six")).not().isVisible();
            wanted(theatre, "says 3600 MB/s where the data says 3400 MB/s");
            assertThat(page.locator(".slip")).hasText("3600 MB/s");
            page.keyboard().press("r");
            assertThat(page.locator(".cm-content")).containsText("3400 MB/s");

            wanted(theatre, "stands out: ");
            decideEverything();
            confirmPrices(theatre);

            page.navigate(theatre.desk() + GUIDE);
            // What is left are cautions to answer and figures that only advise; nothing that stops an edition.
            page.getByText("To decide").first().waitFor();
            for (var done : new String[] {"has no price", "over its band", "is stale", "stands out", "has no reason"}) {
                assertThat(page.getByText(Pattern.compile(done + "$"))).hasCount(0);
            }
            page.navigate(theatre.desk() + GUIDE + "/press");
            for (var check : new String[] {"Every caution is answered", "Alternatives and upgrades still hold"}) {
                PublishAnyway.letThrough(page, check, "They are known, and told to readers.");
            }
            assertThat(page.locator("main")).containsText("Every check passes or has an exception");
            button("Publish").click();
            button("Publish it").click();
            assertThat(page.getByText("Edition 13 is published.")).isVisible();

            page.navigate(theatre.readers() + "/the-tidewater-guide");
            assertThat(page.locator("#tier-mate"))
                    .containsText("Hartle Mica Nine 12 GB instead of Merrowby Vane Eight 16 GB");
            page.navigate(theatre.readers() + "/the-tidewater-guide/editions/12");
            assertThat(page.getByText("Edition 13, December 2026 is current.")).isVisible();
        }
    }

    /** The round's queue by keys: the slip is set aside and taken back once, then everything is kept. */
    private void decideEverything() {
        var rows = page.getByRole(AriaRole.OPTION);
        assertThat(rows.first()).containsText("stands out");
        page.keyboard().press("x");
        assertThat(rows.first()).not().containsText("stands out");
        page.keyboard().press("u");
        assertThat(rows.first()).containsText("stands out");
        page.keyboard().press("x");
        assertThat(rows.first()).not().containsText("stands out");
        for (int left = rows.count(); left > 0; left--) {
            assertThat(rows).hasCount(left);
            page.keyboard().press("k");
        }
        assertThat(page.getByText("Everything that moved is decided.")).isVisible();
    }

    /** What has no shop was priced a year ago; it still costs that, and the price sheet takes it with one key. */
    private void confirmPrices(Theatre theatre) {
        page.navigate(theatre.desk() + GUIDE + "/prices");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Type prices"))
                .click();
        page.locator("[data-entry]").first().focus();
        page.keyboard().press("+");
        assertThat(page.getByText(Pattern.compile("^[0-9]+ prices? confirmed\\.$")))
                .isVisible();
    }

    private Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private Locator total() {
        return page.getByTestId("total");
    }

    private void wanted(Theatre theatre, String words) {
        page.navigate(theatre.desk() + GUIDE);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(words))
                .first()
                .click();
        page.waitForURL(Pattern.compile(".*/(lines/.*|round)"));
        page.getByRole(AriaRole.HEADING).first().waitFor();
    }

    private void goTo(String slot) {
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Slots"))
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + slot + " ")))
                .first()
                .click();
        assertThat(page.locator("section[aria-label='The slot'] .label").first())
                .hasText(slot);
    }

    private void take(String words) {
        total().waitFor();
        page.keyboard().press("/");
        var query = page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Name or figures"));
        query.fill(words);
        query.press("Enter");
        assertThat(page.getByRole(AriaRole.DIALOG)).not().isVisible();
    }

    private void writeReason(String words) {
        assertThat(page.getByText("written for another choice")).isVisible();
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^Reason for")))
                .click();
        page.keyboard().press("Control+A");
        page.keyboard().type(words);
        assertThat(page.getByText("saved", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(page.getByText("written for another choice")).not().isVisible();
    }
}
