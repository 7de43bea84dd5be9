package lowfield.core.check;

import java.util.stream.Collectors;

/** The page that lists every check with its rule and the figures it reads, as Markdown; made from the declarations. */
public final class CheckPage {
    private CheckPage() {}

    public static String markdown() {
        var all = Checks.all();
        var page = new StringBuilder("""
                # The checks

                Made from the declarations in `core`; do not edit by hand. Every check says **fits**, **caution**, **clash** or
                **not known**, with its evidence. A check that *decides* says clash where parts do not go together; one that
                *advises* says caution. A missing figure is never taken for fits.

                """);
        page.append("%d checks, %d of them decide.%n%n"
                .formatted(all.size(), all.stream().filter(Check::decisive).count()));
        page.append("| check | | the rule | figures it reads |\n|---|---|---|---|\n");
        for (var check : all) {
            page.append("| `%s` | %s | %s | %s |%n"
                    .formatted(check.id(), check.decisive() ? "decides" : "advises", check.rule(), figures(check)));
        }
        return page.toString();
    }

    private static String figures(Check check) {
        return check.reads().stream()
                .collect(Collectors.groupingBy(
                        r -> r.kind().label(),
                        java.util.LinkedHashMap::new,
                        Collectors.mapping(Reading::name, Collectors.joining(", "))))
                .entrySet()
                .stream()
                .map(e -> e.getKey() + ": " + e.getValue())
                .collect(Collectors.joining("; "));
    }
}
