package lowfield.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static lowfield.e2e.DemoDesk.GUIDE;
import static lowfield.e2e.DemoDesk.bench;
import static lowfield.e2e.DemoDesk.context;
import static lowfield.e2e.DemoDesk.isClean;
import static lowfield.e2e.DemoDesk.leave;
import static lowfield.e2e.DemoDesk.signedIn;
import static lowfield.e2e.DemoDesk.theatre;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.Media;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Every view by the rules of accessibility, in both lights. */
@ExtendWith(DemoDesk.class)
class ViewsJourneyTest {
    @ParameterizedTest
    @EnumSource(
            value = ColorScheme.class,
            names = {"LIGHT", "DARK"})
    void everyViewIsFreeOfFaults(ColorScheme scheme) {
        try (var context = context(scheme, 1280)) {
            var page = context.newPage();
            page.navigate(theatre().desk());
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Sign in"))
                    .waitFor();
            isClean(page, "sign-in");
            page = signedIn(context);
            isClean(page, "guides");
            for (var path : new String[] {
                GUIDE,
                GUIDE + "/round",
                GUIDE + "/prices",
                GUIDE + "/press",
                GUIDE + "/settings",
                "/catalogue",
                "/shops",
                "/new-guide",
                "/people",
                "/account"
            }) {
                page.navigate(theatre().desk() + path);
                page.getByRole(AriaRole.HEADING).first().waitFor();
                isClean(page, path);
            }
            bench(page, "Bosun");
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
            leave(page);
            page.keyboard().press("h");
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("History of this build"))
                    .waitFor();
            isClean(page, "history");
            leave(page);
            page.keyboard().press("l");
            page.getByText("A line runs through").waitFor();
            isClean(page, "ladder");
        }
    }

    /** What stands where a chart will be has its room before the chart comes. */
    @Test
    void pricesAreFreeOfFaultsWhileAChartIsStillMissing() {
        try (var context = context(ColorScheme.LIGHT, 1280)) {
            var page = signedIn(context);
            page.route("**/api/parts/*/history*", Route::abort);
            page.navigate(theatre().desk() + GUIDE + "/prices");
            page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Choices"))
                    .getByRole(AriaRole.CHECKBOX)
                    .waitFor();
            isClean(page, "prices without a chart");
            // A request that is still being refused would find the page gone.
            page.unrouteAll();
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
                    page.navigate(theatre().readers() + path);
                    isClean(page, path);
                    assertThat(page.evaluate("document.documentElement.scrollWidth <= window.innerWidth"))
                            .as(path + " at " + width)
                            .isEqualTo(true);
                }
            }
        }
    }

    /** Paper is white, also for those who read in the dark. */
    @Test
    void inPrintAPageIsReadInTheLight() {
        try (var context = context(ColorScheme.DARK, 1280)) {
            var page = context.newPage();
            page.navigate(theatre().readers() + "/the-tidewater-guide");
            page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
            isClean(page, "a page in print");
        }
    }
}
