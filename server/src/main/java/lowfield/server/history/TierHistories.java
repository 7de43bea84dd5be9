package lowfield.server.history;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.history.Drift;
import lowfield.core.history.SameChoices;
import lowfield.core.money.Money;
import lowfield.core.offer.Condition;
import lowfield.core.offer.PricePolicy;
import lowfield.core.press.Cell;
import lowfield.core.press.PublicSum;
import lowfield.core.press.Publication;
import lowfield.server.archive.Archive;
import lowfield.server.edition.EditionLoader;
import lowfield.server.guide.EditionInfo;
import lowfield.server.guide.Editions;
import lowfield.server.guide.GuideInfo;
import lowfield.server.guide.Guides;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A guide's tiers through its editions: what was published, and what the first list would have cost all along. */
@Service
public class TierHistories {
    private final DSLContext db;
    private final Guides guides;
    private final Editions editions;
    private final Archive archive;
    private final EditionLoader loader;

    TierHistories(DSLContext db, Guides guides, Editions editions, Archive archive, EditionLoader loader) {
        this.db = db;
        this.guides = guides;
        this.editions = editions;
        this.archive = archive;
        this.loader = loader;
    }

    /**
     * One edition of a tier's lead: its published (or present) total, the goods of the choices as the oldest edition shown
     * had them, at the prices of that period, and the goods of what was published; a sum that is not known is absent.
     */
    public record Point(
            LocalDate period,
            int number,
            boolean inWork,
            @Nullable Long totalMinor,
            @Nullable TierSum sameGoods,
            @Nullable TierSum goods,
            @Nullable Long lowMinor,
            @Nullable Long highMinor) {}

    /** A sum as the author sees it, and as it may stand in a published edition. */
    public record TierSum(long minor, long toldMinor) {
        private static TierSum of(PublicSum sum) {
            return new TierSum(sum.exact().minor(), sum.told().minor());
        }
    }

    /** A tier through time; {@code drift} is a sentence when its totals have left its name behind. */
    public record TierHistory(
            UUID tier,
            String name,
            List<Point> points,
            @Nullable String drift) {}

    public record GuideHistory(String currency, List<TierHistory> tiers) {}

    @Transactional(readOnly = true)
    public GuideHistory of(String slug, LocalDate today) {
        var guide = guides.bySlug(slug);
        var published = archive.published(guide.id());
        var policy = editions.of(guide.id()).stream()
                .reduce((earlier, later) -> later)
                .map(EditionInfo::policy)
                .orElseGet(PricePolicy::usual);
        var points = new LinkedHashMap<UUID, List<Point>>();
        var names = new LinkedHashMap<UUID, String>();
        var first = new LinkedHashMap<UUID, Publication.Build>();
        for (var edition : published) {
            var day = edition.publishedAt().atZone(ZoneId.of(guide.zone())).toLocalDate();
            var prices = pricesOn(guide, day, policy);
            for (var tier : edition.tiers()) {
                var lead = tier.main();
                names.put(tier.id(), tier.name());
                first.putIfAbsent(tier.id(), lead);
                var band = tier.band();
                points.computeIfAbsent(tier.id(), t -> new ArrayList<>())
                        .add(new Point(
                                edition.period(),
                                edition.number(),
                                false,
                                minor(lead.total()),
                                same(first.get(tier.id()), prices),
                                told(lead.goods()),
                                band.low().map(Money::minor).orElse(null),
                                band.high().map(Money::minor).orElse(null)));
            }
        }
        inWork(guide.id(), pricesOn(guide, today, policy), points, names, first);
        return new GuideHistory(
                guide.currency(),
                names.entrySet().stream()
                        .map(e -> new TierHistory(
                                e.getKey(),
                                e.getValue(),
                                points.get(e.getKey()),
                                drift(points.get(e.getKey()), guide.currency())))
                        .toList());
    }

    private void inWork(
            UUID guide,
            Prices prices,
            Map<UUID, List<Point>> points,
            Map<UUID, String> names,
            Map<UUID, Publication.Build> first) {
        var current = editions.of(guide).stream()
                .filter(e -> e.state() == EditionInfo.State.IN_WORK)
                .findFirst();
        if (current.isEmpty()) {
            return;
        }
        for (var tier : loader.load(current.get().id()).tiers()) {
            var lead = tier.lead();
            var id = tier.id();
            names.put(id, tier.name());
            points.computeIfAbsent(id, t -> new ArrayList<>())
                    .add(new Point(
                            current.get().period(),
                            current.get().number(),
                            true,
                            lead.total().total().likeliest().map(Money::minor).orElse(null),
                            Optional.ofNullable(first.get(id))
                                    .map(f -> same(f, prices))
                                    .orElse(null),
                            goods(lead),
                            tier.band().low().map(Money::minor).orElse(null),
                            tier.band().high().map(Money::minor).orElse(null)));
        }
    }

    /** What an edition that is out told, it may go on telling. */
    private static @Nullable TierSum told(Cell goods) {
        return goods.known().map(m -> new TierSum(m.minor(), m.minor())).orElse(null);
    }

    private static @Nullable Long minor(Cell cell) {
        return cell.likeliest().map(Money::minor).orElse(null);
    }

    private static @Nullable TierSum goods(EvaluatedBuild build) {
        return PublicSum.ofGoods(build.prices(), build.plan().terms().zero())
                .map(TierSum::of)
                .orElse(null);
    }

    private static @Nullable String drift(List<Point> points, String currency) {
        var history = points.stream()
                .filter(p -> p.totalMinor() != null && p.lowMinor() != null && p.highMinor() != null)
                .map(p -> new Drift.Point(
                        Money.of(p.totalMinor(), currency),
                        Money.of(p.lowMinor(), currency),
                        Money.of(p.highMinor(), currency)))
                .toList();
        return Drift.of(history).map(Drift::sentence).orElse(null);
    }

    /** The goods of a list's counted lines at the prices of a day; absent when one of its parts has none. */
    private static @Nullable TierSum same(Publication.Build build, Prices prices) {
        var counted = build.lines().stream().filter(Publication.Line::isCounted).toList();
        var typed = counted.stream()
                .filter(l -> parts(l.key()).isEmpty())
                .flatMap(l -> l.price().known().stream())
                .mapToLong(Money::minor)
                .sum();
        var items = counted.stream()
                .filter(l -> !parts(l.key()).isEmpty())
                .map(l -> new SameChoices.Item(parts(l.key()), l.quantity()))
                .toList();
        return new SameChoices(items)
                .goods(Money.of(typed, prices.currency()), prices::of)
                .map(TierSum::of)
                .orElse(null);
    }

    /** The parts that a choice's key names, one or those of a set; none for what has a typed price. */
    private static List<UUID> parts(String key) {
        return key.matches("(part|set):[0-9a-f,-]+")
                ? java.util.Arrays.stream(key.substring(key.indexOf(':') + 1).split(","))
                        .map(UUID::fromString)
                        .toList()
                : List.of();
    }

    /** What each part was to be had for on a day. */
    private record Prices(String currency, Map<UUID, SameChoices.DayPrice> byPart) {
        Optional<SameChoices.DayPrice> of(UUID part) {
            return Optional.ofNullable(byPart.get(part));
        }
    }

    /**
     * Of a day, or of the last day of three weeks before that has prices; in the guide's currency and in the conditions that
     * its policy admits now, so that a curve never steps from one to another.
     */
    private Prices pricesOn(GuideInfo guide, LocalDate day, PricePolicy policy) {
        var currency = guide.currency();
        return new Prices(
                currency,
                db.resultQuery(
                                """
                        select distinct on (d.variant_id) d.variant_id, d.bookable_minor,
                          s.may_stand as stands
                        from price_day d join shop s on s.id = d.shop_id
                        where d.day > cast(? as date) and d.day <= cast(? as date) and d.bookable_minor is not null
                          and d.currency = ? and d.condition = any(?)
                          and (d.guide_id is null or d.guide_id = ?)
                        order by d.variant_id, d.day desc, d.bookable_minor
                        """,
                                day.minusDays(21),
                                day,
                                currency,
                                policy.conditions().stream()
                                        .map(Condition::name)
                                        .toArray(String[]::new),
                                guide.id())
                        .fetchMap(
                                r -> r.get("variant_id", UUID.class),
                                r -> new SameChoices.DayPrice(
                                        Money.of(r.get("bookable_minor", Long.class), currency),
                                        r.get("stands", Boolean.class))));
    }
}
