package lowfield.server.catalogue;

import static lowfield.db.Tables.VARIANT;

import java.time.Clock;
import java.time.ZoneOffset;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.part.Part;
import lowfield.db.tables.records.VariantRecord;
import lowfield.server.platform.Json;
import lowfield.server.platform.NotFound;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;

/** The figures of parts with where each is from. */
@Service
public class FigureSources {
    private static final TypeReference<Map<String, Object>> MAP = new TypeReference<>() {};
    private static final TypeReference<Map<String, Provenance>> SOURCES = new TypeReference<>() {};

    private final DSLContext db;
    private final Clock clock;

    FigureSources(DSLContext db, Clock clock) {
        this.db = db;
        this.clock = clock;
    }

    /** Where a figure is from, and since when it stands. */
    public record Provenance(String source, String on) {}

    /** How many figures of each part say where they are from. */
    public Map<UUID, Integer> evidence(List<UUID> parts) {
        return db.selectFrom(VARIANT)
                .where(VARIANT.ID.in(parts))
                .fetchMap(VARIANT.ID, row -> (int) Json.read(row.getProvenance().data(), SOURCES).values().stream()
                        .filter(p -> !p.source().isBlank())
                        .count());
    }

    /** Keeps of figures that were just added where each was read. */
    @Transactional
    public void readAt(UUID part, Map<String, String> sources) {
        var row = db.selectFrom(VARIANT)
                .where(VARIANT.ID.eq(part))
                .forUpdate()
                .fetchOptional()
                .orElseThrow(() -> new NotFound("There is no such part."));
        var provenance = new LinkedHashMap<>(Json.read(row.getProvenance().data(), MAP));
        var on = clock.instant().atOffset(ZoneOffset.UTC).toLocalDate().toString();
        Json.read(row.getSpec().data(), MAP).keySet().stream()
                .filter(sources::containsKey)
                .forEach(figure -> provenance.put(figure, new Provenance(sources.get(figure), on)));
        row.setProvenance(Json.jsonb(provenance));
        row.update();
    }

    /** Writes figures into a row, which the caller holds; what they are called. Given empty, one becomes not known. */
    List<String> correct(VariantRecord row, Part part, Map<String, @Nullable Object> figures, @Nullable String source) {
        var schema = part.kind().schema();
        var spec = new LinkedHashMap<>(Json.read(row.getSpec().data(), MAP));
        var provenance = new LinkedHashMap<>(Json.read(row.getProvenance().data(), MAP));
        var words = Optional.ofNullable(source).orElse("").strip();
        RuleBroken.unless(words.length() <= 200, "A source takes at most 200 letters.");
        figures.keySet()
                .forEach(name -> RuleBroken.unless(
                        schema.field(name).isPresent(),
                        "A figure has to be one that this kind has, not \"%.40s\".",
                        name));
        figures.forEach((name, value) -> {
            if (value == null || value.equals("")) {
                spec.remove(name);
                provenance.remove(name);
            } else {
                spec.put(name, value);
                var on = clock.instant().atOffset(ZoneOffset.UTC).toLocalDate().toString();
                provenance.put(name, new Provenance(words, on));
            }
        });
        var read = schema.read(spec);
        row.setSpec(Json.json(schema.write(read)));
        row.setProvenance(Json.jsonb(provenance));
        return figures.keySet().stream()
                .map(name -> schema.field(name).orElseThrow().label())
                .toList();
    }
}
