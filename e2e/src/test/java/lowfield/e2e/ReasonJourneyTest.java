package lowfield.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static lowfield.e2e.DemoDesk.bench;
import static lowfield.e2e.DemoDesk.context;
import static lowfield.e2e.DemoDesk.isClean;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Writing a reason with the keyboard: facts from the menu, and on to the next slot. */
@ExtendWith(DemoDesk.class)
class ReasonJourneyTest {
    private static Locator preview(Page page) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("As readers see it"));
    }

    @Test
    void aReasonIsWrittenWithTwoFactsAndLeftByKeys() {
        try (var context = context()) {
            var page = bench(context, "Deckhand");
            var reason = page.locator(".cm-content");
            reason.waitFor();
            page.keyboard().press("w");
            assertThat(reason).isFocused();
            page.keyboard().type(" It costs {{pri");
            var menu = page.locator(".cm-tooltip-autocomplete li");
            assertThat(menu.first()).containsText("price");
            page.keyboard().press("Enter");
            assertThat(reason).containsText("{{price}}");
            page.keyboard().type(" of {{tot");
            assertThat(menu.first()).containsText("total");
            page.keyboard().press("Enter");
            assertThat(reason).containsText("{{total}}");
            assertThat(preview(page)).containsText("It costs 1");
            assertThat(preview(page)).not().containsText("{{");
            isClean(page, "a reason with facts");
            page.keyboard().type(" and {{nonsense}}");
            assertThat(preview(page).getByRole(AriaRole.ALERT)).containsText("There is no fact {{nonsense}} here");
            page.keyboard().press("Escape");
            assertThat(reason).not().isFocused();
            page.keyboard().press("u");
            assertThat(reason).not().containsText("{{");
            assertThat(preview(page)).not().isVisible();
            page.keyboard().press("ArrowDown");
            assertThat(page.locator("section[aria-label='The slot'] .label").first())
                    .hasText("CPU");
        }
    }

    /** What differs from the data is underlined and told; keys write the right figure, put a fact, or let it stand. */
    @Test
    void aWrongFigureIsMendedOrMeantSoByAKey() {
        try (var context = context()) {
            var page = bench(context, "Deckhand");
            var reason = page.locator(".cm-content");
            reason.waitFor();
            page.keyboard().press("w");
            page.keyboard().press("Control+a");
            page.keyboard().type("It costs 150 EUR.");
            var slips = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Otherwise than the data"));
            assertThat(slips.getByRole(AriaRole.LISTITEM)).not().hasCount(0);
            assertThat(page.locator(".slip").first()).hasText("150 EUR");
            isClean(page, "a reason that differs from the data");
            page.keyboard().press("Control+Home");
            page.keyboard().press("Alt+d");
            assertThat(reason).containsText("It costs {{price}}");
            page.keyboard().press("Control+a");
            page.keyboard().type("It costs 150 EUR.");
            assertThat(page.locator(".slip")).hasText("150 EUR");
            page.keyboard().press("Escape");
            page.keyboard().press("m");
            assertThat(slips).not().isVisible();
            assertThat(reason).containsText("It costs 150 EUR.");
            page.keyboard().press("u");
            assertThat(slips).isVisible();
            page.keyboard().press("r");
            assertThat(reason).not().containsText("150");
            assertThat(slips).not().isVisible();
        }
    }

    /** Right figures become facts with one key; undo takes them back. */
    @Test
    void rightFiguresBecomeFactsWithOneKey() {
        try (var context = context()) {
            var page = bench(context, "Deckhand");
            var reason = page.locator(".cm-content");
            reason.waitFor();
            page.keyboard().press("w");
            page.keyboard().press("Control+a");
            page.keyboard().type("It costs {{price}} EUR, which is fair.");
            assertThat(preview(page)).containsText("It costs 1");
            assertThat(preview(page)).containsText(", which is fair.");
            var price = preview(page).innerText().replaceAll("(?s).*It costs ([0-9.,]+ EUR), which is fair.*", "$1");
            page.keyboard().press("Control+a");
            page.keyboard().type("It costs " + price + ", which is fair.");
            assertThat(reason).hasText(Pattern.compile("It costs [0-9.]+ EUR, which is fair\\."));
            // The first Escape may only close the menu of facts.
            page.locator("h1").first().click();
            assertThat(reason).not().isFocused();
            assertThat(page.getByText("One typed figure can become a fact")).isVisible();
            isClean(page, "a figure that can become a fact");
            page.keyboard().press("k");
            assertThat(reason).containsText("It costs {{price}} EUR, which is fair.");
            assertThat(page.getByText("One typed figure can become a fact")).hasCount(0);
            page.keyboard().press("u");
            assertThat(reason).hasText(Pattern.compile("It costs [0-9.]+ EUR, which is fair\\."));
        }
    }
}
