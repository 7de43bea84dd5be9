package lowfield.core.proofreading.guard;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import lowfield.core.proofreading.Subject;

/** Whom a figure is about, by how much speaks for each; of several things that speak for one, the strongest counts. */
final class Meant {
    /** How much a maker's name speaks for another of its parts than the choice. */
    private static final double HARDLY = 1;

    private final Map<Subject, Double> weights = new HashMap<>();

    Map<Subject, Double> weights() {
        return Map.copyOf(weights);
    }

    void add(Subject subject, double weight) {
        weights.merge(subject, weight, Math::max);
    }

    void add(Optional<Subject> subject, double weight) {
        subject.ifPresent(s -> add(s, weight));
    }

    /** A name that several have, like a maker's, means the choice where it is one of them. */
    void add(Mention mention, double weight) {
        var isOfTheChoice = mention.sort() != Mention.Sort.THE_KIND
                && mention.sort() != Mention.Sort.ANY_OF_KIND
                && mention.subjects().stream().anyMatch(s -> s.role() == Subject.Role.CHOICE);
        mention.subjects()
                .forEach(s ->
                        add(s, isOfTheChoice && s.role() != Subject.Role.CHOICE ? Math.min(weight, HARDLY) : weight));
    }
}
