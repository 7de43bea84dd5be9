package lowfield.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The demo's world: what it shows, that every view is free of accessibility faults, and the keyboard. */
class DemoJourneyTest {
    private static final String GUIDE = "/guides/the-tidewater-guide";
    private static Theatre theatre;
    private static Chromium chromium;

    @BeforeAll
    static void open() throws Exception {
        theatre = new Theatre(true);
        chromium = new Chromium();
    }

    @AfterAll
    static void close() throws Exception {
        chromium.close();
        theatre.close();
    }

    private static BrowserContext context(ColorScheme scheme, int width) {
        return chromium.browser()
                .newContext(new Browser.NewContextOptions()
                        .setViewportSize(width, 800)
                        .setColorScheme(scheme)
                        .setLocale("en-GB"));
    }

    private static Page signedIn(BrowserContext context) {
        var page = context.newPage();
        page.navigate(theatre.desk());
        page.getByLabel("E-mail address").fill("ines@tidewater.example");
        page.getByLabel("Password").fill("harbour-lights");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign in"))
                .click();
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Guides"))
                .waitFor();
        return page;
    }

    private static void isClean(Page page, String view) {
        page.waitForLoadState(LoadState.NETWORKIDLE);
        var violations = new AxeBuilder(page).analyze().getViolations();
        assertThat(violations)
                .as(view)
                .map(v -> v.getId() + ": " + v.getNodes().get(0).getHtml())
                .isEmpty();
    }

    @ParameterizedTest
    @EnumSource(
            value = ColorScheme.class,
            names = {"LIGHT", "DARK"})
    void everyViewIsFreeOfFaults(ColorScheme scheme) {
        try (var context = context(scheme, 1280)) {
            var page = context.newPage();
            page.navigate(theatre.desk());
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Sign in"))
                    .waitFor();
            isClean(page, "sign-in");
            page = signedIn(context);
            isClean(page, "guides");
            for (var path : new String[] {
                GUIDE,
                GUIDE + "/round",
                GUIDE + "/press",
                GUIDE + "/settings",
                "/catalogue",
                "/shops",
                "/new-guide",
                "/people"
            }) {
                page.navigate(theatre.desk() + path);
                page.getByRole(AriaRole.HEADING).first().waitFor();
                isClean(page, path);
            }
            page.navigate(theatre.desk() + GUIDE);
            page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions().setName("Bosun").setExact(true))
                    .click();
            page.getByTestId("total").waitFor();
            isClean(page, "bench");
            page.keyboard().press("/");
            page.locator("#candidate-0").waitFor();
            isClean(page, "finder");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("and …"))
                    .click();
            page.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("chip").setExact(true))
                    .click();
            isClean(page, "a word of the sentence");
            page.keyboard().press("Escape");
            page.keyboard().press(".");
            page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.OPTION).first().waitFor();
            isClean(page, "commands");
            page.keyboard().press("Escape");
            page.keyboard().press("h");
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("History of this build"))
                    .waitFor();
            isClean(page, "history");
            page.keyboard().press("Escape");
            page.keyboard().press("l");
            page.getByText("A line runs through").waitFor();
            isClean(page, "ladder");
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {1280, 390})
    void readersPagesAreFreeOfFaultsAndFitTheScreen(int width) {
        for (var scheme : new ColorScheme[] {ColorScheme.LIGHT, ColorScheme.DARK}) {
            try (var context = context(scheme, width)) {
                var page = context.newPage();
                for (var path : new String[] {
                    "/", "/the-tidewater-guide", "/the-tidewater-guide/editions/1", "/the-tidewater-guide/archive"
                }) {
                    page.navigate(theatre.readers() + path);
                    isClean(page, path);
                    assertThat(page.evaluate("document.documentElement.scrollWidth <= window.innerWidth"))
                            .as(path + " at " + width)
                            .isEqualTo(true);
                }
            }
        }
    }

    @Test
    void theDeskShowsEveryKindOfTrouble() {
        try (var context = context(ColorScheme.LIGHT, 1280)) {
            var page = signedIn(context);
            page.navigate(theatre.desk() + GUIDE);
            for (var trouble : new String[] {
                "Motherboard has no price",
                "over its band",
                "is under 65% of the last accepted",
                "is not known",
                "Reason of the case is stale"
            }) {
                assertThat(page.getByText(trouble).first()).isVisible();
            }
            assertThat(page.getByText("4,243.00")).isVisible();
        }
    }

    @Test
    void theBenchIsWorkedByKeysAlone() {
        try (var context = context(ColorScheme.LIGHT, 1280)) {
            var page = signedIn(context);
            page.navigate(theatre.desk() + GUIDE);
            page.getByText("Wants you").waitFor();
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

    /** Found by a misspelt name and taken with keys alone; what stood there is one keystroke back. */
    @Test
    void aCardIsFoundByAMisspeltNameAndSwapped() {
        try (var context = context(ColorScheme.LIGHT, 1280)) {
            var page = signedIn(context);
            page.navigate(theatre.desk() + GUIDE);
            page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions().setName("Horizon").setExact(true))
                    .click();
            page.getByTestId("total").waitFor();
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

    @Test
    void candidatesStandSideBySide() {
        try (var context = context(ColorScheme.LIGHT, 1280)) {
            var page = signedIn(context);
            page.navigate(theatre.desk() + GUIDE);
            page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions().setName("Skipper").setExact(true))
                    .click();
            page.getByTestId("total").waitFor();
            page.keyboard().press("/");
            page.locator("#candidate-3").waitFor();
            for (int i = 0; i < 4; i++) {
                page.keyboard().press("Alt+KeyC");
                page.keyboard().press("ArrowDown");
            }
            page.keyboard().press("Alt+KeyV");
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Side by side")))
                    .isVisible();
            assertThat(page.getByRole(AriaRole.ROWHEADER, new Page.GetByRoleOptions().setName("length, mm")))
                    .isVisible();
            isClean(page, "side by side");
        }
    }

    /** A processor of another socket: what breaks is told, and goes when the board follows. */
    @Test
    void anotherSocketBreaksWhatHangsOnItUntilTheBoardFollows() {
        try (var context = context(ColorScheme.LIGHT, 1280)) {
            var page = signedIn(context);
            page.navigate(theatre.desk() + GUIDE);
            page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions().setName("Bosun").setExact(true))
                    .click();
            page.getByTestId("total").waitFor();
            page.keyboard().press("ArrowDown");
            find(page, "loam six graphics");
            var broken = page.getByLabel("Tally").getByText("processor has socket Fen; the board has Moor");
            assertThat(broken).isVisible();
            page.keyboard().press("ArrowDown");
            find(page, "rudder loam micro");
            assertThat(broken).hasCount(0);
            page.keyboard().press("u");
            assertThat(page.getByText("Undone: Motherboard: choice")).isVisible();
            page.keyboard().press("u");
            assertThat(page.getByText("Undone: Processor: choice")).isVisible();
        }
    }

    private static void find(Page page, String words) {
        page.keyboard().press("/");
        page.locator("#candidate-0").waitFor();
        page.keyboard().type(words);
        assertThat(page).hasURL(Pattern.compile(".*find=text.*"));
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
    }

    @Test
    void theLadderCarriesAChoiceAcross() {
        try (var context = context(ColorScheme.LIGHT, 1280)) {
            var page = signedIn(context);
            page.navigate(theatre.desk() + GUIDE);
            page.getByText("Wants you").waitFor();
            page.keyboard().press("l");
            page.getByText("A line runs through").waitFor();
            page.keyboard().press("ArrowDown");
            page.keyboard().press("ArrowDown");
            page.keyboard().press(">");
            assertThat(page.getByText("Ostrand Shoal micro is in Bosun, lead build now; u takes it back."))
                    .isVisible();
            page.keyboard().press("u");
            assertThat(page.getByText("Undone: Motherboard: choice")).isVisible();
        }
    }

    @Test
    void aFileWithFaultsIsToldAndTheMendedOneTaken() {
        try (var context = context(ColorScheme.LIGHT, 1280)) {
            var page = signedIn(context);
            page.navigate(theatre.desk() + "/catalogue");
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

    @Test
    void twoDesksOnOneReasonAreOfferedBothTexts() {
        try (var hers = context(ColorScheme.LIGHT, 1280);
                var his = context(ColorScheme.LIGHT, 1280)) {
            var ines = signedIn(hers);
            var tom = signedIn(his);
            for (var page : new Page[] {ines, tom}) {
                page.navigate(theatre.desk() + GUIDE);
                page.getByRole(
                                AriaRole.LINK,
                                new Page.GetByRoleOptions().setName("Horizon").setExact(true))
                        .click();
                page.getByTestId("total").waitFor();
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
        }
    }

    private static void type(Page page, String words) {
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^Reason for")))
                .click();
        page.keyboard().press("Control+Home");
        page.keyboard().type(words);
    }
}
