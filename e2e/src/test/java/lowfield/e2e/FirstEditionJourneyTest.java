package lowfield.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestMethodOrder;

/** From an empty desk to a published page and on to the next edition, as an author would go: each step stands on the one before. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class FirstEditionJourneyTest extends OwnDesk {
    private final List<String> broken = new CopyOnWriteArrayList<>();

    FirstEditionJourneyTest() {
        super(false);
    }

    @BeforeAll
    void listenToTheContentPolicy() {
        page.onConsoleMessage(m -> {
            if (m.type().equals("error") && m.text().contains("Content Security Policy")) {
                broken.add(m.text());
            }
        });
    }

    @Test
    @Order(1)
    void theFirstAccountTakesTheToken() throws Exception {
        page.navigate(theatre.desk());
        page.getByLabel("One-time token").fill("not the token");
        page.getByLabel("Your name").fill("Ines Vollan");
        page.getByLabel("E-mail address").fill("ines@tidewater.example");
        page.getByLabel("Password").fill("harbour-lights");
        button("Make the account").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("not the token that ./lowfield start printed");
        page.getByLabel("One-time token").fill(theatre.token());
        button("Make the account").click();
        assertThat(page.getByText("No guide yet")).isVisible();
    }

    @Test
    @Order(2)
    void shopsAndPartsAreEntered() {
        page.navigate(theatre.desk() + "/shops");
        button("Add a shop").click();
        field("Name", "Ferrowby");
        field("Host", "https://ferrowby.example/");
        field("Ships free from", "79");
        dialog().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add the shop"))
                .click();
        assertThat(dialog().getByRole(AriaRole.ALERT)).containsText("without https://");
        field("Host", "ferrowby.example");
        dialog().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add the shop"))
                .click();
        assertThat(page.getByRole(
                        AriaRole.CELL,
                        new Page.GetByRoleOptions().setName("Ferrowby").setExact(true)))
                .isVisible();
        page.navigate(theatre.desk() + "/catalogue");
        FirstPart.ALL.forEach(this::addPart);
    }

    @Test
    @Order(3)
    void aGuideAndItsFirstEditionAreOpened() {
        page.navigate(theatre.desk() + "/new-guide");
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("The Short Guide");
        page.getByLabel("Region").fill("Home coast");
        page.getByLabel("Ferrowby").check();
        button("Make the guide").click();
        page.getByLabel("Tier name").fill("Bosun");
        page.getByLabel("From", new Page.GetByLabelOptions().setExact(true)).fill("920");
        page.getByLabel("To", new Page.GetByLabelOptions().setExact(true)).fill("840");
        page.getByLabel("Promise to the reader").fill("1080p at high rates");
        button("Open the first edition").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("swap them or name one figure");
        page.getByLabel("From", new Page.GetByLabelOptions().setExact(true)).fill("840");
        page.getByLabel("To", new Page.GetByLabelOptions().setExact(true)).fill("920");
        button("Open the first edition").click();
        assertThat(page.getByText("Edition 1 is in work")).isVisible();
        assertThat(page.getByText("parts not chosen")).isVisible();
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Bosun").setExact(true))
                .click();
        assertThat(page.getByTestId("total")).hasText("0.00");
    }

    @Test
    @Order(4)
    void everySlotIsFilledFromTheFinder() {
        take("Graphics card", "basalt");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Test Basalt 16 GB")))
                .isVisible();
        for (var choice : List.of(
                "CPU|fennel",
                "Motherboard|quay",
                "Memory|slate",
                "CPU cooler|tower",
                "System drive|beck",
                "Power supply|gold",
                "Case|byre")) {
            take(choice.split("\\|")[0], choice.split("\\|")[1]);
        }
        var tally = page.getByRole(AriaRole.COMPLEMENTARY, new Page.GetByRoleOptions().setName("Tally"));
        assertThat(tally).containsText("331 mm long; the case takes only 310 mm");
        take("Graphics card", "vane");
        assertThat(tally).not().containsText("331 mm long");
        page.keyboard().press("u");
        assertThat(tally).containsText("331 mm long; the case takes only 310 mm");
        page.keyboard().press("Shift+U");
        assertThat(tally).not().containsText("331 mm long");
        assertThat(page.getByTestId("total")).hasText("not known");
    }

    @Test
    @Order(5)
    void aRoundPricesTheBuild() throws Exception {
        theatre.market("mood?host=ferrowby.example&path=/p/drumlin-beck-1-tb&mood=DOWN");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Round"))
                .click();
        assertThat(button("Refresh all prices")).isVisible();
        page.keyboard().press("r");
        assertThat(page.getByText("the shop answered with status 500")).isVisible();
        theatre.market("reset");
        button("Refresh all prices").click();
        assertThat(page.getByText("9 pages read, 0 without a price, 9 prices accepted, 0 suspicious"))
                .isVisible();
        page.goBack();
        assertThat(page.getByTestId("total")).hasText("875.50");
    }

    @Test
    @Order(6)
    void reasonsAndOptionsAreWrittenAndUndone() {
        for (var name : List.of(
                "Graphics card",
                "CPU",
                "Motherboard",
                "Memory",
                "CPU cooler",
                "System drive",
                "Power supply",
                "Case")) {
            slot(name);
            page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^Reason for")))
                    .click();
            page.keyboard().type("The **" + name.toLowerCase(java.util.Locale.ROOT) + "** for this price.");
            assertThat(page.getByText("saved", new Page.GetByTextOptions().setExact(true)))
                    .isVisible();
        }
        slot("Graphics card");
        page.keyboard().press("g");
        var query = page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Name or figures"));
        query.fill("basalt");
        assertThat(page.locator("#candidates [role=option]")).hasCount(1);
        query.press("Enter");
        var upgrades = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Upgrades"));
        assertThat(upgrades).containsText("+586.90");
        assertThat(upgrades).containsText("331 mm long; the case takes only 310 mm");
        assertThat(page.getByTestId("total")).hasText("875.50");
    }

    @Test
    @Order(7)
    void theEditionIsPublished() {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Desk"))
                .click();
        assertThat(page.getByText("Edition 1 is in work")).isVisible();
        page.keyboard().press("w");
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Introduction to the edition"))
                .click();
        page.keyboard().type("Cards are cheap this month. It is a quiet build.");
        assertThat(page.getByRole(AriaRole.DIALOG).locator(".reader-text")).containsText("cheap this month");
        page.keyboard().press("Escape");
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Press"))
                .click();
        PublishAnyway.letThrough(
                page, "Decisive figures are known", "Typed in for this journey; the makers tell no more.");
        PublishAnyway.letThrough(
                page, "Alternatives and upgrades still hold", "The longer card is told, case and all.");
        assertThat(page.getByText("Every check passes or has an exception")).isVisible();
        button("Publish").click();
        button("Publish it").click();
        assertThat(page.getByText("Edition 1 is published.")).isVisible();
    }

    @Test
    @Order(8)
    void aReaderSeesIt() {
        try (var context = chromium.browser()
                .newContext(new Browser.NewContextOptions()
                        .setJavaScriptEnabled(false)
                        .setViewportSize(390, 844))) {
            var reading = context.newPage();
            reading.navigate(theatre.readers() + "/the-short-guide");
            assertThat(reading.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Bosun")))
                    .isVisible();
            assertThat(reading.locator("body")).containsText("875.50");
            assertThat(reading.locator("strong", new Page.LocatorOptions().setHasText("power supply")))
                    .isVisible();
            assertThat(reading.locator("body")).containsText("331 mm long; the case takes only 310 mm");
            assertThat(reading.getByText("Prices in EUR of", new Page.GetByTextOptions())
                            .first())
                    .isVisible();
        }
    }

    @Test
    @Order(9)
    void theNextEditionCarriesItOver() throws Exception {
        theatre.market("clock?day=2026-11-05");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Desk"))
                .click();
        button("Open the next edition").click();
        assertThat(page.getByText("Edition 2 is in work")).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Round"))
                .click();
        button("Refresh all prices").click();
        assertThat(page.getByRole(
                        AriaRole.OPTION,
                        new Page.GetByRoleOptions().setName(Pattern.compile("Fennel Six.*189\\.90.*203\\.10"))))
                .isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Desk"))
                .click();
        assertThat(page.getByText(Pattern.compile("^Since "))).isVisible();
        assertThat(page.locator("main")).containsText(Pattern.compile("[+−]\\d+\\.\\d\\d"));
    }

    /** What was carried over and speaks of its month is led to from the queue, and one key confirms it. */
    @Test
    @Order(10)
    void whatSpeaksOfTheLastMonthIsRead() {
        var row = page.getByRole(
                AriaRole.LINK,
                new Page.GetByRoleOptions()
                        .setName(Pattern.compile("Introduction to the edition speaks of the last edition's month")));
        row.click();
        var dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("From the last edition: “Cards are cheap this month.”");
        button("Still correct").click();
        assertThat(dialog).not().containsText("From the last edition");
        page.keyboard().press("Escape");
        assertThat(dialog).hasCount(0);
        assertThat(row).hasCount(0);
    }

    @Test
    @Order(11)
    void noPageOnTheWayBrokeTheContentPolicy() {
        assertThat(broken).isEmpty();
    }
}
