package lowfield.server.intake;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;
import lowfield.core.part.Kind;
import lowfield.server.accounts.Person;
import lowfield.server.catalogue.Corrections;
import lowfield.server.catalogue.FigureSources;
import lowfield.server.catalogue.Parts;
import lowfield.server.prices.Judging;
import lowfield.server.prices.PagePrices;
import lowfield.server.reading.SeenOffer;
import lowfield.server.shops.PageAddress;
import lowfield.server.shops.Shops;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps what an author confirmed of a page that was read: the part or its new figures, where each was read, the page, and what
 * is offered there. All of it or nothing; the same address twice is one part.
 */
@Service
public class PageParts {
    private static final int LONGEST_SOURCE = 200;

    private final DSLContext db;
    private final Shops shops;
    private final Parts parts;
    private final Corrections corrections;
    private final FigureSources figures;
    private final PagePrices prices;

    PageParts(
            DSLContext db,
            Shops shops,
            Parts parts,
            Corrections corrections,
            FigureSources figures,
            PagePrices prices) {
        this.db = db;
        this.shops = shops;
        this.parts = parts;
        this.corrections = corrections;
        this.figures = figures;
        this.prices = prices;
    }

    /**
     * What is kept of a page.
     *
     * @param known the part of the catalogue that it is; absent for a new one, which has kind, maker and name
     * @param spec the figures that are taken, as they are stored
     * @param wheres where on the page each was read
     * @param offer what is offered there; absent where no price is taken
     */
    public record ConfirmedPart(
            String address,
            @Nullable UUID known,
            @Nullable Kind kind,
            @Nullable String maker,
            @Nullable String name,
            @Nullable String variant,
            @Nullable String gtin,
            @Nullable String makerNumber,
            Map<String, Object> spec,
            Map<String, String> wheres,
            PartIntake.@Nullable OfferRead offer) {}

    /**
     * What became of it.
     *
     * @param wasKnown whether the part was in the catalogue already
     * @param price what became of its price, in a sentence; empty where none was taken
     * @param counts whether the price counts where a guide's policy admits it
     */
    public record KeptPart(UUID part, boolean wasKnown, String price, boolean counts) {}

    @Transactional
    public KeptPart keep(ConfirmedPart page, Person by) {
        var address = PageAddress.of(page.address());
        // One at a time for each address, so that the same link sent twice at once is one part.
        db.execute("select pg_advisory_xact_lock(hashtextextended(?, 35))", address.host() + address.path());
        var known = Optional.ofNullable(page.known()).or(() -> shops.partAt(address));
        var part = known.orElseGet(() -> added(page));
        var sources = new HashMap<String, String>();
        page.wheres().forEach((figure, where) -> sources.put(figure, source(page.address(), where)));
        if (page.known() != null) {
            corrected(part, page, by);
        }
        if (known.isEmpty() || page.known() != null) {
            figures.readAt(part, sources);
        }
        var pageId = shops.addPage(part, page.address());
        var ruling = pageId.flatMap(id -> Optional.ofNullable(page.offer()).map(o -> priced(part, address, id, o)));
        return new KeptPart(
                part,
                known.isPresent(),
                ruling.map(r -> said(r, page.offer())).orElse(""),
                ruling.map(r -> r.verdict().equals("ACCEPTED")).orElse(false));
    }

    private UUID added(ConfirmedPart page) {
        RuleBroken.unless(page.kind() != null, "Choose what kind of part it is.");
        return parts.add(new Parts.NewPart(
                        page.kind(),
                        Optional.ofNullable(page.maker()).orElse(""),
                        "",
                        Optional.ofNullable(page.name()).orElse(""),
                        Optional.ofNullable(page.variant()).orElse(""),
                        page.gtin(),
                        page.makerNumber(),
                        null,
                        null,
                        null,
                        page.spec()))
                .id();
    }

    private void corrected(UUID part, ConfirmedPart page, Person by) {
        if (!page.spec().isEmpty()) {
            corrections.correct(
                    part,
                    Corrections.Correction.ofFigures(page.spec(), source(page.address(), "")),
                    corrections.stored(part).version(),
                    by);
        }
    }

    private static String source(String address, String where) {
        var words = where.isBlank() ? address : where + ", " + address;
        return words.length() > LONGEST_SOURCE ? words.substring(0, LONGEST_SOURCE) : words;
    }

    private Judging.Ruling priced(UUID part, PageAddress address, UUID page, PartIntake.OfferRead offer) {
        var shop = shops.all().stream()
                .filter(s -> s.host().equals(address.host()))
                .findFirst()
                .orElseThrow();
        var seen = new SeenOffer(
                shop.name(),
                offer.condition(),
                Optional.of(Money.price(offer.priceMinor(), shop.currency())),
                Optional.ofNullable(offer.shippingMinor()).map(m -> Money.of(m, shop.currency())),
                offer.stock(),
                offer.membersOnly(),
                "the page",
                Optional.ofNullable(offer.validUntil()));
        return prices.keep(
                new PagePrices.PageOf(
                        Optional.ofNullable(shop.id()).orElseThrow(),
                        page,
                        part,
                        shop.currency(),
                        Shops.zone(shop.zone())),
                seen);
    }

    private static String said(Judging.Ruling ruling, PartIntake.OfferRead offer) {
        if (!ruling.verdict().equals("ACCEPTED")) {
            return "Suspicious price: %s. Decide it in the price round.".formatted(ruling.why());
        }
        return switch (offer.stock()) {
            case OUT_OF_STOCK, GONE -> "Price saved, but sold out: it counts nowhere.";
            default -> offer.membersOnly() ? "Price saved, for members only." : "Price saved.";
        };
    }
}
