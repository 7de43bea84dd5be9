package lowfield.server.readers;

import static lowfield.db.Tables.READER_PAGE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;

import java.nio.charset.StandardCharsets;
import java.sql.SQLException;
import java.util.Set;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import lowfield.server.platform.Notices;
import org.jooq.JSONB;
import org.jooq.SQLDialect;
import org.jooq.impl.DSL;
import org.jooq.tools.jdbc.MockConnection;
import org.jooq.tools.jdbc.MockResult;
import org.junit.jupiter.api.Test;

/** Frozen pages while the database comes and goes. */
class FrozenPagesTest {
    private static final Notices.Change PUBLISHED = new Notices.Change(Notices.Topic.PAGES, Set.of());

    private final AtomicBoolean isAway = new AtomicBoolean();
    private final AtomicInteger asked = new AtomicInteger();
    private final AtomicInteger searched = new AtomicInteger();
    private final AtomicReference<String> body = new AtomicReference<>("first");
    private final AtomicReference<Consumer<Notices.Change>> listener = new AtomicReference<>();
    private final FrozenPages pages = pages();

    private FrozenPages pages() {
        var notices = mock(Notices.class);
        doAnswer(call -> {
                    listener.set(call.getArgument(0));
                    return null;
                })
                .when(notices)
                .whenChanged(any());
        var database = new MockConnection(question -> {
            if (isAway.get()) {
                throw new SQLException("connection refused");
            }
            var create = DSL.using(SQLDialect.POSTGRES);
            if (!question.sql().contains("body")) {
                searched.incrementAndGet();
                var paths = create.newResult(READER_PAGE.PATH);
                paths.add(create.newRecord(READER_PAGE.PATH).values("/guide"));
                return new MockResult[] {new MockResult(1, paths)};
            }
            asked.incrementAndGet();
            var row = create.newRecord(READER_PAGE);
            row.setPath("/guide");
            row.setContentType("text/html");
            row.setBody(body.get().getBytes(StandardCharsets.UTF_8));
            row.setZipped(new byte[0]);
            row.setEtag("\"x\"");
            row.setSlots(JSONB.valueOf("[]"));
            var result = create.newResult(READER_PAGE);
            result.add(row);
            return new MockResult[] {new MockResult(1, result)};
        });
        return new FrozenPages(DSL.using(database, SQLDialect.POSTGRES), notices);
    }

    private String at(String path) {
        return new String(pages.at(path).orElseThrow().body(), StandardCharsets.UTF_8);
    }

    /** Addresses that strangers make up cost neither the database nor memory. */
    @Test
    void unknownAddressesAskNothingAndStayNowhere() {
        at("/guide");
        var asked = this.asked.get();
        for (int n = 0; n < 1_000_000; n++) {
            assertThat(pages.at("/guide/" + n)).isEmpty();
        }
        assertThat(this.asked).hasValue(asked);
        assertThat(searched).hasValue(1);
        assertThat(pages.size()).isEqualTo(1);
    }

    @Test
    void aPageIsAskedForOnce() {
        at("/guide");
        at("/guide");
        assertThat(asked).hasValue(1);
    }

    @Test
    void afterSomethingWasPublishedItIsAskedForAgain() {
        at("/guide");
        body.set("second");
        assertThat(at("/guide")).isEqualTo("first");
        listener.get().accept(PUBLISHED);
        assertThat(at("/guide")).isEqualTo("second");
    }

    @Test
    void whileTheDatabaseIsAwayReadersGetWhatIsKept() {
        at("/guide");
        isAway.set(true);
        listener.get().accept(PUBLISHED);
        assertThat(at("/guide")).isEqualTo("first");
        assertThatThrownBy(() -> pages.at("/other")).isInstanceOf(org.jooq.exception.DataAccessException.class);
        isAway.set(false);
        body.set("second");
        assertThat(at("/guide")).isEqualTo("second");
    }

    @Test
    void whatIsAtHandFromTheStartNeedsNoDatabase() {
        pages.keepTheNewest();
        isAway.set(true);
        assertThat(at("/guide")).isEqualTo("first");
    }
}
