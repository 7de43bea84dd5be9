package lowfield.core.attention;

import java.util.Arrays;
import java.util.List;
import lowfield.core.Fingerprint;

/** A gate and what stands against it; it holds when that is nothing. */
public record GateResult(Gate gate, List<Item> problems) {
    public GateResult {
        problems = List.copyOf(problems);
    }

    /** Every gate before an edition is published. */
    public static List<GateResult> of(AttentionList list) {
        return Arrays.stream(Gate.values())
                .map(gate -> new GateResult(gate, list.at(gate)))
                .toList();
    }

    public boolean holds() {
        return problems.isEmpty();
    }

    /**
     * Changes when the problems do, so that a waiver given for these does not cover others: SHA-256 over their canonical
     * text, in hexadecimal. Neither sentences nor order enter.
     */
    public String fingerprint() {
        return Fingerprint.of(
                problems.stream().map(GateResult::canonical).sorted().toList());
    }

    private static String canonical(Item problem) {
        return problem.places().stream().map(At::build).distinct().sorted().toList() + " " + problem.state();
    }
}
