package lowfield.server.kit;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What a person types to make a guide or a tier. */
public final class Forms {
    public static Map<String, Object> guide(String name, List<String> shops) {
        var policy = Map.of(
                "conditions",
                List.of("NEW"),
                "stock",
                List.of("IN_STOCK", "LIMITED"),
                "membersOnly",
                false,
                "greatestAgeDays",
                7,
                "sellers",
                List.of("SHOP", "MARKET"),
                "regions",
                List.of(),
                "usedReturnDays",
                0);
        var form = new HashMap<String, Object>();
        form.putAll(Map.of(
                "name",
                name,
                "region",
                "Home coast",
                "zone",
                "CET",
                "currency",
                "EUR",
                "locale",
                "en",
                "schedule",
                "monthly"));
        form.putAll(Map.of("disclosure", "Nobody pays us.", "policy", policy, "oldAfterDays", 3, "shops", shops));
        return form;
    }

    public static Map<String, Object> tier(String name, long from, long to) {
        return Map.of(
                "name",
                name,
                "audience",
                "",
                "promise",
                "1080p",
                "band",
                Map.of("type", "FROM_TO", "fromMinor", from, "toMinor", to),
                "countsShipping",
                false);
    }

    private Forms() {}
}
