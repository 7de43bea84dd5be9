package lowfield.core.proofreading.clues;

import java.util.Locale;
import java.util.regex.Pattern;
import lowfield.core.proofreading.mentions.Mention;

/** How a mention stands in its sentence, by the words before it. */
final class Standing {
    private static final Pattern COMPARED = Pattern.compile(
            "(?:than|against|over|(?<!why )not|instead of|next to|above|below|beside|like) (?:the |that of (?:the )?)?(?:[\\p{L}]+['’]s )?$");
    private static final Pattern OBLIQUE = Pattern.compile(
            "(?:^|[^\\p{L}])(?:in|into|with|for|from|of|by|on|at|to) (?:the |an? )?(?:[\\p{L}]+['’]s )?$");
    private static final Pattern WITH = Pattern.compile("(?<![\\p{L}])(?<!than )with (?:the )?(?:[\\p{L}]+['’]s )?$");
    /** "You could go down to the Twin". */
    private static final Pattern TOWARDS = Pattern.compile(
            "(?<![\\p{L}])(?:up|down|go|goes|move|step|change|switch|upgrade) to (?:the )?(?:[\\p{L}]+['’]s )?$");
    /** "With the Twin you get": that is about the Twin. */
    private static final Pattern GETS =
            Pattern.compile(",? (?:you|we|one) (?:would |will |can )?(?:get|gets|have|has|gain|gains)(?![\\p{L}])");
    /** No preposition with its article is longer. */
    private static final int NEAR = 34;

    private Standing() {}

    /** Whether something else is only held against it: "cheaper than the Twin". */
    static boolean isCompared(String text, int from, Mention mention) {
        return COMPARED.matcher(before(text, from, mention)).find();
    }

    /** Whether a preposition stands before it: "with the Twin". */
    static boolean isOblique(String text, int from, Mention mention) {
        var before = before(text, from, mention);
        return OBLIQUE.matcher(before).find()
                && !TOWARDS.matcher(before).find()
                && !GETS.matcher(text.substring(mention.end())).lookingAt();
    }

    /** "With the Twin", where the article may be left out. */
    static boolean isWith(String text, int from, Mention mention) {
        return WITH.matcher(before(text, from, mention)).find();
    }

    private static String before(String text, int from, Mention mention) {
        return text.substring(Math.max(from, mention.start() - NEAR), mention.start())
                .toLowerCase(Locale.ROOT);
    }
}
