package lowfield.core.check.rules;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.check.Check;
import lowfield.core.check.FigureRef;
import lowfield.core.check.Outcome;
import lowfield.core.guide.UsualValue;

/** The page that lists every check with its rule, its figures and everything it can say, as Markdown; made from the declarations. */
public final class CheckPage {
    private CheckPage() {}

    /** How often each outcome was said: check and outcome, as "card-length room", to a number. */
    public static String markdown(Map<String, Integer> counts) {
        var page = new StringBuilder("""
                # The checks

                Made from the declarations in `core`; do not edit by hand. Every check says **fits**, **note**, **caution**, **clash**
                or **not known**. A check that *decides* says whether the parts go together; one that *advises* never holds a build up. A
                missing figure is never taken for fits. The numbers tell how often each thing is said of the demo's builds when each
                part of the catalogue is put on each line.

                """);
        var all = Stream.concat(Checks.all().stream(), Stream.of(SetMembers.CHECK, PackageMembers.CHECK))
                .toList();
        page.append("%d checks, %d of them decide.%n"
                .formatted(all.size(), all.stream().filter(Check::decisive).count()));
        all.forEach(check -> check(check, counts, page));
        usual(page);
        onlyWhereSo(page);
        return page.toString();
    }

    private static void check(Check check, Map<String, Integer> counts, StringBuilder page) {
        page.append("%n## `%s`%n%n%s. It %s; it reads %s.%n%n"
                .formatted(
                        check.id(),
                        check.rule(),
                        check.decisive() ? "decides" : "advises",
                        check.reads().isEmpty() ? "no figure of a part" : figures(check)));
        page.append("| outcome | verdict | to the author | to readers | said |\n|---|---|---|---|---|\n");
        for (var outcome : check.outcomes()) {
            page.append("| %s | %s | %s | %s | %d |%n"
                    .formatted(
                            outcome.name(),
                            outcome.verdict().word(),
                            sentence(outcome.author()),
                            reader(outcome),
                            counts.getOrDefault(check.id() + " " + outcome.name(), 0)));
        }
        page.append("| missing | not known | the figure that is missing |  | %d |%n"
                .formatted(counts.getOrDefault(check.id() + " missing", 0)));
    }

    private static String reader(Outcome outcome) {
        return outcome.reader()
                .map(r -> (outcome.firstStart() ? "*First-start setting:* " : "") + sentence(r))
                .orElse("");
    }

    /** A sentence with an ellipsis for each value. */
    private static String sentence(String template) {
        return template.replaceAll("%(\\d\\$)?s", "…").replace("%%", "%");
    }

    private static void usual(StringBuilder page) {
        page.append("\n## Usual values\n\n| | usual | from | to | checks |\n|---|---|---|---|---|\n");
        for (var value : List.of(UsualValue.values())) {
            var span = value.span();
            page.append("| %s | %d %s | %d | %d | %s |%n"
                    .formatted(value.label(), span.usual(), value.unit(), span.low(), span.high(), readBy(value)));
        }
    }

    private static void onlyWhereSo(StringBuilder page) {
        page.append("""

                ## Figures printed only where they are so

                Absent, a check may take them for none or no. Every other figure is not known where it is absent.

                | figure | checks |
                |---|---|
                """);
        Checks.all().stream()
                .flatMap(check -> check.reads().stream())
                .filter(FigureRef::onlyWhereSo)
                .distinct()
                .map(figure -> "| %s of %s | %s |%n"
                        .formatted(figure.name(), figure.kind().label(), readBy(figure)))
                .sorted()
                .forEach(page::append);
    }

    private static String readBy(FigureRef<?, ?> figure) {
        return Checks.all().stream()
                .filter(c -> c.reads().contains(figure))
                .map(Check::id)
                .collect(Collectors.joining(", "));
    }

    private static String readBy(UsualValue value) {
        return Checks.all().stream()
                .filter(c -> c.usualValues().contains(value))
                .map(Check::id)
                .collect(Collectors.joining(", "));
    }

    private static String figures(Check check) {
        return check.reads().stream()
                .collect(Collectors.groupingBy(
                        r -> r.kind().label(),
                        LinkedHashMap::new,
                        Collectors.mapping(FigureRef::name, Collectors.joining(", "))))
                .entrySet()
                .stream()
                .map(e -> e.getKey() + " (" + e.getValue() + ")")
                .collect(Collectors.joining(", "));
    }
}
