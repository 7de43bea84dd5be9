package lowfield.server.readers;

import static lowfield.db.Tables.READER_PAGE;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Optional;
import lowfield.db.tables.records.ReaderPageRecord;
import lowfield.server.platform.Json;
import lowfield.server.platform.Notices;
import org.jooq.DSLContext;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * The frozen pages. They are kept in memory until something is published, so that readers get them while the database is
 * away.
 */
@Component
class FrozenPages {
    /** Bytes of pages that are kept; the newest of them from the start. */
    private static final long MOST_BYTES = 64_000_000;

    private static final int AT_START = 300;

    private final DSLContext db;
    private final Cache<String, Optional<FrozenPage>> kept = Caffeine.newBuilder()
            .maximumWeight(MOST_BYTES)
            .weigher((String path, Optional<FrozenPage> page) -> path.length()
                    + page.map(p -> p.body().length + p.zipped().length).orElse(0))
            .build();

    FrozenPages(DSLContext db, Notices notices) {
        this.db = db;
        notices.whenChanged(topic -> {
            if (topic == Notices.Topic.PAGES) {
                kept.invalidateAll();
                keepAll();
            }
        });
    }

    /** The newest pages are at hand from the start. */
    @EventListener(ApplicationReadyEvent.class)
    void keepAll() {
        db.selectFrom(READER_PAGE)
                .orderBy(READER_PAGE.RENDERED_AT.desc(), READER_PAGE.PATH)
                .limit(AT_START)
                .forEach(row -> kept.put(row.getPath(), Optional.of(page(row))));
    }

    /** The page of a path; asked of the database when it is not at hand. */
    Optional<FrozenPage> at(String path) {
        return kept.get(
                path,
                p -> db.selectFrom(READER_PAGE).where(READER_PAGE.PATH.eq(p)).fetchOptional(FrozenPages::page));
    }

    private static FrozenPage page(ReaderPageRecord row) {
        var slots = row.getSlots() == null
                ? List.<Slot>of()
                : List.of(Json.read(row.getSlots().data(), Slot[].class));
        return new FrozenPage(
                row.getGuideId(),
                Optional.ofNullable(row.getEditionNumber()),
                row.getContentType(),
                row.getBody(),
                row.getZipped(),
                row.getEtag(),
                slots);
    }
}
