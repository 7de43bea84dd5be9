package lowfield.core.proofreading.clues;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import lowfield.core.proofreading.Subject;
import lowfield.core.proofreading.figures.Stretch;
import lowfield.core.proofreading.mentions.Mention;

/** Which parts a text calls by their names, and between where and where. */
final class NamedParts {
    private final Map<Subject, Stretch> named = new HashMap<>();

    NamedParts(List<Mention> mentions) {
        mentions.stream()
                .filter(m -> m.sort() == Mention.Sort.NAME)
                .forEach(m -> m.subjects()
                        .forEach(s -> named.merge(
                                s,
                                new Stretch(m.end(), m.start()),
                                (a, b) -> new Stretch(Math.min(a.start(), b.start()), Math.max(a.end(), b.end())))));
    }

    boolean isNamed(Subject subject) {
        return named.containsKey(subject);
    }

    boolean isNamedBefore(Subject subject, Stretch sentence) {
        return isNamed(subject) && named.get(subject).start() <= sentence.start();
    }

    boolean isNamedAfter(Subject subject, Stretch sentence) {
        return isNamed(subject) && named.get(subject).end() >= sentence.end();
    }
}
