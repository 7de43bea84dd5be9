package lowfield.core.total;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.UUID;
import lowfield.core.guide.Line;
import lowfield.core.money.Money;

/** The packages of one build: which of them count for its lines, and what their lines cost then. */
public record PackagePrices(List<PackagePrice> all) {
    public static final PackagePrices NONE = new PackagePrices(List.of());

    public PackagePrices {
        all = List.copyOf(all);
    }

    public boolean mention(UUID line) {
        return all.stream().anyMatch(p -> p.includes(line));
    }

    /** Those that count. Of two that share a line, the first does. */
    public List<PackagePrice> whole(List<Line> lines) {
        var taken = new HashSet<UUID>();
        return all.stream()
                .filter(p -> p.broken(lines).isEmpty())
                .filter(p -> p.members().stream().noneMatch(m -> taken.contains(m.line())))
                .filter(p -> p.members().stream().allMatch(m -> taken.add(m.line())))
                .toList();
    }

    /** Those that do not count any more, and why. */
    public List<PackagePrice.Broken> broken(List<Line> lines) {
        return all.stream().flatMap(p -> p.broken(lines).stream()).toList();
    }

    /** Prices of a build's lines, where those of a package that counts take the place of what each costs alone. */
    public List<LinePrice> applied(List<LinePrice> own) {
        if (all.isEmpty()) {
            return own;
        }
        var included = new HashMap<UUID, LinePrice>();
        for (var each : whole(own.stream().map(LinePrice::line).toList())) {
            var shares = each.shares(own);
            own.stream()
                    .filter(p -> each.includes(p.line().id()))
                    .forEach(p -> included.put(
                            p.line().id(), p.in(each, shares.get(p.line().id()))));
        }
        return own.stream().map(p -> included.getOrDefault(p.line().id(), p)).toList();
    }

    /**
     * Applied prices in which each package that may not be told stands on its first line alone: how a hidden price is shared
     * out would tell more of it than its rounding does.
     */
    public static List<LinePrice> lumped(List<LinePrice> applied) {
        var borne = new HashSet<UUID>();
        return applied.stream()
                .map(p -> p.in().filter(of -> p.isWithheld())
                        .map(of -> p.at(
                                borne.add(of.id())
                                        ? of.price().orElseThrow()
                                        : Money.zero(of.price().orElseThrow().currency())))
                        .orElse(p))
                .toList();
    }
}
