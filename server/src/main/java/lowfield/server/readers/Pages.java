package lowfield.server.readers;

import static lowfield.db.Tables.EDITION;
import static lowfield.db.Tables.GUIDE;
import static lowfield.db.Tables.READER_PAGE;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.zip.GZIPOutputStream;
import lowfield.server.archive.Archive;
import lowfield.server.archive.Published;
import lowfield.server.platform.Json;
import lowfield.server.platform.Notices;
import org.jooq.DSLContext;
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
    private final Notices notices;
    private final Clock clock;

    Pages(DSLContext db, Archive archive, ITemplateEngine templates, Notices notices, Clock clock) {
        this.db = db;
        this.archive = archive;
        this.templates = templates;
        this.notices = notices;
        this.clock = clock;
    }

    /** One row of the archive. */
    public record ArchiveRow(int number, String month, String published, String path, boolean current) {}

    public static String path(String slug, int edition) {
        return "/" + slug + "/editions/" + edition;
    }

    /** Renders every page of a guide anew, since older ones say which edition is current. */
    public void render(UUID guide) {
        var revisions = archive.of(guide);
        if (revisions.isEmpty()) {
            return;
        }
        var all = new ArrayList<Published>();
        for (var revision : revisions) {
            all.add(Json.read(revision.json(), Published.class));
        }
        var current = all.get(all.size() - 1);
        var slug = current.guide().slug();
        for (int i = 0; i < all.size(); i++) {
            var path = path(slug, all.get(i).number());
            keep(
                    guide,
                    path,
                    HTML,
                    edition(all.get(i), current, path, revisions.get(i).hash()));
            keep(guide, path + ".json", "application/json", revisions.get(i).json());
        }
        keep(
                guide,
                "/" + slug,
                HTML,
                edition(
                        current,
                        current,
                        path(slug, current.number()),
                        revisions.get(revisions.size() - 1).hash()));
        keep(guide, "/" + slug + "/archive", HTML, archivePage(all, current));
        notices.changed(Notices.Topic.PAGES);
    }

    String preview(Published published, Published current) {
        return edition(published, current, path(published.guide().slug(), published.number()), "");
    }

    public String preview(Published published) {
        return preview(published, published);
    }

    private String edition(Published published, Published current, String path, String hash) {
        var model = new PageModel(published);
        var context = new Context(Locale.forLanguageTag(published.guide().locale()));
        context.setVariable("guide", published.guide());
        context.setVariable("number", published.number());
        context.setVariable("month", model.words().month(published.period()));
        context.setVariable("prices", model.prices());
        context.setVariable("published", model.words().date(published.publishedAt()));
        context.setVariable("tabs", model.tabs());
        context.setVariable("tiers", model.tiers());
        context.setVariable("charts", model.charts());
        context.setVariable("path", path);
        context.setVariable("hash", hash);
        context.setVariable("home", "/" + published.guide().slug());
        context.setVariable(
                "superseded",
                published.number() == current.number()
                        ? ""
                        : "Edition " + current.number() + ", "
                                + Wording.of(current.guide()).month(current.period()));
        context.setVariable("data", data(published, model));
        return templates.process("edition", context);
    }

    private String archivePage(List<Published> all, Published current) {
        var rows = new ArrayList<ArchiveRow>();
        for (var published : all) {
            var model = new PageModel(published);
            rows.add(
                    0,
                    new ArchiveRow(
                            published.number(),
                            model.words().month(published.period()),
                            model.words().date(published.publishedAt()),
                            path(published.guide().slug(), published.number()),
                            published == current));
        }
        var context = new Context(Locale.forLanguageTag(current.guide().locale()));
        context.setVariable("guide", current.guide());
        context.setVariable("home", "/" + current.guide().slug());
        context.setVariable("rows", rows);
        return templates.process("archive", context);
    }

    /** schema.org data for machines; "<" is escaped so that nothing can end the script element early. */
    private static String data(Published published, PageModel model) {
        var items = new ArrayList<Map<String, Object>>();
        for (var tier : published.tiers()) {
            var item = new LinkedHashMap<String, Object>();
            item.put("@type", "ListItem");
            item.put("position", items.size() + 1);
            item.put(
                    "name",
                    tier.name() + ", "
                            + model.words().money(tier.builds().get(0).totalMinor()) + " "
                            + published.guide().currency());
            items.add(item);
        }
        var article = new LinkedHashMap<String, Object>();
        article.put("@context", "https://schema.org");
        article.put("@type", "Article");
        article.put("headline", published.guide().name() + ", edition " + published.number());
        article.put("datePublished", published.publishedAt().toString());
        article.put("inLanguage", published.guide().locale());
        article.put("mainEntity", Map.of("@type", "ItemList", "itemListElement", items));
        return Json.write(article).replace("<", "\\u003c");
    }

    private void keep(UUID guide, String path, String type, String text) {
        var body = text.getBytes(StandardCharsets.UTF_8);
        var now = OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
        db.insertInto(READER_PAGE)
                .values(path, guide, type, body, zipped(body), etag(body), now)
                .onConflict(READER_PAGE.PATH)
                .doUpdate()
                .set(READER_PAGE.BODY, body)
                .set(READER_PAGE.ZIPPED, zipped(body))
                .set(READER_PAGE.ETAG, etag(body))
                .set(READER_PAGE.RENDERED_AT, now)
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
