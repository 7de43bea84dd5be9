package lowfield.server.readers;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.nio.charset.StandardCharsets;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.server.edition.PublishedTotals;
import org.jooq.DSLContext;
import org.jooq.SQLDialect;
import org.jooq.impl.DSL;
import org.jooq.tools.jdbc.MockConnection;
import org.jooq.tools.jdbc.MockDataProvider;
import org.jooq.tools.jdbc.MockResult;
import org.junit.jupiter.api.Test;
import org.springframework.dao.DataAccessResourceFailureException;

/** What goes into the slots of a frozen page, with the database and the editions behind it stood in for. */
class SlotFillerTest {
    private static final UUID BUILD = new UUID(0, 7);
    private static final Clock NOW = Clock.fixed(Instant.parse("2026-12-03T06:00:00Z"), ZoneOffset.UTC);

    private final PublishedTotals totals = mock(PublishedTotals.class);

    private static DSLContext database(MockDataProvider answers) {
        return DSL.using(new MockConnection(answers), SQLDialect.POSTGRES);
    }

    /** A guide whose current edition has this number. */
    private static DSLContext current(int number) {
        return database(asked -> {
            var create = DSL.using(SQLDialect.POSTGRES);
            var fields = List.of(
                    DSL.field("id", UUID.class),
                    DSL.field("number", Integer.class),
                    DSL.field("period", LocalDate.class),
                    DSL.field("slug", String.class),
                    DSL.field("locale", String.class),
                    DSL.field("zone", String.class),
                    DSL.field("currency", String.class));
            var row = create.newRecord(fields.toArray(org.jooq.Field[]::new));
            row.fromArray(new UUID(0, 1), number, LocalDate.of(2026, 12, 1), "a&b", "en", "CET", "EUR");
            var result = create.newResult(fields.toArray(org.jooq.Field[]::new));
            result.add(row);
            return new MockResult[] {new MockResult(1, result)};
        });
    }

    private static FrozenPage page(int edition, PageSlot... slots) {
        var body = "<i></i><b></b>".getBytes(StandardCharsets.UTF_8);
        return new FrozenPage(new UUID(0, 2), Optional.of(edition), "text/html", body, body, "\"x\"", List.of(slots));
    }

    private Optional<String> filled(DSLContext db, FrozenPage page) {
        return new SlotFiller(db, totals, NOW).filled(page).map(b -> new String(b, StandardCharsets.UTF_8));
    }

    @Test
    void anOlderEditionSaysWhichOneIsCurrentAndNothingOfToday() {
        var page =
                page(12, new PageSlot(3, PageSlot.Kind.SUPERSEDED, null), new PageSlot(10, PageSlot.Kind.TODAY, BUILD));
        assertThat(filled(current(13), page))
                .hasValueSatisfying(html -> assertThat(html)
                        .startsWith("<i><p class=\"older\">")
                        .contains("<a href=\"/a&amp;b\">Edition 13, December 2026 is current.</a>")
                        .endsWith("</i><b></b>"));
        verify(totals, never()).today(any(), any(), any());
    }

    @Test
    void theCurrentEditionIsNotSuperseded() {
        assertThat(filled(current(12), page(12, new PageSlot(3, PageSlot.Kind.SUPERSEDED, null))))
                .hasValue("<i></i><b></b>");
    }

    @Test
    void whileTheDatabaseIsAwayThePageIsAsItWasFrozen() {
        var away = database(asked -> {
            throw new SQLException("connection refused");
        });
        assertThat(filled(away, page(12, new PageSlot(3, PageSlot.Kind.SUPERSEDED, null))))
                .isEmpty();
        when(totals.today(any(), any(), any())).thenThrow(new DataAccessResourceFailureException("connection lost"));
        assertThat(filled(current(12), page(12, new PageSlot(10, PageSlot.Kind.TODAY, BUILD))))
                .isEmpty();
    }

    @Test
    void aPageWithoutSlotsAsksNobody() {
        var never = database(asked -> {
            throw new AssertionError("asked " + asked.sql());
        });
        assertThat(filled(never, page(12))).isEmpty();
    }
}
