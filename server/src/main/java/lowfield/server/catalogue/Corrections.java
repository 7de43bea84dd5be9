package lowfield.server.catalogue;

import static lowfield.db.Tables.PART_CHANGE;
import static lowfield.db.Tables.PRODUCT_PAGE;
import static lowfield.db.Tables.VARIANT;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;
import lowfield.core.part.Part;
import lowfield.core.part.PartText;
import lowfield.core.part.Release;
import lowfield.db.tables.records.VariantRecord;
import lowfield.server.accounts.Person;
import lowfield.server.platform.Conflict;
import lowfield.server.platform.Json;
import lowfield.server.platform.NotFound;
import lowfield.server.platform.Notices;
import lowfield.server.platform.Stale;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;

/** Corrects parts: figures with where they are from, release state, advice against; and merges two that are one. */
@Service
public class Corrections {
    private static final TypeReference<Map<String, Object>> MAP = new TypeReference<>() {};
    private static final TypeReference<Map<String, Provenance>> SOURCES = new TypeReference<>() {};

    private final DSLContext db;
    private final Clock clock;
    private final Parts parts;
    private final Notices notices;

    Corrections(DSLContext db, Clock clock, Parts parts, Notices notices) {
        this.db = db;
        this.clock = clock;
        this.parts = parts;
        this.notices = notices;
    }

    /**
     * What changes of a part; what is absent stays. A figure that is given empty becomes not known. The source is kept
     * beside each figure given.
     */
    public record Correction(
            @Nullable Map<String, @Nullable Object> figures,
            @Nullable String source,
            @Nullable Release release,
            @Nullable String avoid,
            @Nullable Long suggestedMinor,
            @Nullable String suggestedCurrency) {}

    /** A change of a part: who made it, when, and what it was. */
    public record Change(OffsetDateTime at, UUID account, String what) {}

    /** Where a figure is from, and since when it stands. */
    public record Provenance(String source, String on) {}

    /** A part as it is stored, with its version and where its figures are from. */
    public record Stored(Part part, int version, Map<String, Object> provenance, List<Change> changes) {}

    public Stored stored(UUID id) {
        var part = parts.catalogue().part(id);
        var row = row(part.id(), false);
        var changes = db.selectFrom(PART_CHANGE)
                .where(PART_CHANGE.VARIANT_ID.eq(part.id()))
                .orderBy(PART_CHANGE.ID.desc())
                .limit(30)
                .fetch(r -> new Change(r.getAt(), r.getAccountId(), r.getWhat()));
        return new Stored(part, row.getVersion(), Json.read(row.getProvenance().data(), MAP), changes);
    }

    /** How many figures of each part say where they are from. */
    public Map<UUID, Integer> evidence(List<UUID> parts) {
        return db.selectFrom(VARIANT)
                .where(VARIANT.ID.in(parts))
                .fetchMap(VARIANT.ID, row -> (int) Json.read(row.getProvenance().data(), SOURCES).values().stream()
                        .filter(p -> !p.source().isBlank())
                        .count());
    }

    @Transactional
    public void correct(UUID id, Correction correction, int expected, Person by) {
        var part = parts.catalogue().part(id);
        var row = row(part.id(), true);
        if (row.getVersion() != expected) {
            throw new Stale(
                    "This part was changed meanwhile; nothing of yours was written over it.",
                    Json.read(row.getSpec().data(), MAP),
                    correction,
                    row.getVersion());
        }
        var before = state(row);
        var what = new java.util.ArrayList<String>();
        Optional.ofNullable(correction.figures())
                .ifPresent(f -> what.addAll(figures(row, part, f, correction.source())));
        Optional.ofNullable(correction.release()).ifPresent(r -> {
            row.setRelease(r.name());
            what.add("release: " + r.word());
        });
        Optional.ofNullable(correction.avoid()).ifPresent(a -> {
            row.setAvoid(a.isBlank() ? null : PartText.AVOID.of(a));
            what.add(a.isBlank() ? "no longer advised against" : "advised against");
        });
        Optional.ofNullable(correction.suggestedMinor()).ifPresent(minor -> {
            var currency = Optional.ofNullable(correction.suggestedCurrency()).orElse(Part.SUGGESTED_IN);
            var price = minor == 0 ? Optional.<Money>empty() : Optional.of(Money.price(minor, currency));
            row.setSuggestedMinor(price.map(Money::minor).orElse(null));
            row.setSuggestedCurrency(
                    price.map(m -> m.currency().getCurrencyCode()).orElse(null));
            what.add("suggested price");
        });
        RuleBroken.unless(!what.isEmpty(), "Nothing was given to correct.");
        row.setVersion(row.getVersion() + 1);
        row.update();
        keep(part.id(), by, String.join(", ", what), before, state(row));
    }

    private List<String> figures(
            VariantRecord row, Part part, Map<String, @Nullable Object> figures, @Nullable String source) {
        var schema = part.kind().schema();
        var spec = new LinkedHashMap<>(Json.read(row.getSpec().data(), MAP));
        var provenance = new LinkedHashMap<>(Json.read(row.getProvenance().data(), MAP));
        var words = Optional.ofNullable(source).orElse("").strip();
        RuleBroken.unless(words.length() <= 200, "A source takes at most 200 letters.");
        figures.forEach((name, value) -> {
            if (value == null || value.equals("")) {
                spec.remove(name);
                provenance.remove(name);
            } else {
                spec.put(name, value);
                var on = clock.instant().atOffset(ZoneOffset.UTC).toLocalDate().toString();
                provenance.put(name, new Provenance(words, on));
            }
        });
        var read = schema.read(spec);
        row.setSpec(Json.json(schema.write(read)));
        row.setProvenance(Json.jsonb(provenance));
        return figures.keySet().stream()
                .map(name -> schema.field(name).orElseThrow().label())
                .toList();
    }

    /** Makes one part of two: the first's pages go over to the second, and its id leads there for good. */
    @Transactional
    public void merge(UUID from, UUID into, int expected, Person by) {
        var gone = parts.catalogue().part(from);
        var stays = parts.catalogue().part(into);
        RuleBroken.unless(!gone.id().equals(stays.id()), "A part cannot be merged into itself.");
        RuleBroken.unless(
                gone.kind() == stays.kind(),
                "%s is a %s and %s a %s; only parts of one kind can be one.",
                gone.fullName(),
                gone.kind().label(),
                stays.fullName(),
                stays.kind().label());
        // Both are held, in one order: of two opposite merges at once the second finds the first done.
        var both = db.selectFrom(VARIANT)
                .where(VARIANT.ID.in(gone.id(), stays.id()))
                .orderBy(VARIANT.ID)
                .forUpdate()
                .fetchMap(VARIANT.ID);
        if (both.values().stream().anyMatch(v -> v.getMergedInto() != null)) {
            throw new Conflict("One of the two was merged meanwhile; look again before you merge anything.");
        }
        var row = both.get(gone.id());
        if (row.getVersion() != expected) {
            throw new Stale(
                    "This part was changed meanwhile; it was not merged.", state(row), "merged", row.getVersion());
        }
        var before = state(row);
        row.setMergedInto(stays.id());
        row.setVersion(row.getVersion() + 1);
        row.update();
        db.update(VARIANT)
                .set(VARIANT.MERGED_INTO, stays.id())
                .where(VARIANT.MERGED_INTO.eq(gone.id()))
                .execute();
        db.update(PRODUCT_PAGE)
                .set(PRODUCT_PAGE.VARIANT_ID, stays.id())
                .where(PRODUCT_PAGE.VARIANT_ID.eq(gone.id()))
                .execute();
        keep(gone.id(), by, "merged into " + stays.fullName(), before, state(row));
        notices.changed(Notices.Topic.CATALOGUE);
        notices.changed(Notices.Topic.OFFERS, List.of(gone.id(), stays.id()));
    }

    private void keep(UUID part, Person by, String what, Object before, Object after) {
        db.insertInto(PART_CHANGE)
                .set(PART_CHANGE.VARIANT_ID, part)
                .set(PART_CHANGE.ACCOUNT_ID, by.id())
                .set(PART_CHANGE.AT, OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC))
                .set(PART_CHANGE.WHAT, what.length() > 300 ? what.substring(0, 300) : what)
                .set(PART_CHANGE.BEFORE, Json.jsonb(before))
                .set(PART_CHANGE.AFTER, Json.jsonb(after))
                .execute();
        notices.changed(Notices.Topic.CATALOGUE, List.of(part));
    }

    private VariantRecord row(UUID id, boolean locked) {
        var select = db.selectFrom(VARIANT).where(VARIANT.ID.eq(id));
        return (locked ? select.forUpdate().fetchOptional() : select.fetchOptional())
                .orElseThrow(() -> new NotFound("There is no such part."));
    }

    private static Map<String, Object> state(VariantRecord row) {
        var state = new LinkedHashMap<String, Object>();
        state.put("spec", Json.read(row.getSpec().data(), MAP));
        state.put("release", row.getRelease());
        Optional.ofNullable(row.getAvoid()).ifPresent(a -> state.put("avoid", a));
        Optional.ofNullable(row.getSuggestedMinor()).ifPresent(m -> state.put("suggestedMinor", m));
        Optional.ofNullable(row.getMergedInto()).ifPresent(m -> state.put("mergedInto", m));
        return state;
    }
}
