package lowfield.server.guide;

import static lowfield.db.Tables.AUTHOR_TEXT;
import static lowfield.db.Tables.EDITION_BUILD;
import static lowfield.db.Tables.EDITION_TIER;
import static lowfield.db.Tables.FINDING_ANSWER;
import static lowfield.db.Tables.LINE;
import static lowfield.db.Tables.LINE_OPTION;
import static org.jooq.impl.DSL.select;
import static org.jooq.impl.DSL.val;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.reason.SentencesOfNow;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Table;
import org.springframework.stereotype.Component;

/** Carries an edition over into the next: tiers, builds, lines, options, answers and the author's texts, row for row. */
@Component
class EditionCopy {
    private final DSLContext db;

    EditionCopy(DSLContext db) {
        this.db = db;
    }

    /** @param locale the guide's, in which its texts are written */
    void carryOver(UUID from, UUID to, Locale locale) {
        copy(EDITION_TIER, EDITION_TIER.EDITION_ID, from, to, EDITION_TIER.VERSION);
        copy(EDITION_BUILD, EDITION_BUILD.EDITION_ID, from, to, EDITION_BUILD.VERSION);
        copy(LINE, LINE.EDITION_ID, from, to, LINE.VERSION);
        copy(LINE_OPTION, LINE_OPTION.EDITION_ID, from, to, LINE_OPTION.VERSION);
        copy(FINDING_ANSWER, FINDING_ANSWER.EDITION_ID, from, to);
        copy(AUTHOR_TEXT, AUTHOR_TEXT.EDITION_ID, from, to, AUTHOR_TEXT.VERSION);
        leaveToRead(to, SentencesOfNow.in(locale));
    }

    /** What of the texts speaks of the last edition's period is left to read. */
    private void leaveToRead(UUID edition, SentencesOfNow now) {
        for (var text : db.selectFrom(AUTHOR_TEXT)
                .where(AUTHOR_TEXT.EDITION_ID.eq(edition))
                .fetch()) {
            var toRead = Stream.of(text.getIntroduction(), text.getVerdict())
                    .flatMap(t -> now.of(t).stream())
                    .distinct()
                    .collect(Collectors.joining("\n"));
            text.setUnread(toRead);
            text.store();
        }
    }

    /** Every row of one edition once more for another, but for the columns that begin anew. */
    private void copy(Table<?> table, Field<UUID> edition, UUID from, UUID to, Field<?>... anew) {
        var carried = Arrays.stream(table.fields())
                .filter(f -> !f.equals(edition) && !List.of(anew).contains(f))
                .toList();
        var into = new ArrayList<Field<?>>(carried);
        into.add(edition);
        var values = new ArrayList<Field<?>>(carried);
        values.add(val(to));
        db.insertInto(table, into)
                .select(select(values).from(table).where(edition.eq(from)))
                .execute();
    }
}
