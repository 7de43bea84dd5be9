package lowfield.core.attention;

import java.util.Arrays;
import java.util.List;

/** A check before publishing and the problems that fail it; it passes when there are none. */
public record CheckResult(PublishCheck check, List<Item> problems) {
    public CheckResult {
        problems = List.copyOf(problems);
    }

    /** Every check before an edition is published. */
    public static List<CheckResult> of(AttentionList list) {
        return Arrays.stream(PublishCheck.values())
                .map(check -> new CheckResult(check, list.at(check)))
                .toList();
    }

    public boolean passes() {
        return problems.isEmpty();
    }
}
