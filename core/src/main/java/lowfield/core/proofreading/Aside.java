package lowfield.core.proofreading;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.proofreading.figures.Dimension;
import lowfield.core.proofreading.figures.FigureWords;

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
    private static final Pattern ELSEWHERE =
            Pattern.compile("^ (?:away )?(?:from|to|behind) (?:the|a|your|my) ([\\p{L}-]+)");
    private static final Pattern USED_ONE = Pattern.compile(
            "(?<![\\p{L}])(?:an?|some|^\\W*) ?(?:used|second-hand|old|cheap|cheaper|better|good|new) ones?(?![\\p{L}])");
    private static final Pattern YOU_COULD = Pattern.compile(
            "(?<![\\p{L}])you (?:could|can|might|may|should) (?:add|spend|pay|put|save up)(?![\\p{L}])");
    /** What is not now and not in the last edition. */
    private static final Pattern OTHER_TIME = Pattern.compile(
            "(?<![\\p{L}])(?:(?:i|we) (?:would )?expect|next year['’]s|some day|abroad|until (?:20\\d\\d|then|spring|summer|autumn|winter|may|march)|years? ago|for years|later|sell|sold|(?:in|by) (?:spring|summer|autumn|winter|20\\d\\d)|last (?:year|summer|winter|spring|autumn)|when it came out|at launch)(?![\\p{L}])");
    /** "We take", "we pay": what an author chose. */
    private static final Pattern OF_THE_CHOICE = Pattern.compile(
            "(?<![\\p{L}])its(?![\\p{L}])|(?<![\\p{L}])(?:i|we) (?:take|pay|choose|chose|spend|recommend|have chosen|get|like|love|can live with|can do with)(?![\\p{L}])");

    private static final Pattern BOUND = Pattern.compile(
            "(under|below|over|above|less than|more than|at least|nearer to|nothing for|up from) (?:about )?$");
    private static final Pattern ARTICLE =
            Pattern.compile("(?:^|[^\\p{L}])(a|an|the|this|another|some|old|every|his|her|your|their|any) $");
    private static final Pattern THE = Pattern.compile("(?:^|[^\\p{L}])the $");
    /** "the eight-core part", "the 16 GB one": another than the one that is spoken of. */
    private static final Pattern SOME_PART = Pattern.compile("parts?|ones?|versions?|models?|sibling|variant");

    private static final Pattern FIRST_NOUN = Pattern.compile(
            "^\\W*(?:(?:and|but|where|because|while|so|if|now|then|here|today|still|also|even|only|sometimes) )*(a|an|my|our|one(?! (?:terabyte|gigabyte|year|core|slot|plug|fan|port))|the|your|his|her|some|most|old|every|any)\\s+((?:[\\p{L}•-]+\\s+){0,2}[\\p{L}•-]+)");
    private static final Pattern OF_BEFORE = Pattern.compile("(an?|the|my|your|one)?\\s*([\\p{L}•-]+) of (?:up to )?$");
    private static final Pattern OF_AFTER = Pattern.compile("^ of ([\\p{L}-]+)(?: ([\\p{L}-]+))?");
    private static final Pattern NEXT_WORD = Pattern.compile("^[ -]([\\p{L}•-]+)(?: ([\\p{L}•-]+))?");
    private static final Pattern OF_THE_SUM = Pattern.compile("^ of (?:the|its|our|your|this|what|all|every)");
    private static final Pattern SHARE_BEFORE =
            Pattern.compile("(?:share|budget|total|sum|takes|costs)(?: is| of|,)? (?:about )?$");
    private static final Pattern LAST_NOUN =
            Pattern.compile("(?<![\\p{L}-])(?:a|an|the|my|your|our|his|her|some) ([\\p{L}•-]+(?: [\\p{L}•-]+)?)");
    private static final Pattern DISTANCE = Pattern.compile("(?:from|at|within) $");
    private static final Pattern METRES =
            Pattern.compile("(?i)(?:cm|(?<![\\p{L}])m|met(?:re|er)s?|centimet(?:re|er)s?)$");
    private static final Pattern SIDE = Pattern.compile("^ (?:long|high|tall|wide|deep|thick)");
    private static final Pattern START_AT = Pattern.compile("(?:exists?|starts?|begins?|are|sold|found) (?:from|at) $");
    private static final Pattern WHY_NOT = Pattern.compile("^\\W*(?:why|what about|how about)(?![\\p{L}])");
    private static final Pattern AFTER = Pattern.compile("after $");
    private static final Pattern OLD_ONE = Pattern.compile(
            "(?<![\\p{L}])(?:my|your|their|his|her|an|some|whose) (?:old|previous|first|last|own|former) |(?<![\\p{L}])the (?:old|previous|former) one ");
    private static final Pattern MANY_OF_KIND = Pattern.compile("^\\W*(?:and |but |so )?([\\p{L}]+)s (?!of)");
    private static final Pattern HAS = Pattern.compile("(?:has|have|is) $");
    private static final Pattern ONE_FOR = Pattern.compile("(?<![\\p{L}])an? (?:[\\p{L}]+ )?([\\p{L}]+) for $");
    private static final Pattern EVERY = Pattern.compile("(?<![\\p{L}])(?:every|each|another) $");
    private static final Pattern PART_OF = Pattern.compile("(?:half|third|quarter|most) of $");
    private static final Pattern COME_FROM =
            Pattern.compile("(?<![\\p{L}])(?:come|comes|coming|upgrade|upgrading) from $");
    /** "With a card of 300 W", "for cards above": any such, not the one that stands there. */
    private static final Pattern ANY_SUCH = Pattern.compile(
            "(?<![\\p{L}])(?:with|for|if|only|any|than) (?:an? )?[\\p{L}]+ (?:of|above|under|over|with) $");

    private static final Pattern TO_SPARE = Pattern.compile("^ (?:to spare|stays? free)");
    private static final Pattern RATE =
            Pattern.compile("^ (?:a|an|per|each|every) (?:second|minute|hour|day|week|month|year|piece)(?! ago)");
    private static final Pattern NOUN_BEFORE =
            Pattern.compile("(?:^|[^\\p{L}-])(?:a|an|the|my|your|our) ([\\p{L}•-]+) $");
    private static final Pattern MINE_AFTER = Pattern.compile("^[^.,;:]{0,16}(?<![\\p{L}])(my|mine)(?![\\p{L}])");
    private static final Pattern MANY = Pattern.compile("^[^\\p{L}\\d•]*([\\p{L}]{3,}s) (?!of)");

    /** Words behind a figure that are no thing of their own. */
    private static final Set<String> NO_NOUN = set("""
            ours theirs yours its room this his hers always less plus thus yes has does goes costs takes keeps draws needs runs unless perhaps besides towards nowadays of and or in is are with for more less at by to from on as it but than the a an long high wide deep
            thick tall dearer cheaper longer shorter higher lower quieter louder faster slower short today now
            here last this you we was will would can has have keeps leaves leave free apart each together
            instead too that which where when there so not only per are two both because buy bring get cost make makes stand stands you i that while since against above below over
            under through without remain stay stays fit fits does do did no if were""");

    /** Words of the work that a sentence can begin with and still be about what stands on the line. */
    private static final Set<String> OF_THE_WORK = set("""
            machine price prices cost total build budget sum step difference rest maker warranty power draw spikes spike
            peak share noise size clock speed cache length height width depth weight tier half third quarter
            fifth tenth hundred thousand plug plugs back front air tray shroud glass lid edition month both latency profile choice part one bigger cheaper dearer
            same label most both box shop endurance capacity module modules whole only warranties memory cores threads
            lanes fans pin slots volume rating figure board first second other writing reading sister brother sibling cousin rival successor predecessor""");

    private static Set<String> set(String words) {
        return Set.copyOf(List.of(words.split("\\s+")));
    }

    private final ProofContext context;
    private final Set<String> known;
    private final Set<String> things;

    Aside(ProofContext context) {
        this.context = context;
        things = Stream.concat(
                        Stream.of("machine", "build"),
                        context.subjects().stream()
                                .filter(s -> !speaksOf(context, s))
                                .flatMap(s -> PartFigures.nouns(s.part().kind()).stream()))
                .collect(Collectors.toUnmodifiableSet());
        known = Stream.of(
                        OF_THE_WORK.stream(),
                        context.ofSlot().stream()
                                .flatMap(s -> s.figures().stream())
                                .flatMap(f -> words(f.label())),
                        context.subjects().stream()
                                .flatMap(s -> PartFigures.nouns(s.part().kind()).stream())
                                .flatMap(Aside::words),
                        context.tiers().stream().flatMap(t -> words(t.name())))
                .flatMap(s -> s)
                .collect(Collectors.toUnmodifiableSet());
    }

    /** Whether the choice has a figure about this other part, like the clearance of a case for it. */
    private static boolean speaksOf(ProofContext context, Subject other) {
        return context.choice()
                .filter(c -> c.part().kind() != other.part().kind()
                        && c.speaksOf(other.part().kind()))
                .isPresent();
    }

    private static Stream<String> words(String label) {
        return Stream.of(label.toLowerCase(Locale.ROOT).split("[^\\p{L}]+")).filter(w -> w.length() > 2);
    }

    /** How much speaks for a figure being about something else; zero where nothing does. */
    double weight(Passage passage) {
        var before = passage.before();
        return when(isYearsOfSomething(passage) || isSharelessPercent(passage) || isRate(passage), 4)
                + when(
                        SELF.matcher(lastPart(before)).find(),
                        OF_THE_CHOICE.matcher(lastPart(before)).find() ? 0.5 : 5)
                + when(
                        ORDER.matcher(passage.sentenceWords()).find()
                                || ORDER.matcher(passage.phrase()).find(),
                        3)
                + when(isLeftOver(passage), 3)
                + when(BOUND.matcher(before).find() || isFrom(passage), 2)
                + when(isEvery(passage), 4)
                + when(isThing(passage), 3)
                + when(isPriceOfAny(passage), 3)
                + when(OLD_ONE.matcher(passage.phraseBefore()).find(), 3)
                + when(isActivity(passage), 2.5)
                + when(isAnyOfKind(before), 2.5)
                + when(COME_FROM.matcher(before).find(), 4)
                + when(OTHER_TIME.matcher(passage.phrase()).find(), 4)
                + when(ELSEWHERE.matcher(passage.after()).find() && !isKnown(lastWord(ELSEWHERE, passage.after())), 4)
                + when(USED_ONE.matcher(passage.clauseWords()).find(), 3)
                + when(YOU_COULD.matcher(before).find(), 3)
                + when(MINE_AFTER.matcher(passage.after()).find(), 3)
                + when(isBehindUnknown(before) || isOfAnother(passage), 4)
                + when(isAnothersNoun(before), 4)
                + when(isAfterUnknown(passage), 3.5)
                + when(isOfUnknown(passage), 3.5)
                + when(PART_OF.matcher(before).find(), 2)
                + when(WHY_NOT.matcher(passage.phrase()).find(), 3);
    }

    private static double when(boolean is, double weight) {
        return is ? weight : 0;
    }

    /** "Copying 300 GB", "there are worse ones": what somebody does, and what there is besides. */
    private static boolean isActivity(Passage passage) {
        return DOING.matcher(passage.clauseWords()).find()
                || WHO.matcher(passage.clauseWords()).find();
    }

    private static String lastWord(Pattern pattern, String words) {
        var found = pattern.matcher(words);
        return found.find() ? found.group(1) : "";
    }

    /** What stands since the last comma: "we measured, and 12 GB are plenty" is about the card. */
    private static String lastPart(String before) {
        return before.substring(before.lastIndexOf(", ") + 1);
    }

    private boolean isYearsOfSomething(Passage passage) {
        if (passage.figure().dimension() != Dimension.YEARS) {
            return false;
        }
        var isHad = HAS.matcher(passage.before()).find() && FigureWords.tell("warranty", passage.around());
        return !isHad && !FigureWords.tell("warranty", passage.sentenceWords()) && !isFragment(passage);
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

    private static boolean isAnyOfKind(String before) {
        return ANY_SUCH.matcher(before).find();
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
                && !FigureWords.tell("warranty", passage.phrase());
        return isAfter || EVERY.matcher(passage.before()).find();
    }

    /** "A machine of 2,000 EUR": any such; "a warranty of two years" is what ours has. */
    private boolean isThing(Passage passage) {
        var found = OF_BEFORE.matcher(passage.before());
        return found.find()
                && (found.start() > 0
                        || passage.clause().start() > passage.sentence().start())
                && ("a".equals(found.group(1)) || "an".equals(found.group(1)))
                && things.contains(found.group(2));
    }

    private boolean isOfOurKind(String noun) {
        return context.choice()
                .filter(c -> PartFigures.nouns(c.part().kind()).contains(noun))
                .isPresent();
    }

    /** "Kits that fast cost 300 EUR". */
    private boolean isPriceOfAny(Passage passage) {
        var many = MANY_OF_KIND.matcher(passage.phraseBefore());
        var one = ONE_FOR.matcher(passage.before());
        return passage.figure().dimension() == Dimension.MONEY
                && (many.find() && things.contains(many.group(1))
                        || one.find() && things.contains(one.group(1)) && !isOfOurKind(one.group(1)));
    }

    /** "You hear it from 2 m", "they start at 380 EUR". */
    private static boolean isFrom(Passage passage) {
        var isFar = passage.figure().dimension() == Dimension.LENGTH
                && DISTANCE.matcher(passage.before()).find()
                && METRES.matcher(passage.figure().text()).find()
                && !SIDE.matcher(passage.after()).find();
        return isFar || START_AT.matcher(passage.before()).find();
    }

    /** "a 900 W vacuum", "a 10-litre case": a thing of its own behind the figure. */
    private boolean isOfAnother(Passage passage) {
        var next = NEXT_WORD.matcher(passage.after());
        if (!next.find() || NO_NOUN.contains(next.group(1))) {
            return false;
        }
        var isOne = ARTICLE.matcher(passage.before()).find();
        var isJoined = passage.figure().text().contains("-") && passage.figure().dimension() != Dimension.COUNT;
        var isKnown = isKnown(next.group(1))
                || next.group(2) != null && !NO_NOUN.contains(next.group(2)) && isKnown(next.group(2));
        return (isOne || isJoined) && (!isKnown || isElsewhere(next.group(1), next.group(2)))
                || THE.matcher(passage.before()).find()
                        && SOME_PART.matcher(next.group(1)).matches();
    }

    /** Any part of another slot, unless the figures of this one speak of it: "needs a 750 W power supply". */
    private boolean isElsewhere(String first, String second) {
        var noun = first + (second == null ? "" : " " + second);
        var isOther = context.subjects().stream()
                .filter(s -> s.role() == Subject.Role.ELSEWHERE)
                .anyMatch(s -> PartFigures.nouns(s.part().kind()).stream().anyMatch(n -> isNoun(noun, n)));
        var isOwn = context.ofSlot().stream()
                .anyMatch(s -> PartFigures.nouns(s.part().kind()).stream().anyMatch(n -> isNoun(noun, n)));
        return isOther && !isOwn && !isLabelled(noun);
    }

    private static boolean isNoun(String words, String noun) {
        return words.matches("(?s)(?:.* )?" + Pattern.quote(noun) + "s?(?: .*)?");
    }

    /** Whether a figure of the choice is named after it: "recommended PSU", "CPU cooler clearance". */
    private boolean isLabelled(String noun) {
        var labels = context.ofSlot().stream()
                .flatMap(s -> s.figures().stream())
                .map(f -> f.label().toLowerCase(Locale.ROOT))
                .collect(Collectors.joining(" "));
        return context.subjects().stream()
                .map(s -> PartFigures.nouns(s.part().kind()))
                .filter(nouns -> nouns.stream().anyMatch(n -> isNoun(noun, n)))
                .anyMatch(nouns ->
                        nouns.stream().anyMatch(n -> labels.matches("(?s).*\\b" + Pattern.quote(n) + "\\b.*")));
    }

    /** "30 GB a day", "10 EUR a month". */
    private static boolean isRate(Passage passage) {
        return RATE.matcher(passage.after()).find();
    }

    /** "You hear the street at 45 dB": what is named last before the figure is none of our things. */
    private boolean isAfterUnknown(Passage passage) {
        var found = LAST_NOUN.matcher(passage.phraseBefore());
        var last = "";
        while (found.find()) {
            last = found.group(1);
        }
        var words = Stream.of(last.split(" "))
                .filter(w -> !w.isEmpty() && !NO_NOUN.contains(w))
                .toList();
        return !words.isEmpty() && words.stream().noneMatch(w -> isKnown(w) || w.contains("•"));
    }

    /** "a desk 80 cm deep". */
    private boolean isBehindUnknown(String before) {
        var noun = NOUN_BEFORE.matcher(before);
        return noun.find() && !isKnown(noun.group(1)) && !noun.group(1).contains("•");
    }

    private boolean isAnothersNoun(String before) {
        var first = FIRST_NOUN.matcher(before);
        if (!first.find()) {
            var many = MANY.matcher(before);
            return many.find() && !isKnown(many.group(1)) && !NO_NOUN.contains(many.group(1));
        }
        return Stream.of(first.group(2).split("[^\\p{L}•]+")).noneMatch(w -> isKnown(w) || w.contains("•"));
    }

    private boolean isOfUnknown(Passage passage) {
        var before = OF_BEFORE.matcher(passage.before());
        if (before.find()) {
            var noun = before.group(2);
            var isGeneric = before.group(1) == null || before.group(1).startsWith("a");
            return !isKnown(noun) && !noun.contains("•") && !NO_NOUN.contains(noun)
                    || isGeneric && isElsewhere(noun, null);
        }
        var after = OF_AFTER.matcher(passage.after());
        return after.find()
                && !NO_NOUN.contains(after.group(1))
                && !isKnown(after.group(1))
                && (after.group(2) == null || !isKnown(after.group(2)));
    }

    private boolean isKnown(String word) {
        var bare = word.toLowerCase(Locale.ROOT);
        return known.contains(bare)
                || bare.endsWith("s") && known.contains(bare.substring(0, bare.length() - 1))
                || bare.endsWith("ies") && known.contains(bare.substring(0, bare.length() - 3) + "y");
    }
}
