package lowfield.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static lowfield.e2e.DemoDesk.GUIDE;
import static lowfield.e2e.DemoDesk.bench;
import static lowfield.e2e.DemoDesk.context;
import static lowfield.e2e.DemoDesk.isClean;
import static lowfield.e2e.DemoDesk.signedIn;
import static lowfield.e2e.DemoDesk.theatre;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Prices beside the round: typed by the author, thought of, sold together, and as charts for readers. */
@ExtendWith(DemoDesk.class)
class PricesJourneyTest {
    private static void slot(Page page, String slot) {
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Slots"))
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + slot + " ")))
                .first()
                .click();
        assertThat(page.locator("section[aria-label='The slot'] .label").first())
                .hasText(slot);
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    private static Locator dialog(Page page) {
        return page.getByRole(AriaRole.DIALOG);
    }

    @Test
    void aTypedPriceCountsAndAWrongTurnIsTold() {
        try (var context = context()) {
            var page = bench(context, "Horizon");
            slot(page, "CPU cooler");
            button(page, "Type a price").click();
            var price = page.getByLabel("Price of one (EUR)");
            assertThat(price).isFocused();
            isClean(page, "a typed price");
            price.fill("much");
            button(page, "Save price").click();
            assertThat(page.getByText("Price \"much\" is not a sum")).isVisible();
            price.fill("60");
            dialog(page).getByLabel("Seller").selectOption(new SelectOption().setLabel("Ferrowby"));
            page.getByLabel("Shipping (EUR)").fill("0");
            page.getByText("Date, stock, rebate, guides").click();
            page.getByLabel("Mail-in rebate (EUR)").fill("5");
            assertThat(page.getByText("Counts here")).isVisible();
            button(page, "Save price").click();
            assertThat(page.getByText(", which others ask")).isVisible();
            button(page, "Save price").click();
            assertThat(page.getByText("Price saved.")).isVisible();
            price.fill("149");
            button(page, "Save price").click();
            assertThat(page.getByText("of the last accepted 60.00")).isVisible();
            button(page, "Save price").click();
            button(page, "Undo").click();
            assertThat(page.getByText("Price removed. What counted before counts again."))
                    .isVisible();
            page.keyboard().press("Escape");
            var line = page.locator("section[aria-label='The slot']");
            assertThat(line).containsText("60.00 at Ferrowby");
            assertThat(line).containsText("55.00 after claiming 5.00 back");
        }
    }

    /** What a rule excludes is said before it is saved, and it counts where the author says so, on this line alone. */
    @Test
    void aPrivateSellersOfferIsPutOnALine() {
        try (var context = context()) {
            var page = bench(context, "Horizon");
            slot(page, "Case");
            button(page, "Type a price").click();
            page.getByLabel("Price of one (EUR)").fill("41");
            dialog(page).getByLabel("Condition").selectOption(new SelectOption().setLabel("used"));
            dialog(page).getByLabel("Seller").selectOption(new SelectOption().setLabel("private seller"));
            page.getByLabel("Name of the person").fill("Liv Aspen");
            page.getByLabel("Link or source").fill("https://quayboard.example/posts/12");
            page.getByLabel("Shipping (EUR)").fill("7");
            assertThat(page.getByText("goods only.")).isVisible();
            page.getByLabel("Count it on this line").check();
            isClean(page, "a price that a rule excludes");
            dialog(page).getByLabel("Reason").fill("tested at our counter");
            button(page, "Save price").click();
            assertThat(page.getByText("Price saved.").or(page.getByText("which others ask")))
                    .isVisible();
            page.keyboard().press("Escape");
            var line = page.locator("section[aria-label='The slot']");
            assertThat(line).containsText("41.00");
            assertThat(line).containsText("Liv Aspen");
            assertThat(line).containsText("used");
        }
    }

    /** Packages, unlisted parts, an estimate and a pinned used CPU: one key confirms all of them, one takes all back. */
    @Test
    void whatLapsesIsConfirmedWithOneKey() {
        try (var context = context()) {
            var page = signedIn(context);
            page.navigate(theatre().desk() + "/guides/harbour-hire/prices");
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Type prices"))
                    .click();
            assertThat(page.getByText("package price:").first()).isVisible();
            assertThat(page.getByText("pinned offer:").first()).isVisible();
            assertThat(page.getByText("estimate:").first()).isVisible();
            isClean(page, "the price sheet");
            page.locator("[data-entry]").first().focus();
            page.keyboard().press("+");
            assertThat(page.getByText(Pattern.compile("^[0-9]+ prices confirmed\\.$")))
                    .isVisible();
            button(page, "Undo").first().click();
            assertThat(page.getByText(Pattern.compile("^[0-9]+ confirmations undone\\.$")))
                    .isVisible();
        }
    }

    /** A shop asks a hundred times too much for everything: one question, looked at one by one, left aside, taken back. */
    @Test
    void aShopInDoubtIsOneQuestion() throws Exception {
        try (var context = context()) {
            var page = signedIn(context);
            var before = totals(page);
            theatre().market("mood?host=ferrowby.example&mood=TIMES_100");
            round(page);
            var shop = page.getByRole(
                    AriaRole.OPTION,
                    new Page.GetByRoleOptions().setName(Pattern.compile("A shop .* prices of Ferrowby")));
            assertThat(shop).containsText("chosen in this edition: ");
            shop.click();
            page.keyboard().press("h");
            assertThat(page.getByText("A shop: this can be kept or ignored.")).isVisible();
            page.keyboard().press("o");
            var one = page.getByRole(
                    AriaRole.OPTION,
                    new Page.GetByRoleOptions().setName(Pattern.compile("Suspicious Kelder 1200 Platinum")));
            assertThat(one).containsText("Horizon");
            isClean(page, "a shop in doubt");
            page.keyboard().press("o");
            assertThat(one).hasCount(0);
            page.keyboard().press("x");
            assertThat(shop).hasCount(0);
            page.keyboard().press("u");
            assertThat(shop).isVisible();
            org.assertj.core.api.Assertions.assertThat(totals(page))
                    .hasSizeGreaterThan(5)
                    .isEqualTo(before);
            theatre().market("mood?host=ferrowby.example&mood=NORMAL");
            round(page);
            assertThat(shop).hasCount(0);
        }
    }

    private static List<String> totals(Page page) {
        var desk =
                page.request().get(theatre().desk() + "/api" + GUIDE + "/desk").text();
        return Pattern.compile("\"total\":\\{\"minor\":\\d+")
                .matcher(desk)
                .results()
                .map(MatchResult::group)
                .toList();
    }

    private static void round(Page page) {
        page.navigate(theatre().desk() + GUIDE + "/round");
        button(page, "Refresh all prices").click();
        assertThat(button(page, "Pause")).isVisible();
        assertThat(button(page, "Refresh all prices"))
                .isVisible(new com.microsoft.playwright.assertions.LocatorAssertions.IsVisibleOptions()
                        .setTimeout(120_000));
    }

    @Test
    void whatIsNotSoldYetIsMarkedAsAnEstimate() {
        try (var context = context()) {
            var page = bench(context, "Skipper");
            var options = page.locator("section[aria-label='The slot']");
            assertThat(options)
                    .containsText(Pattern.compile("Merrowby Vane Eleven 20 GB\\s*about 1,033.85, 951.14 to 1,116.56"));
        }
    }

    @Test
    void whatIsSoldTogetherIsToldBesideTheTotal() {
        try (var context = context()) {
            var page = bench(context, "Mate");
            assertThat(page.getByRole(AriaRole.COMPLEMENTARY, new Page.GetByRoleOptions().setName("Tally")))
                    .containsText(
                            Pattern.compile("Together at\\s+Ferrowby[\\s\\S]*Aldane Fennel Six and Ostrand Quay"));
        }
    }

    @Test
    void aChartIsPutOnTheReaderPageAndTakenOff() {
        try (var context = context()) {
            var page = signedIn(context);
            page.navigate(theatre().desk() + GUIDE + "/prices");
            var tiers = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Tiers"));
            var box = tiers.getByLabel(Pattern.compile("on the reader page"));
            // The charts are worked out first, which takes its time on a busy machine.
            box.waitFor();
            assertThat(box).not().isChecked();
            page.waitForResponse(answer -> answer.url().endsWith("/charts"), box::click);
            page.reload();
            box.waitFor();
            assertThat(box).isChecked();
            page.waitForResponse(answer -> answer.url().endsWith("/charts"), box::click);
            page.reload();
            box.waitFor();
            assertThat(box).not().isChecked();
        }
    }
}
