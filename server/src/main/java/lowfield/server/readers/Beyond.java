package lowfield.server.readers;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.press.Publication;

/** What counts in a build beside its lines' own prices, as rows of a reader's page. */
final class Beyond {
    private Beyond() {}

    /** Packages first, then discounts, surcharges and services. */
    static List<Rows.Beyond> of(Publication.Build build, Wording words) {
        return Stream.concat(
                        build.packages().stream().map(p -> row(build, p, words)),
                        build.adjustments().stream()
                                .map(a -> new Rows.Beyond(a.name(), "", words.signed(a.sum()), "", "", "")))
                .toList();
    }

    private static Rows.Beyond row(Publication.Build build, Publication.PackagePrice of, Wording words) {
        var source = of.source();
        return new Rows.Beyond(
                of.name(),
                build.lines().stream()
                        .filter(l -> of.lines().contains(l.id()))
                        .map(Publication.Line::label)
                        .collect(Collectors.joining(", ")),
                words.about(of.price()),
                source.said(),
                source.hasPage() ? source.link() : "",
                words.date(source.seenAt()));
    }
}
