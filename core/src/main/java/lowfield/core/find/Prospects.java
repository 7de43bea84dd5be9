package lowfield.core.find;

import java.util.ArrayList;
import java.util.Arrays;
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
import lowfield.core.money.Amount;
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
    private final boolean isUnfinished;
    private final Map<List<Object>, Optional<Part>> mended = new ConcurrentHashMap<>();
    private final Map<Slot, List<Reading<?, ?>>> seen = new ConcurrentHashMap<>();

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
        var own = line().slot();
        this.isUnfinished = Arrays.stream(Slot.values())
                .anyMatch(
                        s -> s.needed() && s != own && ground.build().filled(s).isEmpty());
    }

    /** Whether other slots than the line's own are still to be filled, so that a total under the band says nothing yet. */
    boolean isUnfinished() {
        return isUnfinished;
    }

    Ground ground() {
        return ground;
    }

    Line line() {
        return ground.build().line(line).orElseThrow();
    }

    /** What taking the part would do, in full. */
    public Prospect of(Part part) {
        var outcome = outcome(part);
        var price = price(part);
        var total = total(price, outcome.forcedPrices());
        var state = BandState.of(total.total(), ground.band());
        return new Prospect(
                part,
                price,
                outcome.forced(),
                total,
                state,
                total.total().minus(ground.total().total()),
                outcome.effect(),
                outline(outcome).group(total.total(), state, isUnfinished));
    }

    /** What is left to say of all parts that look the same to the checks: whether they fit, and what else they force. */
    record Outline(boolean clashes, boolean undecided, List<LinePrice> forced) {
        Prospect.Group group(Amount total, BandState state, boolean isUnfinished) {
            return Prospect.Group.of(clashes, undecided, !forced.isEmpty(), total, state, isUnfinished);
        }
    }

    Outline outline(Part part) {
        return outline(outcome(part));
    }

    private static Outline outline(Outcome outcome) {
        return new Outline(
                !outcome.effect().clashes().isEmpty(),
                !outcome.effect().undecided().isEmpty(),
                outcome.forcedPrices());
    }

    LinePrice price(Part part) {
        return ground.pricing().apply(line().with(new Choice.Chosen(part)));
    }

    private record Outcome(Effect effect, List<Prospect.Forced> forced, List<LinePrice> forcedPrices) {}

    private Outcome outcome(Part part) {
        var choice = new Choice.Chosen(part);
        var slotOfLine = line().slot();
        var build = ground.build().taking(line, choice);
        var effect = Effect.ofTaking(ground.build(), ground.findings(), line, choice);
        var forced = new ArrayList<Prospect.Forced>();
        var prices = new ArrayList<LinePrice>();
        for (var slot : MENDABLE) {
            var clash = slot == slotOfLine
                    ? Optional.<Finding>empty()
                    : effect.clashes().stream().filter(f -> concerns(f, slot)).findFirst();
            if (clash.isPresent()) {
                var mend = mend(part, build, slot);
                if (mend.isPresent()) {
                    build = taking(build, slot, mend.get());
                    var price = ground.pricing().apply(lineOf(build, slot));
                    prices.add(price);
                    forced.add(new Prospect.Forced(
                            slot, mend.get(), price, clash.get().evidence()));
                }
            }
        }
        return new Outcome(forced.isEmpty() ? effect : leftOver(build), List.copyOf(forced), List.copyOf(prices));
    }

    /** The build's total with a price on the line and those of what it forces. */
    CountedTotal total(LinePrice price, List<LinePrice> forced) {
        return CountedTotal.of(prices(price, forced), ground.countsShipping(), ground.zero());
    }

    /** The price of every line: the present ones but for what was changed. */
    private List<LinePrice> prices(LinePrice price, List<LinePrice> forced) {
        var prices = new ArrayList<LinePrice>(ground.prices().size() + 1);
        for (var present : ground.prices()) {
            var slot = present.line().slot();
            if (present.line().id().equals(line)) {
                prices.add(price);
            } else if (forced.stream().noneMatch(f -> f.line().slot() == slot)) {
                prices.add(present);
            }
        }
        prices.addAll(forced);
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
        for (var reading : seen.computeIfAbsent(slot, this::readings)) {
            key.add(reading.of(candidate));
        }
        return key;
    }

    private List<Reading<?, ?>> readings(Slot slot) {
        var kind = line().slot().kind();
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
