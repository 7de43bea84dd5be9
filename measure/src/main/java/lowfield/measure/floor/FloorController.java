package lowfield.measure.floor;

import static lowfield.db.Tables.GUIDE;
import static lowfield.db.Tables.SIGN_IN_THROTTLE;

import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Map;
import org.jooq.DSLContext;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RestController;

/** The least an authenticated read and write of this server can cost. */
@RestController
class FloorController {
    private final DSLContext db;

    FloorController(DSLContext db) {
        this.db = db;
    }

    @GetMapping("/api/floor/{slug}")
    Map<String, String> read(@PathVariable String slug) {
        return Map.of(
                "name",
                db.select(GUIDE.NAME).from(GUIDE).where(GUIDE.SLUG.eq(slug)).fetchSingle(GUIDE.NAME));
    }

    @PutMapping("/api/floor/{key}")
    Map<String, Integer> update(@PathVariable String key) {
        var now = OffsetDateTime.now(ZoneOffset.UTC);
        var used = db.insertInto(SIGN_IN_THROTTLE)
                .values("floor " + key, now, 0)
                .onConflict(SIGN_IN_THROTTLE.KEY)
                .doUpdate()
                .set(SIGN_IN_THROTTLE.SINCE, now)
                .returning(SIGN_IN_THROTTLE.USED)
                .fetchSingle()
                .getUsed();
        return Map.of("used", used);
    }
}
