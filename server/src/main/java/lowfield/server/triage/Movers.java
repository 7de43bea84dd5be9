package lowfield.server.triage;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import lowfield.core.history.KindMove;
import lowfield.core.history.Moved;
import lowfield.core.money.Money;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.core.total.BandState;
import lowfield.server.bench.Sheets;
import lowfield.server.history.Histories;
import lowfield.server.prices.Acceptances;
import org.springframework.stereotype.Component;

/** Finds what of an edition in work wants a decision in this period, heaviest first. */
@Component
class Movers {
    private static final long GONE = 100_000_000;
    private static final long BAND = 50_000_000;
    private static final long ASIDE = 20_000_000;
    private static final int HIGH_PREMIUM = 150;
    private static final int SMALL_MOVE = 20;

    private final Acceptances acceptances;
    private final Histories histories;
    private final Clock clock;

    Movers(Acceptances acceptances, Histories histories, Clock clock) {
        this.acceptances = acceptances;
        this.histories = histories;
        this.clock = clock;
    }

    List<Mover> of(Sheets sheets) {
        var movers = new ArrayList<Mover>();
        bands(sheets, movers);
        movers.addAll(chosen(sheets));
        acceptances.waiting(sheets.guide().id()).forEach(p -> movers.add(setAside(p)));
        movers.sort(Comparator.comparing(Mover::weight).reversed().thenComparing(Mover::key));
        return movers;
    }

    // ---- builds that are not where they belong -----------------------------------------------------

    private static void bands(Sheets sheets, List<Mover> movers) {
        for (var tier : sheets.tiers()) {
            for (var build : tier.builds()) {
                if (build.state() instanceof BandState.Over over) {
                    movers.add(band(tier, build, Mover.Form.OVER, over.by(), "over its band"));
                } else if (build.state() instanceof BandState.Under under) {
                    movers.add(band(tier, build, Mover.Form.UNDER, under.by(), "under its band"));
                }
            }
        }
    }

    private static Mover band(Sheets.OfTier tier, Sheets.OfBuild build, Mover.Form form, Money by, String words) {
        var total = build.total().total().known().orElseThrow();
        return new Mover(
                "build:" + build.id(),
                form,
                form + " " + total.minor(),
                tier.nameOf(build.id()),
                by + " " + words + "; the counted total is " + total,
                null,
                null,
                null,
                total.minor(),
                null,
                BAND + by.minor(),
                dearest(build)
                        .map(l -> new Mover.ChosenAt(
                                tier.nameOf(build.id()),
                                build.id(),
                                l.line().id(),
                                l.line().slot().label()))
                        .stream()
                        .toList(),
                null,
                List.of(),
                null);
    }

    /** The line of its own that has become dearest since the last edition: there one looks first. */
    private static Optional<Sheets.OfLine> dearest(Sheets.OfBuild build) {
        return build.lines().stream()
                .filter(l ->
                        l.state().follows() == null && l.line().choice().part().isPresent())
                .max(Comparator.comparing(
                        l -> l.change().difference().map(Money::minor).orElse(0L)));
    }

    // ---- choices -----------------------------------------------------------------------------------

    private record At(Sheets.OfTier tier, Sheets.OfBuild build, Sheets.OfLine line) {
        Mover.ChosenAt place() {
            return new Mover.ChosenAt(
                    tier.nameOf(build.id()),
                    build.id(),
                    line.line().id(),
                    line.line().slot().label());
        }
    }

    private List<Mover> chosen(Sheets sheets) {
        var movers = new ArrayList<Mover>();
        var moved = new LinkedHashMap<String, Mover>();
        var asCore = new ArrayList<Moved>();
        choices(sheets).forEach((part, at) -> {
            var first = at.get(0);
            if (first.line().price().goods().known().isEmpty()) {
                movers.add(gone(part, at));
                return;
            }
            var now = first.line().price().offer().orElseThrow().price();
            before(at).filter(b -> !b.equals(now)).ifPresent(b -> {
                var mover = moved(part, at, b, now);
                moved.put(mover.key(), mover);
                asCore.add(new Moved(mover.key(), part.kind().name(), b, now, tiers(at)));
            });
            premium(part, at, now).ifPresent(movers::add);
        });
        for (var kind : KindMove.of(asCore, moves(sheets))) {
            var inside = kind.along().stream().map(m -> moved.remove(m.key())).toList();
            movers.add(kind(kind, inside));
        }
        var small = moved.values().stream()
                .filter(m -> Math.abs(Optional.ofNullable(m.permille()).orElse(0)) < SMALL_MOVE)
                .toList();
        if (small.size() < 2) {
            movers.addAll(moved.values());
        } else {
            moved.values().stream().filter(m -> !small.contains(m)).forEach(movers::add);
            movers.add(small(small));
        }
        return movers;
    }

    private static Mover small(List<Mover> inside) {
        var sum = inside.stream().mapToLong(m -> m.nowMinor() - m.beforeMinor()).sum();
        return new Mover(
                "small",
                Mover.Form.SMALL,
                fingerprint(inside),
                "%d small moves".formatted(inside.size()),
                "each under %d%%: %s"
                        .formatted(
                                SMALL_MOVE / 10,
                                inside.stream().map(Mover::title).collect(Collectors.joining(", "))),
                null,
                null,
                null,
                null,
                null,
                Math.abs(sum),
                inside.stream().flatMap(m -> m.places().stream()).toList(),
                null,
                inside,
                null);
    }

    private static String fingerprint(List<Mover> inside) {
        return Integer.toHexString(Objects.hash(new HashSet<>(
                inside.stream().map(m -> m.key() + m.fingerprint()).toList())));
    }

    private Map<String, Double> moves(Sheets sheets) {
        var zone = ZoneId.of(sheets.guide().zone());
        var today = LocalDate.ofInstant(clock.instant(), zone);
        return sheets.last()
                .map(last -> histories.moves(
                        last.publishedAt().atZone(zone).toLocalDate().minusDays(1), today))
                .orElse(Map.of());
    }

    /** Where each part is chosen, in the edition's order. A line that follows another is decided there. */
    private static Map<Part, List<At>> choices(Sheets sheets) {
        var choices = new LinkedHashMap<Part, List<At>>();
        for (var tier : sheets.tiers()) {
            for (var build : tier.builds()) {
                for (var line : build.lines()) {
                    line.line()
                            .choice()
                            .part()
                            .filter(p -> line.price().price().isPresent())
                            .ifPresent(p -> choices.computeIfAbsent(p, x -> new ArrayList<>())
                                    .add(new At(tier, build, line)));
                }
            }
        }
        return choices;
    }

    /** The price of one piece in the last edition, where the choice is the same. */
    private static Optional<Money> before(List<At> at) {
        return at.stream()
                .filter(a -> a.line().change().how() == lowfield.core.change.LineChange.How.KEPT)
                .flatMap(a -> a.line().change().priceBefore().stream()
                        .map(m -> Money.of(
                                m.minor() / a.line().line().quantity(),
                                m.currency().getCurrencyCode())))
                .findFirst();
    }

    private static int tiers(List<At> at) {
        return (int) at.stream().map(a -> a.tier().tier().id()).distinct().count();
    }

    private static List<Mover.ChosenAt> places(List<At> at) {
        return at.stream().map(At::place).toList();
    }

    private static Mover gone(Part part, List<At> at) {
        var why = at.get(0).line().price().price().map(p -> p.whyNone()).orElse("");
        return new Mover(
                "part:" + part.id(),
                Mover.Form.GONE,
                "GONE " + Integer.toHexString(why.hashCode()),
                part.fullName(),
                why,
                part.kind().name(),
                part.id(),
                before(at).map(Money::minor).orElse(null),
                null,
                null,
                GONE + tiers(at),
                places(at),
                null,
                List.of(),
                null);
    }

    private static Mover moved(Part part, List<At> at, Money before, Money now) {
        var offer = at.get(0).line().price().offer().orElseThrow();
        var difference = now.minus(before);
        return new Mover(
                "part:" + part.id(),
                Mover.Form.MOVED,
                "MOVED %d %d".formatted(before.minor(), now.minor()),
                part.fullName(),
                "%s at %s".formatted(now, offer.seller().label()),
                part.kind().name(),
                part.id(),
                before.minor(),
                now.minor(),
                (int) Math.round(1000.0 * difference.minor() / before.minor()),
                Math.abs(difference.minor()) * tiers(at),
                places(at),
                null,
                List.of(),
                null);
    }

    private static Optional<Mover> premium(Part part, List<At> at, Money now) {
        return part.suggestedPrice()
                .filter(s -> s.currency().equals(now.currency()))
                .map(s -> Math.round(1000.0 * now.minor() / s.minor() - 1000))
                .filter(p -> p >= HIGH_PREMIUM)
                .map(p -> new Mover(
                        "premium:" + part.id(),
                        Mover.Form.PREMIUM,
                        // A premium that stays where it is is not asked about again with every cent.
                        "PREMIUM " + p / 50,
                        part.fullName(),
                        "%d%% above the maker's suggested %s"
                                .formatted(
                                        Math.round(p / 10.0),
                                        part.suggestedPrice().orElseThrow()),
                        part.kind().name(),
                        part.id(),
                        part.suggestedPrice().orElseThrow().minor(),
                        now.minor(),
                        p.intValue(),
                        (now.minor() - part.suggestedPrice().orElseThrow().minor()) * tiers(at) / 10,
                        places(at),
                        null,
                        List.of(),
                        null));
    }

    private static Mover kind(KindMove move, List<Mover> inside) {
        var kind = Kind.valueOf(move.kind());
        var percent = (move.factor() - 1) * 100;
        var places = inside.stream().flatMap(m -> m.places().stream()).toList();
        return new Mover(
                "kind:" + move.kind(),
                Mover.Form.KIND,
                fingerprint(inside),
                "%s as a whole".formatted(kind.plural()),
                "%+.1f%% since the last edition; %d choices went along".formatted(percent, inside.size()),
                move.kind(),
                null,
                null,
                null,
                (int) Math.round(percent * 10),
                move.weight(),
                places,
                null,
                inside,
                null);
    }

    private static Mover setAside(Acceptances.SetAside price) {
        var seller = price.seller().equals(price.shop()) ? price.shop() : price.seller() + " at " + price.shop();
        return new Mover(
                "price:" + price.listing(),
                Mover.Form.SET_ASIDE,
                "ASIDE " + price.id(),
                price.part(),
                seller + ": " + price.why(),
                null,
                price.variant(),
                price.lastMinor(),
                price.priceMinor(),
                null,
                ASIDE,
                List.of(),
                price.id(),
                List.of(),
                null);
    }
}
