package lowfield.core.proofreading.guard;

import java.util.regex.Pattern;

/** How a passage speaks of a figure: as what is, as what one thing is more or less than another, or as what was. */
record Manner(double more, double past, boolean isOfTheOther) {
    private static final double PLAIN = 0.5;
    private static final double BESIDE = 2.5;
    private static final double JUST_BEFORE = 2;
    private static final double NOT_AT_ALL = -2;
    private static final double NEVER = -2.5;

    private static final Pattern MORE_OR_LESS = words(
            "give\\sup keep spent step jump more less saves save saved saving cheaper dearer spare extra difference fell fall rose dropped gap lower higher left gain gains lose loses longer shorter quieter louder faster slower smaller larger bigger buys buy worth win between");
    private static final Pattern GETS = words("get gets have win bring brings");
    private static final Pattern MORE_BEHIND = Pattern.compile(
            "^ (?:of (?:memory|cache) )?(?:more|less|cheaper|dearer|longer|shorter|higher|lower|faster|slower|quieter|louder|on top|extra|between|above (?=the •|•)|that it (?:fell|rose|gained|lost))(?![\\p{L}])|^ for (?:that|this)(?![\\p{L}])");
    private static final Pattern MORE_BEFORE = Pattern.compile(
            "(?:(?<![\\p{L}])(?:saves?|saved|saving|(?<!mm |cm )by|gains?|loses?|lose|(?:step|gap|difference) (?:is|of)|fell|rose|dropped|win) (?:you |about |only |nearly )*|between them (?:are|is) )$");
    /** "For those 39 EUR": what the step costs. */
    private static final Pattern FOR_THOSE = Pattern.compile("(?<![\\p{L}])for (?:those|these|the) $");

    /** "Three years instead of two": what stands behind it is the other's, and no difference. */
    private static final Pattern OF_THE_OTHER =
            Pattern.compile("(?<![\\p{L}])(?:instead of|against|rather than|and not) $");

    private static final Pattern PAST = words(
            "last was were former formerly used before from previously ago been edition since paid (?<=in\\s)(?:january|february|march|april|may|june|july|august|september|october|november|december)");
    private static final Pattern LAST_TIME = Pattern.compile("last (?:month|edition|time): $");
    private static final Pattern PAST_BEFORE = Pattern.compile(
            "(?<![\\p{L}])(?:was|(?:fell|down|up|went|rose|came|price)(?: [\\p{L}]+)* from|(?:it|this|that|which|kit|card) cost|formerly|used to cost|instead of|been at|been) $");

    static Manner of(Passage passage) {
        var isOfTheOther = OF_THE_OTHER.matcher(passage.before()).find();
        return new Manner(isOfTheOther ? NEVER : more(passage), past(passage), isOfTheOther);
    }

    private static Pattern words(String words) {
        return Pattern.compile("(?<![\\p{L}])(?:" + words.replace(' ', '|') + ")(?![\\p{L}])");
    }

    /** Whether a figure is told as a difference right where it stands. */
    boolean isPlainlyMore() {
        return more >= BESIDE;
    }

    /** How much less likely it is that a figure simply is. */
    double againstPlain() {
        return isOfTheOther ? 0 : Math.max(0, more - PLAIN) + Math.max(0, past - PLAIN);
    }

    private static double more(Passage passage) {
        if (MORE_BEHIND.matcher(passage.after()).find()
                || MORE_BEFORE.matcher(passage.before()).find()) {
            return BESIDE;
        }
        if (FOR_THOSE.matcher(passage.before()).find()) {
            return 0;
        }
        if (MORE_OR_LESS.matcher(passage.phrase()).find()) {
            return PLAIN;
        }
        return MORE_OR_LESS.matcher(passage.clauseWords()).find() ? NOT_AT_ALL / 2 : NOT_AT_ALL;
    }

    private static double past(Passage passage) {
        if (PAST_BEFORE.matcher(passage.before()).find()) {
            return JUST_BEFORE;
        }
        if (LAST_TIME.matcher(passage.sentenceBefore()).find()) {
            return 0;
        }
        if (PAST.matcher(passage.phrase()).find()) {
            return PLAIN;
        }
        return PAST.matcher(passage.clauseWords()).find() ? 0 : NEVER;
    }

    /** Whether a sentence speaks of what was. */
    static boolean isOfThePast(Passage passage) {
        return PAST.matcher(passage.sentenceWords()).find();
    }

    /** Whether a sentence tells by how much one thing is more or less than another. */
    static boolean isOfDifferences(Passage passage) {
        return MORE_OR_LESS.matcher(passage.sentenceWords()).find()
                || GETS.matcher(passage.sentenceWords()).find();
    }
}
