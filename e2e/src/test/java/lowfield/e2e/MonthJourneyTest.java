package lowfield.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.math.BigDecimal;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestMethodOrder;

/** A month goes by: what was typed lapses, is confirmed with one key, is published, and is read on several days. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class MonthJourneyTest extends OwnDesk {
    private static final String GUIDE = "harbour-hire";
    private static final LocatorAssertions.IsVisibleOptions LONG =
            new LocatorAssertions.IsVisibleOptions().setTimeout(120_000);

    MonthJourneyTest() {
        super(true);
    }

    @BeforeAll
    void signIn() {
        page.navigate(theatre.desk());
        field("E-mail address", "ines@tidewater.example");
        field("Password", "harbour-lights");
        button("Sign in").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Guides")))
                .isVisible();
    }

    private void build(String name) {
        page.navigate(theatre.desk() + "/guides/" + GUIDE);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true))
                .click();
        assertThat(page.getByTestId("total")).isVisible();
    }

    private void sheet() {
        page.navigate(theatre.desk() + "/guides/" + GUIDE + "/prices");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Type prices"))
                .click();
        assertThat(page.getByText("package price:").first()).isVisible();
    }

    private Locator line() {
        return page.locator("section[aria-label='The slot']");
    }

    /** What its only shop has sold out counts by what a person asks for it. */
    @Test
    @Order(1)
    void aSoldOutPartIsBoughtFromAPerson() {
        page.navigate(theatre.desk() + "/catalogue");
        button("From links").click();
        pasteLinks("https://ferrowby.example/new/kelder-moor-550");
        assertThat(dialog()).containsText("69.90 EUR, sold out");
        page.keyboard().press("Enter");
        assertThat(dialog()).containsText("Price saved, but sold out: it counts nowhere.");
        build("Slipway");
        take("Power supply", "moor 550");
        assertThat(line()).containsText("No price: ");
        button("Type a price").click();
        page.getByLabel("Price of one (EUR)").fill("64");
        dialog().getByLabel("Seller").selectOption(new SelectOption().setLabel("private seller"));
        page.getByLabel("Name of the person").fill("Liv Aspen");
        page.getByLabel("Shipping (EUR)").fill("6");
        button("Save price").click();
        assertThat(page.getByText("Price saved.")).isVisible();
        page.keyboard().press("Escape");
        assertThat(line()).containsText("64.00");
        assertThat(line()).containsText("Liv Aspen");
    }

    /** Three parts of a seller's machine, each with what it costs beyond the base. */
    @Test
    @Order(2)
    void aMachineIsSoldWithThreeSurcharges() {
        build("Quayside");
        page.keyboard().press("x");
        var swaps = dialog().getByLabel(Pattern.compile("^Surcharge or credit for"));
        var sums = new String[] {"30", "25", "-5"};
        for (int i = 0; i < sums.length; i++) {
            swaps.nth(i).fill(sums[i]);
        }
        button("Save").click();
        assertThat(dialog()).not().isVisible();
    }

    @Test
    @Order(3)
    void aMonthLaterOneKeyConfirmsWhatStands() throws Exception {
        theatre.goBy("month");
        sheet();
        assertThat(page.getByText("from shops are too old to count")).isVisible();
        assertThat(page.getByText("Drumlin Beck 1 TB")).hasCount(0);
        refresh();
        sheet();
        assertThat(page.getByText("too old to count")).hasCount(0);
        for (var kind : new String[] {"package price:", "pinned offer:", "estimate:", "unlisted part:"}) {
            assertThat(page.getByText(kind).first()).isVisible();
        }
        var soldOut = page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("Moor 550")));
        assertThat(soldOut).containsText("64.00");
        assertThat(soldOut).containsText("Liv Aspen");
        page.locator("[data-entry]").first().focus();
        page.keyboard().press("+");
        assertThat(page.getByText(Pattern.compile("^[0-9]+ prices confirmed\\.$")))
                .isVisible();
        assertThat(soldOut).containsText("Confirmed.");
        page.reload();
        assertThat(soldOut).containsText("64.00");
        assertThat(page.getByText(Pattern.compile("older than"))).hasCount(0);
        build("Slipway");
        assertThat(page.getByTestId("total")).not().hasText("not known");
    }

    /** Readers see the machine's base price and what each part adds, and that no part has a price of its own in it. */
    @Test
    @Order(4)
    void readersSeeTheBaseAndItsSurcharges() {
        hideFerrowby();
        publishAnyway(GUIDE, "known, and told to readers");
        page.navigate(theatre.readers() + "/" + GUIDE);
        var tier = page.locator("#tier-quayside");
        assertThat(tier).containsText("included, +30.00");
        assertThat(tier).containsText("included, +25.00");
        assertThat(tier).containsText("included, −5.00");
        assertThat(tier).containsText("369.00");
    }

    private void refresh() {
        page.navigate(theatre.desk() + "/guides/" + GUIDE + "/round");
        button("Refresh all prices").click();
        assertThat(button("Pause")).isVisible();
        assertThat(button("Refresh all prices")).isVisible(LONG);
    }

    private void hideFerrowby() {
        page.navigate(theatre.desk() + "/shops");
        button("Change Ferrowby").click();
        page.getByLabel("its prices may stand in published editions").uncheck();
        dialog().getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("Save").setExact(true))
                .click();
        assertThat(dialog()).not().isVisible();
    }

    /** A shop that forbids it has its prices on no day's page, and in no sum that they could be taken out of. */
    @Test
    @Order(5)
    void aHiddenPriceIsOnNoDaysPage() throws Exception {
        page.navigate(theatre.desk() + "/guides/" + GUIDE);
        button("Open the next edition").click();
        assertThat(page.getByText("Edition 3 is in work")).isVisible();
        for (int day = 0; day < 3; day++) {
            if (day > 0) {
                theatre.goBy("day");
                refresh();
            }
            build("Quayside");
            var total = page.getByTestId("total").innerText();
            var hidden = hiddenPrices();
            page.navigate(theatre.readers() + "/" + GUIDE);
            var text = page.locator("#tier-quayside").innerText();
            assertThat(text).contains("see the shop").containsPattern("to be had for about [0-9,.]+");
            assertThat(text).doesNotContain(total);
            assertThat(hidden).isNotEmpty().noneMatch(text::contains);
        }
    }

    /** What Ferrowby asks today for parts of the build on the bench. */
    private List<String> hiddenPrices() {
        var at = page.url().replaceFirst(".*/(editions/[^/]*/builds/[^/]*).*", "$1");
        var bench = page.request().get(theatre.desk() + "/api/" + at + "/bench").text();
        return Pattern.compile("\"seller\":\"Ferrowby\"[^}]*?\"priceMinor\":(\\d+)")
                .matcher(bench)
                .results()
                .map(m -> new BigDecimal(m.group(1)).movePointLeft(2).toPlainString())
                .toList();
    }
}
