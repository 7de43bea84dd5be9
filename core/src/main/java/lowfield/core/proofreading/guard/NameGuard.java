package lowfield.core.proofreading.guard;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import lowfield.core.part.Kind;
import lowfield.core.proofreading.PartFigures;
import lowfield.core.proofreading.ProofContext;
import lowfield.core.proofreading.Slip;
import lowfield.core.proofreading.Subject;
import lowfield.core.proofreading.mentions.Mention;
import lowfield.core.proofreading.names.NameForms;

/** Finds names that begin like a part's and are none: a family with a size or suffix that no part on file has. */
final class NameGuard {
    private final ProofContext context;
    private final Optional<Pattern> familyAndMore;

    NameGuard(ProofContext context) {
        this.context = context;
        var families = context.subjects().stream()
                .flatMap(s -> NameForms.family(s.part().name()).stream())
                .distinct()
                .map(Pattern::quote)
                .collect(Collectors.joining("|"));
        familyAndMore = families.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        Pattern.compile("(?<![\\p{L}\\d])(" + families + ") ([\\p{Lu}][\\p{L}\\d-]*)(?![\\p{L}\\d])"));
    }

    List<Slip> slips(String text, List<Mention> named) {
        var all = new ArrayList<Slip>();
        familyAndMore.ifPresent(pattern -> {
            var found = pattern.matcher(text);
            while (found.find()) {
                var start = found.start();
                var isNamed = named.stream()
                        .anyMatch(m -> m.sort() == Mention.Sort.NAME && m.start() <= start && m.end() >= found.end());
                if (!isNamed && !context.catalogue().isOne(found.group()) && !isKind(found.group(2))) {
                    all.add(slip(start, found.end(), found.group(), found.group(1)));
                }
            }
        });
        return all;
    }

    /** "Mica Cards" is a heading, no name. */
    private static boolean isKind(String word) {
        return Arrays.stream(Kind.values())
                .flatMap(k -> PartFigures.nouns(k).stream())
                .anyMatch(n -> n.equalsIgnoreCase(word) || (n + "s").equalsIgnoreCase(word));
    }

    private Slip slip(int start, int end, String written, String family) {
        var right = context.subjects().stream()
                .filter(s ->
                        NameForms.family(s.part().name()).filter(family::equals).isPresent())
                .min(Comparator.comparingInt((Subject s) -> s.role().ordinal()))
                .map(s -> NameForms.brief(s.part().name()));
        return new Slip(
                start,
                end,
                written,
                "name",
                right,
                Optional.empty(),
                "No part on file is called %s.".formatted(written),
                true);
    }
}
