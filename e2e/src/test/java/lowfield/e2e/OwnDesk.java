package lowfield.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;

/** A desk of one journey's own, in a browser: one that nobody has used yet, or the demo's. */
abstract class OwnDesk {
    private static final String PASTE = """
            text => {
                const data = new DataTransfer();
                data.setData('text', text);
                document.activeElement.dispatchEvent(
                    new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
            }
            """;
    private final boolean isDemo;
    Theatre theatre;
    Page page;
    Chromium chromium;

    OwnDesk(boolean isDemo) {
        this.isDemo = isDemo;
    }

    @BeforeAll
    void open() throws Exception {
        theatre = new Theatre(isDemo);
        chromium = new Chromium();
        page = chromium.browser()
                .newContext(new Browser.NewContextOptions()
                        .setViewportSize(1280, 800)
                        .setLocale("en-GB"))
                .newPage();
    }

    @AfterAll
    void close() throws Exception {
        chromium.close();
        theatre.close();
    }

    Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    Locator dialog() {
        return page.getByRole(AriaRole.DIALOG);
    }

    void field(String label, String text) {
        page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).fill(text);
    }

    /** Pastes addresses of product pages where parts come from links. */
    void pasteLinks(String addresses) {
        page.getByLabel("Addresses of product pages at your shops, one or many").focus();
        page.evaluate(PASTE, addresses);
    }

    /** Publishes the edition in work of a guide, whatever its checks say, for one reason. */
    void publishAnyway(String guide, String why) {
        page.navigate(theatre.desk() + "/guides/" + guide + "/press");
        assertThat(page.getByText(Pattern.compile("checks? fails?"))).isVisible();
        PublishAnyway.letAllThrough(page, why);
        button("Publish").click();
        button("Publish it").click();
        assertThat(page.getByText(Pattern.compile("Edition \\d+ is published\\.")))
                .isVisible();
    }

    /** Goes to a slot of the build on the bench. */
    void slot(String name) {
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Slots"))
                .getByRole(
                        AriaRole.LINK,
                        new Locator.GetByRoleOptions().setName(Pattern.compile("^" + name + "(?! cooler)")))
                .click();
        assertThat(page.locator("section[aria-label='The slot'] .label").first())
                .hasText(name);
    }

    /** Takes the one part that some words find, in a slot. */
    void take(String slot, String words) {
        slot(slot);
        page.keyboard().press("/");
        var query = page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Name or figures"));
        query.fill(words);
        assertThat(page.locator("#candidates [role=option]")).hasCount(1);
        query.press("Enter");
        assertThat(query).not().isVisible();
    }

    /** Enters a part by hand, and names its page at the shop. */
    void addPart(FirstPart thing) {
        page.getByLabel("Kind", new Page.GetByLabelOptions().setExact(true)).selectOption(thing.kind());
        button("Add a part").click();
        field("Maker", "Test");
        field("Product", thing.name());
        thing.figures().forEach(f -> field(f[0], f[1]));
        dialog().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add the part"))
                .click();
        assertThat(dialog()).not().isVisible();
        page.locator("main > div", new Page.LocatorOptions().setHasText("Test " + thing.name()))
                .getByRole(AriaRole.BUTTON)
                .last()
                .click();
        field("Address of the shop's page", "https://ferrowby.example/p/" + thing.slug());
        dialog().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Keep the address"))
                .click();
        assertThat(dialog().getByRole(AriaRole.STATUS)).containsText("The next round fetches it");
        page.keyboard().press("Escape");
        assertThat(dialog()).not().isVisible();
    }
}
