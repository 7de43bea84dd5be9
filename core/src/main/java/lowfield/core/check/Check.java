package lowfield.core.check;

import java.util.List;
import lowfield.core.guide.Build;

/** One rule about the parts of one build. */
public interface Check {
    /** Stable, for waivers and addresses: "card-length". */
    String id();

    /** The rule as a sentence a reader understands. */
    String rule();

    /** Whether it decides if the parts go together, or only advises. */
    boolean decisive();

    /** One finding for each pair or group of lines that the rule concerns; none when it concerns nothing here. */
    List<Finding> on(Build build);
}
