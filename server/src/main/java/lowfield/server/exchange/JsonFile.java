package lowfield.server.exchange;

import java.io.InputStream;
import java.io.Writer;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.server.platform.Json;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonToken;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** One kind's parts as a JSON array, read object by object; nothing deep or long is believed. */
final class JsonFile {
    private static final JsonMapper MAPPER = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNestingDepth(12)
                            .maxStringLength(20_000)
                            .maxNameLength(200)
                            .build())
                    .build())
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();

    private JsonFile() {}

    /** A part as it stands in the file. */
    record Entry(
            @Nullable String maker,
            @Nullable String family,
            @Nullable String product,
            @Nullable String variant,
            @Nullable String gtin,
            @Nullable String makerNumber,
            @Nullable String release,
            @Nullable Suggested suggested,
            @Nullable String avoid,
            @Nullable Map<String, Object> spec) {}

    record Suggested(long minor, @Nullable String currency) {}

    static void read(InputStream in, Report.Faults faults, Consumer<FileRow> sink) {
        try (var parser = MAPPER.createParser(Marks.skipped(in))) {
            if (parser.nextToken() != JsonToken.START_ARRAY) {
                throw new RuleBroken("The file holds no list of parts; it begins with [ and ends with ].");
            }
            for (long number = 1; parser.nextToken() == JsonToken.START_OBJECT && !faults.isFull(); number++) {
                sink.accept(row(number, parser.readValueAs(Entry.class), faults));
            }
        } catch (JacksonException broken) {
            var at = broken.getLocation();
            throw new RuleBroken("The file is no JSON that parts are written in%s: %s"
                    .formatted(
                            at == null ? "" : " (line " + at.getLineNr() + ")",
                            shortened(broken.getOriginalMessage())));
        } catch (java.io.IOException cut) {
            throw new RuleBroken("The file ended before its end; send it again.");
        }
    }

    private static String shortened(String text) {
        return text.length() > 160 ? text.substring(0, 160) + "…" : text;
    }

    private static FileRow row(long number, Entry o, Report.Faults faults) {
        return new FileRow(
                number,
                bare(o.maker()).orElse(""),
                bare(o.family()).orElse(""),
                bare(o.product()).orElse(""),
                bare(o.variant()).orElse(""),
                bare(o.gtin()).orElse(null),
                bare(o.makerNumber()).orElse(null),
                bare(o.release()).orElse(null),
                Optional.ofNullable(o.suggested())
                        .flatMap(s -> suggested(number, s, faults))
                        .orElse(null),
                bare(o.avoid()).orElse(null),
                Optional.ofNullable(o.spec()).orElse(Map.of()));
    }

    /** As a cell of a table is read: without the space around it, and nothing when it is empty. */
    private static Optional<String> bare(@Nullable String text) {
        return Optional.ofNullable(text).map(String::strip).filter(t -> !t.isEmpty());
    }

    private static Optional<Money> suggested(long number, Suggested said, Report.Faults faults) {
        var currency = Optional.ofNullable(said.currency()).orElse(Part.SUGGESTED_IN);
        return SuggestedPrice.of(
                number, said.minor() + " " + currency, () -> Money.price(said.minor(), currency), faults);
    }

    static void write(Kind kind, List<Part> parts, Map<UUID, Names> names, Writer out) throws java.io.IOException {
        var separator = "[\n";
        for (var part : parts) {
            out.write(separator);
            out.write(Json.write(object(kind, part, names.get(part.id()))));
            separator = ",\n";
        }
        out.write(parts.isEmpty() ? "[]\n" : "\n]\n");
        out.flush();
    }

    private static Map<String, Object> object(Kind kind, Part part, Names of) {
        var object = new LinkedHashMap<String, Object>();
        object.put("maker", part.maker());
        object.put("family", of.family());
        object.put("product", of.product());
        object.put("variant", part.variant());
        if (!of.gtin().isEmpty()) {
            object.put("gtin", of.gtin());
        }
        if (!of.makerNumber().isEmpty()) {
            object.put("makerNumber", of.makerNumber());
        }
        object.put("release", part.release().name());
        part.suggestedPrice()
                .ifPresent(m -> object.put(
                        "suggested", new Suggested(m.minor(), m.currency().getCurrencyCode())));
        part.avoid().ifPresent(a -> object.put("avoid", a));
        object.put("spec", kind.schema().write(part.spec()));
        return object;
    }
}
