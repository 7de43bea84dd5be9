package lowfield.core.proofreading.mentions;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.proofreading.PartFigures;
import lowfield.core.proofreading.ProofContext;
import lowfield.core.proofreading.Subject;
import lowfield.core.proofreading.names.NameForms;

/** Finds where a text names parts: by their names, whole or shortened as far as they stay apart, by tier, or by their kind. */
public final class Mentions {

    private static final Pattern IDIOM = Pattern.compile("(?i)\\bin (?:this|that|any|either|which|my|your) case\\b");

    private final Map<String, List<Subject>> byName = new LinkedHashMap<>();
    private final Map<String, List<Subject>> byTier = new LinkedHashMap<>();
    private final Map<String, List<Subject>> byKind = new LinkedHashMap<>();
    private final Map<String, List<Subject>> byMaker = new LinkedHashMap<>();
    private final Pattern names;
    private final Pattern makers;
    private final Pattern tiers;
    private final Pattern theKinds;
    private final Pattern kinds;

    public Mentions(ProofContext context) {
        context.subjects().stream()
                .filter(s -> s.role() != Subject.Role.LAST || isGone(context, s))
                .forEach(s -> names(s).forEach(n -> meant(byName, n, s)));
        context.tiers()
                .forEach(t -> byTier.put(
                        t.name(),
                        context.ofSlot().stream()
                                .filter(s -> t.part()
                                        .filter(p -> p.id().equals(s.part().id()))
                                        .isPresent())
                                .limit(1)
                                .toList()));
        context.subjects().stream()
                .filter(s -> s.role() == Subject.Role.CHOICE || s.role() == Subject.Role.ELSEWHERE)
                .forEach(s -> PartFigures.nouns(s.part().kind()).forEach(n -> meant(byKind, n, s)));
        context.ofSlot().stream()
                .filter(s -> s.role() != Subject.Role.LAST || isGone(context, s))
                .forEach(s -> meant(byMaker, s.part().maker(), s));
        makers = pattern("", byMaker.keySet(), "(?:['’]s)?", 0);
        names = pattern("", byName.keySet(), "", 0);
        tiers = pattern("", byTier.keySet(), "(?:['’]s)?", 0);
        theKinds = pattern("(?:the|this|our) (?:whole )?", byKind.keySet(), "", Pattern.CASE_INSENSITIVE);
        List.copyOf(byKind.keySet()).stream()
                .filter(n -> n.endsWith("y"))
                .forEach(n -> byKind.put(n.substring(0, n.length() - 1) + "ies", byKind.get(n)));
        kinds = pattern("", byKind.keySet(), "s?", Pattern.CASE_INSENSITIVE);
    }

    /** What stood there last time and is no choice any more. */
    private static boolean isGone(ProofContext context, Subject last) {
        return context.subjects().stream()
                .noneMatch(s -> s.role() != Subject.Role.LAST
                        && s.part().id().equals(last.part().id()));
    }

    private static void meant(Map<String, List<Subject>> by, String name, Subject subject) {
        by.merge(
                name,
                List.of(subject),
                (a, b) -> Stream.concat(a.stream(), b.stream()).distinct().toList());
    }

    private static Stream<String> names(Subject subject) {
        return Stream.concat(
                Stream.of(subject.part().fullName()),
                NameForms.of(subject.part().name()).stream());
    }

    public List<Mention> in(String text) {
        var found = new ArrayList<Mention>();
        each(names, text, m -> add(found, m, ofSlot(byName.get(m.group(1))), Mention.Sort.NAME));
        each(tiers, text, m -> add(found, m, byTier.get(m.group(1)), Mention.Sort.TIER));
        each(makers, text, m -> add(found, m, byMaker.get(m.group(1)), Mention.Sort.MAKER));
        // "In this case" is about none.
        each(IDIOM, text, m -> found.add(new Mention(m.start(), m.end(), List.of(), Mention.Sort.ANY_OF_KIND)));
        each(theKinds, text, m -> add(found, m, kind(m.group(1)), Mention.Sort.THE_KIND));
        each(kinds, text, m -> add(found, m, kind(m.group(1)), Mention.Sort.ANY_OF_KIND));
        found.removeIf(m -> m.subjects().isEmpty());
        found.sort(Comparator.comparingInt(Mention::start));
        return found;
    }

    /** "The Middle" is one of this slot where another slot has one, too. */
    private static List<Subject> ofSlot(List<Subject> called) {
        var here =
                called.stream().filter(s -> s.role() != Subject.Role.ELSEWHERE).toList();
        return here.isEmpty() ? called : here;
    }

    private List<Subject> kind(String noun) {
        return byKind.get(noun.toLowerCase(Locale.ROOT));
    }

    private static void each(Pattern pattern, String text, Consumer<Matcher> each) {
        var matcher = pattern.matcher(text);
        while (matcher.find()) {
            each.accept(matcher);
        }
    }

    private static void add(List<Mention> found, Matcher at, List<Subject> subjects, Mention.Sort sort) {
        var isFree = found.stream().noneMatch(m -> m.start() < at.end() && at.start() < m.end());
        if (isFree && !subjects.isEmpty()) {
            found.add(new Mention(at.start(), at.end(), subjects, sort));
        }
    }

    /** Any of the words, the longest first, standing alone. */
    private static Pattern pattern(String before, Collection<String> words, String after, int flags) {
        var any = words.stream()
                .sorted(Comparator.comparingInt((String w) -> -w.length()).thenComparing(w -> w))
                .map(Pattern::quote)
                .collect(Collectors.joining("|"));
        var expression = words.isEmpty() ? "(?!)()" : "(" + any + ")";
        return Pattern.compile("(?<![\\p{L}\\d])" + before + expression + after + "(?![\\p{L}\\d])", flags);
    }
}
