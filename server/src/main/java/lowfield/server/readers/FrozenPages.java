package lowfield.server.readers;

import static lowfield.db.Tables.READER_PAGE;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicLong;
import lowfield.db.tables.records.ReaderPageRecord;
import lowfield.server.platform.Json;
import lowfield.server.platform.Notices;
import org.jooq.DSLContext;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;

/**
 * The frozen pages. They are kept in memory; after something is published each is asked of the database once more, and the
 * one that is kept is given while the database is away.
 */
@Component
class FrozenPages {
    /** Bytes of pages that are kept. */
    private static final long MOST_BYTES = 64_000_000;
    /** So many, the newest, are at hand from the start. */
    private static final int AT_START = 300;

    private final DSLContext db;
    /** Counts what was published since the start. */
    private final AtomicLong published = new AtomicLong();

    private final Cache<String, Kept> kept = Caffeine.newBuilder()
            .maximumWeight(MOST_BYTES)
            .weigher((String path, Kept page) -> path.length() + page.bytes())
            .build();

    /** What stood at a path when so much had been published. */
    private record Kept(FrozenPage page, long published) {
        int bytes() {
            return page.body().length + page.zipped().length;
        }
    }

    /**
     * The paths there were when so much had been published. An address that is none of them is answered without the
     * database, and nothing of it stays.
     */
    private record Paths(Set<String> all, long published) {}

    private volatile Paths paths = new Paths(Set.of(), -1);

    FrozenPages(DSLContext db, Notices notices) {
        this.db = db;
        notices.whenChanged(change -> {
            if (change.topic() == Notices.Topic.PAGES) {
                published.incrementAndGet();
            }
        });
    }

    @EventListener(ApplicationReadyEvent.class)
    void keepTheNewest() {
        var now = published.get();
        db.selectFrom(READER_PAGE)
                .orderBy(READER_PAGE.RENDERED_AT.desc(), READER_PAGE.PATH)
                .limit(AT_START)
                .forEach(row -> kept.put(row.getPath(), new Kept(page(row), now)));
    }

    /** The page of a path; absent where there is none. An error only when it is not kept and the database is away. */
    Optional<FrozenPage> at(String path) {
        var known = Optional.ofNullable(kept.getIfPresent(path));
        var now = published.get();
        if (known.filter(k -> k.published() == now).isPresent()) {
            return known.map(Kept::page);
        }
        try {
            return isKnown(path, now) ? read(path, now) : Optional.empty();
        } catch (DataAccessException | org.jooq.exception.DataAccessException away) {
            return Optional.of(known.orElseThrow(() -> away).page());
        }
    }

    private boolean isKnown(String path, long now) {
        if (paths.published() != now) {
            paths = new Paths(
                    Set.copyOf(db.select(READER_PAGE.PATH).from(READER_PAGE).fetch(READER_PAGE.PATH)), now);
        }
        return paths.all().contains(path);
    }

    private Optional<FrozenPage> read(String path, long now) {
        var read = db.selectFrom(READER_PAGE).where(READER_PAGE.PATH.eq(path)).fetchOptional(FrozenPages::page);
        read.ifPresent(page -> kept.put(path, new Kept(page, now)));
        return read;
    }

    /** How many pages are kept. */
    long size() {
        kept.cleanUp();
        return kept.estimatedSize();
    }

    private static FrozenPage page(ReaderPageRecord row) {
        var slots = row.getSlots() == null
                ? List.<PageSlot>of()
                : List.of(Json.read(row.getSlots().data(), PageSlot[].class));
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
