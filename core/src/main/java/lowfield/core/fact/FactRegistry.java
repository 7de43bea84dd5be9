package lowfield.core.fact;

import java.util.Locale;
import java.util.Map;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.edition.EvaluatedLine;

/**
 * The facts about one line of an evaluated edition, and the only ones there are: of its choice, of its build, against the
 * neighbouring tiers and the main build, of its alternatives and upgrades, and every figure of its part. A path means the same
 * on every line, so that a reason that is copied elsewhere stays true there.
 */
public final class FactRegistry {
    private FactRegistry() {}

    /** The facts of a line by their paths, in the order in which a menu shows them. */
    public static Map<String, Fact> of(EvaluatedEdition edition, EvaluatedEdition.Place at) {
        var facts = new FactList();
        var choice = new ChoiceFacts(at.build(), at.line(), facts);
        var build = new BuildFacts(edition, at, facts);
        choice.choice();
        build.build();
        build.neighbours();
        options(at.build(), at.line(), facts);
        choice.figures();
        return facts.byPath();
    }

    private static void options(EvaluatedBuild build, EvaluatedLine line, FactList facts) {
        for (var option : build.options(line.id())) {
            var impact = option.impact();
            var path = "option." + slug(impact.part().fullName());
            var name = impact.part().fullName();
            facts.add(path + ".name", name, new FactValue.Words(name));
            facts.add(path + ".price", "price of " + name, FactList.sum(impact.price()));
            var isHidden = FactList.hides(build)
                    || impact.price().isWithheld()
                    || impact.forced().stream().anyMatch(f -> f.price().isWithheld());
            facts.against(
                    path,
                    "the total with " + name,
                    new Difference(impact.trueDifference().known(), isHidden, "a price is missing"));
        }
    }

    /** A name as it stands in a path: small letters and digits with dashes between. */
    static String slug(String name) {
        var plain = name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        return plain.isEmpty() ? "part" : plain.length() > 80 ? plain.substring(0, 80) : plain;
    }
}
