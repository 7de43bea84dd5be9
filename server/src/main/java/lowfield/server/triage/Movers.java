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
import lowfield.core.history.Doubts;
import lowfield.core.history.KindMove;
import lowfield.core.history.Moved;
import lowfield.core.history.Weight;
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
    private static final Comparator<Mover> HEAVIEST_FIRST =
            Comparator.comparing(Mover::weight).reversed().thenComparing(Mover::key);

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
        movers.addAll(inDoubt(sheets));
        movers.sort(HEAVIEST_FIRST);
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
                Weight.outOfBand(by),
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
            var price = at.get(0).line().price();
            if (price.goods().range().isEmpty()) {
                movers.add(gone(part, at));
            }
            if (price.offer().isEmpty()) {
                return;
            }
            var now = price.offer().get().price();
            before(at).filter(b -> !b.equals(now)).ifPresent(b -> {
                var move = new Moved("part:" + part.id(), part.kind().name(), b, now, tiers(at));
                moved.put(move.key(), moved(part, at, move));
                asCore.add(move);
            });
            premium(part, at, now).ifPresent(movers::add);
        });
        for (var kind : KindMove.of(asCore, moves(sheets))) {
            var inside = kind.along().stream().map(m -> moved.remove(m.key())).toList();
            movers.add(kind(kind, inside));
        }
        var small = asCore.stream()
                .filter(Moved::isSmall)
                .flatMap(m -> Optional.ofNullable(moved.get(m.key())).stream())
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
                                Moved.SMALL / 10,
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
                Weight.gone(tiers(at)),
                places(at),
                null,
                List.of(),
                null);
    }

    private static Mover moved(Part part, List<At> at, Moved move) {
        var offer = at.get(0).line().price().offer().orElseThrow();
        return new Mover(
                move.key(),
                Mover.Form.MOVED,
                "MOVED %d %d".formatted(move.before().minor(), move.now().minor()),
                part.fullName(),
                "%s at %s".formatted(move.now(), offer.seller().label()),
                part.kind().name(),
                part.id(),
                move.before().minor(),
                move.now().minor(),
                move.permille(),
                move.weight(),
                places(at),
                null,
                List.of(),
                null);
    }

    private static Optional<Mover> premium(Part part, List<At> at, Money now) {
        return part.suggestedPrice()
                .filter(s -> s.currency().equals(now.currency()))
                .flatMap(s -> premium(part, at, now, s));
    }

    private static Optional<Mover> premium(Part part, List<At> at, Money now, Money suggested) {
        var high = Weight.highPremium(now, suggested);
        if (high.isEmpty()) {
            return Optional.empty();
        }
        var permille = high.getAsInt();
        return Optional.of(new Mover(
                "premium:" + part.id(),
                Mover.Form.PREMIUM,
                // A premium that stays where it is is not asked about again with every cent.
                "PREMIUM " + permille / 50,
                part.fullName(),
                "%d%% above the maker's suggested %s".formatted(Math.round(permille / 10.0), suggested),
                part.kind().name(),
                part.id(),
                suggested.minor(),
                now.minor(),
                permille,
                Weight.premium(now, suggested, tiers(at)),
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

    // ---- prices in doubt ---------------------------------------------------------------------------

    private List<Mover> inDoubt(Sheets sheets) {
        var chosen = choices(sheets).entrySet().stream()
                .collect(Collectors.toMap(e -> e.getKey().id(), Map.Entry::getValue));
        return Doubts.questions(acceptances.waiting(sheets.guide().id()), Acceptances.SetAside::shop).stream()
                .map(question -> {
                    var each = question.stream()
                            .map(p -> setAside(p, chosen.getOrDefault(p.variant(), List.of())))
                            .sorted(HEAVIEST_FIRST)
                            .toList();
                    return each.size() == 1 ? each.get(0) : shop(question.get(0), each);
                })
                .toList();
    }

    private static Mover setAside(Acceptances.SetAside price, List<At> at) {
        return new Mover(
                "price:" + price.listing(),
                Mover.Form.SET_ASIDE,
                "ASIDE " + price.id(),
                price.part(),
                price.where() + ": " + price.why(),
                null,
                price.variant(),
                price.lastMinor(),
                price.priceMinor(),
                null,
                Weight.setAside(1, tiers(at)),
                places(at),
                price.id(),
                List.of(),
                null);
    }

    /** A shop of which so many prices wait that they are one question. */
    private static Mover shop(Acceptances.SetAside one, List<Mover> inside) {
        var used = inside.stream().filter(m -> !m.places().isEmpty()).toList();
        var names = used.stream().map(Mover::title).distinct().toList();
        var places = used.stream().flatMap(m -> m.places().stream()).toList();
        return new Mover(
                "shop:" + one.shop(),
                Mover.Form.SHOP,
                fingerprint(inside),
                "%d prices of %s".formatted(inside.size(), one.shopName()),
                names.isEmpty()
                        ? "none of them is of a part that is chosen in this edition"
                        : "chosen in this edition: " + String.join(", ", names),
                null,
                null,
                null,
                null,
                null,
                Weight.setAside(inside.size(), (int)
                        places.stream().map(Mover.ChosenAt::tier).distinct().count()),
                places,
                null,
                inside,
                null);
    }
}
