package lowfield.core.proofreading.guard;

import java.util.regex.Pattern;
import java.util.stream.Stream;
import lowfield.core.proofreading.figures.Dimension;

/** Tells by the nouns around a figure that it is of a thing that we hold no data of: "a 900 W heater", "a desk 80 cm deep". */
final class AnothersThing {
    private static final Pattern ELSEWHERE =
            Pattern.compile("^ (?:away )?(?:from|to|behind) (?:the|a|your|my) ([\\p{L}-]+)");
    private static final Pattern ARTICLE =
            Pattern.compile("(?:^|[^\\p{L}])(a|an|the|this|another|some|old|every|his|her|your|their|any) $");
    private static final Pattern THE = Pattern.compile("(?:^|[^\\p{L}])the $");
    /** "the eight-core part", "the 16 GB one": another than the one that is spoken of. */
    private static final Pattern SOME_PART = Pattern.compile("parts?|ones?|versions?|models?|sibling|variant");

    private static final Pattern FIRST_NOUN = Pattern.compile(
            "^\\W*(?:(?:and|but|where|because|while|so|if|now|then|here|today|still|also|even|only|sometimes) )*(a|an|my|our|one(?! (?:terabyte|gigabyte|year|core|slot|plug|fan|port))|the|your|his|her|some(?! (?:would|might|will|say|take|buy|prefer))|most|old|every|any)\\s+((?:[\\p{L}•-]+\\s+){0,2}[\\p{L}•-]+)");
    private static final Pattern OF_BEFORE = Pattern.compile("(an?|the|my|your|one)?\\s*([\\p{L}•-]+) of (?:up to )?$");
    private static final Pattern OF_AFTER = Pattern.compile("^ of ([\\p{L}-]+)(?: ([\\p{L}-]+))?");
    private static final Pattern NEXT_WORD = Pattern.compile("^[ -]([\\p{L}•-]+)(?: ([\\p{L}•-]+))?");
    private static final Pattern LAST_NOUN =
            Pattern.compile("(?<![\\p{L}-])(?:a|an|the|my|your|our|his|her|some) ([\\p{L}•-]+(?: [\\p{L}•-]+)?)");
    private static final Pattern MANY_OF_KIND = Pattern.compile("^\\W*(?:and |but |so )?([\\p{L}]+)s (?!of)");
    private static final Pattern ONE_FOR = Pattern.compile("(?<![\\p{L}])an? (?:[\\p{L}]+ )?([\\p{L}]+) for $");
    /** "With a card of 300 W", "for cards above": any such, not the one that stands there. */
    private static final Pattern ANY_SUCH = Pattern.compile(
            "(?<![\\p{L}])(?:with|for|if|only|any|than) (?:an? )?[\\p{L}]+ (?:of|above|under|over|with) $");

    /** "For a card that draws 300 W". */
    private static final Pattern ANY_THAT = Pattern.compile(
            "(?<![\\p{L}])(?:with|for|if|only|any|than) an? (?!machine|build)[\\p{L}]+ (?:that|which) (?:draws?|takes?|needs?|uses?|has|have) $");

    private static final Pattern NOUN_BEFORE =
            Pattern.compile("(?:^|[^\\p{L}-])(?:a|an|the|my|your|our) ([\\p{L}•-]+) $");
    private static final Pattern MANY = Pattern.compile("^[^\\p{L}\\d•]*([\\p{L}]{3,}s) (?!of)");

    private final KnownWords words;

    AnothersThing(KnownWords words) {
        this.words = words;
    }

    /** How much speaks for it; zero where nothing does. */
    double weight(Passage passage) {
        var before = passage.before();
        return Aside.when(isThing(passage), 3)
                + Aside.when(isPriceOfAny(passage), 3)
                + Aside.when(ANY_SUCH.matcher(before).find(), 2.5)
                + Aside.when(ANY_THAT.matcher(before).find(), 3.5)
                + Aside.when(isFromAnother(passage), 4)
                + Aside.when(isBehindUnknown(before) || isOfAnother(passage), 4)
                + Aside.when(isAnothersNoun(passage.ofLastSubject()), 4)
                + Aside.when(isAfterUnknown(passage), 3.5)
                + Aside.when(isOfUnknown(passage), 3.5);
    }

    /** "80 cm from the wall". */
    private boolean isFromAnother(Passage passage) {
        var found = ELSEWHERE.matcher(passage.after());
        return found.find() && !words.isOurs(found.group(1));
    }

    /** "A machine of 2,000 EUR": any such; "a warranty of two years" is what ours has. */
    private boolean isThing(Passage passage) {
        var found = OF_BEFORE.matcher(passage.before());
        return found.find()
                && (found.start() > 0
                        || passage.clause().start() > passage.sentence().start())
                && ("a".equals(found.group(1)) || "an".equals(found.group(1)))
                && words.isThing(found.group(2));
    }

    /** "Kits that fast cost 300 EUR". */
    private boolean isPriceOfAny(Passage passage) {
        var many = MANY_OF_KIND.matcher(passage.phraseBefore());
        var one = ONE_FOR.matcher(passage.before());
        return passage.figure().dimension() == Dimension.MONEY
                && (many.find() && words.isThing(many.group(1))
                        || one.find() && words.isThing(one.group(1)) && !words.isOfOurKind(one.group(1)));
    }

    /** "a 900 W vacuum", "a 10-litre case": a thing of its own behind the figure. */
    private boolean isOfAnother(Passage passage) {
        var next = NEXT_WORD.matcher(passage.after());
        if (!next.find() || KnownWords.isNoNoun(next.group(1))) {
            return false;
        }
        var isOne = ARTICLE.matcher(passage.before()).find();
        var isJoined = passage.figure().text().contains("-") && passage.figure().dimension() != Dimension.COUNT;
        var isOurs = words.isOurs(next.group(1))
                || next.group(2) != null && !KnownWords.isNoNoun(next.group(2)) && words.isOurs(next.group(2));
        return (isOne || isJoined)
                        && (!isOurs
                                || words.isElsewhere(
                                        next.group(1) + (next.group(2) == null ? "" : " " + next.group(2))))
                || THE.matcher(passage.before()).find()
                        && SOME_PART.matcher(next.group(1)).matches();
    }

    /** "You hear the street at 45 dB": what is named last before the figure is none of our things. */
    private boolean isAfterUnknown(Passage passage) {
        var found = LAST_NOUN.matcher(passage.phraseBefore());
        var last = "";
        while (found.find()) {
            last = found.group(1);
        }
        var named = Stream.of(last.split(" "))
                .filter(w -> !w.isEmpty() && !KnownWords.isNoNoun(w))
                .toList();
        return !named.isEmpty() && named.stream().noneMatch(w -> words.isOurs(w) || w.contains("•"));
    }

    /** "a desk 80 cm deep". */
    private boolean isBehindUnknown(String before) {
        var noun = NOUN_BEFORE.matcher(before);
        return noun.find() && !words.isOurs(noun.group(1)) && !noun.group(1).contains("•");
    }

    private boolean isAnothersNoun(String before) {
        var first = FIRST_NOUN.matcher(before);
        if (!first.find()) {
            var many = MANY.matcher(before);
            return many.find() && !words.isOurs(many.group(1)) && !KnownWords.isNoNoun(many.group(1));
        }
        return Stream.of(first.group(2).split("[^\\p{L}•]+")).noneMatch(w -> words.isOurs(w) || w.contains("•"));
    }

    private boolean isOfUnknown(Passage passage) {
        var before = OF_BEFORE.matcher(passage.before());
        if (before.find()) {
            var noun = before.group(2);
            var isGeneric = before.group(1) == null || before.group(1).startsWith("a");
            return !words.isOurs(noun) && !noun.contains("•") && !KnownWords.isNoNoun(noun)
                    || isGeneric && words.isElsewhere(noun);
        }
        var after = OF_AFTER.matcher(passage.after());
        return after.find()
                && !KnownWords.isNoNoun(after.group(1))
                && !words.isOurs(after.group(1))
                && (after.group(2) == null || !words.isOurs(after.group(2)));
    }
}
