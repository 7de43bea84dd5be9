package lowfield.server.platform;

import jakarta.annotation.PostConstruct;
import java.io.IOException;
import java.util.Arrays;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.exception.DataAccessException;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;

/** Keeps a server from working on a database of another version: it may not change tables, so it could only fail later. */
@Component
class SchemaVersion {
    private static final String APPLIED =
            "select version from flyway_schema_history where success and version is not null order by installed_rank desc limit 1";

    private final DSLContext db;

    SchemaVersion(DSLContext db) {
        this.db = db;
    }

    @PostConstruct
    void check() throws IOException {
        var known = Arrays.stream(
                        new PathMatchingResourcePatternResolver().getResources("classpath:db/migration/V*.sql"))
                .map(r -> String.valueOf(r.getFilename()).replaceAll("^V([0-9]+)__.*", "$1"))
                .max(String::compareTo)
                .orElseThrow();
        var applied = applied().orElse("none");
        if (!known.equals(applied)) {
            throw new IllegalStateException(
                    "The database has version %s and this server needs %s. Start it with ./lowfield start, which brings the database up to date."
                            .formatted(applied, known));
        }
    }

    private Optional<String> applied() {
        try {
            return db.resultQuery(APPLIED).fetchOptional(0, String.class);
        } catch (DataAccessException | org.springframework.dao.DataAccessException none) {
            return Optional.empty();
        }
    }
}
