package lowfield.measure.floor;

import static lowfield.db.Tables.LISTING;

import java.time.OffsetDateTime;
import java.util.ArrayList;
import lowfield.core.offer.Stock;
import lowfield.server.prices.Observations;
import org.jooq.DSLContext;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Writes many observations down as a shop's list is written down, and takes them back; for measuring. */
@RestController
class IngestFloor {
    private final DSLContext db;
    private final TransactionTemplate transaction;
    private final Observations observations;

    IngestFloor(DSLContext db, TransactionTemplate transaction, Observations observations) {
        this.db = db;
        this.transaction = transaction;
        this.observations = observations;
    }

    /** In milliseconds. */
    @GetMapping("/api/floor/-/observations")
    double observations(@RequestParam int rows) {
        var listings = db.select(LISTING.ID).from(LISTING).orderBy(LISTING.ID).fetch(LISTING.ID);
        var at = OffsetDateTime.parse("2026-12-04T06:00:00Z");
        var seen = new ArrayList<Observations.Seen>(rows);
        for (int i = 0; i < rows; i++) {
            var listing = listings.get(i % listings.size());
            seen.add(new Observations.Seen(listing, null, at, 1000L + i % 90_000, "EUR", 490L, Stock.IN_STOCK, false));
        }
        return transaction.execute(status -> {
            status.setRollbackOnly();
            var start = System.nanoTime();
            observations.write(seen);
            return (System.nanoTime() - start) / 1e6;
        });
    }
}
