package lowfield.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestMethodOrder;

/** From an empty desk to a published guide that buys at no shop: parts from links, prices typed, a second tier that follows. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class HandsJourneyTest extends OwnDesk {
    private static final String RIDGE = "https://ferrowby.example/new/kelder-ridge-650";
    private static final String SLATE = "https://ferrowby.example/new/pellan-slate-2x24";

    HandsJourneyTest() {
        super(false);
    }

    @BeforeAll
    void takeTheToken() throws Exception {
        page.navigate(theatre.desk());
        page.getByLabel("One-time token").fill(theatre.token());
        page.getByLabel("Your name").fill("Ines Vollan");
        page.getByLabel("E-mail address").fill("ines@tidewater.example");
        page.getByLabel("Password").fill("harbour-lights");
        button("Make the account").click();
        assertThat(page.getByText("No guide yet")).isVisible();
    }

    @Test
    @Order(1)
    void aPartIsAddedFromItsLinkWithOneKey() {
        page.navigate(theatre.desk() + "/shops");
        button("Add a shop").click();
        field("Name", "Ferrowby");
        field("Host", "ferrowby.example");
        button("Add the shop").click();
        assertThat(page.getByRole(AriaRole.CELL, new Page.GetByRoleOptions().setName("ferrowby.example")))
                .isVisible();
        page.navigate(theatre.desk() + "/catalogue");
        button("From links").click();
        pasteLinks(RIDGE);
        assertThat(button("Add the part")).isFocused();
        assertThat(dialog()).containsText("semi-modular");
        page.keyboard().press("Enter");
        assertThat(dialog()).containsText("Kelder Ridge 650 W 80 PLUS Platinum semi-modular is in the catalogue.");
    }

    @Test
    @Order(2)
    void whatAPageContradictsItselfInIsChosen() {
        pasteLinks(SLATE + "\nhttps://ferrowby.example/new/nothing-here");
        assertThat(dialog()).containsText("The page says both; choose one, or leave it not known.");
        assertThat(dialog()).containsText("the shop answered with status 404");
        dialog().getByLabel(Pattern.compile("^5600 MT/s")).check();
        button("Add the part").click();
        assertThat(dialog()).containsText("Pellan Slate 2x24 GB DDR5-5600 CL36 is in the catalogue.");
        page.keyboard().press("Escape");
        button("From links").click();
        pasteLinks("https://ferrowby.example/new/kelder-moor-550");
        assertThat(dialog()).containsText("69.90 EUR, sold out");
        page.keyboard().press("Enter");
        assertThat(dialog()).containsText("Price saved, but sold out: it counts nowhere.");
        page.keyboard().press("Escape");
        button("From links").click();
        pasteLinks("https://ferrowby.example/new/kelder-moor-450");
        assertThat(dialog()).containsText("31.00 EUR, used");
        page.keyboard().press("Enter");
        assertThat(dialog()).containsText("Price saved.");
        page.keyboard().press("Escape");
    }

    /** A new guide with one tier, whose build is on the bench. */
    private void guideOfOneTier(String name) {
        page.navigate(theatre.desk() + "/new-guide");
        field("Name", name);
        page.getByLabel("Region").fill("Home coast");
        button("Make the guide").click();
        page.getByLabel("Tier name").fill("Bosun");
        field("From", "240");
        field("To", "280");
        button("Open the first edition").click();
        assertThat(page.getByText("Edition 1 is in work")).isVisible();
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Bosun").setExact(true))
                .click();
    }

    @Test
    @Order(3)
    void aGuideNeedsNoShop() {
        guideOfOneTier("The Typed Guide");
        take("Power supply", "ridge");
        take("Memory", "slate");
        assertThat(page.getByTestId("total")).hasText("not known");
    }

    @Test
    @Order(4)
    void pricesAreTypedLineAfterLine() {
        page.navigate(theatre.desk() + "/guides/the-typed-guide/prices");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Type prices"))
                .click();
        assertThat(page.getByLabel(Pattern.compile("^Pellan Slate"))).isFocused();
        page.keyboard().type("158");
        page.keyboard().press("Enter");
        assertThat(page.getByLabel(Pattern.compile("^Kelder Ridge"))).isFocused();
        page.keyboard().type("104,90");
        page.keyboard().press("Enter");
        assertThat(page.getByText("2 of 2 saved")).isVisible();
        page.reload();
        assertThat(page.getByText("typed by hand")).hasCount(2);
        page.keyboard().press("=");
        assertThat(page.getByText("1 of 2 saved")).isVisible();
    }

    @Test
    @Order(5)
    void aSecondTierFollowsTheFirst() {
        page.navigate(theatre.desk() + "/guides/the-typed-guide");
        assertThat(page.getByText("262.90").first()).isVisible();
        button("Add a tier").click();
        dialog().getByLabel("follow a build").check();
        field("Tier name", "Skipper");
        field("From", "200");
        field("To", "300");
        button("Save the tier").click();
        assertThat(dialog()).not().isVisible();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(Pattern.compile("^Skipper"))))
                .isVisible();
        assertThat(page.getByTestId("total")).hasText("262.90");
    }

    @Test
    @Order(6)
    void aPackageCountsUntilOneOfItsPartsIsAnother() {
        page.keyboard().press("x");
        assertThat(dialog()).isVisible();
        dialog().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add one"))
                .last()
                .click();
        field("Package", "Harbour machine");
        field("Price, EUR", "230");
        dialog().getByRole(AriaRole.CHECKBOX).nth(0).check();
        dialog().getByRole(AriaRole.CHECKBOX).nth(1).check();
        dialog().getByLabel(Pattern.compile("^Surcharge or credit for Pellan")).fill("20");
        dialog().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add one"))
                .first()
                .click();
        dialog().getByLabel("Name", new Locator.GetByLabelOptions().setExact(true))
                .fill("Friends of the harbour");
        button("Save").click();
        assertThat(dialog().getByRole(AriaRole.ALERT)).containsText("a discount");
        dialog().getByLabel(Pattern.compile("^Sum of Friends")).fill("-15");
        button("Save").click();
        assertThat(dialog()).not().isVisible();
        assertThat(page.getByTestId("total")).hasText("235.00");
        var tally = page.getByRole(AriaRole.COMPLEMENTARY, new Page.GetByRoleOptions().setName("Tally"));
        assertThat(tally).containsText("Friends of the harbour");
        slot("Power supply");
        var quantity = page.getByLabel("Quantity", new Page.GetByLabelOptions().setExact(true));
        quantity.fill("2");
        quantity.press("Tab");
        assertThat(tally).containsText("The price of Harbour machine does not count any more");
        page.getByLabel("Seller's price difference (EUR)").fill("40");
        button("Save difference").click();
        assertThat(page.getByText("was priced with another part here")).hasCount(0);
        assertThat(tally).not().containsText("does not count any more");
        page.locator("h1").first().click();
        page.keyboard().press("u");
        assertThat(tally).containsText("The price of Harbour machine does not count any more");
        assertThat(tally).containsText("does not count");
        for (int i = 0; i < 2; i++) {
            page.locator("h1").first().click();
            page.keyboard().press("u");
        }
        assertThat(page.getByTestId("total")).hasText("262.90");
        assertThat(tally).not().containsText("Harbour machine");
    }

    @Test
    @Order(7)
    void itIsPublishedWithTheAuthorsPrices() {
        publishAnyway("the-typed-guide", "two parts are enough here");
        page.navigate(theatre.readers() + "/the-typed-guide");
        assertThat(page.locator("#tier-bosun")).not().containsText("author's price");
        assertThat(page.locator("#tier-skipper")).containsText("262.90");
    }

    @Test
    @Order(8)
    void theNextEditionIsOfAChosenMonth() {
        page.navigate(theatre.desk() + "/guides/the-typed-guide");
        var month = page.locator("input[type=month]");
        var proposed = month.inputValue();
        var later = java.time.YearMonth.parse(proposed).plusMonths(1);
        month.fill(later.toString());
        button("Open the next edition").click();
        assertThat(page.getByText("Edition 2 is in work")).isVisible();
    }

    /** What one guide's author has seen is not another's; what is typed for all guides is everybody's. */
    @Test
    @Order(9)
    void aTypedPriceBelongsToItsGuide() {
        guideOfOneTier("The Other Guide");
        take("Power supply", "ridge");
        take("Memory", "slate");
        assertThat(page.getByTestId("total")).hasText("not known");
        typePrice("Power supply", "99", "The Other Guide");
        typePrice("Memory", "150", "all guides of the desk");
        assertThat(page.getByTestId("total")).hasText("249.00");
        page.navigate(theatre.desk() + "/guides/the-typed-guide");
        // 104.90 for the power supply as it was, and the cheaper of 158 and 150 for the memory.
        assertThat(page.getByText("254.90").first()).isVisible();
    }

    private void typePrice(String slot, String price, String guide) {
        slot(slot);
        button("Type a price").click();
        page.getByLabel("Price of one (EUR)").fill(price);
        dialog().getByLabel("Shipping (EUR)").fill("0");
        page.getByText("Date, stock, rebate, guides").click();
        dialog().getByLabel("Counts for").selectOption(new SelectOption().setLabel(guide));
        button("Save price").click();
        assertThat(page.getByText("Price saved.")).isVisible();
        page.keyboard().press("Escape");
        assertThat(dialog()).not().isVisible();
    }
}
