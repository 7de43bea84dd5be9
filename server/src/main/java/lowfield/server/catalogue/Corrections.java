package lowfield.server.catalogue;

import static lowfield.db.Tables.PART_CHANGE;
import static lowfield.db.Tables.PRODUCT;
import static lowfield.db.Tables.VARIANT;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeParseException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.Text;
import lowfield.core.money.Money;
import lowfield.core.part.Part;
import lowfield.core.part.PartText;
import lowfield.core.part.Release;
import lowfield.db.tables.records.VariantRecord;
import lowfield.server.accounts.Person;
import lowfield.server.platform.Json;
import lowfield.server.platform.NotFound;
import lowfield.server.platform.Notices;
import lowfield.server.platform.Stale;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;

/** Corrects parts: figures with where they are from, names, release state, advice against. */
@Service
public class Corrections {
    private static final TypeReference<Map<String, Object>> MAP = new TypeReference<>() {};

    private final DSLContext db;
    private final Clock clock;
    private final Parts parts;
    private final Notices notices;
    private final PartNames names;
    private final FigureSources figures;

    Corrections(DSLContext db, Clock clock, Parts parts, Notices notices, PartNames names, FigureSources figures) {
        this.db = db;
        this.clock = clock;
        this.parts = parts;
        this.notices = notices;
        this.names = names;
        this.figures = figures;
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
            @Nullable String suggestedCurrency,
            @Nullable String suggestedRegion,
            @Nullable String expectedOn,
            @Nullable String maker,
            @Nullable String product,
            @Nullable String version,
            @Nullable String gtin,
            @Nullable String makerNumber) {
        /** Figures alone, and where they are from. */
        public static Correction ofFigures(Map<String, @Nullable Object> figures, String source) {
            return new Correction(figures, source, null, null, null, null, null, null, null, null, null, null, null);
        }

        PartNames.Names names() {
            return new PartNames.Names(maker, product, version, gtin, makerNumber);
        }
    }

    /** A change of a part: who made it, when, and what it was. */
    public record Change(OffsetDateTime at, UUID account, String what) {}

    /** A part as it is stored, with its version and where its figures are from. */
    public record Stored(
            Part part, int version, Map<String, Object> provenance, List<Change> changes, Identity identity) {}

    /** What a part is called and known by, and what its maker announced. */
    public record Identity(
            String product,
            @Nullable String gtin,
            @Nullable String makerNumber,
            @Nullable LocalDate expectedOn,
            @Nullable String suggestedRegion) {}

    public Stored stored(UUID id) {
        var part = parts.stored(parts.catalogue().part(id).id());
        var row = row(part.id(), false);
        var changes = db.selectFrom(PART_CHANGE)
                .where(PART_CHANGE.VARIANT_ID.eq(part.id()))
                .orderBy(PART_CHANGE.ID.desc())
                .limit(30)
                .fetch(r -> new Change(r.getAt(), r.getAccountId(), r.getWhat()));
        var product = db.select(PRODUCT.NAME)
                .from(PRODUCT)
                .where(PRODUCT.ID.eq(row.getProductId()))
                .fetchSingle(PRODUCT.NAME);
        var identity = new Identity(
                product, row.getGtin(), row.getMakerNumber(), row.getExpectedOn(), row.getSuggestedRegion());
        return new Stored(part, row.getVersion(), Json.read(row.getProvenance().data(), MAP), changes, identity);
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
                .ifPresent(f -> what.addAll(figures.correct(row, part, f, correction.source())));
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
            what.add("MSRP");
        });
        announced(row, correction, what);
        what.addAll(names.change(row, part, correction.names()));
        RuleBroken.unless(!what.isEmpty(), "Nothing was given to correct.");
        row.setVersion(row.getVersion() + 1);
        row.update();
        keep(part.id(), by, String.join(", ", what), before, state(row));
    }

    private static void announced(VariantRecord row, Correction correction, List<String> what) {
        Optional.ofNullable(correction.suggestedRegion()).map(String::strip).ifPresent(region -> {
            RuleBroken.unless(region.length() <= 80 && Text.isOne(region), "A region has at most 80 letters.");
            row.setSuggestedRegion(region.isEmpty() ? null : region);
            what.add("region of the MSRP");
        });
        Optional.ofNullable(correction.expectedOn()).map(String::strip).ifPresent(day -> {
            row.setExpectedOn(day.isEmpty() ? null : day(day));
            what.add("expected day");
        });
    }

    private static LocalDate day(String text) {
        try {
            return LocalDate.parse(text);
        } catch (DateTimeParseException none) {
            throw new RuleBroken("An expected day is written like 2027-02-14.");
        }
    }

    void keep(UUID part, Person by, String what, Object before, Object after) {
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

    VariantRecord row(UUID id, boolean locked) {
        var select = db.selectFrom(VARIANT).where(VARIANT.ID.eq(id));
        return (locked ? select.forUpdate().fetchOptional() : select.fetchOptional())
                .orElseThrow(() -> new NotFound("There is no such part."));
    }

    static Map<String, Object> state(VariantRecord row) {
        var state = new LinkedHashMap<String, Object>();
        state.put("spec", Json.read(row.getSpec().data(), MAP));
        state.put("release", row.getRelease());
        state.put("product", row.getProductId().toString());
        state.put("version", row.getName());
        Optional.ofNullable(row.getGtin()).ifPresent(g -> state.put("gtin", g));
        Optional.ofNullable(row.getMakerNumber()).ifPresent(n -> state.put("makerNumber", n));
        Optional.ofNullable(row.getExpectedOn()).ifPresent(d -> state.put("expectedOn", d.toString()));
        Optional.ofNullable(row.getAvoid()).ifPresent(a -> state.put("avoid", a));
        Optional.ofNullable(row.getSuggestedMinor()).ifPresent(m -> state.put("suggestedMinor", m));
        Optional.ofNullable(row.getMergedInto()).ifPresent(m -> state.put("mergedInto", m));
        return state;
    }
}
