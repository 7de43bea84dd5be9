package lowfield.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static lowfield.e2e.DemoDesk.GUIDE;
import static lowfield.e2e.DemoDesk.context;
import static lowfield.e2e.DemoDesk.desk;
import static lowfield.e2e.DemoDesk.leave;
import static lowfield.e2e.DemoDesk.theatre;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The demo is what it says, and its bench is worked by keys. */
@ExtendWith(DemoDesk.class)
class DemoJourneyTest {
    @Test
    void theDeskShowsEveryKindOfTrouble() {
        try (var context = context()) {
            var page = desk(context);
            for (var trouble : new String[] {
                "Ostrand Quay Grand has no price",
                "over its band",
                "stands out: ",
                "is not known",
                "Reason of the case is stale"
            }) {
                assertThat(page.getByText(trouble).first()).isVisible();
            }
            // Bosun is inside its band, whichever round was the last.
            assertThat(page.getByText(Pattern.compile("^(8[4-9]|9[01])\\d\\.\\d\\d$"))
                            .first())
                    .isVisible();
        }
    }

    @Test
    void theBenchIsWorkedByKeysAlone() {
        try (var context = context()) {
            var page = desk(context);

            page.keyboard().press("b");
            page.getByTestId("total").waitFor();
            page.keyboard().press("ArrowRight");
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Bosun, 840 to 920")))
                    .isVisible();
            for (int i = 0; i < 7; i++) {
                page.keyboard().press("ArrowDown");
            }
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Hollowell Byre M, black")))
                    .isVisible();
            assertThat(page.getByText("written for another choice")).isVisible();
            page.keyboard().press("v");
            assertThat(page.getByText("written for another choice")).not().isVisible();
            page.keyboard().press("u");
            assertThat(page.getByText("written for another choice")).isVisible();
            assertThat(page).hasURL(Pattern.compile(".*/lines/.*"));
            page.goBack();
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Deckhand, 540 to 580")))
                    .isVisible();
        }
    }

    /** What moved is swapped from the round by one key: the finder of its line, cheaper equivalents first. */
    @Test
    void aSwapInTheRoundOpensTheFinder() {
        try (var context = context()) {
            var page = desk(context);
            page.navigate(theatre().desk() + GUIDE + "/round");
            page.getByRole(AriaRole.OPTION)
                    .filter(new Locator.FilterOptions().setHasText("stands out"))
                    .first()
                    .click();
            page.keyboard().press("s");
            assertThat(page).hasURL(Pattern.compile(".*/lines/[^/]*\\?find=by.*SAME_FOR_LESS.*"));
            assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
            page.locator("#candidate-0").waitFor();
            assertThat(page.getByRole(AriaRole.DIALOG).locator("select:has(option[value=SAME_FOR_LESS])"))
                    .hasValue("SAME_FOR_LESS");
            leave(page);
            assertThat(page).not().hasURL(Pattern.compile(".*find=.*"));
        }
    }

    /** Of several problems that fail a check, one is let through; the others still stand. */
    @Test
    void anExceptionIsForOneProblemOnly() {
        try (var context = context()) {
            var page = desk(context);
            page.navigate(theatre().desk() + GUIDE + "/press");
            var check = page.getByRole(AriaRole.REGION)
                    .filter(new Locator.FilterOptions().setHasText("to decide"))
                    .filter(new Locator.FilterOptions().setHas(page.locator("li:nth-child(3)")))
                    .first();
            var open = check.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Publish anyway"));
            open.first().waitFor();
            var left = open.count();
            var problem = check.getByRole(AriaRole.LISTITEM)
                    .filter(new Locator.FilterOptions()
                            .setHas(page.getByRole(
                                    AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Publish anyway"))))
                    .first();
            var sentence = problem.getByRole(AriaRole.LINK).first().innerText();
            var mine = check.getByRole(AriaRole.LISTITEM)
                    .filter(new Locator.FilterOptions()
                            .setHas(page.getByRole(
                                    AriaRole.LINK,
                                    new Page.GetByRoleOptions()
                                            .setName(sentence)
                                            .setExact(true))))
                    .first();
            PublishAnyway.letThroughOne(page, mine, "seen at our counter");
            assertThat(mine).containsText("Readers see this.");
            assertThat(open).hasCount(left - 1);
            mine.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Withdraw"))
                    .click();
            assertThat(open).hasCount(left);
        }
    }

    /** A round can be decided on the train: desk, bench, catalogue and round, all within the width of a telephone. */
    @Test
    void anAuthorGetsAlongOnATelephone() {
        try (var context = context(ColorScheme.LIGHT, 390)) {
            var page = desk(context);
            for (var path : new String[] {
                GUIDE,
                GUIDE + "/round",
                GUIDE + "/prices",
                GUIDE + "/press",
                GUIDE + "/settings",
                "/catalogue",
                "/shops",
                "/people",
                "/new-guide"
            }) {
                page.navigate(theatre().desk() + path);
                assertThat(page.locator("main")).not().isEmpty();
                assertThat((Integer) page.evaluate("document.documentElement.scrollWidth"))
                        .as(path)
                        .isLessThanOrEqualTo(390);
            }
            page.navigate(theatre().desk() + "/catalogue");
            page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions().setName("Desk").setExact(true))
                    .click();
            page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions().setName("Bosun").setExact(true))
                    .click();
            var slots = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Slots"));
            assertThat(slots).isVisible();
            assertThat(page.getByTestId("total")).not().isVisible();
            slots.getByRole(AriaRole.LINK).nth(1).click();
            assertThat(slots).not().isVisible();
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Aldane Fennel Six")))
                    .isVisible();
            page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Part of the bench"))
                    .getByRole(AriaRole.BUTTON)
                    .last()
                    .click();
            assertThat(page.getByTestId("total")).isVisible();
        }
    }
}
