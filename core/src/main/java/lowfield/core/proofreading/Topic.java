package lowfield.core.proofreading;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Whom a figure is about: the parts that its passage may mean, by what is named nearest. */
final class Topic {
    private static final Pattern OURS = Pattern.compile("(?<![\\p{L}])(ours|our|this one)(?![\\p{L}])");
    /** What an author tells of their own use is about what they chose. */
    private static final Pattern OWN_HANDS = Pattern.compile("(?<![\\p{L}])(i|we|my|our) ");

    /** What more money brings is what another part has. */
    private static final Pattern BUYS = Pattern.compile("(?<![\\p{L}])(?:buys|gets you|gives you)(?![\\p{L}])");
    /** Another part of the slot that is not named. */
    private static final Pattern ANOTHER = Pattern.compile(
            "(?<![\\p{L}])(?:its|the|a|an) (?:[\\p{L}]+ )?(?:sister|brother|sibling|cousin|rival|successor|predecessor)(?![\\p{L}])");

    private static final Pattern COMPARED = Pattern.compile(
            "(?:than|against|over|(?<!why )not|instead of|next to|above|below|beside) (?:the )?(?:[\\p{L}]+['’]s )?$");
    private static final Pattern BELONGS =
            Pattern.compile("^ ?(?:of|for|on|in|from|as in|is what \\w+ gives on|is) (?:the )?(?:[\\p{L}]+['’]s )?$");
    private static final int NEAR = 34;

    private final ProofContext context;

    Topic(ProofContext context) {
        this.context = context;
    }

    /** Never empty as long as there is a choice. */
    List<Subject> of(Passage passage, LastNamed before) {
        var meant = new LinkedHashSet<Subject>();
        var inClause = passage.lastBefore(passage.inClause());
        belonging(passage).ifPresent(m -> {
            meant.addAll(m.subjects());
            if (inClause.isEmpty() && isSpokenOf(m)) {
                context.choice().ifPresent(meant::add);
            }
        });
        var inSentence = passage.lastBefore(passage.inSentence());
        if (inClause.isEmpty() && ANOTHER.matcher(passage.before()).find()) {
            return context.ofSlot().stream()
                    .filter(s -> s.role() != Subject.Role.CHOICE && s.role() != Subject.Role.LAST)
                    .toList();
        }
        if (OURS.matcher(passage.sentenceBefore()).find()) {
            context.choice().ifPresent(meant::add);
            inSentence.ifPresent(m -> meant.addAll(m.subjects()));
            meant.addAll(kinds(passage));
        } else if (inClause.isPresent()) {
            meant.addAll(named(passage, inClause.get()));
        } else if (meant.isEmpty() && inSentence.isPresent()) {
            meant.addAll(inSentence.get().subjects());
            context.choice().ifPresent(meant::add);
        } else if (meant.isEmpty()) {
            passage.firstAfter(passage.inClause()).ifPresent(m -> meant.addAll(m.subjects()));
            if (!before.isMeantBy(passage)
                    || !meant.isEmpty()
                    || OWN_HANDS.matcher(passage.sentenceWords()).find()) {
                context.choice().ifPresent(meant::add);
            }
            before.mention().ifPresent(m -> meant.addAll(m.subjects()));
        }
        return List.copyOf(meant);
    }

    /** What is named nearest before; beside it, what that is only compared with or, of another slot, speaks of. */
    private List<Subject> named(Passage passage, Mention nearest) {
        var meant = new ArrayList<>(nearest.subjects());
        if (isCompared(passage, nearest)) {
            main(passage, nearest)
                    .ifPresentOrElse(
                            m -> meant.addAll(m.subjects()),
                            () -> context.choice().ifPresent(meant::add));
        } else if (isSpokenOf(nearest)) {
            context.choice().ifPresent(meant::add);
        }
        return meant;
    }

    /** Whether the choice has figures about what a mention of another slot names: a case about the card, a card about the PSU. */
    private boolean isSpokenOf(Mention mention) {
        return mention.sort() == Mention.Sort.THE_KIND
                && mention.subjects().stream()
                        .allMatch(s -> context.choice()
                                .filter(c -> c.speaksOf(s.part().kind()))
                                .isPresent());
    }

    /** What stands in the slots whose kinds the sentence names. */
    private static List<Subject> kinds(Passage passage) {
        return passage.inSentence().stream()
                .filter(m -> m.sort() == Mention.Sort.ANY_OF_KIND || m.sort() == Mention.Sort.THE_KIND)
                .flatMap(m -> m.subjects().stream())
                .toList();
    }

    /** The parts that other words of the sentence may mean, where kinds are named in passing: "the case leaves 56 mm". */
    List<Subject> inPassing(Passage passage) {
        return passage.inSentence().stream()
                .filter(m -> m.sort() == Mention.Sort.THE_KIND)
                .filter(m -> Math.abs(m.start() - passage.figure().start()) < NEAR)
                .flatMap(m -> m.subjects().stream())
                .toList();
    }

    /**
     * Whom a clause that names nobody may be about as well: the choice, what the sentence names, and what was spoken of last. It
     * is never wrong to say of them what they have.
     */
    List<Subject> unnamed(Passage passage, LastNamed before) {
        var isNamed = passage.inClause().stream()
                .anyMatch(m -> m.sort() == Mention.Sort.NAME || m.sort() == Mention.Sort.TIER);
        if (isNamed || belonging(passage).isPresent()) {
            return List.of();
        }
        var inSentence = passage.inSentence().stream().filter(m -> m.sort() == Mention.Sort.NAME);
        var meant = new LinkedHashSet<Subject>();
        if (!before.isMeantBy(passage)) {
            context.choice().ifPresent(meant::add);
        }
        Stream.concat(inSentence, before.mention().stream()).forEach(m -> meant.addAll(m.subjects()));
        if (BUYS.matcher(passage.before()).find()) {
            meant.addAll(context.ofSlot());
        }
        return List.copyOf(meant);
    }

    private static Optional<Mention> belonging(Passage passage) {
        return passage.firstAfter(passage.inSentence())
                .filter(m -> m.start() - passage.figure().end() < NEAR
                        && BELONGS.matcher(passage.text()
                                        .substring(passage.figure().end(), m.start()))
                                .find());
    }

    private static boolean isCompared(Passage passage, Mention mention) {
        return isCompared(passage.text(), passage.clause().start(), mention);
    }

    /** Whether something else is only held against it: "cheaper than the Twin". */
    static boolean isCompared(String text, int from, Mention mention) {
        return COMPARED.matcher(text.substring(from, mention.start()).toLowerCase(Locale.ROOT))
                .find();
    }

    private static Optional<Mention> main(Passage passage, Mention but) {
        return passage.inClause().stream()
                .filter(m -> m.end() <= but.start() && Passage.isStrong(m))
                .reduce((a, b) -> b);
    }
}
