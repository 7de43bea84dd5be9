package lowfield.core.proofreading.clues;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import lowfield.core.proofreading.ProofContext;
import lowfield.core.proofreading.Subject;
import lowfield.core.proofreading.figures.Stretch;
import lowfield.core.proofreading.mentions.Mention;

/**
 * Whom a figure is about: how closely the text ties it to each part. Names before the figure count most, then what a pronoun stands for,
 * then what was spoken of last; where a text says nothing, it is about the choice.
 */
final class Topic {
    private static final int NEAR = 34;

    private static final Pattern OURS = Pattern.compile(
            "(?<![\\p{L}])our $|(?<![\\p{L}]|than |of |against |to |like )(?:(?:ours|this one)(?![\\p{L}])|this (?:is|was|has|takes|costs|draws|had) )");
    private static final Pattern PRONOUN = Pattern.compile(
            "(?<![\\p{L}])(?:it|its|they|their|that (?:one|card|chip|board|kit|drive|case|cooler|monitor)|which|whose|the latter)(?![\\p{L}])");
    private static final Pattern VERSUS =
            Pattern.compile("(?:against|instead of|rather than|not|from [^,;]{1,40} to) (?:the |our |its )?$");
    private static final Pattern VERSUS_BEHIND = Pattern.compile("^ (?:against|instead of|rather than)(?![\\p{L}])");
    private static final Pattern THAT =
            Pattern.compile("(?<![\\p{L}])that (?:one|card|chip|board|kit|drive|case|cooler|monitor)(?![\\p{L}])");
    private static final Pattern WHICH =
            Pattern.compile("(?<![\\p{L}])(?:which|whose|that one|the latter)(?![\\p{L}])");
    /** "If you want four fans, take the Hall". */
    private static final Pattern WISHED = Pattern.compile(
            "^\\W*(?:if|who|whoever|those who|anyone who)(?![\\p{L}]).*(?<![\\p{L}])(?:wants?|needs?|likes?)(?![\\p{L}])[^,]*$");

    /** "You get 32 inches with the Great". */
    private static final Pattern YOU_GET = Pattern.compile("(?<![\\p{L}])(?:you|we) (?:get|have|gain)(?![\\p{L}])");

    private static final Pattern BELONGS = Pattern.compile(
            "^ ?(?:(?!and|but|that|which)[\\p{L}]+ )?(?:of|for|on|in|from|with|as in|is what|is what \\w+ gives on|is) (?:the )?(?:[\\p{L}]+['’]s )?$");

    private final ProofContext context;
    private final Others others;

    Topic(ProofContext context) {
        this.context = context;
        others = new Others(context);
    }

    /** What a sentence is about that begins with another part and names none. */
    Optional<Mention> another(Stretch sentence, String text) {
        return others.lead(sentence, text);
    }

    /** How closely each part is tied to a figure. */
    Map<Subject, Link> of(Passage passage, Spoken spoken) {
        var meant = new Meant();
        context.subjects().forEach(s -> meant.add(s, Link.NONE));
        var before = passage.lastBefore(passage.inClause());
        var from = before.or(() -> passage.lastBefore(passage.inSentence()))
                .map(Mention::end)
                .orElse(passage.sentence().start());
        if (OURS.matcher(small(passage.text(), from, passage.figure().start())).find()) {
            ours(meant, passage, before, spoken);
        } else if (before.isPresent()) {
            named(meant, passage, before.get(), spoken);
        } else {
            unnamed(meant, passage, spoken);
        }
        if (OURS.matcher(passage.sentenceWords()).find()) {
            meant.add(context.choice(), Link.POSSIBLE);
        }
        others.meant(passage, before.isPresent(), from).forEach(s -> meant.add(s, Link.POSSIBLE));
        others.compared(passage).forEach(s -> meant.add(s, Link.POSSIBLE));
        if (VERSUS_BEHIND.matcher(passage.after()).find()) {
            meant.add(context.choice(), Link.POSSIBLE);
        }
        if (VERSUS.matcher(passage.before()).find()) {
            versus(meant, passage, spoken);
        }
        kinds(passage).forEach(m -> meant.add(m, Link.FAINT));
        spoken.inPassing().forEach(m -> meant.add(m, Link.FAINT));
        return meant.links();
    }

    /** "6 GB against 8 GB": the second is the other's. */
    private void versus(Meant meant, Passage passage, Spoken spoken) {
        meant.add(context.choice(), Link.POSSIBLE);
        passage.inSentence().forEach(m -> meant.add(m, Link.POSSIBLE));
        spoken.mention().ifPresent(m -> meant.add(m, Link.POSSIBLE));
    }

    private void ours(Meant meant, Passage passage, Optional<Mention> before, Spoken spoken) {
        meant.add(context.choice(), Link.NAMED);
        spoken.mention().ifPresent(m -> meant.add(m, Link.FAINT));
        before.ifPresent(m -> meant.add(m, Link.POSSIBLE));
        before.or(() -> passage.lastBefore(passage.inSentence())).ifPresent(m -> meant.add(m, Link.FAINT));
        kinds(passage).forEach(m -> meant.add(m, Link.POSSIBLE));
        spoken.inPassing().forEach(m -> meant.add(m, Link.POSSIBLE));
    }

    private static List<Mention> kinds(Passage passage) {
        return passage.inSentence().stream()
                .filter(m -> m.sort() == Mention.Sort.ANY_OF_KIND || m.sort() == Mention.Sort.THE_KIND)
                .filter(m -> m.end() <= passage.figure().start()
                        || m.start() >= passage.figure().end())
                .toList();
    }

    private static String small(String text, int from, int to) {
        return text.substring(Math.min(from, to), to).toLowerCase(Locale.ROOT);
    }

    private void named(Meant meant, Passage passage, Mention nearest, Spoken spoken) {
        if (isCompared(passage, nearest)) {
            meant.add(nearest, passage.isInPhrase(nearest) ? Link.POSSIBLE : Link.COMPARED);
            var main = main(passage, nearest);
            if (main.isPresent()) {
                meant.add(main.get(), Link.NAMED);
            } else if (OURS.matcher(passage.clauseWords()).find()) {
                meant.add(context.choice(), Link.NAMED);
            } else {
                unnamed(meant, passage, spoken);
            }
            return;
        }
        var isElsewhere = nearest.sort() == Mention.Sort.THE_KIND
                && nearest.subjects().stream().allMatch(s -> s.role() == Subject.Role.ELSEWHERE);
        meant.add(nearest, isElsewhere || isOblique(passage, nearest) ? Link.LIKELY : Link.NAMED);
        if (nearest.sort() == Mention.Sort.THE_KIND && !isElsewhere) {
            other(passage, spoken).ifPresent(m -> meant.add(m, Link.LIKELY));
        }
        if (isElsewhere || isOblique(passage, nearest) || isSpokenOf(nearest)) {
            meant.add(context.choice(), Link.POSSIBLE);
            main(passage, nearest).ifPresent(m -> meant.add(m, Link.POSSIBLE));
            spoken.mention().ifPresent(m -> meant.add(m, Link.FAINT));
        }
    }

    /** "The card" can be the one that was named last. */
    private static Optional<Mention> other(Passage passage, Spoken spoken) {
        return passage.lastBefore(passage.inSentence().stream()
                        .filter(m -> m.sort() == Mention.Sort.NAME)
                        .toList())
                .or(() -> spoken.mention().filter(m -> spoken.isLead()));
    }

    private void unnamed(Meant meant, Passage passage, Spoken spoken) {
        var wished = wished(passage);
        if (wished.isPresent()) {
            meant.add(wished.get(), Link.NAMED);
            meant.add(context.choice(), Link.FAINT);
            return;
        }
        var after = passage.firstAfter(passage.inSentence());
        var belonging = after.filter(m -> m.start() - passage.figure().end() < NEAR
                && BELONGS.matcher(passage.text().substring(passage.figure().end(), m.start()))
                        .find());
        if (belonging.isPresent()) {
            meant.add(belonging.get(), Link.NAMED);
            var isFor = passage.after().startsWith(" for ");
            meant.add(context.choice(), isSpokenOf(belonging.get()) ? Link.LIKELY : isFor ? Link.POSSIBLE : Link.FAINT);
            return;
        }
        after.filter(m -> !isCompared(passage, m)).ifPresent(m -> meant.add(m, Link.POSSIBLE));
        var isPronoun = PRONOUN.matcher(passage.before()).find();
        var nearest = passage.lastBefore(passage.inSentence());
        var inSentence = WHICH.matcher(passage.sinceLast(nearest)).find()
                ? nearest
                : passage.lastBefore(passage.inSentence().stream()
                        .filter(m -> !Standing.isCompared(
                                passage.text(), passage.sentence().start(), m))
                        .toList());
        if (inSentence.isPresent()) {
            var isLead = isPronoun || Spoken.isLead(inSentence.get(), passage.sentence(), passage.text());
            meant.add(inSentence.get(), isLead ? Link.NAMED : Link.LIKELY);
            meant.add(context.choice(), isLead ? Link.FAINT : Link.POSSIBLE);
        } else if (spoken.mention().isPresent()) {
            before(meant, spoken, isPronoun, THAT.matcher(passage.before()).find());
        } else {
            meant.add(context.choice(), Link.LIKELY);
        }
    }

    /** What is named for those who want a figure, or with which they get it. */
    private Optional<Mention> wished(Passage passage) {
        var isWish = WISHED.matcher(passage.before()).find();
        return passage.firstAfter(passage.inSentence().stream()
                        .filter(m -> m.sort() == Mention.Sort.NAME && isOfSlot(m))
                        .toList())
                .filter(m -> isWish
                        || YOU_GET.matcher(passage.before()).find()
                                && Standing.isWith(
                                        passage.text(), passage.figure().end(), m));
    }

    /** "It" is what the last sentence led with. */
    private void before(Meant meant, Spoken spoken, boolean isPronoun, boolean isThat) {
        var isLead = isPronoun && (spoken.isLead() || isThat);
        var mention = spoken.mention().get();
        var isElsewhere = mention.subjects().stream().allMatch(s -> s.role() == Subject.Role.ELSEWHERE);
        var isFaint = !isPronoun && (spoken.isCompared() || isElsewhere);
        meant.add(mention, isLead ? Link.NAMED : isFaint ? Link.COMPARED : Link.POSSIBLE);
        meant.add(context.choice(), isLead ? isElsewhere ? Link.POSSIBLE : Link.FAINT : Link.LIKELY);
    }

    /** Whether the choice has figures about what a mention of another slot names: a case about the card, a card about the PSU. */
    private boolean isSpokenOf(Mention mention) {
        return mention.subjects().stream()
                .allMatch(s -> s.role() == Subject.Role.ELSEWHERE
                        && context.choice()
                                .filter(c -> c.speaksOf(s.part().kind()))
                                .isPresent());
    }

    /** Whether it can be meant of what stands in this slot. */
    boolean isOfSlot(Mention mention) {
        return context.choice()
                .filter(c -> mention.subjects().stream()
                        .anyMatch(s -> s.part().kind() == c.part().kind()))
                .isPresent();
    }

    private static boolean isCompared(Passage passage, Mention mention) {
        return Standing.isCompared(passage.text(), passage.clause().start(), mention);
    }

    private static boolean isOblique(Passage passage, Mention mention) {
        return Standing.isOblique(passage.text(), passage.clause().start(), mention);
    }

    private static Optional<Mention> main(Passage passage, Mention but) {
        return passage.inClause().stream()
                .filter(m -> m.end() <= but.start() && Passage.isStrong(m))
                .reduce((a, b) -> b);
    }
}
