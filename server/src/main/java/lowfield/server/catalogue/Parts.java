package lowfield.server.catalogue;

import static lowfield.db.Tables.FAMILY;
import static lowfield.db.Tables.MAKER;
import static lowfield.db.Tables.PRODUCT;
import static lowfield.db.Tables.VARIANT;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.Executor;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;
import lowfield.core.part.Gtin;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.core.part.PartText;
import lowfield.core.part.Release;
import lowfield.core.part.spec.Spec;
import lowfield.server.platform.Json;
import lowfield.server.platform.Notices;
import lowfield.server.platform.Snapshot;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.JSON;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;

/** The catalogue's public face: its snapshot, and adding to it. */
@Service
public class Parts {
    private static final Logger LOG = LoggerFactory.getLogger(Parts.class);
    private static final TypeReference<Map<String, Object>> MAP = new TypeReference<>() {};

    private final DSLContext db;
    private final Clock clock;
    private final Notices notices;
    private final Snapshot<Catalogue> snapshot;

    Parts(DSLContext db, Clock clock, Notices notices, @Qualifier("applicationTaskExecutor") Executor background) {
        this.db = db;
        this.clock = clock;
        this.notices = notices;
        this.snapshot = new Snapshot<>(this::load, this::renewed).builtAhead(background, Catalogue::makeShelves);
        notices.whenChanged(change -> {
            if (change.topic() == Notices.Topic.CATALOGUE) {
                snapshot.invalidate(change);
            }
        });
    }

    /** A part to add: maker, family and product are found by name or made. */
    public record NewPart(
            Kind kind,
            String maker,
            String family,
            String name,
            String variant,
            @Nullable String gtin,
            @Nullable String makerNumber,
            @Nullable Release release,
            @Nullable Money suggestedPrice,
            @Nullable String avoid,
            Map<String, Object> spec) {}

    public Catalogue catalogue() {
        return snapshot.get();
    }

    @Transactional
    public Part add(NewPart part) {
        var maker = PartText.MAKER.of(part.maker());
        var name = PartText.PRODUCT.of(part.name());
        var family = PartText.family(PartText.FAMILY.of(part.family()), name);
        var number = given(part.makerNumber(), PartText.MAKER_NUMBER);
        var spec = part.kind().schema().read(part.spec());
        var gtin = Optional.ofNullable(part.gtin()).map(String::strip).filter(g -> !g.isEmpty());
        gtin.ifPresent(g -> refuseNumber(g, null));
        var product = productId(part.kind(), maker, family, name);
        var made = new Part(
                UUID.randomUUID(),
                product,
                part.kind(),
                maker,
                maker + " " + name,
                PartText.VARIANT.of(part.variant()),
                Optional.ofNullable(part.release()).orElse(Release.ON_SALE),
                Optional.ofNullable(part.suggestedPrice()),
                given(part.avoid(), PartText.AVOID),
                clock.instant(),
                spec);
        RuleBroken.unless(
                !db.fetchExists(VARIANT, VARIANT.PRODUCT_ID.eq(product).and(VARIANT.NAME.eq(made.variant()))),
                "%s is in the catalogue already; name another variant, or use that one.",
                made.fullName());
        db.insertInto(VARIANT)
                .set(VARIANT.ID, made.id())
                .set(VARIANT.PRODUCT_ID, product)
                .set(VARIANT.NAME, made.variant())
                .set(VARIANT.GTIN, gtin.orElse(null))
                .set(VARIANT.MAKER_NUMBER, number.orElse(null))
                .set(VARIANT.AVOID, made.avoid().orElse(null))
                .set(VARIANT.ADDED_AT, OffsetDateTime.ofInstant(made.added(), ZoneOffset.UTC))
                .set(VARIANT.RELEASE, made.release().name())
                .set(
                        VARIANT.SUGGESTED_MINOR,
                        made.suggestedPrice().map(Money::minor).orElse(null))
                .set(
                        VARIANT.SUGGESTED_CURRENCY,
                        made.suggestedPrice()
                                .map(m -> m.currency().getCurrencyCode())
                                .orElse(null))
                .set(VARIANT.SPEC, Json.json(part.kind().schema().write(spec)))
                .execute();
        notices.changed(Notices.Topic.CATALOGUE, List.of(made.id()));
        return made;
    }

    /** Refuses what is no number, and one that another part than this has. */
    void refuseNumber(String gtin, @Nullable UUID own) {
        RuleBroken.unless(
                Gtin.isOne(gtin),
                "A GTIN is %s; \"%s\" is none.",
                Gtin.RULE,
                gtin.length() > 20 ? gtin.substring(0, 20) + "…" : gtin);
        db.select(VARIANT.ID)
                .from(VARIANT)
                .where(DSL.ltrim(VARIANT.GTIN, DSL.inline("0")).eq(new Gtin(gtin).digits()))
                .fetchOptional(VARIANT.ID)
                .filter(other -> !other.equals(own))
                .ifPresent(other -> {
                    throw new RuleBroken("GTIN %s is the number of %s; a part has a number of its own."
                            .formatted(gtin, catalogue().part(other).fullName()));
                });
    }

    private static Optional<String> given(@Nullable String text, PartText words) {
        return Optional.ofNullable(text).filter(t -> !t.isBlank()).map(words::of);
    }

    /** The product of a name, with its maker and family; made when there is none. */
    UUID productId(Kind kind, String maker, String family, String name) {
        db.insertInto(MAKER, MAKER.NAME).values(maker).onConflictDoNothing().execute();
        var makerId =
                db.select(MAKER.ID).from(MAKER).where(MAKER.NAME.eq(maker)).fetchSingle(MAKER.ID);
        db.insertInto(FAMILY, FAMILY.MAKER_ID, FAMILY.KIND, FAMILY.NAME)
                .values(makerId, kind.name(), family)
                .onConflictDoNothing()
                .execute();
        var familyId = db.select(FAMILY.ID)
                .from(FAMILY)
                .where(FAMILY.MAKER_ID.eq(makerId), FAMILY.KIND.eq(kind.name()), FAMILY.NAME.eq(family))
                .fetchSingle(FAMILY.ID);
        db.insertInto(PRODUCT, PRODUCT.FAMILY_ID, PRODUCT.NAME)
                .values(familyId, name)
                .onConflictDoNothing()
                .execute();
        return db.select(PRODUCT.ID)
                .from(PRODUCT)
                .where(PRODUCT.FAMILY_ID.eq(familyId), PRODUCT.NAME.eq(name))
                .fetchSingle(PRODUCT.ID);
    }

    private Catalogue load() {
        var merged = db.select(VARIANT.ID, VARIANT.MERGED_INTO)
                .from(VARIANT)
                .where(VARIANT.MERGED_INTO.isNotNull())
                .fetchMap(VARIANT.ID, VARIANT.MERGED_INTO);
        return new Catalogue(read(DSL.noCondition()), merged);
    }

    /** The same with some parts read anew, none of which was merged. */
    private Catalogue renewed(Catalogue before, Set<UUID> changed) {
        return before.with(read(VARIANT.ID.in(changed)));
    }

    /** A part as the database has it in this very transaction, not as it was when the catalogue was last read. */
    Part stored(UUID id) {
        return read(VARIANT.ID.eq(id)).stream()
                .findFirst()
                .orElseGet(() -> catalogue().part(id));
    }

    private List<Part> read(Condition which) {
        return db.select(
                        VARIANT.ID,
                        VARIANT.PRODUCT_ID,
                        VARIANT.AVOID,
                        VARIANT.ADDED_AT,
                        VARIANT.NAME,
                        VARIANT.RELEASE,
                        VARIANT.SUGGESTED_MINOR,
                        VARIANT.SUGGESTED_CURRENCY,
                        VARIANT.SPEC,
                        PRODUCT.NAME,
                        FAMILY.KIND,
                        MAKER.NAME)
                .from(VARIANT)
                .join(PRODUCT)
                .on(PRODUCT.ID.eq(VARIANT.PRODUCT_ID))
                .join(FAMILY)
                .on(FAMILY.ID.eq(PRODUCT.FAMILY_ID))
                .join(MAKER)
                .on(MAKER.ID.eq(FAMILY.MAKER_ID))
                .where(VARIANT.MERGED_INTO.isNull())
                .and(which)
                .fetch(Parts::part);
    }

    private static Part part(Record r) {
        var kind = Kind.valueOf(r.get(FAMILY.KIND));
        var suggested = Optional.ofNullable(r.get(VARIANT.SUGGESTED_MINOR))
                .map(minor -> Money.of(minor, r.get(VARIANT.SUGGESTED_CURRENCY)));
        return new Part(
                r.get(VARIANT.ID),
                r.get(VARIANT.PRODUCT_ID),
                kind,
                r.get(MAKER.NAME),
                r.get(MAKER.NAME) + " " + r.get(PRODUCT.NAME),
                r.get(VARIANT.NAME),
                Release.valueOf(r.get(VARIANT.RELEASE)),
                suggested,
                Optional.ofNullable(r.get(VARIANT.AVOID)),
                r.get(VARIANT.ADDED_AT).toInstant(),
                figures(r.get(VARIANT.ID), kind, r.get(VARIANT.SPEC)));
    }

    /** What is stored and cannot be believed (any more) is not known, so that one part does not take all others away. */
    private static Spec figures(UUID part, Kind kind, JSON stored) {
        var outcome = kind.schema().tried(Json.read(stored.data(), MAP));
        outcome.wrong().forEach(w -> LOG.warn("A figure of part {} is not believed: {}", part, w.sentence()));
        return outcome.spec();
    }
}
