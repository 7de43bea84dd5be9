package lowfield.core.fact;

import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.Text;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.edition.EvaluatedTier;

/**
 * The facts of a text that is about no single line: those of each tier's main build under the tier's name ("mate.total"), and
 * those of the build that the text is about under none ("total").
 */
public final class TextFacts {
    private TextFacts() {}

    /** The facts by their paths, the build's own first. */
    public static Map<String, Fact> of(EvaluatedEdition edition, Optional<UUID> about) {
        var facts = new FactList();
        about.flatMap(edition::build)
                .ifPresent(b -> build("", edition.tierOf(b.id()).orElseThrow().nameOf(b.id()), b, facts));
        edition.tiers().forEach(t -> tier(t, facts));
        return facts.byPath();
    }

    private static void tier(EvaluatedTier tier, FactList facts) {
        build(FactRegistry.slug(tier.name()) + ".", tier.name(), tier.lead(), facts);
    }

    private static void build(String path, String name, EvaluatedBuild build, FactList facts) {
        facts.add(path + "name", "name of " + name, new FactValue.Words(name));
        facts.add(path + "total", "total of " + name, FactList.total(build));
        facts.against(path + "total.change", "total of " + name + " against the last edition", FactList.change(build));
        facts.add(path + "platform", "CPU, cooler and motherboard of " + name + " together", FactList.platform(build));
        facts.add(path + "peak", "sustained peak of " + name, FactList.peak(build));
        build.lines().stream().filter(l -> !l.line().isEmpty()).forEach(l -> {
            var slot = FactRegistry.slug(l.slot().label());
            var label = Text.inSentence(l.slot().label()) + " of " + name;
            facts.add(path + slot, label, new FactValue.Words(l.choice().label()));
            facts.add(path + slot + ".price", "price of the " + label, FactList.sum(l.price()));
        });
    }
}
