package lowfield.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** Exceptions before publishing, given as an author does: to one problem, and the same to the others of its check. */
final class PublishAnyway {
    private PublishAnyway() {}

    /** Every problem that a check still has. */
    static void letThrough(Page page, String check, String why) {
        var region = page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName(check).setExact(true));
        region.getByRole(AriaRole.BUTTON, named()).first().click();
        say(page, why, true);
        assertThat(region.getByText(why).first()).isVisible();
        assertThat(region.getByRole(AriaRole.BUTTON, named())).hasCount(0);
    }

    /** Every problem of every check. */
    static void letAllThrough(Page page, String why) {
        var buttons = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Publish anyway"));
        while (buttons.count() > 0) {
            buttons.first().click();
            say(page, why, true);
        }
    }

    /** One problem alone. */
    static void letThroughOne(Page page, Locator problem, String why) {
        problem.getByRole(AriaRole.BUTTON, named()).click();
        say(page, why, false);
        assertThat(problem).containsText(why);
    }

    private static void say(Page page, String why, boolean isForAll) {
        var reason = page.getByLabel("Publish anyway, because");
        reason.fill(why);
        var others = page.getByLabel("The same for the other");
        if (isForAll && others.count() > 0) {
            others.check();
        }
        reason.press("Enter");
        assertThat(reason).hasCount(0);
    }

    private static Locator.GetByRoleOptions named() {
        return new Locator.GetByRoleOptions().setName("Publish anyway");
    }
}
