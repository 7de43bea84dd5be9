package lowfield.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static lowfield.e2e.DemoDesk.context;
import static lowfield.e2e.DemoDesk.isClean;
import static lowfield.e2e.DemoDesk.signedIn;
import static lowfield.e2e.DemoDesk.theatre;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A helper is invited, comes, changes their password, forgets it, comes back and is removed while their desk is open. */
@ExtendWith(DemoDesk.class)
class PeopleJourneyTest {
    private static final String NAME = "Runa Ask";
    private static final String EMAIL = "runa@tidewater.example";

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator row(Page page) {
        return page.locator("li").filter(new Locator.FilterOptions().setHasText(EMAIL));
    }

    private static String link(Locator within) {
        return within.getByLabel(Pattern.compile("One-time link for " + NAME)).inputValue();
    }

    private static void setPassword(Page page, String password) {
        page.getByLabel("New password", new Page.GetByLabelOptions().setExact(true))
                .fill(password);
        page.getByLabel("New password again").fill(password);
        button(page, "Set the password and sign in").click();
    }

    @Test
    void aHelperComesForgetsAndGoes() {
        try (var ours = context();
                var theirs = context()) {
            var owner = signedIn(ours);
            owner.navigate(theatre().desk() + "/people");
            owner.getByLabel("Name", new Page.GetByLabelOptions().setExact(true))
                    .fill(NAME);
            owner.getByLabel("E-mail address").fill(EMAIL);
            button(owner, "Make an invitation").click();
            var invitation = link(owner.locator("form"));
            assertThat(row(owner)).containsText("invited, has not come yet");
            isClean(owner, "people with a link");

            var helper = theirs.newPage();
            helper.navigate(invitation);
            assertThat(helper.getByRole(AriaRole.HEADING)).hasText("Welcome, " + NAME);
            isClean(helper, "a link");
            setPassword(helper, "123456789012");
            assertThat(helper.getByRole(AriaRole.ALERT)).containsText("easily guessed");
            setPassword(helper, "a heron on the slipway");
            assertThat(helper.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Guides")))
                    .isVisible();
            assertThat(helper.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("People")))
                    .hasCount(0);

            helper.navigate(theatre().desk() + "/account");
            helper.getByLabel("Old password").fill("not this one");
            helper.getByLabel("New password", new Page.GetByLabelOptions().setExact(true))
                    .fill("two lamps under the pier");
            helper.getByLabel("New password again").fill("two lamps under the pier");
            button(helper, "Change the password").click();
            assertThat(helper.getByRole(AriaRole.ALERT)).containsText("old password is another one");
            helper.getByLabel("Old password").fill("a heron on the slipway");
            button(helper, "Change the password").click();
            assertThat(helper.getByRole(AriaRole.STATUS)).containsText("Password changed");

            button(helper, "Sign out").click();
            helper.navigate(invitation);
            assertThat(helper.getByRole(AriaRole.ALERT)).containsText("has been used");
            owner.reload();
            row(owner)
                    .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Recovery link"))
                    .click();
            helper.navigate(theatre().desk());
            helper.navigate(link(row(owner)));
            setPassword(helper, "wet ropes and warm bread");
            assertThat(helper.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Guides")))
                    .isVisible();

            DemoDesk.home(helper);
            row(owner)
                    .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Remove"))
                    .click();
            isClean(owner, "removing somebody");
            owner.getByRole(AriaRole.DIALOG)
                    .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Remove"))
                    .click();
            assertThat(row(owner)).hasCount(0);
            assertThat(owner.getByText(Pattern.compile("removed " + NAME))).isVisible();
            helper.reload();
            assertThat(helper.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Sign in")))
                    .isVisible();
        }
    }
}
