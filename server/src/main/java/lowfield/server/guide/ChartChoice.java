package lowfield.server.guide;

import java.util.Arrays;
import lowfield.core.RuleBroken;
import lowfield.core.part.Kind;

/** A chart that an edition shows its readers: of a kind (by its name), a tier or a part (by id). */
public record ChartChoice(Of of, String id) {
    /** What a chart is of. */
    public enum Of {
        KIND,
        TIER,
        PART
    }

    public ChartChoice {
        var known = of == Of.KIND
                ? Arrays.stream(Kind.values()).map(Kind::name).anyMatch(id::equals)
                : id.matches("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");
        RuleBroken.unless(known, "A chart is of a kind by its name, or of a tier or part by its id.");
    }
}
