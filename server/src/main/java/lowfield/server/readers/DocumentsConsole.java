package lowfield.server.readers;

import static lowfield.db.Tables.EDITION;
import static lowfield.db.Tables.GUIDE;
import static lowfield.db.Tables.REVISION;

import java.sql.SQLException;
import lowfield.server.archive.Documents;
import lowfield.server.platform.DatabaseConsole;
import org.jooq.DSLContext;
import org.thymeleaf.spring6.SpringTemplateEngine;
import org.thymeleaf.templatemode.TemplateMode;
import org.thymeleaf.templateresolver.ClassLoaderTemplateResolver;

/**
 * Renders on the console every document that was ever published, from a database that nobody changes. Ends with 1 and names
 * those that cannot be read or rendered.
 */
public final class DocumentsConsole {
    private final EditionPage page;
    private int broken;

    private DocumentsConsole(EditionPage page) {
        this.page = page;
    }

    public static void main(String[] arguments) throws SQLException {
        try (var database = DatabaseConsole.as("LOWFIELD_DB_OWNER", "LOWFIELD_DB_OWNER_PASSWORD")) {
            var console = new DocumentsConsole(new EditionPage(templates()));
            var documents = console.render(database.db());
            if (console.broken > 0) {
                System.exit(1);
            }
            System.out.println("Documents rendered: " + documents);
        }
    }

    /** As the server has them: resources under "reader", and no others. */
    private static SpringTemplateEngine templates() {
        var resolver = new ClassLoaderTemplateResolver();
        resolver.setPrefix("reader/");
        resolver.setSuffix(".html");
        resolver.setTemplateMode(TemplateMode.HTML);
        resolver.setCharacterEncoding("UTF-8");
        var engine = new SpringTemplateEngine();
        engine.setTemplateResolver(resolver);
        return engine;
    }

    private int render(DSLContext db) {
        var documents = db.select(GUIDE.SLUG, EDITION.NUMBER, REVISION.NUMBER, REVISION.SNAPSHOT)
                .from(REVISION)
                .join(EDITION)
                .on(EDITION.ID.eq(REVISION.EDITION_ID))
                .join(GUIDE)
                .on(GUIDE.ID.eq(EDITION.GUIDE_ID))
                .orderBy(GUIDE.SLUG, EDITION.NUMBER, REVISION.NUMBER)
                .fetch();
        documents.forEach(
                d -> render("%s, edition %d, revision %d".formatted(d.value1(), d.value2(), d.value3()), d.value4()));
        return documents.size();
    }

    private void render(String name, String document) {
        try {
            var published = Documents.read(document);
            page.of(published, Pages.path(published.guide().slug(), published.number()), "");
        } catch (RuntimeException failed) {
            broken++;
            System.err.println("Lowfield: no page can be made of " + name.replaceAll("\\p{Cntrl}", " "));
        }
    }
}
