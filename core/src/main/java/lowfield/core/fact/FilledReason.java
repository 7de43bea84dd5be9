package lowfield.core.fact;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import lowfield.core.edition.EvaluatedEdition;

/** A line's reason with its facts in place, and what of them cannot be printed as it is meant. */
public record FilledReason(String markdown, List<FactProblem> problems) {
    /** A fact's braces; without them a text has none, and nothing is worked out for it. */
    private static final String BRACES = "{{";

    /** @param words how a value is worded for its readers */
    public static FilledReason of(
            String markdown, EvaluatedEdition edition, EvaluatedEdition.Place at, Function<FactValue, String> words) {
        if (!markdown.contains(BRACES)) {
            return new FilledReason(markdown, List.of());
        }
        return of(markdown, FactRegistry.of(edition, at), words);
    }

    /** With facts that were found for it. */
    public static FilledReason of(String markdown, Map<String, Fact> facts, Function<FactValue, String> words) {
        var template = FactTemplate.of(markdown);
        return new FilledReason(
                template.filled(path -> Optional.ofNullable(facts.get(path))
                        .map(f -> words.apply(f.value()))
                        .orElse("{{" + path + "}}")),
                FactProblem.of(template, facts));
    }
}
