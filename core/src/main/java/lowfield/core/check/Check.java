package lowfield.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import lowfield.core.guide.Build;
import lowfield.core.guide.Slot;

/** One rule about the parts of one build. */
public sealed interface Check permits Rule {
    /** Stable, for waivers and addresses: "card-length". */
    String id();

    /** The rule as a sentence a reader understands. */
    String rule();

    /** Whether it decides if the parts go together, or only advises. */
    boolean decisive();

    /** The figures it decides by, for the documentation; some rules read none. */
    List<Reading<?, ?>> reads();

    /** The slots whose lines it concerns: a change elsewhere cannot change what it says. */
    Set<Slot> slots();

    /** One finding for each pair or group of lines that the rule concerns; none when it concerns nothing here. */
    default List<Finding> on(Build build) {
        var findings = new ArrayList<Finding>();
        tell(new Scene(build), findings);
        return findings;
    }

    /** Adds the same findings to those of other checks that look at the same build. */
    void tell(Scene scene, List<Finding> findings);
}
