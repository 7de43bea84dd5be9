package lowfield.core.find;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.check.TestBuild;
import lowfield.core.check.rules.Checks;
import lowfield.core.guide.Band;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.money.Amount;
import lowfield.core.money.Money;
import lowfield.core.part.Part;
import lowfield.core.total.CountedTotal;
import lowfield.core.total.Counting;
import lowfield.core.total.LinePrice;
import lowfield.core.total.PackagePrices;

/** A market of parts at prices, and what taking one of them means. */
abstract class CandidateCase {
    static final Money ZERO = Money.of(0, "EUR");
    final Map<UUID, Integer> euro = new HashMap<>();
    final List<Part> supplies = new ArrayList<>();
    final List<Part> coolers = new ArrayList<>();

    Part at(int price, Part part) {
        euro.put(part.id(), price);
        return part;
    }

    void supply(int price, Object... figures) {
        supplies.add(at(price, TestBuild.like(Slot.POWER_SUPPLY, figures)));
        supplies.sort(Comparator.comparing(p -> euro.get(p.id())));
    }

    LinePrice price(Line line) {
        var goods = line.choice()
                .part()
                .map(p -> euro.getOrDefault(p.id(), 100) < 0
                        ? Amount.notKnown(p.fullName() + ": nobody offers it")
                        : Amount.of(Money.of(euro.getOrDefault(p.id(), 100) * 100L, "EUR")))
                .orElse(Amount.of(ZERO));
        return new LinePrice(line, goods, Optional.empty());
    }

    CandidateImpact taking(TestBuild kit, Slot slot, Part part) {
        return impacts(kit, slot).of(part);
    }

    CandidateImpacts impacts(TestBuild kit, Slot slot) {
        var build = kit.build();
        var prices = build.lines().stream().map(this::price).toList();
        var ground = new CandidateImpacts.Ground(
                build,
                Checks.on(build),
                prices,
                PackagePrices.NONE,
                CountedTotal.of(prices, Counting.of(false, ZERO)),
                new Band.FromTo(Money.of(80000, "EUR"), Money.of(100000, "EUR")),
                this::price,
                part -> euro.getOrDefault(part.id(), 100) * 100L,
                kind -> kind == Slot.COOLER.kind()
                        ? coolers
                        : supplies.stream().filter(p -> p.kind() == kind).toList(),
                (at, part) -> true);
        return new CandidateImpacts(ground, kit.line(slot));
    }

    static TestBuild sound() {
        return TestBuild.sound();
    }

    static Part card(Object... figures) {
        return TestBuild.like(Slot.GRAPHICS_CARD, figures);
    }
}
