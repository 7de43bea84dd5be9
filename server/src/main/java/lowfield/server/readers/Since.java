package lowfield.server.readers;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.Optional;
import lowfield.core.money.Money;
import lowfield.core.press.Publication;

/** What changed in a build since the edition before, in one line: other choices first, then the greatest moves. */
final class Since {
    private Since() {}

    static String of(Publication.Build build, Wording words) {
        var notes = new ArrayList<String>();
        build.lines().stream()
                .filter(Publication.Line::isCounted)
                .sorted(Comparator.comparing(
                                (Publication.Line l) -> l.changedFrom().isEmpty())
                        .thenComparing(l -> -Math.abs(moved(l))))
                .forEach(l -> of(l, words).ifPresent(notes::add));
        if (build.change().likeliest().isPresent()) {
            notes.add("in all " + words.signed(build.change()));
        }
        return String.join("; ", notes);
    }

    private static Optional<String> of(Publication.Line line, Wording words) {
        var by = words.signed(line.change());
        if (line.changedFrom().isPresent()) {
            return Optional.of("%s: %s instead of %s%s"
                    .formatted(
                            line.slot(), line.label(), line.changedFrom().get(), by.isEmpty() ? "" : " (" + by + ")"));
        }
        return moved(line) == 0 ? Optional.empty() : Optional.of("%s %s".formatted(line.slot(), by));
    }

    static long moved(Publication.Line line) {
        return line.change().known().map(Money::minor).orElse(0L);
    }
}
