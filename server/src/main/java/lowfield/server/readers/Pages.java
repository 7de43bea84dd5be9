package lowfield.server.readers;

import static lowfield.db.Tables.EDITION;
import static lowfield.db.Tables.GUIDE;
import static lowfield.db.Tables.READER_PAGE;
import static lowfield.db.Tables.REVISION;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.zip.GZIPOutputStream;
import lowfield.core.press.Publication;
import lowfield.server.archive.Archive;
import lowfield.server.platform.Json;
import lowfield.server.platform.Notices;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.boot.context.event.ApplicationStartedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/** Renders a guide's pages from its frozen snapshots and keeps them as bytes; part of the publishing transaction. */
@Service
public class Pages {
    private static final String HTML = "text/html; charset=utf-8";

    private final DSLContext db;
    private final Archive archive;
    private final ITemplateEngine templates;
    private final EditionPage page;
    private final Notices notices;
    private final Clock clock;

    Pages(DSLContext db, Archive archive, ITemplateEngine templates, Notices notices, Clock clock) {
        this.db = db;
        this.archive = archive;
        this.templates = templates;
        this.page = new EditionPage(templates);
        this.notices = notices;
        this.clock = clock;
    }

    /** One row of the archive. */
    public record ArchiveRow(int number, String month, String published, String path, boolean current) {}

    public static String path(String slug, int edition) {
        return "/" + slug + "/editions/" + edition;
    }

    /** Renders the pages of a revision that was just published, and those of the guide that name it; no other. */
    public void render(UUID guide, Archive.Revision revision) {
        var published = revision.publication();
        edition(guide, published, revision);
        fronts(guide, published, revision);
        notices.changed(Notices.Topic.PAGES);
    }

    private void edition(UUID guide, Publication published, Archive.Revision revision) {
        var path = path(published.guide().slug(), published.number());
        keep(guide, Optional.of(published.number()), path, HTML, page.of(published, path, revision.hash()));
        keep(guide, Optional.empty(), path + ".json", "application/json", plain(revision.json()));
    }

    /** The guide's own address, which shows its current edition, and its archive. */
    private void fronts(UUID guide, Publication current, Archive.Revision revision) {
        var slug = current.guide().slug();
        keep(
                guide,
                Optional.of(current.number()),
                "/" + slug,
                HTML,
                page.of(current, path(slug, current.number()), revision.hash()));
        keep(guide, Optional.empty(), "/" + slug + "/archive", HTML, plain(archivePage(guide, current)));
    }

    /** Renders once more what was kept before pages had slots. */
    @EventListener(ApplicationStartedEvent.class)
    public void renderWhatHasNoSlots() {
        db.selectDistinct(READER_PAGE.GUIDE_ID)
                .from(READER_PAGE)
                .where(READER_PAGE.SLOTS.isNull())
                .fetch(READER_PAGE.GUIDE_ID)
                .forEach(this::renderAll);
    }

    private void renderAll(UUID guide) {
        var revisions = archive.of(guide);
        for (var revision : revisions) {
            edition(guide, revision.publication(), revision);
        }
        var latest = revisions.get(revisions.size() - 1);
        fronts(guide, latest.publication(), latest);
        notices.changed(Notices.Topic.PAGES);
    }

    /** The page as it would be; its slots are empty. */
    public String preview(Publication published) {
        var path = path(published.guide().slug(), published.number());
        return new String(page.of(published, path, "").body(), StandardCharsets.UTF_8);
    }

    private static SlotMarks.Cut plain(String text) {
        return new SlotMarks.Cut(text.getBytes(StandardCharsets.UTF_8), List.of());
    }

    private String archivePage(UUID guide, Publication current) {
        var words = Wording.of(current.guide());
        var rows = db.select(EDITION.NUMBER, EDITION.PERIOD, DSL.max(REVISION.PUBLISHED_AT))
                .from(EDITION)
                .join(REVISION)
                .on(REVISION.EDITION_ID.eq(EDITION.ID))
                .where(EDITION.GUIDE_ID.eq(guide))
                .groupBy(EDITION.NUMBER, EDITION.PERIOD)
                .orderBy(EDITION.NUMBER.desc())
                .fetch(r -> new ArchiveRow(
                        r.value1(),
                        words.month(r.value2()),
                        words.date(r.value3().toInstant()),
                        path(current.guide().slug(), r.value1()),
                        r.value1() == current.number()));
        var context = new Context(Locale.forLanguageTag(current.guide().locale()));
        context.setVariable("guide", current.guide());
        context.setVariable("home", "/" + current.guide().slug());
        context.setVariable("rows", rows);
        return templates.process("archive", context);
    }

    private void keep(UUID guide, Optional<Integer> edition, String path, String type, SlotMarks.Cut page) {
        db.insertInto(READER_PAGE)
                .set(READER_PAGE.PATH, path)
                .set(READER_PAGE.GUIDE_ID, guide)
                .set(READER_PAGE.CONTENT_TYPE, type)
                .set(READER_PAGE.BODY, page.body())
                .set(READER_PAGE.ZIPPED, zipped(page.body()))
                .set(READER_PAGE.ETAG, etag(page.body()))
                .set(READER_PAGE.RENDERED_AT, OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC))
                .set(READER_PAGE.EDITION_NUMBER, edition.orElse(null))
                .set(READER_PAGE.SLOTS, Json.jsonb(page.slots()))
                .onConflict(READER_PAGE.PATH)
                .doUpdate()
                .setAllToExcluded()
                .execute();
    }

    static byte[] zipped(byte[] body) {
        var out = new ByteArrayOutputStream();
        try (var zip = new GZIPOutputStream(out)) {
            zip.write(body);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return out.toByteArray();
    }

    static String etag(byte[] body) {
        try {
            return "\""
                    + HexFormat.of()
                            .formatHex(MessageDigest.getInstance("SHA-256").digest(body), 0, 12) + "\"";
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** The guides that have something published: name, address, current edition. */
    String front() {
        var rows = db.select(GUIDE.NAME, GUIDE.SLUG, EDITION.NUMBER)
                .from(GUIDE)
                .join(EDITION)
                .on(EDITION.GUIDE_ID.eq(GUIDE.ID).and(EDITION.STATE.eq("PUBLISHED")))
                .orderBy(GUIDE.NAME)
                .fetch(r -> Map.of("name", r.value1(), "path", "/" + r.value2(), "number", r.value3()));
        var context = new Context(Locale.ENGLISH);
        context.setVariable("guides", rows);
        return templates.process("front", context);
    }
}
