package lowfield.server.history;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.history.Drift;
import lowfield.core.money.Money;
import lowfield.server.archive.Archive;
import lowfield.server.archive.Published;
import lowfield.server.bench.Workbench;
import lowfield.server.guide.EditionInfo;
import lowfield.server.guide.Editions;
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
    private final Workbench workbench;

    TierHistories(DSLContext db, Guides guides, Editions editions, Archive archive, Workbench workbench) {
        this.db = db;
        this.guides = guides;
        this.editions = editions;
        this.archive = archive;
        this.workbench = workbench;
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
            @Nullable Long sameGoodsMinor,
            @Nullable Long goodsMinor,
            @Nullable Long lowMinor,
            @Nullable Long highMinor) {}

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
        var points = new LinkedHashMap<UUID, List<Point>>();
        var names = new LinkedHashMap<UUID, String>();
        var first = new LinkedHashMap<UUID, Published.Build>();
        for (var edition : published) {
            var prices = pricesOn(
                    edition.publishedAt().atZone(java.time.ZoneOffset.UTC).toLocalDate());
            for (var tier : edition.tiers()) {
                var lead = tier.builds().get(0);
                names.put(tier.id(), tier.name());
                first.putIfAbsent(tier.id(), lead);
                var band = tier.band().band(guide.money());
                points.computeIfAbsent(tier.id(), t -> new ArrayList<>())
                        .add(new Point(
                                edition.period(),
                                edition.number(),
                                false,
                                lead.totalMinor(),
                                same(first.get(tier.id()), prices),
                                lead.goodsMinor(),
                                band.low().map(Money::minor).orElse(null),
                                band.high().map(Money::minor).orElse(null)));
            }
        }
        inWork(guide.id(), today, points, names, first);
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
            LocalDate today,
            Map<UUID, List<Point>> points,
            Map<UUID, String> names,
            Map<UUID, Published.Build> first) {
        var current = editions.of(guide).stream()
                .filter(e -> e.state() == EditionInfo.State.IN_WORK)
                .findFirst();
        if (current.isEmpty()) {
            return;
        }
        var prices = pricesOn(today);
        for (var tier : workbench.sheets(current.get().id()).tiers()) {
            var lead = tier.builds().get(0);
            var id = tier.tier().id();
            names.put(id, tier.tier().form().name());
            points.computeIfAbsent(id, t -> new ArrayList<>())
                    .add(new Point(
                            current.get().period(),
                            current.get().number(),
                            true,
                            lead.total().total().known().map(Money::minor).orElse(null),
                            Optional.ofNullable(first.get(id))
                                    .map(f -> same(f, prices))
                                    .orElse(null),
                            lead.total().goods().known().map(Money::minor).orElse(null),
                            tier.band().low().map(Money::minor).orElse(null),
                            tier.band().high().map(Money::minor).orElse(null)));
        }
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
    private static @Nullable Long same(Published.Build build, Map<UUID, Long> prices) {
        long sum = 0;
        for (var line : build.lines()) {
            if (!line.counted() || line.priceMinor() == null) {
                continue;
            }
            var parts = parts(line.key());
            if (parts.isEmpty()) {
                sum += line.priceMinor();
                continue;
            }
            var price = parts.stream()
                    .map(prices::get)
                    .filter(java.util.Objects::nonNull)
                    .min(Long::compare);
            if (price.isEmpty()) {
                return null;
            }
            sum += price.get() * line.quantity();
        }
        return sum;
    }

    /** The parts that a choice's key names, one or those of a set; none for what has a typed price. */
    private static List<UUID> parts(String key) {
        return key.matches("(part|set):[0-9a-f,-]+")
                ? java.util.Arrays.stream(key.substring(key.indexOf(':') + 1).split(","))
                        .map(UUID::fromString)
                        .toList()
                : List.of();
    }

    /** What each part was to be had for on a day, or on the last day of three weeks before that has prices. */
    private Map<UUID, Long> pricesOn(LocalDate day) {
        return db.resultQuery("""
                        select distinct on (variant_id) variant_id, bookable_minor from price_day
                        where day > cast(? as date) and day <= cast(? as date) and bookable_minor is not null
                        order by variant_id, day desc, bookable_minor
                        """, day.minusDays(21), day)
                .fetchMap(r -> r.get("variant_id", UUID.class), r -> r.get("bookable_minor", Long.class));
    }
}
