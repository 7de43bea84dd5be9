package lowfield.server.platform;

import org.jooq.JSON;
import org.jooq.JSONB;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.ObjectWriter;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Stored JSON: keys in order, absent values left out, so that equal states are equal texts. */
public final class Json {
    private static final JsonMapper MAPPER = JsonMapper.builder()
            .enable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
            .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .changeDefaultPropertyInclusion(
                    v -> v.withValueInclusion(com.fasterxml.jackson.annotation.JsonInclude.Include.NON_NULL))
            .build();

    private static final ObjectWriter AS_IT_COMES =
            MAPPER.writer().without(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS);

    private Json() {}

    public static String write(Object value) {
        return MAPPER.writeValueAsString(value);
    }

    /** In UTF-8, the keys as they come. */
    public static byte[] bytes(Object value) {
        return AS_IT_COMES.writeValueAsBytes(value);
    }

    /** For a column that keeps the text as it is; the keys as they come. */
    public static JSON json(Object value) {
        return JSON.valueOf(AS_IT_COMES.writeValueAsString(value));
    }

    /** For a column that the database looks into. */
    public static JSONB jsonb(Object value) {
        return JSONB.valueOf(write(value));
    }

    public static <T> T read(String json, Class<T> type) {
        return MAPPER.readValue(json, type);
    }

    public static <T> T read(String json, TypeReference<T> type) {
        return MAPPER.readValue(json, type);
    }
}
