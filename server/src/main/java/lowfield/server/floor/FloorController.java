package lowfield.server.floor;

import static lowfield.db.Tables.GUIDE;
import static lowfield.db.Tables.LOGIN_FAILURE;

import io.swagger.v3.oas.annotations.Hidden;
import java.lang.management.ManagementFactory;
import java.lang.management.MemoryPoolMXBean;
import java.lang.management.MemoryType;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Map;
import org.jooq.DSLContext;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RestController;

/** The least an authenticated read and write of this server can cost. */
@Hidden
@RestController
@ConditionalOnProperty(name = "lowfield.floor", havingValue = "true")
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

    /** Megabytes of the heap in use after a collection, and the most since the last time this was asked. */
    @GetMapping("/api/floor/-/heap")
    Map<String, Long> heap() {
        var pools = ManagementFactory.getMemoryPoolMXBeans().stream()
                .filter(p -> p.getType() == MemoryType.HEAP)
                .toList();
        var peak = pools.stream().mapToLong(p -> p.getPeakUsage().getUsed()).sum();
        System.gc();
        pools.forEach(MemoryPoolMXBean::resetPeakUsage);
        var used = ManagementFactory.getMemoryMXBean().getHeapMemoryUsage().getUsed();
        return Map.of("usedMb", used >> 20, "peakMb", peak >> 20);
    }

    @PutMapping("/api/floor/{key}")
    Map<String, Integer> update(@PathVariable String key) {
        var now = OffsetDateTime.now(ZoneOffset.UTC);
        var failures = db.insertInto(LOGIN_FAILURE)
                .values("floor " + key, 0, now)
                .onConflict(LOGIN_FAILURE.KEY)
                .doUpdate()
                .set(LOGIN_FAILURE.LAST_AT, now)
                .returning(LOGIN_FAILURE.FAILURES)
                .fetchSingle()
                .getFailures();
        return Map.of("failures", failures);
    }
}
