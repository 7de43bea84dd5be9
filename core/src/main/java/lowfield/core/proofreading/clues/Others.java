package lowfield.core.proofreading.clues;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import lowfield.core.proofreading.ProofContext;
import lowfield.core.proofreading.Subject;
import lowfield.core.proofreading.figures.Stretch;
import lowfield.core.proofreading.mentions.Mention;

/** Other parts of the slot that a text speaks of without their names: "the cheaper one", "its sister". */
final class Others {
    private static final Pattern OTHERS = Pattern.compile(
            "(?<![\\p{L}])(?:sister|brother|sibling|cousin|rival|successor|predecessor|other|second|cheaper (?:one|card|part|board|kit)|bigger|smaller one|buys?|gets? you|gives? you|instead)(?![\\p{L}])");
    private static final Pattern ANOTHER = Pattern.compile(
            "\\W*(?:but |and )?(?:its |the |a |an )?(?:other|cheaper|dearer|bigger|smaller|larger|faster|next)(?: (?:one|sister|brother|sibling|cousin|rival|card|part|board|kit|chip|drive|case|cooler|monitor))(?![\\p{L}])");
    private static final Pattern THE_OTHER = Pattern.compile(
            "(?<![\\p{L}])(?:the other|the (?:bigger|smaller|larger|faster|slower|quieter|longer|shorter|cheaper|dearer) •+)(?![\\p{L}])");
    private static final Pattern FROM = Pattern.compile("(?<![\\p{L}])from $");
    private static final Pattern LONGER_THAN = Pattern.compile(
            "(?<![\\p{L}])(?:longer|shorter|faster|slower|quieter|louder|better|worse|larger|smaller|bigger) than $");
    /** How far before the name "the other" can stand. */
    private static final int BEFORE_NAME = 12;

    private final List<Subject> all;

    Others(ProofContext context) {
        all = context.ofSlot().stream()
                .filter(s -> s.role() == Subject.Role.OPTION || s.role() == Subject.Role.NEIGHBOUR)
                .toList();
    }

    /** "From 144 Hz to 165 Hz", "lasts longer than 8 GB": what others have, though none is named. */
    List<Subject> compared(Passage passage) {
        var isCompared =
                FROM.matcher(passage.before()).find() && passage.after().startsWith(" to ")
                        || LONGER_THAN.matcher(passage.before()).find();
        return isCompared ? all : List.of();
    }

    /**
     * All of them where a passage may mean one, else none.
     *
     * @param isNamed whether its clause names a part before the figure
     * @param from where the last name before the figure ends
     */
    List<Subject> meant(Passage passage, boolean isNamed, int from) {
        var start = Math.max(passage.clause().start(), from - BEFORE_NAME);
        var since = passage.text()
                .substring(
                        Math.min(start, passage.figure().start()),
                        passage.figure().start())
                .toLowerCase(Locale.ROOT);
        var isAny = THE_OTHER.matcher(since).find()
                || !isNamed
                        && (OTHERS.matcher(passage.before()).find()
                                || OTHERS.matcher(passage.phrase()).find());
        return isAny ? all : List.of();
    }

    /** "The cheaper sister has one": a sentence that begins with another than the choice, and names none. */
    Optional<Mention> lead(Stretch sentence, String text) {
        var begins = ANOTHER.matcher(sentence.of(text).toLowerCase(Locale.ROOT)).lookingAt();
        return all.isEmpty() || !begins
                ? Optional.empty()
                : Optional.of(new Mention(sentence.start(), sentence.start(), all, Mention.Sort.NAME));
    }
}
