package lowfield.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Measures what somebody waits for who opens the desk for the first time: compressed script, and the time until the first
 * gauge can be read. Beside it the readers' page, which has no script: {@code FirstLoad DESK READERS}.
 */
public final class FirstLoad {
    private static final int TIMES = 9;
    private static final String GUIDE = "/guides/the-tidewater-guide";

    private FirstLoad() {}

    /** One cold load. */
    private record Load(long scriptBytes, double usefulMs) {}

    public static void main(String[] arguments) {
        var desk = arguments[0];
        var readers = arguments[1];
        try (var chromium = new Chromium()) {
            var loads = new ArrayList<Load>();
            var floor = new ArrayList<Double>();
            for (int i = 0; i < TIMES; i++) {
                loads.add(desk(chromium.browser(), desk));
                floor.add(reader(chromium.browser(), readers));
            }
            var script = loads.get(0).scriptBytes();
            var useful = median(loads.stream().map(Load::usefulMs).toList());
            System.out.printf(
                    Locale.ROOT,
                    "%d cold loads; a reader's page of the same server can be read after %.0f ms (median), the desk after %.1f"
                            + " times that%n",
                    TIMES,
                    median(floor),
                    useful / median(floor));
            System.out.printf(Locale.ROOT, "script_kb=%.1f useful_ms=%.0f%n", script / 1024.0, useful);
        }
    }

    /** A new window with nothing kept but the session. */
    private static Load desk(Browser browser, String desk) {
        try (var first = browser.newContext()) {
            var page = first.newPage();
            page.navigate(desk);
            page.getByLabel("E-mail address").fill("ines@tidewater.example");
            page.getByLabel("Password").fill("harbour-lights");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign in"))
                    .click();
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Guides"))
                    .waitFor();
            var session = first.storageState();
            try (var cold = browser.newContext(new Browser.NewContextOptions().setStorageState(session))) {
                return load(cold.newPage(), desk);
            }
        }
    }

    private static Load load(Page page, String desk) {
        var scripts = new ArrayList<Request>();
        page.onRequestFinished(request -> {
            if (request.resourceType().equals("script")) {
                scripts.add(request);
            }
        });
        page.navigate(desk + GUIDE);
        page.locator("main svg[role=img]").first().waitFor();
        var useful = ((Number) page.evaluate("performance.now()")).doubleValue();
        var bytes = scripts.stream()
                .mapToLong(r -> (long) r.sizes().responseBodySize)
                .sum();
        return new Load(bytes, useful);
    }

    private static double reader(Browser browser, String readers) {
        try (var cold = browser.newContext()) {
            var page = cold.newPage();
            page.navigate(readers + "/the-tidewater-guide");
            page.getByRole(AriaRole.HEADING).first().waitFor();
            return ((Number) page.evaluate("performance.now()")).doubleValue();
        }
    }

    private static double median(List<Double> values) {
        return values.stream().sorted().toList().get(values.size() / 2);
    }
}
