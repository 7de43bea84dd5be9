package lowfield.server.rates;

import static lowfield.db.Tables.RATE_SOURCE;

import java.net.URI;
import lowfield.core.RuleBroken;
import lowfield.server.platform.Settings;
import lowfield.server.platform.Stale;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The address of the file that a day's exchange rates are read from: the one that was set, else that of the start-up settings. */
@Service
public class RateSource {
    private static final String HOST = "[a-z0-9][a-z0-9-]*(\\.[a-z0-9-]+)+";

    private final DSLContext db;
    private final URI usual;

    RateSource(DSLContext db, Settings settings) {
        this.db = db;
        this.usual = URI.create(settings.rates());
    }

    /** Where rates come from; {@code isUsual}: as the start-up settings say. */
    public record Place(String address, boolean isUsual, int version) {}

    public Place place() {
        return db.selectFrom(RATE_SOURCE)
                .fetchOptional(r -> r.getAddress() == null
                        ? new Place(usual.toString(), true, r.getVersion())
                        : new Place(r.getAddress(), false, r.getVersion()))
                .orElseGet(() -> new Place(usual.toString(), true, 0));
    }

    URI address() {
        return URI.create(place().address());
    }

    /** Sets the address that was a version; an empty one is that of the start-up settings again. */
    @Transactional
    public Place change(String address, int version) {
        var asked = address.isBlank() ? null : checked(address.strip());
        var now = place();
        db.insertInto(RATE_SOURCE)
                .set(RATE_SOURCE.VERSION, 0)
                .onConflictDoNothing()
                .execute();
        var changed = db.update(RATE_SOURCE)
                .set(RATE_SOURCE.ADDRESS, asked)
                .set(RATE_SOURCE.VERSION, version + 1)
                .where(RATE_SOURCE.VERSION.eq(version))
                .execute();
        if (changed == 0) {
            throw new Stale("The source of the rates was changed meanwhile.", now, address, now.version());
        }
        return place();
    }

    private static String checked(String address) {
        try {
            var uri = URI.create(address);
            RuleBroken.unless(
                    "https".equals(uri.getScheme())
                            && uri.getAuthority() != null
                            && uri.getAuthority().matches(HOST)
                            && !uri.getAuthority().matches("[0-9.]+")
                            && uri.getRawPath().startsWith("/")
                            && uri.getRawFragment() == null
                            && address.length() <= 500,
                    "The rates' address begins with https:// and a host, and a path follows.");
            return address;
        } catch (IllegalArgumentException malformed) {
            throw new RuleBroken("This is not an address; copy it from the browser, beginning with https://.");
        }
    }
}
