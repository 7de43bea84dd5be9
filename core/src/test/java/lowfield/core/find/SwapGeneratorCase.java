package lowfield.core.find;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.check.Finding;
import lowfield.core.check.GeneratedParts;
import lowfield.core.guide.Band;
import lowfield.core.guide.Build;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.money.Amount;
import lowfield.core.money.Money;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.core.total.CountedTotal;
import lowfield.core.total.Counting;
import lowfield.core.total.LinePrice;
import lowfield.core.total.PackagePrices;

/** A drawn market of parts, and what the finder says of a swap in it. */
abstract class SwapGeneratorCase {
    static final Money ZERO = Money.of(0, "EUR");
    final GeneratedParts parts = new GeneratedParts(20261204);
    final Map<UUID, Integer> prices = new HashMap<>();
    final Map<Kind, List<Part>> forSale = new EnumMap<>(Kind.class);

    SwapGeneratorCase() {
        for (var slot : Slot.values()) {
            var of = forSale.computeIfAbsent(slot.kind(), k -> new ArrayList<>());
            for (int i = 0; i < 14; i++) {
                var part = parts.part(slot);
                prices.put(part.id(), 20 + parts.random().nextInt(400));
                of.add(part);
            }
        }
        forSale.values().forEach(of -> of.sort(Comparator.comparing(p -> prices.get(p.id()))));
    }

    LinePrice price(Line line) {
        var goods = line.choice()
                .part()
                .map(p -> Amount.of(Money.of(prices.getOrDefault(p.id(), 100) * 100L, "EUR")))
                .orElse(Amount.of(ZERO));
        return new LinePrice(line, goods, Optional.empty());
    }

    CandidateImpacts impacts(Build build, List<Finding> before, UUID line) {
        var now = build.lines().stream().map(this::price).toList();
        var ground = new CandidateImpacts.Ground(
                build,
                before,
                now,
                PackagePrices.NONE,
                CountedTotal.of(now, Counting.of(false, ZERO)),
                new Band.FromTo(Money.of(80000, "EUR"), Money.of(100000, "EUR")),
                this::price,
                part -> prices.getOrDefault(part.id(), 100) * 100L,
                kind -> forSale.getOrDefault(kind, List.of()),
                FinderEqualsBenchTest::isAvailable);
        return new CandidateImpacts(ground, line);
    }

    /** Every other part of a set can be bought today. */
    static boolean isAvailable(Line line, Part part) {
        return part.id().hashCode() % 2 == 0;
    }

    Part priced(int price, Part part) {
        prices.put(part.id(), price);
        return part;
    }
}
