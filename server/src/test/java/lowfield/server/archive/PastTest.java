package lowfield.server.archive;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.sql.SQLException;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.zip.ZipInputStream;
import lowfield.database.Access;
import lowfield.database.Contents;
import lowfield.database.Migration;
import lowfield.server.kit.Stage;
import lowfield.server.kit.TestCluster;
import lowfield.server.readers.Pages;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** The database of version 12 and what had been published of it, brought to the newest version: nothing of it is lost. */
class PastTest {
    private static final String NAME = "past_test";

    private static Access past;
    private static Contents before;

    @BeforeAll
    static void migrateThePast() throws SQLException {
        past = Stage.open().cluster.database(NAME);
        TestCluster.fillWithThePast(past);
        before = contents();
        new Migration(past, Stage.open().cluster.server.user(), Optional.empty()).run(Instant.now());
    }

    @AfterAll
    static void drop() {
        Stage.open().cluster.drop(NAME);
    }

    private static Contents contents() throws SQLException {
        try (var connection = past.open()) {
            return Contents.of(connection);
        }
    }

    @Test
    void everyRowAndEveryPublishedByteIsKept() throws SQLException {
        var now = contents();
        assertThat(now.hashes()).isEqualTo(before.hashes());
        var counted = new TreeMap<>(before.rows());
        counted.keySet()
                .removeIf(t -> t.equals("login_failure") || t.startsWith("spring_session") || t.startsWith("flyway"));
        // A typed price is kept once more for each guide that names its part.
        for (var grows : List.of("acceptance", "listing", "observation")) {
            assertThat(now.rows().get(grows)).isGreaterThanOrEqualTo(counted.remove(grows));
        }
        assertThat(now.rows()).containsAllEntriesOf(counted);
        assertThat(now.rows()).containsEntry("desk", 1L);
    }

    @Test
    void theDumpHoldsWhatIsHardToCarry() {
        Map.of(
                        "finding_answer", "answered cautions",
                        "waiver where edition_id = (select id from edition where state = 'IN_WORK')", "exceptions",
                        "command where form in ('UNDO', 'REDO')", "edits undone and redone",
                        "price_round where state = 'PAUSED'", "a round half-way")
                .forEach((from, what) -> assertThat(
                                Integer.parseInt(TestCluster.single(past, "select count(*) from " + from)))
                        .as(what)
                        .isPositive());
        assertThat(
                        TestCluster.single(
                                past,
                                "select count(distinct state) from round_page where round_id = (select id from price_round where state = 'PAUSED')"))
                .isEqualTo("2");
    }

    /** The price that was typed counts for the guide that names its part, as it did, and for no other. */
    @Test
    void aPriceTypedBeforeIsOfTheGuideThatNamesItsPart() {
        assertThat(TestCluster.single(
                        past,
                        "select string_agg(l.accepted_price_minor || ' ' || o.price_minor || ' ' || (g.id is not null), ';')"
                                + " from listing l join observation o on o.id = l.accepted_observation"
                                + " left join guide g on g.id = l.guide_id where o.account_id is not null"))
                .matches("(\\d+) \\1 true");
    }

    /** Answers from before wait, none is dropped; what a card length is measured with has the words of today. */
    @Test
    void answersAndFiguresFromBeforeAreStillThere() {
        assertThat(TestCluster.single(past, "select count(*) from finding_answer where length(fingerprint) < 64"))
                .isEqualTo(TestCluster.single(past, "select count(*) from finding_answer"));
        assertThat(TestCluster.single(
                        past, "select count(*) from variant where spec::text like '%with front fans in%'"))
                .isEqualTo("0");
        assertThat(Integer.parseInt(TestCluster.single(
                        past, "select count(*) from variant where spec::text like '%\"with front fans\"%'")))
                .isPositive();
    }

    @Test
    void theKeptDocumentsAndPagesAreThoseOfTheDatabase() throws Exception {
        var kept = published();
        assertThat(kept.keySet()).filteredOn(n -> n.startsWith("documents/")).hasSize(12);
        try (var connection = past.open();
                var statement = connection.createStatement()) {
            try (var pages = statement.executeQuery("select path, content_type, body from reader_page")) {
                while (pages.next()) {
                    var name =
                            "pages" + pages.getString(1) + (pages.getString(2).contains("html") ? ".html" : "");
                    assertThat(kept.get(name)).as(name).isEqualTo(pages.getBytes(3));
                }
            }
            try (var documents = statement.executeQuery(
                    "select e.number, r.number, r.snapshot from revision r join edition e on e.id = r.edition_id")) {
                while (documents.next()) {
                    var name = "documents/the-tidewater-guide-%02d-%d.json"
                            .formatted(documents.getInt(1), documents.getInt(2));
                    assertThat(new String(kept.get(name), StandardCharsets.UTF_8))
                            .as(name)
                            .isEqualTo(documents.getString(3));
                }
            }
        }
    }

    private static Map<String, byte[]> published() throws IOException {
        var files = new HashMap<String, byte[]>();
        try (var zip = new ZipInputStream(PastTest.class.getResourceAsStream("/past/published.zip"))) {
            for (var entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                var bytes = new ByteArrayOutputStream();
                zip.transferTo(bytes);
                files.put(entry.getName(), bytes.toByteArray());
            }
        }
        return files;
    }

    /** Each document that was ever published is read, and its page says the same to its readers as it did then. */
    @Test
    void pagesOfOldDocumentsKeepTheirVisibleText() throws IOException {
        var kept = published();
        var pages = Stage.open().bean(Pages.class);
        var documents = kept.keySet().stream()
                .filter(n -> n.startsWith("documents/"))
                .sorted()
                .toList();
        assertThat(documents).hasSize(12);
        for (var name : documents) {
            var document = Documents.read(new String(kept.get(name), StandardCharsets.UTF_8));
            var then = new String(
                    kept.get("pages/the-tidewater-guide/editions/%d.html".formatted(document.number())),
                    StandardCharsets.UTF_8);
            assertThat(visible(pages.preview(document))).as(name).isEqualTo(visible(then));
        }
    }

    /** Without what stands in slots, and the hash, which a preview has not. */
    private static String visible(String html) {
        var page = Jsoup.parse(html);
        page.select("p.older, p:has(span.hash)").remove();
        return page.body().text().replaceAll("\\s+", " ");
    }
}
