package lowfield.server.readers;

import static lowfield.db.Tables.EDITION;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import lowfield.core.money.Money;
import lowfield.server.edition.EditionLoader;
import lowfield.server.edition.LoadedEdition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/**
 * Today's bookable total beside the frozen one, as a small dated line, on the served page of a guide's current edition. The
 * page holds a mark for it; in files the mark stays what it is, a comment.
 */
@Component
class Todays {
    private static final Pattern PLACE = Pattern.compile("<!--today:([0-9]{1,6}):([0-9a-f-]{36})-->");

    private final DSLContext db;
    private final EditionLoader editions;
    private final Clock clock;

    Todays(DSLContext db, EditionLoader editions, Clock clock) {
        this.db = db;
        this.editions = editions;
        this.clock = clock;
    }

    /** Where the line of a build goes. */
    static String place(int edition, UUID build) {
        return "<!--today:%d:%s-->".formatted(edition, build);
    }

    /** The page with its lines; absent when it is not that of the current edition. */
    Optional<byte[]> beside(UUID guide, byte[] page) {
        var html = new String(page, StandardCharsets.UTF_8);
        var place = PLACE.matcher(html);
        if (!place.find()) {
            return Optional.empty();
        }
        return current(guide, Integer.parseInt(place.group(1))).map(edition -> {
            var loaded = editions.load(edition);
            return place.reset()
                    .replaceAll(
                            m -> java.util.regex.Matcher.quoteReplacement(line(loaded, UUID.fromString(m.group(2)))))
                    .getBytes(StandardCharsets.UTF_8);
        });
    }

    private Optional<UUID> current(UUID guide, int number) {
        return db.select(EDITION.ID)
                .from(EDITION)
                .where(EDITION.GUIDE_ID.eq(guide), EDITION.NUMBER.eq(number), EDITION.STATE.eq("PUBLISHED"))
                .fetchOptional(EDITION.ID);
    }

    private String line(LoadedEdition edition, UUID build) {
        var guide = edition.guide();
        var locale = Locale.forLanguageTag(guide.locale());
        var day = DateTimeFormatter.ofPattern("d MMMM yyyy", locale)
                .format(clock.instant().atZone(ZoneId.of(guide.zone())));
        return edition.evaluated()
                .build(build)
                .map(b -> b.available().total())
                .map(total -> "<p class=\"today\">%s: %s</p>"
                        .formatted(
                                day,
                                total.known()
                                        .map(m -> "to be had for " + written(m, locale))
                                        .orElse("not all of it can be had")))
                .orElse("");
    }

    private static String written(Money money, Locale locale) {
        var format = java.text.NumberFormat.getNumberInstance(locale);
        var digits = Math.max(0, money.currency().getDefaultFractionDigits());
        format.setMinimumFractionDigits(digits);
        format.setMaximumFractionDigits(digits);
        return format.format(money.major());
    }
}
