package lowfield.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import lowfield.core.guide.Choice;

/**
 * What one check says of some lines. The evidence sentence is a template over its values (figures, words, sets of words,
 * choices) and is rendered only when asked for. A finding that is not known for want of a catalogue figure names it.
 */
public record Finding(
        Check check, Verdict verdict, List<UUID> lines, String template, List<Object> values, Optional<Gap> gap) {

    /** "Card 337 mm; case takes 330 mm with front fans in." */
    public String evidence() {
        return values.isEmpty()
                ? template
                : template.formatted(values.stream().map(Finding::worded).toArray());
    }

    private static Object worded(Object value) {
        if (value instanceof Choice choice) {
            return choice.label();
        }
        return value instanceof Set<?> words
                ? String.join(
                        ", ", words.stream().map(Object::toString).sorted().toList())
                : value;
    }

    /** The same said of what would hold with another member of a set: "with Mica Six 12 GB: card 251 mm; …". */
    public Finding with(String member) {
        var more = new ArrayList<Object>();
        more.add(member);
        more.addAll(values);
        return new Finding(check, verdict, lines, "with %s: " + template, List.copyOf(more), gap);
    }

    /** Same check, lines and values: an answer given to it still holds. */
    public String fingerprint() {
        return Integer.toHexString(
                List.of(check.id(), verdict, lines, evidence()).hashCode());
    }

    /** Whether the other finding says the same of the same lines, perhaps with other figures. */
    public boolean repeats(Finding other) {
        return check.id().equals(other.check.id()) && verdict == other.verdict && lines.equals(other.lines);
    }

    public boolean touches(UUID line) {
        return lines.contains(line);
    }
}
