package lowfield.server.guide;

import static lowfield.db.Tables.EDITION_BUILD;
import static lowfield.db.Tables.EDITION_TIER;
import static lowfield.db.Tables.FINDING_ANSWER;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lowfield.db.tables.records.EditionBuildRecord;
import lowfield.db.tables.records.EditionTierRecord;
import lowfield.db.tables.records.FindingAnswerRecord;
import lowfield.server.platform.Json;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** The tiers of an edition as rows. */
@Component
public class TierRows {
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

    private Map<UUID, Map<String, String>> answers(UUID edition) {
        return db.selectFrom(FINDING_ANSWER).where(FINDING_ANSWER.EDITION_ID.eq(edition)).fetch().stream()
                .collect(Collectors.groupingBy(
                        FindingAnswerRecord::getBuildId,
                        Collectors.toUnmodifiableMap(
                                FindingAnswerRecord::getFingerprint, FindingAnswerRecord::getAnswer)));
    }

    private static TierInfo info(
            EditionTierRecord r, List<EditionBuildRecord> builds, Map<UUID, Map<String, String>> answers) {
        return new TierInfo(
                r.getTierId(),
                form(r),
                builds.stream()
                        .map(b -> new TierInfo.BuildInfo(
                                b.getBuildId(),
                                b.getName(),
                                b.getNote(),
                                b.getVersion(),
                                answers.getOrDefault(b.getBuildId(), Map.of())))
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
                r.getShowsBuilds());
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
    }
}
