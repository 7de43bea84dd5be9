package lowfield.core.fact;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** What keeps a text from being printed as it is meant: a fact that is none, that nobody knows, or that may not be told. */
public record FactProblem(String written, String sentence) {
    /** Every problem of a text, in the order in which it comes up. */
    public static List<FactProblem> of(FactTemplate text, Map<String, Fact> facts) {
        var all = new ArrayList<FactProblem>();
        text.broken()
                .forEach(b -> all.add(new FactProblem(
                        b, "\"%s\" is no fact; write one like {{price}}, with both pairs of braces.".formatted(b))));
        for (var path : text.paths()) {
            var fact = facts.get(path);
            var written = "{{" + path + "}}";
            if (fact == null) {
                all.add(new FactProblem(written, "There is no fact %s here.%s".formatted(written, near(path, facts))));
            } else if (fact.value() instanceof FactValue.NotKnown unknown) {
                all.add(new FactProblem(written, "%s is not known: %s.".formatted(written, unknown.why())));
            } else if (fact.value() instanceof FactValue.Withheld) {
                all.add(new FactProblem(
                        written, "%s may not be printed, since its shop does not allow it.".formatted(written)));
            }
        }
        return List.copyOf(all);
    }

    /** A path that begins or ends like the one that is not there. */
    private static String near(String path, Map<String, Fact> facts) {
        return facts.keySet().stream()
                .filter(p -> p.startsWith(path) || path.startsWith(p) || p.endsWith("." + path))
                .sorted()
                .findFirst()
                .map(p -> " Perhaps {{" + p + "}}?")
                .orElse("");
    }
}
