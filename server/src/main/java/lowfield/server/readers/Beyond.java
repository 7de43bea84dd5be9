package lowfield.server.readers;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.press.Cell;
import lowfield.core.press.Publication;

/** What counts in a build beside its lines' own prices, as rows of a reader's page. */
final class Beyond {
    private Beyond() {}

    /** Packages first, then discounts, surcharges and services. */
    static List<Rows.Beyond> of(Publication.Build build, Wording words) {
        return Stream.concat(
                        build.packages().stream().flatMap(p -> rows(build, p, words)),
                        build.adjustments().stream()
                                .map(a -> new Rows.Beyond(a.name(), "", words.signed(a.sum()), "", "", "")))
                .toList();
    }

    /** A package with its base price, and what the seller asks more or less for other parts in it. */
    private static Stream<Rows.Beyond> rows(Publication.Build build, Publication.PackagePrice of, Wording words) {
        var swaps = of.base().isEmpty()
                ? Stream.<Rows.Beyond>empty()
                : build.lines().stream()
                        .filter(l -> of.lines().contains(l.id()))
                        .flatMap(l -> l.price().included().flatMap(Cell.Included::swap).stream()
                                .map(sum -> new Rows.Beyond(
                                        sum.isNegative() ? "Discount" : "Surcharge",
                                        l.label() + ", in " + of.name(),
                                        words.signed(sum),
                                        "",
                                        "",
                                        "")));
        return Stream.concat(Stream.of(row(build, of, words)), swaps);
    }

    private static Rows.Beyond row(Publication.Build build, Publication.PackagePrice of, Wording words) {
        var source = of.source();
        return new Rows.Beyond(
                of.name(),
                build.lines().stream()
                        .filter(l -> of.lines().contains(l.id()))
                        .map(Publication.Line::label)
                        .collect(Collectors.joining(", ")),
                words.about(of.base().orElse(of.price())),
                source.said(),
                source.hasPage() ? source.link() : "",
                words.date(source.seenAt()));
    }
}
