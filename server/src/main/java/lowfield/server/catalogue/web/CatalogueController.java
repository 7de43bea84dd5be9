package lowfield.server.catalogue.web;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import lowfield.core.find.Order;
import lowfield.core.find.Query;
import lowfield.core.find.Shelf;
import lowfield.core.money.Money;
import lowfield.core.part.Field;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.core.part.Release;
import lowfield.server.catalogue.Parts;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The catalogue: kinds with their figures, searching and adding parts. */
@RestController
@RequestMapping("/api")
class CatalogueController {
    record FieldView(String name, String label, String unit, Field.Holds holds) {}

    record KindView(Kind kind, String label, String plural, List<FieldView> fields) {}

    record PartView(
            UUID id,
            Kind kind,
            String name,
            String variant,
            String fullName,
            Release release,
            String summary,
            Map<String, Object> spec,
            List<String> missing) {}

    record NewPart(
            Kind kind,
            String maker,
            String family,
            String name,
            String variant,
            @Nullable String gtin,
            @Nullable Long suggestedMinor,
            @Nullable String suggestedCurrency,
            Map<String, Object> spec) {}

    private final Parts parts;

    CatalogueController(Parts parts) {
        this.parts = parts;
    }

    @GetMapping("/kinds")
    List<KindView> kinds() {
        return Arrays.stream(Kind.values())
                .map(k -> new KindView(
                        k,
                        k.label(),
                        k.plural(),
                        k.schema().fields().stream()
                                .map(f -> new FieldView(f.name(), f.label(), f.unit(), f.holds()))
                                .toList()))
                .toList();
    }

    @GetMapping("/parts")
    List<PartView> search(@RequestParam Kind kind, @RequestParam(defaultValue = "") String q) {
        var shelf = parts.catalogue().shelf(kind);
        var query = new Query(kind, Map.of(), q.length() > 200 ? q.substring(0, 200) : q, Order.PRICE);
        return shelf.find(query, Shelf.Prices.none(shelf)).parts().stream()
                .limit(500)
                .map(CatalogueController::view)
                .toList();
    }

    @PostMapping("/parts")
    @ResponseStatus(HttpStatus.CREATED)
    PartView add(@RequestBody NewPart part) {
        var suggested = part.suggestedMinor() == null || part.suggestedCurrency() == null
                ? null
                : Money.of(part.suggestedMinor(), part.suggestedCurrency());
        return view(parts.add(new Parts.NewPart(
                part.kind(),
                part.maker(),
                part.family(),
                part.name(),
                part.variant(),
                part.gtin(),
                null,
                Release.ON_SALE,
                suggested,
                null,
                part.spec())));
    }

    private static PartView view(Part part) {
        var schema = part.kind().schema();
        var spec = schema.write(part.spec());
        var missing = schema.fields().stream()
                .filter(f -> !spec.containsKey(f.name()))
                .map(Field::label)
                .toList();
        return new PartView(
                part.id(),
                part.kind(),
                part.name(),
                part.variant(),
                part.fullName(),
                part.release(),
                part.summary(),
                spec,
                missing);
    }
}
