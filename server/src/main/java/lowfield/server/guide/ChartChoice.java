package lowfield.server.guide;

import lowfield.core.RuleBroken;

/** A chart that an edition shows its readers: of a kind (by its name), a tier or a part (by id). */
public record ChartChoice(Of of, String id) {
    /** What a chart is of. */
    public enum Of {
        KIND,
        TIER,
        PART
    }

    public ChartChoice {
        RuleBroken.unless(id.length() <= 60, "This is no chart's id.");
    }
}
