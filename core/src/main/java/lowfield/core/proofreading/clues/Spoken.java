package lowfield.core.proofreading.clues;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import lowfield.core.proofreading.Subject;
import lowfield.core.proofreading.figures.Stretch;
import lowfield.core.proofreading.mentions.Mention;

/**
 * What the sentences before were about: "It draws 175 W" is about what the last sentence led with.
 *
 * @param mention what was named; absent at the start of a text
 * @param isLead whether a sentence began with it
 * @param isCompared whether it was only compared with
 * @param inPassing the kinds of parts that the last sentence spoke of
 */
record Spoken(Optional<Mention> mention, boolean isLead, boolean isCompared, List<Mention> inPassing) {
    private static final Pattern SUBORDINATE = Pattern.compile(
            "(?i)\\W*(?:if|should|when|although|though|while|where|since|because|as|for|with|in|on|at)(?![\\p{L}])");
    private static final int FRONT = 16;

    static Spoken ofNothing() {
        return new Spoken(Optional.empty(), false, false, List.of());
    }

    /** Whether a sentence, or a part of it behind a comma, begins with a mention. */
    static boolean isLead(Mention mention, Stretch sentence, String text) {
        var isSubordinate = SUBORDINATE.matcher(sentence.of(text)).lookingAt();
        var comma = isSubordinate ? text.lastIndexOf(", ", mention.start()) : -1;
        return mention.start() - Math.max(sentence.start(), comma) < FRONT;
    }

    /** "In the tier below stands the Shoal Minor": nothing else could be "it". */
    private static boolean isAlone(Mention mention, List<Mention> strong, String text) {
        return strong.size() == 1
                && mention.sort() == Mention.Sort.NAME
                && mention.subjects().stream().noneMatch(s -> s.role() == Subject.Role.CHOICE)
                && !Standing.isOblique(text, 0, mention);
    }

    /** After one more sentence. */
    Spoken after(Stretch sentence, String text, List<Mention> named, Topic topic) {
        var here = named.stream().filter(m -> sentence.holds(m.start())).toList();
        var kinds = here.stream().filter(m -> !Passage.isStrong(m)).toList();
        var strong = here.stream().filter(Passage::isStrong).toList();
        var front = strong.stream()
                .filter(m -> !Standing.isCompared(text, sentence.start(), m))
                .min(Comparator.comparing((Mention m) -> !topic.isOfSlot(m))
                        .thenComparing(m -> m.sort() == Mention.Sort.THE_KIND)
                        .thenComparing(m -> Standing.isOblique(text, sentence.start(), m)));
        return front.map(m -> new Spoken(front, isLead(m, sentence, text) || isAlone(m, strong, text), false, kinds))
                .or(() -> strong.stream().findFirst().map(m -> new Spoken(Optional.of(m), false, true, kinds)))
                .or(() -> topic.another(sentence, text).map(m -> new Spoken(Optional.of(m), true, false, kinds)))
                .orElse(new Spoken(mention, isLead, isCompared, kinds));
    }
}
