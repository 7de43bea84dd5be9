package lowfield.server.demo;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import lowfield.core.guide.Slot;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Stock;
import lowfield.core.part.Kind;
import lowfield.core.total.ReaderRegion;
import lowfield.server.guide.TierForm;
import lowfield.server.platform.Json;
import lowfield.server.prices.TypedPrice;
import lowfield.server.shops.Shops;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.ClassPathResource;

/** What the demo's files under resources/demo hold. */
record DemoData(
        List<Account> people,
        Map<String, Shops.Shop> shops,
        GuideWords guide,
        List<Tier> tiers,
        Map<String, String> reasons,
        List<Issue> issues,
        LocalDate historyFrom,
        int historyEveryDays,
        Map<String, String> exceptions,
        List<Estimated> estimates,
        List<Typed> typed,
        Instant now) {

    record Account(String email, String name, String password, String role) {}

    /** A guide without its shops, which get their ids when they are made. */
    record GuideWords(
            String name,
            String region,
            String zone,
            String currency,
            String locale,
            String schedule,
            String disclosure,
            int oldAfterDays,
            int greatestAgeDays,
            int usedReturnDays,
            List<ReaderRegion> readerRegions) {}

    record Tier(TierForm form, List<Line> lines) {}

    /** A line: a part's key, or another choice's type; options by part key. */
    record Line(
            Slot slot,
            @Nullable String part,
            @Nullable String type,
            @Nullable String what,
            @Nullable Long price,
            @Nullable Integer quantity,
            @Nullable Boolean counted,
            @Nullable String reason,
            @Nullable List<Option> options) {}

    record Option(String purpose, String part, String note) {}

    /** One edition: when its round ran, when it is published (absent: in work), and what was changed before. */
    record Issue(
            Instant round,
            @Nullable Instant published,
            LocalDate pressOn,
            List<Change> changes,
            @Nullable List<Variant> variants) {}

    /** A variant of a tier's lead, and the choices in which it differs. */
    record Variant(String tier, String name, List<Change> lines) {}

    /**
     * A line changed in one tier: a part, or a vetted set with its tolerance in minor units; further options. Without a reason
     * the old one stays and goes stale.
     */
    record Change(
            String tier,
            Slot slot,
            @Nullable String part,
            @Nullable List<String> anyOf,
            @Nullable Long tolerance,
            @Nullable List<Option> more,
            @Nullable String reason) {}

    /** An announced part, and what its price is estimated from. */
    record Estimated(String part, String comparable, int factorPermille, int spreadPermille) {}

    /** A price by the author's word, at a shop by its letter. */
    record Typed(String part, String shop, Price price) {}

    /** The price that was typed, sums in minor units. */
    record Price(long priceMinor, @Nullable Long claimBackMinor, LocalDate seenOn, String source) {
        TypedPrice at(UUID shop, UUID guide) {
            return new TypedPrice(
                    guide,
                    false,
                    shop,
                    null,
                    null,
                    Condition.NEW,
                    Stock.IN_STOCK,
                    priceMinor,
                    "EUR",
                    null,
                    claimBackMinor,
                    null,
                    false,
                    seenOn,
                    source,
                    null,
                    false);
        }
    }

    record PartFile(
            String key,
            Kind kind,
            String maker,
            String family,
            String name,
            String variant,
            String gtin,
            @Nullable Integer suggested,
            @Nullable String release,
            @Nullable String avoid,
            List<String> shops,
            Map<String, Object> spec) {}

    static DemoData read() {
        return Json.read(text("guide.json"), DemoData.class);
    }

    static List<PartFile> parts() {
        return List.of(Json.read(text("parts.json"), PartFile[].class));
    }

    private static String text(String file) {
        try (var in = new ClassPathResource("demo/" + file).getInputStream()) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException missing) {
            throw new IllegalStateException(missing);
        }
    }
}
