package lowfield.server.guide;

import static lowfield.db.Tables.EDITION;
import static lowfield.db.Tables.EDITION_BUILD;
import static lowfield.db.Tables.EDITION_TIER;
import static lowfield.db.Tables.FINDING_ANSWER;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.check.GivenAnswers;
import lowfield.db.tables.records.EditionBuildRecord;
import lowfield.db.tables.records.EditionTierRecord;
import lowfield.server.platform.Json;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The tiers of an edition as rows. */
@Component
public class TierRows {
    /** The length of a fingerprint in hexadecimal; older ones are shorter. */
    private static final int FINGERPRINT = 64;

    private final DSLContext db;

    TierRows(DSLContext db) {
        this.db = db;
    }

    /** All tiers of an edition in their order. */
    List<TierInfo> of(UUID edition) {
        var answers = answers(edition);
        return db
                .select(EDITION_TIER, EDITION_BUILD)
                .from(EDITION_TIER)
                .join(EDITION_BUILD)
                .on(
                        EDITION_BUILD.EDITION_ID.eq(EDITION_TIER.EDITION_ID),
                        EDITION_BUILD.TIER_ID.eq(EDITION_TIER.TIER_ID))
                .where(EDITION_TIER.EDITION_ID.eq(edition))
                .orderBy(EDITION_TIER.POSITION, EDITION_BUILD.POSITION)
                .fetchGroups(r -> r.value1(), r -> r.value2())
                .entrySet()
                .stream()
                .map(e -> info(e.getKey(), e.getValue(), answers))
                .toList();
    }

    /** Answers of the guide up to this edition, the later ones over the earlier. */
    private Answers answers(UUID edition) {
        var own = EDITION.as("own");
        var shared = new HashMap<String, String>();
        var earlier = new HashMap<UUID, Map<String, List<String>>>();
        db.select(FINDING_ANSWER)
                .from(FINDING_ANSWER)
                .join(EDITION)
                .on(EDITION.ID.eq(FINDING_ANSWER.EDITION_ID))
                .join(own)
                .on(own.GUIDE_ID.eq(EDITION.GUIDE_ID))
                .where(own.ID.eq(edition), EDITION.NUMBER.le(own.NUMBER))
                .orderBy(EDITION.NUMBER, FINDING_ANSWER.AT)
                .forEach(r -> {
                    var answer = r.value1();
                    if (answer.getFingerprint().length() < FINGERPRINT) {
                        if (answer.getEditionId().equals(edition)) {
                            earlier.computeIfAbsent(answer.getBuildId(), b -> new HashMap<>())
                                    .computeIfAbsent(answer.getCheckId(), c -> new ArrayList<>())
                                    .add(answer.getAnswer());
                        }
                    } else if (answer.getWithdrawn()) {
                        shared.remove(answer.getFingerprint());
                    } else {
                        shared.put(answer.getFingerprint(), answer.getAnswer());
                    }
                });
        return new Answers(Map.copyOf(shared), earlier);
    }

    /** Answers by fingerprint, and those from before fingerprints were stable by build and check. */
    private record Answers(Map<String, String> shared, Map<UUID, Map<String, List<String>>> earlier) {
        GivenAnswers of(UUID build) {
            return new GivenAnswers(shared, earlier.getOrDefault(build, Map.of()));
        }
    }

    private static TierInfo info(EditionTierRecord r, List<EditionBuildRecord> builds, Answers answers) {
        return new TierInfo(
                r.getTierId(),
                form(r),
                builds.stream()
                        .map(b -> new TierInfo.BuildInfo(
                                b.getBuildId(),
                                b.getName(),
                                b.getNote(),
                                b.getVersion(),
                                answers.of(b.getBuildId()),
                                override(b.getPolicy()),
                                extras(b.getExtras())))
                        .toList(),
                r.getVersion());
    }

    /** One tier, held for an edit. */
    public Optional<EditionTierRecord> forUpdate(UUID edition, UUID tier) {
        return db.selectFrom(EDITION_TIER)
                .where(EDITION_TIER.EDITION_ID.eq(edition), EDITION_TIER.TIER_ID.eq(tier))
                .forUpdate()
                .fetchOptional();
    }

    public static TierForm form(EditionTierRecord r) {
        var band = new BandForm(
                BandForm.Type.valueOf(r.getBand()),
                r.getLowMinor(),
                r.getHighMinor(),
                r.getPointMinor(),
                r.getTolerancePermille());
        return new TierForm(
                r.getName(),
                r.getAudience(),
                r.getPromise(),
                band,
                r.getCountsShipping(),
                Json.read(r.getWishes().data(), WishForm.class),
                r.getShowsBuilds(),
                override(r.getPolicy()),
                r.getCountsTax());
    }

    public static void fill(EditionTierRecord row, TierForm form) {
        var band = form.band();
        row.setName(form.name().strip());
        row.setAudience(form.audience());
        row.setPromise(form.promise());
        row.setBand(band.type().name());
        row.setLowMinor(band.type() == BandForm.Type.FROM_TO ? band.fromMinor() : null);
        row.setHighMinor(band.type() == BandForm.Type.FROM_TO ? band.toMinor() : null);
        row.setPointMinor(band.type() == BandForm.Type.POINT ? band.pointMinor() : null);
        row.setTolerancePermille(
                band.type() == BandForm.Type.POINT
                        ? Optional.ofNullable(band.tolerancePermille()).orElse(0)
                        : null);
        row.setCountsShipping(form.countsShipping());
        row.setWishes(Json.jsonb(Optional.ofNullable(form.wishes()).orElse(WishForm.NONE)));
        row.setShowsBuilds(Boolean.TRUE.equals(form.showsBuilds()));
        row.setPolicy(stored(form.policy()));
        row.setCountsTax(form.isWithTax());
    }

    /** An override as it is read, and written. */
    public static @Nullable OverrideForm override(@Nullable JSONB stored) {
        return stored == null ? null : Json.read(stored.data(), OverrideForm.class);
    }

    public static @Nullable ExtrasForm extras(@Nullable JSONB stored) {
        return stored == null ? null : Json.read(stored.data(), ExtrasForm.class);
    }

    public static @Nullable JSONB stored(@Nullable ExtrasForm extras) {
        return extras == null ? null : Json.jsonb(extras);
    }

    public static @Nullable JSONB stored(@Nullable OverrideForm override) {
        return override == null ? null : Json.jsonb(override);
    }
}
