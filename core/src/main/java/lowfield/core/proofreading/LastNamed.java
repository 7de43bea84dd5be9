package lowfield.core.proofreading;

import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import lowfield.core.proofreading.figures.Stretch;

/**
 * What the sentences before were about: "It draws 175 W" is about what the last sentence began with.
 *
 * @param mention what was named; absent at the start of a text
 * @param isLead whether a sentence began with it
 */
record LastNamed(Optional<Mention> mention, boolean isLead) {
    private static final Pattern PRONOUN = Pattern.compile("(?i)^\\W*(it|its|they|their)(?![\\p{L}])");
    private static final int FRONT = 16;

    static LastNamed none() {
        return new LastNamed(Optional.empty(), false);
    }

    /** Whether a sentence that names nothing says "it" of what led. */
    boolean isMeantBy(Passage passage) {
        return isLead && PRONOUN.matcher(passage.sentence().of(passage.text())).find();
    }

    /** After one more sentence. */
    LastNamed after(Stretch sentence, String text, List<Mention> named) {
        var front = named.stream()
                .filter(m -> sentence.holds(m.start()) && Passage.isStrong(m))
                .filter(m -> !Topic.isCompared(text, sentence.start(), m))
                .findFirst();
        return front.map(m -> new LastNamed(front, m.start() - sentence.start() < FRONT))
                .orElse(this);
    }
}
