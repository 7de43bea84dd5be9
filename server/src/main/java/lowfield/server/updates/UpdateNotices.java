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
import lowfield.server.guide.GuideInfo;
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
     * @param guide the guide in whose draft it is looked at, as its address has it; absent where it is about none
     * @param view where in that guide
     */
    public record UpdateNotice(
            long id,
            String sentence,
            @Nullable UUID part,
            @Nullable String guide,
            @Nullable View view) {
        /** A view of a guide. */
        public enum View {
            DESK,
            PRESS,
            SETTINGS
        }
    }

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

    private static Optional<UpdateNotice.View> view(String kind) {
        return switch (kind) {
            case "answers-to-bind", "texts-to-read" -> Optional.of(UpdateNotice.View.DESK);
            case "exceptions-of-before" -> Optional.of(UpdateNotice.View.PRESS);
            case "handling-not-printed" -> Optional.of(UpdateNotice.View.SETTINGS);
            default -> Optional.empty();
        };
    }

    /** "1 answer", "3 answers". */
    private static String counted(JsonNode said, String one) {
        var count = said.path("count").asInt();
        return count + " " + one + (count == 1 ? "" : "s");
    }

    private UpdateNotice notice(UpdateNoticeRecord row) {
        var said = Json.read(row.getSaid().data(), JsonNode.class);
        var part = Optional.ofNullable(row.getVariantId())
                .map(id -> parts.catalogue().part(id));
        var name = part.map(p -> p.fullName()).orElse("a part");
        var guide = Optional.ofNullable(row.getGuideId()).map(guides::byId);
        var guideName = guide.map(GuideInfo::name).orElse("A guide");
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
                        .formatted(guideName);
            case "answers-to-bind" ->
                "%s: %s carried over. Confirm those shown as answered earlier."
                        .formatted(guideName, counted(said, "answer"));
            case "exceptions-of-before" ->
                "%s: exceptions for whole checks no longer count (%s). Give each problem its own."
                        .formatted(guideName, counted(said, "exception"));
            case "texts-to-read" ->
                "%s: %s carried over. Check what they say of the last month before publishing."
                        .formatted(guideName, counted(said, "text"));
            default -> name + ": changed by the update.";
        };
        return new UpdateNotice(
                row.getId(),
                sentence,
                part.map(p -> p.id()).orElse(null),
                guide.map(GuideInfo::slug).orElse(null),
                view(row.getKind()).filter(v -> guide.isPresent()).orElse(null));
    }
}
