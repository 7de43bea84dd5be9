package lowfield.core.proofreading.clues;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import lowfield.core.proofreading.Subject;
import lowfield.core.proofreading.figures.CountNouns;
import lowfield.core.proofreading.figures.Dimension;
import lowfield.core.proofreading.figures.WrittenFigure;

/** Of which parts each figure of a text is so, whether or not it means them. */
final class Owners {
    private final Map<Integer, Set<Subject>> byStart = new HashMap<>();

    Owners(List<WrittenFigure> figures, List<Subject> subjects) {
        figures.forEach(f -> byStart.put(
                f.start(), subjects.stream().filter(s -> isOf(s, f)).collect(Collectors.toUnmodifiableSet())));
    }

    boolean owns(Subject subject, WrittenFigure figure) {
        return byStart.getOrDefault(figure.start(), Set.of()).contains(subject);
    }

    private static boolean isOf(Subject subject, WrittenFigure figure) {
        return subject.figures().stream()
                .filter(k -> k.dimension() == figure.dimension() && figure.holds(k.value()))
                .anyMatch(k -> figure.dimension() != Dimension.COUNT || CountNouns.names(k.label(), figure.noun()));
    }
}
