package lowfield.server.edition;

import static lowfield.db.Tables.REVISION;

import com.github.benmanes.caffeine.cache.Cache;
import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lowfield.core.edition.PolicyLevels;
import lowfield.core.guide.Line;
import lowfield.core.money.Money;
import lowfield.core.offer.PriceList;
import lowfield.core.offer.PricePolicy;
import lowfield.core.press.Cell;
import lowfield.core.press.TodayTotal;
import lowfield.core.total.Counting;
import lowfield.core.total.LinePrice;
import lowfield.core.total.SalesTax;
import lowfield.server.catalogue.Parts;
import lowfield.server.guide.GuideInfo;
import lowfield.server.guide.Guides;
import lowfield.server.guide.OverrideForm;
import lowfield.server.platform.IdleCache;
import lowfield.server.platform.Json;
import lowfield.server.prices.Offers;
import lowfield.server.shops.OwnShop;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;

/** What published builds cost anyone today, by their choices, pins, packages and policies as they were published. */
@Service
public class PublishedTotals {
    private final DSLContext db;
    private final Guides guides;
    private final Parts parts;
    private final Offers offers;
    private final PackageOffers packages;
    private final EditionLoader editions;
    private final Clock clock;

    /** The basis of each revision; it never changes. */
    private final Cache<UUID, Optional<PublishedBasis>> known =
            IdleCache.cache().maximumSize(200).build();

    PublishedTotals(
            DSLContext db,
            Guides guides,
            Parts parts,
            Offers offers,
            PackageOffers packages,
            EditionLoader editions,
            Clock clock) {
        this.db = db;
        this.guides = guides;
        this.parts = parts;
        this.offers = offers;
        this.packages = packages;
        this.editions = editions;
        this.clock = clock;
    }

    /** Keeps beside the revision that was just published what its totals are worked out from; in the same transaction. */
    public void freeze(LoadedEdition edition) {
        db.update(REVISION)
                .set(REVISION.BASIS, Json.jsonb(PublishedBasis.of(edition)))
                .where(REVISION.EDITION_ID.eq(edition.edition().id()), REVISION.BASIS.isNull())
                .execute();
    }

    /** The total of a build of a published edition; by the edition's rows where it was published before they were frozen. */
    public Optional<Cell> today(UUID guide, UUID edition, UUID build) {
        return latest(edition)
                .flatMap(revision -> known.get(revision, this::basis))
                .map(basis -> basis.builds().stream()
                        .filter(b -> b.id().equals(build))
                        .findFirst()
                        .map(b -> total(guides.byId(guide), basis, b)))
                .orElseGet(() -> editions.load(edition).evaluated().build(build).map(TodayTotal::of));
    }

    private Optional<UUID> latest(UUID edition) {
        return db.select(REVISION.ID)
                .from(REVISION)
                .where(REVISION.EDITION_ID.eq(edition))
                .orderBy(REVISION.NUMBER.desc())
                .limit(1)
                .fetchOptional(REVISION.ID);
    }

    private Optional<PublishedBasis> basis(UUID revision) {
        return db.select(REVISION.BASIS)
                .from(REVISION)
                .where(REVISION.ID.eq(revision), REVISION.BASIS.isNotNull())
                .fetchOptional(r -> Json.read(r.value1().data(), PublishedBasis.class));
    }

    private Cell total(GuideInfo guide, PublishedBasis basis, PublishedBasis.FrozenBuild build) {
        var zero = Money.zero(guide.money());
        var levels =
                new PolicyLevels(basis.policy(), OverrideForm.of(build.tierPolicy()), OverrideForm.of(build.policy()));
        var differing = levels.differing(build.lines().stream()
                .collect(Collectors.toMap(PublishedBasis.FrozenLine::id, l -> OverrideForm.of(l.policy()))));
        var prices = build.lines().stream()
                .map(l -> price(
                        guide, build, l, list(guide, basis, differing.getOrDefault(l.id(), basis.policy())), zero))
                .toList();
        var packaged =
                packages.of(guide, basis.shops(), basis.policy(), build.beside().packages());
        return TodayTotal.of(
                packaged.applied(prices),
                new Counting(
                        build.countsShipping(),
                        build.beside().adjustments(guide.money()),
                        new SalesTax(basis.salesTaxPermille(), build.countsTax()),
                        zero));
    }

    private LinePrice price(
            GuideInfo guide,
            PublishedBasis.FrozenBuild build,
            PublishedBasis.FrozenLine frozen,
            PriceList list,
            Money zero) {
        var line = new Line(
                frozen.id(),
                frozen.slot(),
                frozen.choice().choice(parts.catalogue(), guide.money()),
                frozen.quantity(),
                frozen.counted());
        return frozen.held() == null
                ? LinePrice.ofWinner(line, list, zero)
                : LinePrice.of(line, list, zero, Optional.of(frozen.held()));
    }

    private PriceList list(GuideInfo guide, PublishedBasis basis, PricePolicy policy) {
        var shops = OwnShop.beside(basis.shops(), guide.currency());
        return offers.bookable(policy, new Offers.Buyer(guide.id(), shops), clock.instant());
    }
}
