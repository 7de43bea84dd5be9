package lowfield.server.kit;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import lowfield.core.check.TestBuild;
import lowfield.core.guide.Slot;

/** Shops of the market and parts that they sell; entered once for all tests of a process. */
final class MarketParts {
    /** Where a part differs from the sound build of core's test kit. */
    private static final Map<String, Map<String, Object>> DIFFERENT = Map.of(
            "hartle-basalt-16-gb",
            Map.of("chip", "Basalt", "memory", 16, "boardPower", 320, "length", 331, "recommendedSupply", 850),
            "merrowby-vane-five-8-gb-black",
            Map.of("chip", "Vane Five", "memory", 8, "bracket", true));

    private static final Map<String, String> KINDS = Map.of(
            "merrowby-vane-five-8-gb-black",
            "GRAPHICS_CARD",
            "hartle-basalt-16-gb",
            "GRAPHICS_CARD",
            "aldane-fennel-six",
            "PROCESSOR",
            "ostrand-quay-micro",
            "MOTHERBOARD",
            "pellan-slate-2-x-8-gb-ddr5-5600",
            "MEMORY",
            "stillmoor-120-tower",
            "COOLER",
            "drumlin-beck-1-tb",
            "DRIVE",
            "kelder-550-gold",
            "POWER_SUPPLY",
            "hollowell-byre-m-black",
            "CASE");
    private static final Map<String, String> SLOTS = Map.of("DRIVE", "SYSTEM_DRIVE");
    static final List<String> SHOPS = List.of("Ferrowby", "Quillmarket", "Turnstone", "Millrace");
    private static Map<String, String> shared;

    static synchronized Map<String, String> known(Caller ines) {
        if (shared == null) {
            for (var shop : SHOPS) {
                ines.post(
                        "/api/shops",
                        Map.of(
                                "name",
                                shop,
                                "host",
                                shop.toLowerCase(java.util.Locale.ROOT) + ".example",
                                "currency",
                                "EUR",
                                "region",
                                "Home coast",
                                "zone",
                                "CET",
                                "taxPermille",
                                200,
                                "mayFreeze",
                                true,
                                "pages",
                                0,
                                "shippingMinor",
                                490));
            }
            var made = new HashMap<String, String>();
            KINDS.forEach((key, kind) -> {
                var spec = new HashMap<>(TestBuild.figuresOf(Slot.valueOf(SLOTS.getOrDefault(kind, kind))));
                spec.putAll(DIFFERENT.getOrDefault(key, Map.of()));
                var part = ines.post(
                                "/api/parts",
                                Map.of(
                                        "kind", kind, "maker", "Test", "family", "", "name", key, "variant", "", "spec",
                                        spec))
                        .json()
                        .path("id")
                        .asString();
                made.put(key, part);
                ines.post("/api/product-pages", Map.of("part", part, "address", "https://ferrowby.example/p/" + key));
            });
            for (var key : List.of("merrowby-vane-five-8-gb-black", "drumlin-beck-1-tb")) {
                ines.post(
                        "/api/product-pages",
                        Map.of("part", made.get(key), "address", "https://quillmarket.example/p/" + key));
            }
            shared = made;
        }
        return shared;
    }

    /** What fills each slot of a whole build. */
    static Map<String, String> choices() {
        return KINDS.entrySet().stream()
                .filter(e -> !e.getKey().equals("hartle-basalt-16-gb"))
                .collect(Collectors.toMap(e -> SLOTS.getOrDefault(e.getValue(), e.getValue()), Map.Entry::getKey));
    }

    private MarketParts() {}
}
