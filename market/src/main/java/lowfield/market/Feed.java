package lowfield.market;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.json.JsonMapper;

/** A shop's whole list in one file: each shop in a form and with column names of its own. */
final class Feed {
    private static final JsonMapper JSON = new JsonMapper();

    private final Shelf shelf;

    Feed(Shelf shelf) {
        this.shelf = shelf;
    }

    String type(Shop shop) {
        return shop.feed().endsWith(".json") ? "application/json" : "text/plain; charset=utf-8";
    }

    String of(Shop shop, LocalDate day, Mood mood) {
        var text = switch (shop.letter()) {
            case "F" -> table(shop, day, mood, ";", "ean;title;price;state;stock;delivery;address", true);
            case "M" ->
                table(shop, day, mood, "\t", "gtin\tname\tamount\tgrade\tavailability\tpostage\turl\tmembers", false);
            default -> json(shop, day, mood);
        };
        return mood == Mood.BROKEN_JSON || mood == Mood.TRUNCATED ? text.substring(0, text.length() / 2) : text;
    }

    private record Row(Product product, Stated stated) {}

    private List<Row> rows(Shop shop, LocalDate day, Mood mood) {
        var rows = new ArrayList<Row>();
        for (var product : shelf.sold(shop, day)) {
            if (!shelf.prices().isGone(product, day)) {
                Stated.of(shop, product, shelf.prices(), day, mood).forEach(s -> rows.add(new Row(product, s)));
            }
        }
        return rows;
    }

    private String table(Shop shop, LocalDate day, Mood mood, String separator, String header, boolean comma) {
        var text = new StringBuilder(header).append('\n');
        for (var row : rows(shop, day, mood)) {
            var stated = row.stated();
            var price = stated.price().orElse("");
            var fields = new ArrayList<>(List.of(
                    row.product().gtin(),
                    row.product().name(),
                    comma ? price.replace('.', ',') : price,
                    stated.refurbished() ? "refurbished" : "new",
                    stock(stated.availability()),
                    stated.shipping().toPlainString().replace('.', comma ? ',' : '.'),
                    "https://" + shop.host() + "/p/" + row.product().slug()));
            if (!comma) {
                fields.add(stated.membersOnly() ? "yes" : "no");
            }
            text.append(String.join(separator, fields)).append('\n');
        }
        return text.toString();
    }

    private static String stock(String availability) {
        return switch (availability) {
            case "InStock" -> "yes";
            case "LimitedAvailability" -> "few";
            default -> "no";
        };
    }

    private String json(Shop shop, LocalDate day, Mood mood) {
        var items = new ArrayList<Map<String, Object>>();
        for (var row : rows(shop, day, mood)) {
            var map = new LinkedHashMap<String, Object>();
            map.put("code", row.product().gtin());
            map.put("label", row.product().name());
            map.put("merchant", row.stated().seller());
            row.stated()
                    .price()
                    .ifPresent(p -> map.put(
                            "price", Map.of("value", p, "currency", row.stated().currency())));
            map.put("condition", row.stated().refurbished() ? "refurbished" : "new");
            map.put("stock", stock(row.stated().availability()));
            map.put("postage", row.stated().shipping());
            map.put("url", "https://" + shop.host() + "/p/" + row.product().slug());
            items.add(map);
        }
        return JSON.writeValueAsString(Map.of("made", day.toString(), "items", items));
    }
}
