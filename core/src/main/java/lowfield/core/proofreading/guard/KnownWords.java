package lowfield.core.proofreading.guard;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.part.Kind;
import lowfield.core.proofreading.PartFigures;
import lowfield.core.proofreading.ProofContext;
import lowfield.core.proofreading.Subject;

/** Which words of a text are of our work: kinds of parts, what their figures are called, tiers, and how one speaks of them. */
final class KnownWords {
    /** Words behind a figure that are no thing of their own. */
    private static final Set<String> NO_NOUN = set("""
            ours theirs yours its room this his hers always less plus thus yes has does goes costs takes keeps draws
            needs runs unless perhaps besides towards nowadays of and or in is are with for more at by to from on as
            it but than the a an long high wide deep thick tall dearer cheaper longer shorter higher lower quieter
            louder faster slower short today now here last you we was will would can have leaves leave free apart each
            together instead too that which where when there so not only per two both because buy bring get cost make
            makes stand stands i while since against above below over under through without remain stay stays fit fits
            do did no if were what""");

    /** Words of the work that a sentence can begin with and still be about what stands on the line. */
    private static final Set<String> OF_THE_WORK = set("""
            machine price prices cost total build budget sum step gap difference rest maker warranty power draw spikes
            spike peak share noise size clock speed cache length height width depth weight tier half third quarter
            fifth tenth hundred thousand plug plugs back front air tray shroud glass lid edition month both latency
            profile choice part one bigger cheaper dearer same label most box shop endurance capacity module modules
            whole only warranties memory cores threads lanes fans pin slots volume rating figure board first second
            other writing reading sister brother sibling cousin rival successor predecessor""");

    private final ProofContext context;
    private final Set<String> known;
    private final Set<String> things;
    private final String labels;

    KnownWords(ProofContext context) {
        this.context = context;
        things = Stream.concat(
                        Stream.of("machine", "build"),
                        context.subjects().stream().filter(s -> !isSpokenOf(s)).flatMap(s -> nouns(s).stream()))
                .collect(Collectors.toUnmodifiableSet());
        known = Stream.of(
                        OF_THE_WORK.stream(),
                        context.ofSlot().stream()
                                .flatMap(s -> s.figures().stream())
                                .flatMap(f -> words(f.label())),
                        context.subjects().stream()
                                .flatMap(s -> nouns(s).stream())
                                .flatMap(KnownWords::words),
                        context.tiers().stream().flatMap(t -> words(t.name())))
                .flatMap(s -> s)
                .collect(Collectors.toUnmodifiableSet());
        labels = context.ofSlot().stream()
                .flatMap(s -> s.figures().stream())
                .map(f -> f.label().toLowerCase(Locale.ROOT))
                .distinct()
                .collect(Collectors.joining(" "));
    }

    private static Set<String> set(String words) {
        return Set.copyOf(List.of(words.strip().split("\\s+")));
    }

    private static Stream<String> words(String label) {
        return Stream.of(label.toLowerCase(Locale.ROOT).split("[^\\p{L}]+")).filter(w -> w.length() > 2);
    }

    private static List<String> nouns(Subject subject) {
        return PartFigures.nouns(subject.part().kind());
    }

    /** Whether the choice has a figure about this part of another kind, like the clearance of a case for it. */
    private boolean isSpokenOf(Subject other) {
        Kind kind = other.part().kind();
        return context.choice()
                .filter(c -> c.part().kind() != kind && c.speaksOf(kind))
                .isPresent();
    }

    /** Whether a word is of our work, in the singular or the plural. */
    boolean isOurs(String word) {
        var bare = word.toLowerCase(Locale.ROOT);
        return known.contains(bare)
                || bare.endsWith("s") && known.contains(bare.substring(0, bare.length() - 1))
                || bare.endsWith("ies") && known.contains(bare.substring(0, bare.length() - 3) + "y");
    }

    /** Whether a word is no name of a thing. */
    static boolean isNoNoun(String word) {
        return NO_NOUN.contains(word);
    }

    /** Whether a noun is of parts or machines, so that "a" before it means any such. */
    boolean isThing(String noun) {
        return things.contains(noun);
    }

    boolean isOfOurKind(String noun) {
        return context.choice().filter(c -> nouns(c).contains(noun)).isPresent();
    }

    /** Any part of another slot, unless the figures of this one speak of it: "needs a 750 W power supply". */
    boolean isElsewhere(String words) {
        var isOther = context.subjects().stream()
                .filter(s -> s.role() == Subject.Role.ELSEWHERE)
                .anyMatch(s -> isAny(words, nouns(s)));
        var isOwn = context.ofSlot().stream().anyMatch(s -> isAny(words, nouns(s)));
        return isOther && !isOwn && !isLabelled(words);
    }

    private static boolean isAny(String words, List<String> nouns) {
        return nouns.stream().anyMatch(n -> words.matches("(?s)(?:.* )?" + Pattern.quote(n) + "s?(?: .*)?"));
    }

    /** Whether a figure of the choice is named after it: "recommended PSU", "CPU cooler clearance". */
    private boolean isLabelled(String words) {
        return context.subjects().stream()
                .map(KnownWords::nouns)
                .filter(nouns -> isAny(words, nouns))
                .flatMap(List::stream)
                .anyMatch(n -> labels.matches("(?s).*\\b" + Pattern.quote(n) + "\\b.*"));
    }
}
