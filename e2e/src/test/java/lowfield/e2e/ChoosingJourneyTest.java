package lowfield.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static lowfield.e2e.DemoDesk.bench;
import static lowfield.e2e.DemoDesk.context;
import static lowfield.e2e.DemoDesk.desk;
import static lowfield.e2e.DemoDesk.find;
import static lowfield.e2e.DemoDesk.isClean;
import static lowfield.e2e.DemoDesk.leave;
import static lowfield.e2e.DemoDesk.signedIn;
import static lowfield.e2e.DemoDesk.theatre;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Choosing parts: found, compared, swapped, taken in from a file. */
@ExtendWith(DemoDesk.class)
class ChoosingJourneyTest {
    /** Found by a misspelt name and taken with keys alone; what stood there is one keystroke back. */
    @Test
    void aCardIsFoundByAMisspeltNameAndSwapped() {
        try (var context = context()) {
            var page = bench(context, "Horizon");
            page.keyboard().press("/");
            page.locator("#candidate-0").waitFor();
            page.keyboard().type("hartel bsalt grnd");
            assertThat(page.locator("#candidates [role=option]").first()).containsText("Hartle Basalt Grand 24 GB");
            assertThat(page).hasURL(Pattern.compile(".*find=text.*"));
            page.keyboard().press("Enter");
            assertThat(page.getByRole(
                            AriaRole.HEADING, new Page.GetByRoleOptions().setName("Hartle Basalt Grand 24 GB")))
                    .isVisible();
            page.keyboard().press("u");
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Merrowby Vane Ten 24 GB")))
                    .isVisible();
        }
    }

    /** The row says what a CPU of another socket costs with what it needs; Enter takes just that, and one undo brings all of it back. */
    @Test
    void aPartIsTakenWithWhatItNeeds() {
        try (var context = context()) {
            var page = bench(context, "Bosun");
            page.keyboard().press("ArrowDown");
            var total = page.getByTestId("total");
            var before = total.innerText();
            page.keyboard().press("/");
            page.locator("#candidate-0").waitFor();
            page.keyboard().type("loam six graphics");
            // The rows of other words may stand a moment longer; Enter waits for those of these.
            var row = page.locator("#candidates[aria-busy=false] #candidate-0")
                    .filter(new Locator.FilterOptions().setHasText("Loam Six"))
                    .filter(new Locator.FilterOptions().setHasText("also needs"));
            row.waitFor();
            var shown = row.locator("> span").last().innerText();
            page.keyboard().press("Enter");
            assertThat(total).hasText(shown);
            assertThat(page.getByLabel("Tally")).not().containsText("the motherboard has Moor");
            page.keyboard().press("u");
            assertThat(total).hasText(before);
        }
    }

    /** Four boards, figure against figure; the table goes under the reason and is taken out again. */
    @Test
    void fourBoardsStandSideBySide() {
        try (var context = context()) {
            var page = bench(context, "Horizon");
            page.keyboard().press("ArrowDown");
            page.keyboard().press("ArrowDown");
            page.keyboard().press("/");
            page.locator("#candidate-3").waitFor();
            for (int i = 0; i < 4; i++) {
                page.keyboard().press("Alt+KeyC");
                page.keyboard().press("ArrowDown");
            }
            page.keyboard().press("Alt+KeyV");
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Side by side")))
                    .isVisible();
            assertThat(page.getByRole(AriaRole.ROWHEADER, new Page.GetByRoleOptions().setName("price")))
                    .isVisible();
            assertThat(page.getByText("better").first()).isVisible();
            isClean(page, "side by side");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Put this table under the reason"))
                    .click();
            assertThat(page.getByText("Side by side for readers:")).isVisible();
            page.keyboard().press("u");
            assertThat(page.getByText("Side by side for readers:")).hasCount(0);
        }
    }

    /** From an empty tier to a list without a clash, the cheapest of everything, and not once with the mouse. */
    @Test
    void aTierIsBuiltFromNothingByKeysAlone() {
        try (var context = context()) {
            var page = desk(context);
            page.keyboard().press("t");
            assertThat(page.getByLabel("chosen one by one")).isFocused();
            page.keyboard().press("Tab");
            assertThat(page.getByLabel("Tier name")).isFocused();
            page.keyboard().type("Dinghy");
            page.keyboard().press("Tab");
            page.keyboard().type("none");
            page.keyboard().press("Tab");
            page.keyboard().press("Enter");
            assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
            assertThat(page.getByText("Dinghy").first()).isVisible();
            page.keyboard().press("b");
            page.getByTestId("total").waitFor();
            var heading = page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Dinghy, no ceiling"));
            for (int i = 0; i < 12 && heading.count() == 0; i++) {
                var before = page.url();
                page.keyboard().press("ArrowRight");
                page.waitForCondition(() -> !page.url().equals(before));
                page.getByTestId("total").waitFor();
            }
            var spine = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Slots"));
            var slots = spine.getByRole(AriaRole.LINK).count();
            for (int i = 0; i < slots; i++) {
                assertThat(spine.getByRole(AriaRole.LINK).nth(i)).hasAttribute("aria-current", "true");
                find(page, "");
                assertThat(page.getByText("Nothing is chosen here yet.")).hasCount(0);
                page.keyboard().press("ArrowDown");
            }
            assertThat(page.getByTestId("total")).not().hasText("not known");
            var tally = page.getByLabel("Tally");
            assertThat(tally.getByRole(AriaRole.IMG, new Locator.GetByRoleOptions().setName("clash")))
                    .hasCount(0);
            assertThat(tally).not().containsText("chosen. Choose");
        }
    }

    @Test
    void aSentenceIsKeptByItsName() {
        try (var context = context()) {
            var page = bench(context, "Bosun");
            page.keyboard().press("/");
            page.locator("#candidate-0").waitFor();
            page.keyboard().type("hartle");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save this search"))
                    .click();
            page.keyboard().type("all by Hartle");
            page.keyboard().press("Enter");
            var kept = page.getByRole(
                    AriaRole.BUTTON,
                    new Page.GetByRoleOptions().setName("all by Hartle").setExact(true));
            assertThat(kept).hasAttribute("aria-pressed", "true");
            leave(page);
            page.keyboard().press("/");
            page.locator("#candidate-0").waitFor();
            kept.click();
            assertThat(page.getByLabel("Name or figures")).hasValue("hartle");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Let \"all by Hartle\" go"))
                    .click();
            assertThat(kept).hasCount(0);
        }
    }

    /** A processor of another socket: what breaks is told, and goes when the board follows. */
    @Test
    void anotherSocketBreaksWhatHangsOnItUntilTheBoardFollows() {
        try (var context = context()) {
            var page = bench(context, "Bosun");
            page.keyboard().press("ArrowDown");
            page.keyboard().press("/");
            page.locator("#candidate-0").waitFor();
            page.keyboard().type("loam six graphics");
            page.keyboard().press("Shift+Enter");
            var broken = page.getByLabel("Tally").getByText("The CPU has socket Fen; the motherboard has Moor");
            assertThat(broken).isVisible();
            page.keyboard().press("ArrowDown");
            find(page, "rudder loam micro");
            assertThat(broken).hasCount(0);
            page.keyboard().press("u");
            assertThat(page.getByText("Undone: Motherboard: choice")).isVisible();
            page.keyboard().press("u");
            assertThat(page.getByText("Undone: CPU: choice")).isVisible();
        }
    }

    /** A review is kept with its source after a wrong turn, taken out, put back and taken out again. */
    @Test
    void whatIsKnownOfAPartIsKeptWithItsSource() {
        try (var context = context()) {
            var page = signedIn(context);
            page.navigate(theatre().desk() + "/catalogue");
            page.getByText("Lune Mica Six 12 GB, lit").first().click();
            var known = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Known of it"));
            assertThat(known).containsText("Nothing but the figures.");
            button(known, "Add something").click();
            known.getByLabel("Score").fill("4,6");
            known.getByLabel("reviews").fill("many");
            known.getByLabel("Source").fill("Ferrowby, its buyers");
            button(known, "Keep it").click();
            assertThat(known.getByText("The number of reviews \"many\" is not a figure."))
                    .isVisible();
            known.getByLabel("reviews").fill("41");
            isClean(page, "what is known of a part");
            button(known, "Keep it").click();
            assertThat(known).containsText("92% over 41 reviews from 1 source");
            button(known, "Take out: 4.6 of 5, 41 reviews, 2026-12-03").click();
            assertThat(known).containsText("Nothing but the figures.");
            button(known, "Put it back").click();
            assertThat(known).containsText("92% over 41 reviews from 1 source");
            button(known, "Take out: 4.6 of 5, 41 reviews, 2026-12-03").click();
            assertThat(known).containsText("Nothing but the figures.");
        }
    }

    private static com.microsoft.playwright.Locator button(com.microsoft.playwright.Locator in, String name) {
        return in.getByRole(
                AriaRole.BUTTON,
                new com.microsoft.playwright.Locator.GetByRoleOptions()
                        .setName(name)
                        .setExact(true));
    }

    @Test
    void aFileWithFaultsIsToldAndTheMendedOneTaken() {
        try (var context = context()) {
            var page = signedIn(context);
            page.navigate(theatre().desk() + "/catalogue");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("From a file"))
                    .click();
            send(page, "maker,product,length [mm]\nOstby,Vane Twelve 8 GB,long\n");
            assertThat(page.getByText("a whole number from 0 to 1,000 mm")).isVisible();
            send(page, "maker,product,length [mm]\nOstby,Vane Twelve 8 GB,240\n");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take all 1 in"))
                    .click();
            assertThat(page.getByText("Taken in: 1 new")).isVisible();
            page.keyboard().press("Escape");
            page.getByLabel("Name or figures").fill("vane twelve");
            assertThat(page.getByText("240 mm").first()).isVisible();
        }
    }

    private static void send(Page page, String text) {
        page.locator("input[type=file]")
                .setInputFiles(new com.microsoft.playwright.options.FilePayload(
                        "cards.csv", "text/csv", text.getBytes(java.nio.charset.StandardCharsets.UTF_8)));
    }
}
