package lowfield.server.pricesheet;

import static lowfield.db.Tables.PRICE_CONFIRMATION;

import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import lowfield.core.RuleBroken;
import lowfield.core.edition.LapsingPrice;
import lowfield.core.offer.Offer;
import lowfield.core.part.Part;
import lowfield.core.total.PackagePrice;
import lowfield.server.accounts.Person;
import lowfield.server.editing.PriceDates;
import lowfield.server.guide.Editions;
import lowfield.server.platform.Conflict;
import lowfield.server.platform.Json;
import lowfield.server.platform.NotFound;
import lowfield.server.prices.EstimateBases;
import lowfield.server.prices.EstimateForm;
import lowfield.server.prices.TypedPrices;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Prices of a sheet that are right as they last counted. All that are named are confirmed together or, where one has changed
 * since it was shown, none; they are taken back together.
 */
@Service
public class Confirmations {
    private static final int MOST = 500;

    private final DSLContext db;
    private final PriceSheet sheet;
    private final Editions editions;
    private final TypedPrices typed;
    private final PriceDates dates;
    private final EstimateBases estimates;
    private final Clock clock;

    Confirmations(
            DSLContext db,
            PriceSheet sheet,
            Editions editions,
            TypedPrices typed,
            PriceDates dates,
            EstimateBases estimates,
            Clock clock) {
        this.db = db;
        this.sheet = sheet;
        this.editions = editions;
        this.typed = typed;
        this.dates = dates;
        this.estimates = estimates;
        this.clock = clock;
    }

    /** A price as it was shown. */
    public record ShownPrice(String key, String stands) {}

    /** Prices as they were shown; {@code sure} where it was said twice that those far from the others are right. */
    public record PricesToConfirm(List<ShownPrice> prices, boolean sure) {}

    /** What was confirmed, and the id by which all of it is taken back. */
    public record ConfirmedPrices(UUID id, int prices) {}

    /** One price before it was confirmed. */
    record Done(
            LapsingPrice.State state,
            @Nullable Long number,
            @Nullable UUID part,
            @Nullable UUID build,
            @Nullable UUID id,
            @Nullable Instant before) {}

    @Transactional
    public ConfirmedPrices confirm(UUID edition, PricesToConfirm asked, Person by) {
        editions.forReshaping(edition);
        RuleBroken.unless(
                !asked.prices().isEmpty() && asked.prices().size() <= MOST, "Confirm 1 to %d prices at a time.", MOST);
        var shown = sheet.sheet(edition);
        var byKey = shown.prices().stream().collect(Collectors.toMap(LapsingPrice::key, Function.identity()));
        refuseChanged(asked, shown, byKey);
        var now = clock.instant().truncatedTo(ChronoUnit.MICROS);
        var done = new ArrayList<Done>();
        for (var each : asked.prices().stream().distinct().toList()) {
            done.add(confirm(shown.edition().guide().id(), edition, byKey.get(each.key()), asked.sure(), now, by));
        }
        var id = db.insertInto(PRICE_CONFIRMATION)
                .set(PRICE_CONFIRMATION.EDITION_ID, edition)
                .set(PRICE_CONFIRMATION.ACCOUNT_ID, by.id())
                .set(PRICE_CONFIRMATION.AT, OffsetDateTime.ofInstant(now, ZoneOffset.UTC))
                .set(PRICE_CONFIRMATION.SAID, Json.jsonb(done))
                .returning(PRICE_CONFIRMATION.ID)
                .fetchSingle()
                .getId();
        return new ConfirmedPrices(id, done.size());
    }

    private static void refuseChanged(PricesToConfirm asked, PriceSheet.Sheet shown, Map<String, LapsingPrice> byKey) {
        var changed = asked.prices().stream()
                .filter(s -> !Optional.ofNullable(byKey.get(s.key()))
                        .flatMap(shown::stands)
                        .equals(Optional.of(s.stands())))
                .map(s -> Optional.ofNullable(byKey.get(s.key()))
                        .map(LapsingPrice::name)
                        .orElse("a price that has gone"))
                .distinct()
                .toList();
        if (!changed.isEmpty()) {
            throw new Conflict("Changed since you opened the sheet: %s. Nothing was confirmed; look again."
                    .formatted(String.join(", ", changed)));
        }
    }

    private Done confirm(UUID guide, UUID edition, LapsingPrice price, boolean isSure, Instant now, Person by) {
        var at = price.uses().get(0);
        switch (price.state()) {
            case PACKAGE -> {
                var pack = price.pack().map(PackagePrice::id).orElseThrow();
                dates.packaged(edition, at.build().id(), pack, now, by);
                return new Done(
                        price.state(),
                        null,
                        null,
                        at.build().id(),
                        pack,
                        price.offer().map(Offer::seenAt).orElse(null));
            }
            case UNLISTED -> {
                dates.unlisted(edition, at.line().id(), now, by);
                var before = price.stands().flatMap(LapsingPrice.Stands::seenAt);
                return new Done(price.state(), null, null, null, at.line().id(), before.orElse(null));
            }
            case ESTIMATED -> {
                var part = price.part().map(Part::id).orElseThrow();
                var before = estimates.of(part).map(EstimateForm::statedAt);
                estimates.date(part, now);
                return new Done(price.state(), null, part, null, null, before.orElse(null));
            }
            default -> {
                var offer = price.offer().orElseThrow();
                var part = price.part().map(Part::id).orElseThrow();
                var number = confirm(guide, price, offer.listing(), isSure, by);
                return new Done(price.state(), number, part, null, null, null);
            }
        }
    }

    private long confirm(UUID guide, LapsingPrice price, UUID listing, boolean isSure, Person by) {
        try {
            return typed.confirm(guide, listing, isSure, by);
        } catch (Conflict far) {
            throw new Conflict(price.name() + ": " + far.getMessage(), Map.of("isFarOff", true));
        }
    }

    /** What was confirmed counts as it did before; what was said of it since stays. */
    @Transactional
    public void takeBack(UUID edition, UUID id, Person by) {
        editions.forReshaping(edition);
        var row = db.selectFrom(PRICE_CONFIRMATION)
                .where(PRICE_CONFIRMATION.ID.eq(id), PRICE_CONFIRMATION.EDITION_ID.eq(edition))
                .forUpdate()
                .fetchOptional()
                .orElseThrow(() -> new NotFound("There is no such confirmation."));
        if (row.getUndoneAt() != null) {
            throw new Conflict("This was undone already.");
        }
        var at = row.getAt().toInstant();
        for (var done : Json.read(row.getSaid().data(), Done[].class)) {
            takeBack(edition, done, at, by);
        }
        row.setUndoneAt(OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC));
        row.update();
    }

    private void takeBack(UUID edition, Done done, Instant at, Person by) {
        switch (done.state()) {
            case PACKAGE -> dates.undoPackaged(edition, done.build(), done.id(), at, done.before(), by);
            case UNLISTED -> dates.undoUnlisted(edition, done.id(), at, done.before(), by);
            case ESTIMATED -> estimates.date(done.part(), done.before());
            default -> typed.takeBackIfLast(done.part(), done.number(), by);
        }
    }
}
