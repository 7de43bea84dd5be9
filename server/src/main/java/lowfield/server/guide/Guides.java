package lowfield.server.guide;

import static lowfield.db.Tables.EDITION;
import static lowfield.db.Tables.GUIDE;
import static lowfield.db.Tables.GUIDE_SHOP;
import static lowfield.db.Tables.SHOP;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import lowfield.core.RuleBroken;
import lowfield.core.guide.RoundPlan;
import lowfield.core.offer.PricePolicy;
import lowfield.core.total.ReaderRegion;
import lowfield.db.tables.records.GuideRecord;
import lowfield.server.platform.Json;
import lowfield.server.platform.NotFound;
import lowfield.server.platform.Notices;
import lowfield.server.platform.Snapshot;
import lowfield.server.platform.Stale;
import lowfield.server.shops.Shops;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Guides and their settings. */
@Service
public class Guides {
    private final DSLContext db;
    private final Shops shops;
    private final Notices notices;
    private final Clock clock;
    private final Snapshot<Map<UUID, GuideInfo>> snapshot;

    Guides(DSLContext db, Shops shops, Notices notices, Clock clock) {
        this.notices = notices;
        this.snapshot = new Snapshot<>(this::load);
        notices.whenChanged(change -> {
            if (change.topic() == Notices.Topic.GUIDES) {
                snapshot.invalidate();
            }
        });
        this.db = db;
        this.shops = shops;
        this.clock = clock;
    }

    public List<GuideInfo> all() {
        return snapshot.get().values().stream()
                .sorted(Comparator.comparing(GuideInfo::name))
                .toList();
    }

    public GuideInfo bySlug(String slug) {
        return snapshot.get().values().stream()
                .filter(g -> g.slug().equals(slug))
                .findFirst()
                .orElseThrow(() -> new NotFound("There is no guide \"" + slug + "\"."));
    }

    public GuideInfo byId(UUID id) {
        return Optional.ofNullable(snapshot.get().get(id)).orElseThrow(() -> new NotFound("There is no such guide."));
    }

    @Transactional
    public GuideInfo create(GuideForm form) {
        checkShops(form);
        var slug = form.slug();
        RuleBroken.unless(
                !db.fetchExists(GUIDE, GUIDE.SLUG.eq(slug)),
                "There is a guide with the address \"%s\" already; give this one another name.",
                slug);
        var id = UUID.randomUUID();
        var row = db.newRecord(GUIDE);
        row.setId(id);
        row.setSlug(slug);
        row.setVersion(1);
        row.setCreatedAt(OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC));
        fill(row, form);
        row.insert();
        setShops(id, form);
        notices.changed(Notices.Topic.GUIDES);
        return info(row);
    }

    /** Changes the settings; the price policy also holds for the edition in work, never for a published one. */
    @Transactional
    public GuideInfo change(String slug, GuideForm form, int expected) {
        var row = db.selectFrom(GUIDE)
                .where(GUIDE.SLUG.eq(slug))
                .forUpdate()
                .fetchOptional()
                .orElseThrow(() -> new NotFound("There is no such guide."));
        if (row.getVersion() != expected) {
            throw new Stale("The guide's settings were changed meanwhile.", info(row), form, row.getVersion());
        }
        RuleBroken.unless(
                row.getCurrency().equals(form.currency()),
                "A guide keeps its home currency; its archive is in %s.",
                row.getCurrency());
        checkShops(form);
        fill(row, form);
        row.setVersion(expected + 1);
        row.update();
        setShops(row.getId(), form);
        db.update(EDITION)
                .set(EDITION.POLICY, Json.jsonb(form.policy()))
                .where(EDITION.GUIDE_ID.eq(row.getId()), EDITION.STATE.eq("IN_WORK"))
                .execute();
        notices.changed(Notices.Topic.GUIDES);
        return info(row);
    }

    /** Other offers count from now on, in the settings and in the draft edition. */
    @Transactional
    public void admit(UUID guide, PricePolicy policy) {
        db.update(GUIDE)
                .set(GUIDE.POLICY, Json.jsonb(policy))
                .set(GUIDE.VERSION, GUIDE.VERSION.plus(1))
                .where(GUIDE.ID.eq(guide))
                .execute();
        db.update(EDITION)
                .set(EDITION.POLICY, Json.jsonb(policy))
                .where(EDITION.GUIDE_ID.eq(guide), EDITION.STATE.eq("IN_WORK"))
                .execute();
        notices.changed(Notices.Topic.GUIDES);
    }

    private void checkShops(GuideForm form) {
        for (var id : form.shops()) {
            var shop = shops.find(id);
            RuleBroken.unless(
                    shop.currency().equals(form.currency()),
                    "%s asks %s and the guide counts in %s; choose shops of the home currency.",
                    shop.name(),
                    shop.currency(),
                    form.currency());
        }
    }

    private static void fill(GuideRecord row, GuideForm form) {
        row.setName(form.name().strip());
        row.setRegion(form.region().strip());
        row.setZone(form.zone());
        row.setCurrency(form.currency());
        row.setLocale(form.locale());
        row.setSchedule(form.schedule());
        row.setDisclosure(form.disclosure());
        row.setPolicy(Json.jsonb(form.policy()));
        row.setOldAfterDays(form.oldAfterDays());
        row.setEnergy(form.energy() == null ? null : Json.jsonb(form.energy()));
        row.setReaderRegions(
                Json.jsonb(Optional.ofNullable(form.readerRegions()).orElse(List.of())));
        row.setRounds(form.rounds() == null ? null : Json.jsonb(form.rounds()));
        row.setSalesTaxPermille(Optional.ofNullable(form.salesTaxPermille()).orElse(0));
        row.setPrintsHandling(Boolean.TRUE.equals(form.printsHandling()));
        row.setUsualValues(
                Json.jsonb(UsualForm.own(UsualForm.values(form.usualValues()).own())));
    }

    private void setShops(UUID guide, GuideForm form) {
        RuleBroken.unless(
                !db.fetchExists(SHOP, SHOP.ID.in(form.shops()), SHOP.HAS_PRICES.isFalse()),
                "A maker's site has no prices; a guide buys at shops.");
        db.deleteFrom(GUIDE_SHOP).where(GUIDE_SHOP.GUIDE_ID.eq(guide)).execute();
        form.shops()
                .forEach(shop -> db.insertInto(GUIDE_SHOP).values(guide, shop).execute());
    }

    private Map<UUID, GuideInfo> load() {
        return db.selectFrom(GUIDE).fetch(this::info).stream()
                .collect(Collectors.toUnmodifiableMap(GuideInfo::id, Function.identity()));
    }

    private GuideInfo info(GuideRecord r) {
        var bought = new HashSet<>(db.select(GUIDE_SHOP.SHOP_ID)
                .from(GUIDE_SHOP)
                .where(GUIDE_SHOP.GUIDE_ID.eq(r.getId()))
                .fetch(GUIDE_SHOP.SHOP_ID));
        return new GuideInfo(
                r.getId(),
                r.getSlug(),
                r.getName(),
                r.getRegion(),
                r.getZone(),
                r.getCurrency(),
                r.getLocale(),
                r.getSchedule(),
                r.getDisclosure(),
                Json.read(r.getPolicy().data(), PricePolicy.class),
                r.getOldAfterDays(),
                bought,
                r.getEnergy() == null ? null : Json.read(r.getEnergy().data(), EnergyForm.class),
                List.of(Json.read(r.getReaderRegions().data(), ReaderRegion[].class)),
                r.getRounds() == null
                        ? RoundPlan.BY_HAND
                        : Json.read(r.getRounds().data(), RoundPlan.class),
                UsualForm.all(
                        UsualForm.values(List.of(Json.read(r.getUsualValues().data(), UsualForm[].class)))),
                r.getSalesTaxPermille(),
                r.getPrintsHandling(),
                r.getVersion());
    }
}
