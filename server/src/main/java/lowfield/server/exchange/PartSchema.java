package lowfield.server.exchange;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lowfield.core.Text;
import lowfield.core.part.Field;
import lowfield.core.part.Gtin;
import lowfield.core.part.Kind;
import lowfield.core.part.PartText;
import lowfield.core.part.Release;
import lowfield.core.part.Schema;

/** The JSON Schema (2020-12) of a kind's file of parts, made from the kind's record. */
public final class PartSchema {
    private PartSchema() {}

    public static Map<String, Object> of(Kind kind) {
        var schema = new LinkedHashMap<String, Object>();
        schema.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        schema.put("title", "Lowfield " + Text.inSentence(kind.plural()));
        schema.put("type", "array");
        schema.put("items", part(kind));
        return schema;
    }

    private static Map<String, Object> part(Kind kind) {
        var properties = new LinkedHashMap<String, Object>();
        properties.put("maker", text(PartText.MAKER));
        properties.put("family", text(PartText.FAMILY));
        properties.put("product", text(PartText.PRODUCT));
        properties.put("variant", text(PartText.VARIANT));
        properties.put("gtin", Map.of("type", "string", "pattern", "^" + Gtin.WRITTEN + "$"));
        properties.put("makerNumber", text(PartText.MAKER_NUMBER));
        properties.put(
                "release",
                Map.of("enum", Arrays.stream(Release.values()).map(Enum::name).toList()));
        properties.put(
                "suggested",
                object(
                        Map.of(
                                "minor", Map.of("type", "integer", "minimum", 1),
                                "currency", Map.of("type", "string", "pattern", "^[A-Z]{3}$")),
                        List.of("minor", "currency")));
        properties.put("avoid", text(PartText.AVOID));
        properties.put("spec", figures(kind.schema()));
        return object(properties, List.of("maker", "product"));
    }

    private static Map<String, Object> figures(Schema schema) {
        var properties = new LinkedHashMap<String, Object>();
        schema.fields().forEach(f -> properties.put(f.name(), figure(f)));
        return object(properties, List.of());
    }

    /** A figure that is left out is not known; the text "n/a" is not applicable. */
    private static Map<String, Object> figure(Field field) {
        var schema = new LinkedHashMap<String, Object>();
        schema.put("description", field.unit().isEmpty() ? field.label() : field.label() + ", " + field.unit());
        schema.put("anyOf", List.of(value(field), Map.of("const", Schema.NOT_APPLICABLE)));
        return schema;
    }

    private static Map<String, Object> value(Field field) {
        return switch (field.holds()) {
            case NUMBER -> Map.of("type", "integer", "minimum", 0, "maximum", field.most());
            case YES_NO -> Map.of("type", "boolean");
            case TEXT -> text(120);
            case SET -> Map.of("type", "array", "items", text(120), "maxItems", 200);
            case PAIRS -> Map.of("type", "object", "additionalProperties", text(120));
            case ROWS ->
                Map.of(
                        "type",
                        "array",
                        "maxItems",
                        200,
                        "items",
                        figures(field.rows().orElseThrow()));
        };
    }

    private static Map<String, Object> text(int most) {
        return Map.of("type", "string", "maxLength", most);
    }

    private static Map<String, Object> text(PartText text) {
        return text.least() == 0
                ? text(text.most())
                : Map.of("type", "string", "minLength", text.least(), "maxLength", text.most());
    }

    private static Map<String, Object> object(Map<String, Object> properties, List<String> required) {
        return Map.of("type", "object", "properties", properties, "required", required, "additionalProperties", false);
    }
}
