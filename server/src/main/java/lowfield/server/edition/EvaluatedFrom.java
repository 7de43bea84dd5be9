package lowfield.server.edition;

import java.util.List;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lowfield.core.edition.BuildPrices;
import lowfield.core.total.PackagePrices;

/** What a build was evaluated from: its lines by version, and everything around them, each its own identity, and its packages. */
public record EvaluatedFrom(UUID build, List<Integer> versions, List<Object> ground, PackagePrices packages) {
    public static EvaluatedFrom of(
            UUID build,
            List<LineRows.StoredLine> rows,
            List<Object> ground,
            BuildPrices prices,
            PackagePrices packages) {
        return new EvaluatedFrom(
                build,
                rows.stream().flatMap(r -> Stream.of(r.version(), r.source())).toList(),
                Stream.concat(ground.stream(), prices.ownLists()).toList(),
                packages);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof EvaluatedFrom o
                && build.equals(o.build)
                && versions.equals(o.versions)
                && packages.equals(o.packages)
                && ground.size() == o.ground.size()
                && IntStream.range(0, ground.size()).allMatch(i -> ground.get(i) == o.ground.get(i));
    }

    @Override
    public int hashCode() {
        return Objects.hash(build, versions);
    }
}
