package lowfield.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static lowfield.e2e.DemoDesk.bench;
import static lowfield.e2e.DemoDesk.context;
import static lowfield.e2e.DemoDesk.desk;
import static lowfield.e2e.DemoDesk.isClean;
import static lowfield.e2e.DemoDesk.signedIn;
import static lowfield.e2e.DemoDesk.theatre;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Builds that share, and people who share a desk. */
@ExtendWith(DemoDesk.class)
class SharingJourneyTest {
    @Test
    void theLadderCarriesAChoiceAcross() {
        try (var context = context()) {
            var page = desk(context);

            page.keyboard().press("l");
            page.getByText("A line runs through").waitFor();
            page.keyboard().press("ArrowDown");
            page.keyboard().press("ArrowDown");
            page.keyboard().press(">");
            assertThat(page.getByText(
                            Pattern.compile("Ostrand Shoal micro is in Bosun, main build now.*; u takes it back")))
                    .isVisible();
            page.keyboard().press("u");
            assertThat(page.getByText("Undone: Motherboard: carried over")).isVisible();
        }
    }

    /** Tom's change arrives at Ines's open desk by itself, and so does his undoing of it. */
    @Test
    void anothersChangeArrives() {
        try (var hers = context();
                var his = context()) {
            var ines = bench(hers, "Skipper");
            var tom = signedIn(his, "tom@tidewater.example", "second-pair-of-eyes");
            bench(tom, "Skipper");
            tom.getByLabel("Quantity").fill("2");
            tom.getByLabel("Quantity").press("Tab");
            assertThat(ines.getByText("Tom Ekerby changed Graphics card: details"))
                    .isVisible();
            assertThat(ines.getByLabel("Quantity")).hasValue("2");
            tom.keyboard().press("u");
            assertThat(ines.getByLabel("Quantity")).hasValue("1");
        }
    }

    @Test
    void buildsStandSideBySide() {
        try (var context = context()) {
            var page = desk(context);
            page.keyboard().press("l");
            page.getByText("A line runs through").waitFor();
            page.keyboard().press("m");
            page.keyboard().press("ArrowRight");
            page.keyboard().press("ArrowRight");
            page.keyboard().press("m");
            page.keyboard().press("v");
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Builds side by side")))
                    .isVisible();
            assertThat(page.locator("thead th")).hasCount(3);
            assertThat(page.getByRole(AriaRole.ROWHEADER, new Page.GetByRoleOptions().setName("Draw")))
                    .isVisible();
            isClean(page, "builds side by side");
            page.goBack();
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Ladder")))
                    .isVisible();
        }
    }

    @Test
    void aVariantIsMadeNotedOnAndTakenOutAgain() {
        try (var context = context()) {
            var page = bench(context, "Deckhand");
            page.keyboard().press("n");
            page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("the white one");
            page.keyboard().press("Enter");
            var builds = page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Builds"));
            assertThat(builds).containsText("the white one");
            assertThat(page.getByText("Follows Deckhand, main build")).isVisible();
            page.keyboard().press("b");
            page.getByLabel("Note for yourself, never published").last().fill("ask for the white cables");
            isClean(page, "a build");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save"))
                    .click();
            assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
            page.keyboard().press("b");
            assertThat(page.getByLabel("Note for yourself, never published").last())
                    .hasValue("ask for the white cables");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Remove the variant"))
                    .click();
            assertThat(builds).not().containsText("the white one");
            page.keyboard().press("u");
            assertThat(builds).containsText("the white one");
            page.keyboard().press("Shift+U");
            assertThat(builds).not().containsText("the white one");
        }
    }

    /** An answer is kept, and covers the figures it was given for and no worse ones. */
    @Test
    void aCautionIsAnsweredUntilItsFiguresAreOthers() {
        try (var context = context()) {
            var page = bench(context, "Bosun");
            var tally = page.getByLabel("Tally");
            tally.getByRole(
                            AriaRole.BUTTON,
                            new Locator.GetByRoleOptions().setName(Pattern.compile("^Answer: No fan moves air")))
                    .click();
            page.keyboard().type("It is in the first-start notes.");
            page.keyboard().press("Enter");
            assertThat(tally).containsText("Answered: It is in the first-start notes.");
            page.reload();
            assertThat(tally).containsText("Answered: It is in the first-start notes.");
            var bench = page.url();
            page.navigate(theatre().desk() + "/catalogue");
            page.getByLabel("Kind").selectOption("CASE");
            page.getByText("Hollowell Byre M, black").first().click();
            var exhaust = page.getByRole(AriaRole.DIALOG).getByLabel("exhaust fans");
            page.waitForResponse(answer -> answer.url().contains("/api/parts/") && answer.ok(), () -> {
                exhaust.fill("2");
                exhaust.press("Tab");
            });
            page.navigate(bench);
            assertThat(tally.getByRole(
                            AriaRole.BUTTON,
                            new Locator.GetByRoleOptions().setName(Pattern.compile("^Answer: No fan moves air"))))
                    .isVisible();
            assertThat(tally).not().containsText("It is in the first-start notes.");
        }
    }

    /** What a tier promises is asked of its build: an upgrade of the CPU, and overclocking. */
    @Test
    void whatATierPromisesIsAskedOfItsBuild() {
        try (var context = context()) {
            var page = desk(context);
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Edit tier Deckhand"))
                    .click();
            var form = page.getByRole(AriaRole.DIALOG);
            form.getByLabel("CPU overclocking").check();
            form.getByLabel("CPU upgrade later").check();
            form.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Save the tier"))
                    .click();
            assertThat(form).hasCount(0);
            bench(page, "Deckhand");
            var tally = page.getByLabel("Tally");
            assertThat(tally).containsText("Tier promises overclocking: the CPU is locked.");
            assertThat(tally).not().containsText("Tier promises a CPU upgrade");
            var bench = page.url();
            page.navigate(theatre().desk() + "/catalogue");
            page.getByLabel("Kind").selectOption("PROCESSOR");
            page.getByText("Aldane Fennel Four").first().click();
            var last = page.getByRole(AriaRole.DIALOG).getByLabel("last year of new CPUs for the socket");
            page.waitForResponse(answer -> answer.url().contains("/api/parts/") && answer.ok(), () -> {
                last.fill("2027");
                last.press("Tab");
            });
            page.navigate(bench);
            assertThat(tally)
                    .containsText("Tier promises a CPU upgrade: new CPUs for the socket are promised until 2027 only.");
        }
    }

    @Test
    void twoDesksOnOneReasonAreOfferedBothTexts() {
        try (var hers = context();
                var his = context()) {
            var ines = signedIn(hers);
            var tom = signedIn(his);
            // His desk hears nothing of hers, as with a line that is down.
            tom.route("**/changes", route -> route.abort());
            for (var page : new Page[] {ines, tom}) {
                bench(page, "Horizon");
            }
            type(ines, "Hers. ");
            assertThat(ines.getByText("saved", new Page.GetByTextOptions().setExact(true)))
                    .isVisible();
            type(tom, "His. ");
            assertThat(tom.getByRole(AriaRole.DIALOG)).containsText("Hers. ");
            assertThat(tom.getByRole(AriaRole.DIALOG)).containsText("His. ");
            tom.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take mine"))
                    .click();
            assertThat(tom.getByRole(AriaRole.DIALOG)).not().isVisible();
            ines.reload();
            assertThat(ines.getByRole(
                            AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^Reason for"))))
                    .containsText("His. ");
            tom.unrouteAll();
        }
    }

    private static void type(Page page, String words) {
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^Reason for")))
                .click();
        page.keyboard().press("Control+Home");
        page.keyboard().type(words);
    }
}
