package lowfield.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static lowfield.e2e.DemoDesk.context;
import static lowfield.e2e.DemoDesk.isClean;
import static lowfield.e2e.DemoDesk.signedIn;
import static lowfield.e2e.DemoDesk.theatre;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Instant;
import java.util.regex.Pattern;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A helper is invited, comes, changes their password, forgets it, comes back and is removed while their desk is open. */
@ExtendWith(DemoDesk.class)
class PeopleJourneyTest {
    private static final String NAME = "Runa Ask";
    private static final String EMAIL = "runa@tidewater.example";
    private static final String PASSWORD = "a heron on the slipway";

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator row(Page page) {
        return row(page, EMAIL);
    }

    private static Locator row(Page page, String email) {
        return page.locator("li").filter(new Locator.FilterOptions().setHasText(email));
    }

    private static String link(Locator within) {
        return within.getByLabel(Pattern.compile("One-time link for ")).inputValue();
    }

    private static String invitation(Page owner, String name, String email) {
        owner.navigate(theatre().desk() + "/people");
        owner.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill(name);
        owner.getByLabel("E-mail address").fill(email);
        button(owner, "Make an invitation").click();
        return link(owner.locator("form"));
    }

    private static void signIn(Page page, String email, String password) {
        page.getByLabel("E-mail address").fill(email);
        page.getByLabel("Password").fill(password);
        button(page, "Sign in").click();
    }

    private static Locator guides(Page page) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Guides"));
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
            var invitation = invitation(owner, NAME, EMAIL);
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

    /** A helper sets up a second factor, signs in by it and by paper, loses both, and an owner helps. */
    @Test
    void aHelperLosesTheirSecondFactor() throws Exception {
        var email = "edda@tidewater.example";
        try (var ours = context();
                var theirs = context()) {
            var owner = signedIn(ours);
            var helper = theirs.newPage();
            helper.navigate(invitation(owner, "Edda Wik", email));
            setPassword(helper, PASSWORD);
            assertThat(guides(helper)).isVisible();

            helper.navigate(theatre().desk() + "/account");
            button(helper, "Set up").click();
            var secret = helper.locator("p.font-mono").innerText().replace(" ", "");
            isClean(helper, "setting up a second factor");
            codeField(helper).fill("000000");
            button(helper, "Turn on").click();
            assertThat(helper.getByRole(AriaRole.ALERT)).containsText("check the clock");
            codeField(helper).fill(code(secret));
            button(helper, "Turn on").click();
            var codes = helper.locator("ul.font-mono li");
            assertThat(codes).hasCount(10);
            isClean(helper, "recovery codes");
            var paper = codes.first().innerText();

            button(helper, "Sign out").click();
            signIn(helper, email, PASSWORD);
            codeField(helper).fill("000000");
            isClean(helper, "a code is asked for");
            button(helper, "Sign in").click();
            assertThat(helper.getByRole(AriaRole.ALERT)).containsText("does not fit");
            codeField(helper).fill(paper);
            button(helper, "Sign in").click();
            assertThat(button(helper, "Sign out")).isVisible();

            button(helper, "Sign out").click();
            owner.reload();
            assertThat(row(owner, email)).containsText("second factor on");
            row(owner, email)
                    .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Second factor off"))
                    .click();
            assertThat(owner.getByText(Pattern.compile("turned off the second factor of Edda Wik")))
                    .isVisible();
            helper.reload();
            signIn(helper, email, PASSWORD);
            assertThat(button(helper, "Sign out")).isVisible();
        }
    }

    private static Locator codeField(Page page) {
        return page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Code"));
    }

    private static String code(String secret) throws Exception {
        return new TimeBasedOneTimePasswordGenerator()
                .generateOneTimePasswordString(
                        new SecretKeySpec(new Base32().decode(secret), "HmacSHA1"), Instant.now());
    }
}
