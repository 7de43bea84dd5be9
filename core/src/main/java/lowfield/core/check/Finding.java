package lowfield.core.check;

import java.util.List;
import java.util.UUID;

/**
 * What one check says of some lines. The evidence sentence is a template over its values and is rendered only when asked
 * for.
 */
public record Finding(Check check, Verdict verdict, List<UUID> lines, String template, List<Object> values) {
    public Finding {
        lines = List.copyOf(lines);
        values = List.copyOf(values);
    }

    static Finding of(Check check, Verdict verdict, List<UUID> lines, String template, Object... values) {
        return new Finding(check, verdict, lines, template, List.of(values));
    }

    /** "Card 337 mm; case takes 330 mm with front fans in." */
    public String evidence() {
        return template.formatted(values.toArray());
    }

    /** Same check, lines and values: an answer given to it still holds. */
    public String fingerprint() {
        return Integer.toHexString(
                List.of(check.id(), verdict, lines, evidence()).hashCode());
    }

    /** Whether the other finding says the same of the same lines, perhaps with other figures. */
    boolean repeats(Finding other) {
        return check.id().equals(other.check.id()) && verdict == other.verdict && lines.equals(other.lines);
    }

    public boolean touches(UUID line) {
        return lines.contains(line);
    }
}
