package lowfield.core.proofreading.clues;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import lowfield.core.proofreading.Subject;
import lowfield.core.proofreading.mentions.Mention;

/** Whom a figure is about, by how closely each is tied to it; of several ties of one, the closest counts. */
final class Meant {
    private final Map<Subject, Link> links = new LinkedHashMap<>();

    /** In the order in which they were tied, so that a text is always read alike. */
    Map<Subject, Link> links() {
        return Collections.unmodifiableMap(links);
    }

    void add(Subject subject, Link link) {
        links.merge(subject, link, Meant::closer);
    }

    void add(Optional<Subject> subject, Link link) {
        subject.ifPresent(s -> add(s, link));
    }

    /** A name that several have, like a maker's, means the choice where it is one of them. */
    void add(Mention mention, Link link) {
        var isOfTheChoice = mention.sort() != Mention.Sort.THE_KIND
                && mention.sort() != Mention.Sort.ANY_OF_KIND
                && mention.subjects().stream().anyMatch(s -> s.role() == Subject.Role.CHOICE);
        mention.subjects()
                .forEach(s -> add(
                        s,
                        isOfTheChoice && s.role() != Subject.Role.CHOICE && link.compareTo(Link.FAINT) > 0
                                ? Link.FAINT
                                : link));
    }

    private static Link closer(Link a, Link b) {
        return a.compareTo(b) >= 0 ? a : b;
    }
}
