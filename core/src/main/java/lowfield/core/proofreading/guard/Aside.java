package lowfield.core.proofreading.guard;

import java.util.Locale;
import java.util.regex.Pattern;
import lowfield.core.proofreading.ProofContext;
import lowfield.core.proofreading.figures.Dimension;
import lowfield.core.proofreading.figures.TellingWords;

/**
 * Tells a figure that is about something that we hold no data of: "a 900 W heater", "I paid 230 EUR", "leave 10 cm behind it".
 * A figure is held against the data only where nothing says that it is beside the point.
 */
final class Aside {
    private static final Pattern SELF = Pattern.compile(
            "(?<![\\p{L}])(i|we|my|mine|me|us|reader|readers|friend|friend['’]s|somebody|people)(?![\\p{L}])");
    private static final Pattern ORDER = Pattern.compile(
            "^\\W*(leave|keep|wait|sit|stand|move|copy|mount|set up|use|set|turn|count|buy|do not|do|don['’]t|sleep|test|unplug|install|calibrate|aim|back|clone|let|mind|give|dust|add|measure|plan|take out|remove)(?![\\p{L}])");
    private static final Pattern WHO =
            Pattern.compile("^\\W*(?:who|whoever|those who|anyone|nobody|everyone)(?![\\p{L}])");
    private static final Pattern DOING = Pattern.compile("^\\W*(?!reading|writing)\\p{L}{3,}ing(?![\\p{L}])");
    private static final Pattern USED_ONE = Pattern.compile(
            "(?<![\\p{L}])(?:an?|some|^\\W*) ?(?:used|second-hand|old|cheap|cheaper|better|good|new) ones?(?![\\p{L}])");
    private static final Pattern YOU_COULD = Pattern.compile(
            "(?<![\\p{L}])you (?:could|can|might|may|should) (?:add|spend|pay|put|save up)(?![\\p{L}])|(?<![\\p{L}])you (?:would|will) (?:have to |need to )?buy [^•]*for $");
    /** "The shop round the corner asks 30 EUR more". */
    private static final Pattern SELLER = Pattern.compile(
            "(?<![\\p{L}])(?:(?:my|another|other|local|any) (?:[\\p{L}]+ )?(?:shop|dealer|seller|store)s?(?: [^,.;]{0,24})?|(?:shop|dealer|seller|store)s? (?:round|next|near|in|on|down|abroad) [^,.;]{0,24}) (?:asks?|wants?|charges?|sells?)(?![\\p{L}])");
    /** "Some shops want 110 EUR". */
    private static final Pattern SEVERAL =
            Pattern.compile("^\\W*(?:some|several|many|most|other|few|certain|all|both) [\\p{L}]+s (?!of)");
    /** What is not now and not in the last edition. */
    private static final Pattern OTHER_TIME = Pattern.compile(
            "(?<![\\p{L}])(?:(?:i|we) (?:would )?expect|next year['’]s|some day|abroad|until (?:20\\d\\d|then|spring|summer|autumn|winter|may|march)|years? ago|for years|later|sell|sold|(?:in|by) (?:spring|summer|autumn|winter|20\\d\\d)|last (?:year|summer|winter|spring|autumn)|when it came out|at launch)(?![\\p{L}])");
    /** "We take", "we pay": what an author chose. */
    private static final Pattern OF_THE_CHOICE = Pattern.compile(
            "(?<![\\p{L}])its(?![\\p{L}])|(?<![\\p{L}])(?:i|we) (?:take|pay|choose|chose|spend|recommend|have chosen|get|like|love|count|can live with|can do with)(?![\\p{L}])");

    private static final Pattern BOUND = Pattern.compile(
            "(under|below|over|above|less than|more than|at least|nearer to|nothing for|up from) (?:about )?$");

    private static final Pattern OF_THE_SUM = Pattern.compile("^ of (?:the|its|our|your|this|what|all|every)");
    private static final Pattern SHARE_BEFORE =
            Pattern.compile("(?:share|budget|total|sum|takes|costs)(?: is| of|,)? (?:about )?$");
    private static final Pattern DISTANCE = Pattern.compile("(?:from|at|within) $");
    private static final Pattern METRES =
            Pattern.compile("(?i)(?:cm|(?<![\\p{L}])m|met(?:re|er)s?|centimet(?:re|er)s?)$");
    /** "Six cores are not enough". */
    private static final Pattern TOO_FEW = Pattern.compile(
            "^(?: [^,.;]{0,20})? (?:is|are|was|were|would be|will be) (?:not|no longer|hardly|too|never)(?![\\p{L}])");

    private static final Pattern AWAY = Pattern.compile("^ (?:away|apart)(?![\\p{L}])");
    private static final Pattern SIDE = Pattern.compile("^ (?:long|high|tall|wide|deep|thick)");
    private static final Pattern START_AT = Pattern.compile("(?:exists?|starts?|begins?|are|sold|found) (?:from|at) $");
    private static final Pattern WHY_NOT = Pattern.compile("^\\W*(?:why|what about|how about)(?![\\p{L}])");
    private static final Pattern AFTER = Pattern.compile("after $");
    private static final Pattern OLD_ONE = Pattern.compile(
            "(?<![\\p{L}])(?:my|your|their|his|her|an|some|whose) (?:old|previous|first|last|own|former) |(?<![\\p{L}])the (?:old|previous|former) one ");
    private static final Pattern HAS = Pattern.compile("(?:has|have|is) $");
    private static final Pattern EVERY = Pattern.compile("(?<![\\p{L}])(?:every|each|another) $");
    private static final Pattern PART_OF = Pattern.compile("(?:half|third|quarter|most) of $");
    private static final Pattern COME_FROM =
            Pattern.compile("(?<![\\p{L}])(?:come|comes|coming|upgrade|upgrading) from $");

    private static final Pattern TO_SPARE = Pattern.compile("^ (?:to spare|stays? free)");
    private static final Pattern RATE =
            Pattern.compile("^ (?:a|an|per|each|every) (?:second|minute|hour|day|week|month|year|piece)(?! ago)");
    private static final Pattern MINE_AFTER = Pattern.compile("^[^.,;:]{0,16}(?<![\\p{L}])(my|mine)(?![\\p{L}])");

    private static final Pattern MINE_WHICH = Pattern.compile(
            "(?<![\\p{L}])(?:my|your|his|her|their) [\\p{L}]+,? (?:which|that) [\\p{L}]+ (?:only |about )?$");

    private final AnothersThing thing;

    Aside(ProofContext context) {
        thing = new AnothersThing(new KnownWords(context));
    }

    /** How much speaks for a figure being about something else; zero where nothing does. */
    double weight(Passage passage) {
        var before = passage.before();
        return thing.weight(passage)
                + when(isYearsOfSomething(passage) || isSharelessPercent(passage) || isRate(passage), 4)
                + when(
                        SELF.matcher(lastPart(passage.ofLastSubject())).find() || isOfMine(passage),
                        OF_THE_CHOICE.matcher(lastPart(before)).find() ? 0.5 : 5)
                + when(
                        ORDER.matcher(passage.sinceColon()).find()
                                || ORDER.matcher(passage.phrase()).find(),
                        3)
                + when(isLeftOver(passage), 3)
                + when(BOUND.matcher(before).find() || isFrom(passage), 2)
                + when(isEvery(passage), 4)
                + when(OLD_ONE.matcher(passage.phraseBefore()).find(), 3)
                + when(isActivity(passage), 2.5)
                + when(COME_FROM.matcher(before).find(), 4)
                + when(OTHER_TIME.matcher(passage.phrase()).find(), 4)
                + when(USED_ONE.matcher(passage.clauseWords()).find(), 3)
                + when(
                        passage.figure().dimension() == Dimension.MONEY
                                && YOU_COULD.matcher(before).find(),
                        3)
                + when(MINE_AFTER.matcher(passage.after()).find(), 3)
                + when(PART_OF.matcher(before).find(), 2)
                + when(SELLER.matcher(before).find(), 4)
                + when(
                        passage.phraseBefore().isBlank()
                                && TOO_FEW.matcher(passage.after()).find(),
                        4)
                + when(SEVERAL.matcher(before).find(), 3)
                + when(WHY_NOT.matcher(passage.phrase()).find(), 3);
    }

    static double when(boolean is, double weight) {
        return is ? weight : 0;
    }

    /** "Copying 300 GB", "there are worse ones": what somebody does, and what there is besides. */
    private static boolean isActivity(Passage passage) {
        return DOING.matcher(passage.clauseWords()).find()
                || WHO.matcher(passage.clauseWords()).find();
    }

    /** "My desk, which is 72 cm high". */
    private static boolean isOfMine(Passage passage) {
        return MINE_WHICH.matcher(passage.sentenceBefore()).find();
    }

    /** What stands since the last comma: "we measured, and 12 GB are plenty" is about the card. */
    private static String lastPart(String before) {
        return before.substring(before.lastIndexOf(", ") + 1);
    }

    private static boolean isYearsOfSomething(Passage passage) {
        if (passage.figure().dimension() != Dimension.YEARS) {
            return false;
        }
        var isHad = HAS.matcher(passage.before()).find() && TellingWords.tell("warranty", passage.around());
        return !isHad && !TellingWords.tell("warranty", passage.sentenceWords()) && !isFragment(passage);
    }

    /** One of a list of figures. */
    private static boolean isFragment(Passage passage) {
        var rest = passage.phrase().replace(passage.figure().text().toLowerCase(Locale.ROOT), "");
        return rest.strip().length() < 14
                && !rest.replaceFirst("\\bit has\\b", "")
                        .matches("(?s).*\\b(i|it|you|he|she|we|they|in|for|after|every|lasted|old|ago|last)\\b.*");
    }

    private static boolean isSharelessPercent(Passage passage) {
        return passage.figure().dimension() == Dimension.PERCENT
                && !OF_THE_SUM.matcher(passage.after()).find()
                && !SHARE_BEFORE.matcher(passage.before()).find()
                && passage.phrase().strip().length() > passage.figure().text().length() + 1;
    }

    /** "Two slots stay free": how many of them are not used. */
    private static boolean isLeftOver(Passage passage) {
        return passage.figure().dimension() == Dimension.COUNT
                && TO_SPARE.matcher(passage.after()).find();
    }

    /** "Those who build every ten years". */
    private static boolean isEvery(Passage passage) {
        var isAfter = passage.figure().dimension() == Dimension.YEARS
                && AFTER.matcher(passage.before()).find()
                && !TellingWords.tell("warranty", passage.phrase());
        return isAfter || EVERY.matcher(passage.before()).find();
    }

    /** "You hear it from 2 m", "they start at 380 EUR". */
    private static boolean isFrom(Passage passage) {
        var isAway = passage.figure().dimension() == Dimension.LENGTH
                && AWAY.matcher(passage.after()).find();
        var isFar = passage.figure().dimension() == Dimension.LENGTH
                && DISTANCE.matcher(passage.before()).find()
                && METRES.matcher(passage.figure().text()).find()
                && !SIDE.matcher(passage.after()).find();
        return isFar || isAway || START_AT.matcher(passage.before()).find();
    }

    /** "30 GB a day", "10 EUR a month". */
    private static boolean isRate(Passage passage) {
        return RATE.matcher(passage.after()).find();
    }
}
