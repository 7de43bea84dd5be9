package lowfield.core.find;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import lowfield.core.check.Checks;
import lowfield.core.check.Effect;
import lowfield.core.check.Finding;
import lowfield.core.check.Reading;
import lowfield.core.check.Verdict;
import lowfield.core.guide.Band;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Line;
import lowfield.core.guide.Slot;
import lowfield.core.money.Money;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.core.total.BandState;
import lowfield.core.total.CountedTotal;
import lowfield.core.total.LinePrice;

/**
 * Works out what each of many parts would do on one line of one build. A clash that another cooler or supply would mend
 * makes the candidate dearer instead of unfit: the cheapest one that mends it is found, and kept for other candidates that
 * look the same to every check of that slot.
 */
public final class Prospects {
    private static final List<Slot> MENDABLE = List.of(Slot.COOLER, Slot.POWER_SUPPLY);

    private final Ground ground;
    private final UUID line;
    private final Map<List<Object>, Optional<Part>> mended = new ConcurrentHashMap<>();
    private final Map<Slot, List<Reading<?, ?>>> seen = new EnumMap<>(Slot.class);

    /**
     * The build as it stands: its findings, the price of each line in order, how its tier counts, how a line is priced, and
     * the parts of a kind that can be bought, cheapest first.
     */
    public record Ground(
            Build build,
            List<Finding> findings,
            List<LinePrice> prices,
            CountedTotal total,
            boolean countsShipping,
            Money zero,
            Band band,
            Function<Line, LinePrice> pricing,
            Function<Kind, List<Part>> forSale) {}

    public Prospects(Ground ground, UUID line) {
        this.ground = ground;
        this.line = line;
        for (var slot : MENDABLE) {
            seen.put(slot, readings(slot));
        }
    }

    public Prospect of(Part part) {
        var choice = new Choice.Chosen(part);
        var old = ground.build().line(line).orElseThrow();
        var build = ground.build().taking(line, choice);
        var effect = Effect.ofTaking(ground.build(), ground.findings(), line, choice);
        var forced = new ArrayList<Prospect.Forced>();
        for (var slot : MENDABLE) {
            var clash = slot == old.slot()
                    ? Optional.<Finding>empty()
                    : effect.clashes().stream().filter(f -> concerns(f, slot)).findFirst();
            if (clash.isPresent()) {
                var mend = mend(part, build, slot);
                if (mend.isPresent()) {
                    build = taking(build, slot, mend.get());
                    forced.add(new Prospect.Forced(
                            slot,
                            mend.get(),
                            ground.pricing().apply(lineOf(build, slot)).goods(),
                            clash.get().evidence()));
                }
            }
        }
        return worked(part, build, forced.isEmpty() ? effect : leftOver(build), forced);
    }

    private Prospect worked(Part part, Build build, Effect effect, List<Prospect.Forced> forced) {
        var price = ground.pricing().apply(build.line(line).orElseThrow());
        var total = CountedTotal.of(prices(build, price, forced), ground.countsShipping(), ground.zero());
        var state = BandState.of(total.total(), ground.band());
        return new Prospect(
                part,
                price,
                List.copyOf(forced),
                total,
                state,
                total.total().minus(ground.total().total()),
                effect,
                Prospect.Group.of(effect, forced, total.total(), state));
    }

    /** The price of every line: the present ones but for what was changed. */
    private List<LinePrice> prices(Build build, LinePrice price, List<Prospect.Forced> forced) {
        var prices = new ArrayList<LinePrice>(ground.prices().size() + 1);
        for (var present : ground.prices()) {
            var id = present.line().id();
            if (id.equals(line)) {
                prices.add(price);
            } else if (forced.stream().anyMatch(f -> f.slot() == present.line().slot())) {
                prices.add(ground.pricing().apply(build.line(id).orElseThrow()));
            } else {
                prices.add(present);
            }
        }
        for (var f : forced) {
            if (ground.build().lines().stream().noneMatch(l -> l.slot() == f.slot())) {
                prices.add(ground.pricing().apply(lineOf(build, f.slot())));
            }
        }
        return prices;
    }

    /** What is wrong in the mended build and touches the candidate or was not wrong before. */
    private Effect leftOver(Build build) {
        return new Effect(Checks.on(build).stream()
                .filter(f -> f.verdict() != Verdict.FITS)
                .filter(f -> f.touches(line) || ground.findings().stream().noneMatch(f::repeats))
                .toList());
    }

    private boolean concerns(Finding clash, Slot slot) {
        return clash.check().slots().contains(slot)
                && (ground.build().lines().stream().anyMatch(l -> l.slot() == slot && clash.touches(l.id()))
                        || slot == Slot.COOLER && clash.check().id().equals("cooler-present"));
    }

    private Optional<Part> mend(Part candidate, Build build, Slot slot) {
        return mended.computeIfAbsent(key(candidate, slot), key -> cheapest(build, slot));
    }

    /** The cheapest part of the slot with which nothing that concerns it clashes or stays undecided. */
    private Optional<Part> cheapest(Build build, Slot slot) {
        for (var part : ground.forSale().apply(slot.kind())) {
            var with = taking(build, slot, part);
            var id = lineOf(with, slot).id();
            var sound = Checks.concerning(slot, with).stream()
                    .noneMatch(f -> (f.touches(id) || f.check().id().equals("cooler-present"))
                            && f.check().decisive()
                            && (f.verdict() == Verdict.CLASH || f.verdict() == Verdict.NOT_KNOWN));
            if (sound) {
                return Optional.of(part);
            }
        }
        return Optional.empty();
    }

    /** Everything of a candidate that the checks of a slot can see. */
    private List<Object> key(Part candidate, Slot slot) {
        var key = new ArrayList<Object>();
        key.add(slot);
        for (var reading : seen.getOrDefault(slot, List.of())) {
            key.add(reading.of(candidate));
        }
        return key;
    }

    private List<Reading<?, ?>> readings(Slot slot) {
        var kind = ground.build().line(line).orElseThrow().slot().kind();
        return Checks.concerning(slot).stream()
                .flatMap(c -> c.reads().stream())
                .filter(r -> r.kind() == kind)
                .distinct()
                .toList();
    }

    private static Line lineOf(Build build, Slot slot) {
        return build.lines().stream().filter(l -> l.slot() == slot).findFirst().orElseThrow();
    }

    private static Build taking(Build build, Slot slot, Part part) {
        return build.lines().stream()
                .filter(l -> l.slot() == slot)
                .findFirst()
                .map(l -> build.taking(l.id(), part))
                .orElseGet(() -> build.adding(new Line(
                        UUID.nameUUIDFromBytes(slot.name().getBytes(java.nio.charset.StandardCharsets.UTF_8)),
                        slot,
                        new Choice.Chosen(part),
                        1,
                        true)));
    }
}
