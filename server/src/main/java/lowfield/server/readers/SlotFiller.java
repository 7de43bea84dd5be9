package lowfield.server.readers;

import static lowfield.db.Tables.EDITION;
import static lowfield.db.Tables.GUIDE;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Currency;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import lowfield.server.edition.PublishedTotals;
import org.jooq.DSLContext;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.web.util.HtmlUtils;

/**
 * Fills the slots of a frozen page: on an older edition's page which one is current, on the current one's what each build
 * costs today. While the database is away they stay empty, and the page is as it was frozen.
 */
@Component
class SlotFiller {
    private static final Logger LOG = LoggerFactory.getLogger(SlotFiller.class);

    private final DSLContext db;
    private final PublishedTotals totals;
    private final Clock clock;

    SlotFiller(DSLContext db, PublishedTotals totals, Clock clock) {
        this.db = db;
        this.totals = totals;
        this.clock = clock;
    }

    /** The edition that readers are sent to. */
    private record Current(UUID guide, UUID id, int number, LocalDate period, String slug, Wording wording) {}

    /** The page with its slots filled; absent when all of them stay empty. */
    Optional<byte[]> filled(FrozenPage page) {
        if (page.slots().isEmpty() || page.edition().isEmpty()) {
            return Optional.empty();
        }
        try {
            return current(page.guide()).map(c -> filled(page, page.edition().get(), c));
        } catch (DataAccessException | org.jooq.exception.DataAccessException away) {
            LOG.warn("A page is served as it was frozen: {}", away.getMessage());
            return Optional.empty();
        }
    }

    private Optional<Current> current(UUID guide) {
        return db.select(
                        EDITION.ID,
                        EDITION.NUMBER,
                        EDITION.PERIOD,
                        GUIDE.SLUG,
                        GUIDE.LOCALE,
                        GUIDE.ZONE,
                        GUIDE.CURRENCY)
                .from(EDITION)
                .join(GUIDE)
                .on(GUIDE.ID.eq(EDITION.GUIDE_ID))
                .where(EDITION.GUIDE_ID.eq(guide), EDITION.STATE.eq("PUBLISHED"))
                .fetchOptional(r -> new Current(
                        guide,
                        r.value1(),
                        r.value2(),
                        r.value3(),
                        r.value4(),
                        new Wording(
                                Locale.forLanguageTag(r.value5()),
                                ZoneId.of(r.value6()),
                                Currency.getInstance(r.value7()))));
    }

    private byte[] filled(FrozenPage page, int edition, Current current) {
        var out = new ByteArrayOutputStream(page.body().length + 1024);
        var from = 0;
        for (var slot : page.slots()) {
            out.write(page.body(), from, slot.position() - from);
            out.writeBytes(words(slot, edition, current).getBytes(StandardCharsets.UTF_8));
            from = slot.position();
        }
        out.write(page.body(), from, page.body().length - from);
        return out.toByteArray();
    }

    private String words(PageSlot slot, int edition, Current current) {
        var isCurrent = edition == current.number();
        return switch (slot.kind()) {
            case SUPERSEDED -> isCurrent ? "" : superseded(current);
            case TODAY -> isCurrent && slot.build() != null ? today(current, slot.build()) : "";
        };
    }

    private static String superseded(Current current) {
        return "<p class=\"older\">This is an older edition, kept as it was published. <a href=\"/%s\">Edition %d, %s is current.</a></p>"
                .formatted(
                        HtmlUtils.htmlEscape(current.slug()),
                        current.number(),
                        HtmlUtils.htmlEscape(current.wording().month(current.period())));
    }

    private String today(Current current, UUID build) {
        var wording = current.wording();
        return totals.today(current.guide(), current.id(), build)
                .map(total -> "<p class=\"today\">%s: %s</p>"
                        .formatted(
                                wording.date(clock.instant()),
                                total.known()
                                        .map(m -> "to be had for " + wording.about(total))
                                        .orElse("not all of it can be had")))
                .orElse("");
    }
}
