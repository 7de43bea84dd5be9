package lowfield.core.proofreading;

import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import lowfield.core.money.Money;
import lowfield.core.part.Part;
import lowfield.core.proofreading.names.NameIndex;

/**
 * What a text can be held against: the parts it may be about, the first of them the choice, and the sums of its build.
 *
 * @param build figures of the whole build, of its neighbours' totals, and what of one part is left for another
 * @param catalogue every name on file
 * @param tiers names of neighbouring tiers, by which their part in this slot is meant, too
 * @param sums the sums of builds, of a text that is about no single line
 */
public record ProofContext(
        Locale locale,
        Currency currency,
        List<Subject> subjects,
        List<KnownFigure> build,
        List<Tier> tiers,
        NameIndex catalogue,
        List<TierSums> sums) {
    /** A tier by the name that readers know, and what stands there in this slot. */
    public record Tier(String name, Optional<Part> part) {}

    public ProofContext {
        subjects = List.copyOf(subjects);
        build = List.copyOf(build);
        tiers = List.copyOf(tiers);
        sums = List.copyOf(sums);
    }

    /** Of a text about one line. */
    public ProofContext(
            Locale locale,
            Currency currency,
            List<Subject> subjects,
            List<KnownFigure> build,
            List<Tier> tiers,
            NameIndex catalogue) {
        this(locale, currency, subjects, build, tiers, catalogue, List.of());
    }

    public Optional<Subject> choice() {
        return subjects.stream().filter(s -> s.role() == Subject.Role.CHOICE).findFirst();
    }

    /** The subjects that stand for this slot: all but those of other slots. */
    public List<Subject> ofSlot() {
        return subjects.stream().filter(s -> s.role() != Subject.Role.ELSEWHERE).toList();
    }

    /** Gathers the parts; the first role of a part counts. */
    public static final class Parts {
        private final List<Subject> subjects = new ArrayList<>();

        public Parts add(Subject.Role role, Part part, Optional<Money> price) {
            var isThere =
                    subjects.stream().anyMatch(s -> s.part().id().equals(part.id()) && s.role() != Subject.Role.LAST);
            if (!isThere || role == Subject.Role.LAST) {
                subjects.add(new Subject(role, part, PartFigures.of(part, price, role == Subject.Role.CHOICE)));
            }
            return this;
        }

        public List<Subject> all() {
            return List.copyOf(subjects);
        }
    }
}
