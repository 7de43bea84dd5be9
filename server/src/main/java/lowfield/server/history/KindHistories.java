package lowfield.server.history;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import lowfield.core.history.KindIndex;
import lowfield.core.part.Kind;
import lowfield.core.part.Pool;
import lowfield.server.catalogue.Parts;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How the prices of whole kinds move, read from the statistics of days and months. */
@Service
public class KindHistories {
    private static final int MONTHS = 18;

    private final DSLContext db;
    private final Parts parts;

    KindHistories(DSLContext db, Parts parts) {
        this.db = db;
        this.parts = parts;
    }

    /** A kind's index, the first month 100; a month that too few products tell of is not published. */
    public record Month(LocalDate month, @Nullable Double index, int matched, int carried, List<String> clearances) {}

    /** A kind through time. */
    public record KindHistory(Kind kind, String label, List<Month> months) {}

    /** The index of a kind over the last eighteen months. */
    @Transactional(readOnly = true)
    public KindHistory of(Kind kind, LocalDate today) {
        var months = new LinkedHashMap<LocalDate, Map<UUID, KindIndex.Quote>>();
        db.resultQuery("""
                        select month, variant_id, price_minor, ending from price_month
                        where kind = ? and month >= cast(? as date) and month <= cast(? as date) order by month
                        """, kind.name(), today.minusMonths(MONTHS).withDayOfMonth(1), today)
                .fetch()
                .forEach(r -> months.computeIfAbsent(r.get("month", LocalDate.class), m -> new HashMap<>())
                        .put(
                                r.get("variant_id", UUID.class),
                                new KindIndex.Quote(r.get("price_minor", Long.class), r.get("ending", Boolean.class))));
        var catalogue = parts.catalogue();
        var steps = KindIndex.of(List.copyOf(months.values()), part -> Pool.of(catalogue.part(part)));
        var views = new ArrayList<Month>();
        var month = months.keySet().iterator();
        for (var step : steps) {
            var first = views.isEmpty();
            views.add(new Month(
                    month.next(),
                    first || step.isPublished() ? step.level() * 100 : null,
                    step.matched(),
                    step.carried(),
                    step.clearances().stream()
                            .map(p -> catalogue.part(p).fullName())
                            .sorted()
                            .toList()));
        }
        return new KindHistory(kind, kind.label(), views);
    }

    /** By what factor each kind has moved since a day, where enough products tell. */
    @Transactional(readOnly = true)
    public Map<String, Double> moves(LocalDate since, LocalDate today) {
        var kinds = new HashMap<String, TreeMap<LocalDate, Map<UUID, KindIndex.Quote>>>();
        var catalogue = parts.catalogue();
        db.resultQuery("""
                        select f.kind, d.day, d.variant_id, min(d.bookable_minor) as minor
                        from price_day d
                        join variant v on v.id = d.variant_id
                        join product r on r.id = v.product_id
                        join family f on f.id = r.family_id
                        where d.day >= cast(? as date) and d.day <= cast(? as date)
                          and d.condition = 'NEW' and d.bookable_minor is not null and d.guide_id is null
                        group by 1, 2, 3
                        """, since, today).fetch().forEach(r -> {
            var part = r.get("variant_id", UUID.class);
            kinds.computeIfAbsent(r.get("kind", String.class), k -> new TreeMap<>())
                    .computeIfAbsent(r.get("day", LocalDate.class), d -> new HashMap<>())
                    .put(part, new KindIndex.Quote(r.get("minor", Long.class), false));
        });
        var moves = new HashMap<String, Double>();
        kinds.forEach((kind, days) -> {
            var steps = KindIndex.of(List.copyOf(days.values()), part -> Pool.of(catalogue.part(part)));
            if (steps.stream().skip(1).allMatch(KindIndex.Step::isPublished)) {
                moves.put(kind, steps.get(steps.size() - 1).level());
            }
        });
        return moves;
    }
}
