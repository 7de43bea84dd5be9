package lowfield.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static lowfield.e2e.DemoDesk.bench;
import static lowfield.e2e.DemoDesk.context;
import static lowfield.e2e.DemoDesk.desk;
import static lowfield.e2e.DemoDesk.isClean;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Words beyond the line, the fit, and the way from one reason to the next, by keys. */
@ExtendWith(DemoDesk.class)
class WordsJourneyTest {
    @Test
    void aVerdictIsWrittenWithAFactAndTakenBack() {
        try (var context = context()) {
            var page = desk(context);
            page.keyboard().press("w");
            var dialog = page.getByRole(AriaRole.DIALOG);
            dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Skipper, main build"))
                    .click();
            var verdict = dialog.getByRole(
                    AriaRole.TEXTBOX, new Locator.GetByRoleOptions().setName("Verdict on Skipper, main build"));
            verdict.click();
            page.keyboard().type("It draws {{pea");
            assertThat(page.locator(".cm-tooltip-autocomplete li").first()).containsText("peak");
            page.keyboard().press("Enter");
            assertThat(dialog.locator(".reader-text")).containsText(Pattern.compile("It draws \\d+ W"));
            isClean(page, "introductions and verdicts");
            verdict.click();
            page.keyboard().press("Control+a");
            page.keyboard().press("Delete");
            assertThat(dialog.locator(".reader-text")).hasCount(0);
        }
    }

    @Test
    void theFitIsShownToScaleAndInWords() {
        try (var context = context()) {
            var page = bench(context, "Bosun");
            page.keyboard().press("t");
            var dialog = page.getByRole(AriaRole.DIALOG);
            assertThat(dialog.locator("svg.fit")).isVisible();
            assertThat(dialog.getByRole(AriaRole.LIST, new Locator.GetByRoleOptions().setName("The fit in words")))
                    .containsText("mm long; the case takes");
            isClean(page, "the fit");
            page.keyboard().press("Escape");
            assertThat(dialog).hasCount(0);
        }
    }

    /** A comparison that a price has turned is told beside the reason, and the queue leads there. */
    @Test
    void theQueueLeadsFromOneReasonToTheNext() {
        try (var context = context()) {
            var page = desk(context);
            page.keyboard().press("r");
            assertThat(page).hasURL(Pattern.compile(".*/lines/.*"));
            page.getByTestId("total").waitFor();
            assertThat(page.getByText("Price against Hartle Mica Six 12 GB: was 290.30 EUR and below it"))
                    .isVisible();
            var first = page.url();
            page.keyboard().press("q");
            assertThat(page).not().hasURL(first);
            assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("it still holds")))
                    .isVisible();
        }
    }
}
