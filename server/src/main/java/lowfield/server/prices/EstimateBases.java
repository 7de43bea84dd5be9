package lowfield.server.prices;

import static lowfield.db.Tables.VARIANT;

import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.server.catalogue.Parts;
import lowfield.server.platform.Json;
import lowfield.server.platform.Notices;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** From what the estimates of parts follow that nobody sells yet. */
@Service
public class EstimateBases {
    private final DSLContext db;
    private final Parts parts;
    private final Notices notices;
    private final Clock clock;

    EstimateBases(DSLContext db, Parts parts, Notices notices, Clock clock) {
        this.clock = clock;
        this.db = db;
        this.parts = parts;
        this.notices = notices;
    }

    /** The basis of a part's estimate; absent when it has none. */
    public Optional<EstimateForm> of(UUID part) {
        return db.select(VARIANT.ESTIMATE)
                .from(VARIANT)
                .where(VARIANT.ID.eq(part), VARIANT.ESTIMATE.isNotNull())
                .fetchOptional(r -> Json.read(r.value1().data(), EstimateForm.class));
    }

    /** When the estimates of some parts were stated, by part; those that have no date or no estimate are left out. */
    public Map<UUID, Instant> statedAt(Collection<UUID> parts) {
        var stated = new HashMap<UUID, Instant>();
        db.select(VARIANT.ID, VARIANT.ESTIMATE)
                .from(VARIANT)
                .where(VARIANT.ID.in(ValueTable.of(parts.toArray(UUID[]::new))), VARIANT.ESTIMATE.isNotNull())
                .forEach(r -> Optional.ofNullable(
                                Json.read(r.value2().data(), EstimateForm.class).statedAt())
                        .ifPresent(at -> stated.put(r.value1(), at)));
        return stated;
    }

    /** The estimate is right as it stands, as of a moment; absent for one that had no date. */
    @Transactional
    public void date(UUID part, @Nullable Instant at) {
        of(part).ifPresent(form -> db.update(VARIANT)
                .set(VARIANT.ESTIMATE, Json.jsonb(form.stated(at)))
                .where(VARIANT.ID.eq(part))
                .execute());
    }

    /** Sets or, when absent, takes away the basis of a part's estimate. */
    @Transactional
    public void set(UUID part, Optional<EstimateForm> form) {
        var known = parts.catalogue().part(part);
        var now = form.map(f -> f.stated(clock.instant()));
        form.ifPresent(f -> {
            f.basis();
            Optional.ofNullable(f.comparable()).ifPresent(other -> {
                RuleBroken.unless(!other.equals(part), "A part cannot be compared with itself.");
                RuleBroken.unless(
                        parts.catalogue().part(other).kind() == known.kind(),
                        "An estimate compares parts of one kind.");
            });
            RuleBroken.unless(
                    f.type() != EstimateForm.Type.SUGGESTED
                            || known.suggestedPrice().isPresent(),
                    "%s has no MSRP to start from.",
                    known.fullName());
        });
        db.update(VARIANT)
                .set(VARIANT.ESTIMATE, now.map(Json::jsonb).orElse(null))
                .where(VARIANT.ID.eq(known.id()))
                .execute();
        notices.changed(Notices.Topic.OFFERS, List.of(known.id()));
    }
}
