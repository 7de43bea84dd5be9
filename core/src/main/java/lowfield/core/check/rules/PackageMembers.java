package lowfield.core.check.rules;

import java.util.List;
import java.util.stream.Stream;
import lowfield.core.check.Check;
import lowfield.core.check.Finding;
import lowfield.core.guide.Build;
import lowfield.core.total.PackagePrice;
import lowfield.core.total.PackagePrices;

/** What has become of a build's package prices: one that does not count any more is a caution on the line where that shows. */
public final class PackageMembers {
    static final Check CHECK = Check.advises(
                    "package-price", "A package price is for the parts that stand in the build")
            .caution(
                    "ended",
                    "The price of %s does not count any more: %s. Take it again for the parts as they are, or take it out.")
            .saidElsewhere();

    private PackageMembers() {}

    /** Of a build with some packages. */
    public static List<Finding> on(Build build, PackagePrices packages) {
        return packages.all().isEmpty()
                ? List.of()
                : packages.broken(build.lines()).stream()
                        .flatMap(PackageMembers::finding)
                        .toList();
    }

    private static Stream<Finding> finding(PackagePrice.Broken broken) {
        return broken.at().stream()
                .map(line -> Finding.because(
                        CHECK, "ended", line, List.of(), broken.of().name(), broken.why()));
    }
}
