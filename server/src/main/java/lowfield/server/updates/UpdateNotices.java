package lowfield.server.updates;

import static lowfield.db.Tables.UPDATE_NOTICE;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.money.Money;
import lowfield.db.tables.records.UpdateNoticeRecord;
import lowfield.server.accounts.Person;
import lowfield.server.catalogue.Parts;
import lowfield.server.guide.Guides;
import lowfield.server.platform.Json;
import lowfield.server.platform.NotFound;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

/** What an update changed in the data: told at the desk, each with its place, until somebody has read it. */
@Service
public class UpdateNotices {
    private final DSLContext db;
    private final Parts parts;
    private final Guides guides;
    private final Clock clock;

    UpdateNotices(DSLContext db, Parts parts, Guides guides, Clock clock) {
        this.guides = guides;
        this.db = db;
        this.parts = parts;
        this.clock = clock;
    }

    /**
     * One thing that changed.
     *
     * @param part where it is looked at; absent where it is about no part
     */
    public record UpdateNotice(
            long id, String sentence, @Nullable UUID part) {}

    /** Those that nobody has read, oldest first. */
    @Transactional(readOnly = true)
    public List<UpdateNotice> unread() {
        return db.selectFrom(UPDATE_NOTICE)
                .where(UPDATE_NOTICE.READ_AT.isNull())
                .orderBy(UPDATE_NOTICE.ID)
                .limit(200)
                .fetch(this::notice);
    }

    /** Somebody has read them. */
    @Transactional
    public void read(List<Long> ids, Person by) {
        var read = db.update(UPDATE_NOTICE)
                .set(UPDATE_NOTICE.READ_AT, OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC))
                .set(UPDATE_NOTICE.READ_BY, by.id())
                .where(UPDATE_NOTICE.ID.in(ids), UPDATE_NOTICE.READ_AT.isNull())
                .execute();
        if (read == 0) {
            throw new NotFound("These notices were read already.");
        }
    }

    private String guide(UpdateNoticeRecord row) {
        return Optional.ofNullable(row.getGuideId())
                .map(id -> guides.byId(id).name())
                .orElse("A guide");
    }

    private UpdateNotice notice(UpdateNoticeRecord row) {
        var said = Json.read(row.getSaid().data(), JsonNode.class);
        var part = Optional.ofNullable(row.getVariantId())
                .map(id -> parts.catalogue().part(id));
        var name = part.map(p -> p.fullName()).orElse("a part");
        var sentence = switch (row.getKind()) {
            case "price-ended" ->
                "%s: your price of %s ended. No guide names this part."
                        .formatted(
                                name,
                                Money.of(
                                        said.path("minor").asLong(),
                                        said.path("currency").asString().strip()));
            case "handling-not-printed" ->
                "%s no longer prints what people of the desk have built with, owned or tested. Turn it on in the guide's settings."
                        .formatted(guide(row));
            default -> name + ": changed by the update.";
        };
        return new UpdateNotice(row.getId(), sentence, part.map(p -> p.id()).orElse(null));
    }
}
