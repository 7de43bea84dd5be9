package lowfield.server.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.NullMarked;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

@NullMarked
class RequiredFieldsTest {
    record Inner(String name) {}

    record Outer(
            String name,
            int number,
            @Nullable String note,
            List<Inner> inners,
            @Nullable List<Inner> more,
            Map<String, @Nullable Object> figures) {}

    private static final String WHOLE =
            "{\"name\": \"n\", \"number\": 3, \"inners\": [{\"name\": \"i\"}], \"figures\": {\"a\": null}}";

    private final JsonMapper mapper = mapper();

    private static JsonMapper mapper() {
        var builder = JsonMapper.builder();
        new RequiredFields().asRecordsSay().customize(builder);
        return builder.build();
    }

    @Test
    void whatMayBeAbsentMay() {
        var read = mapper.readValue(WHOLE, Outer.class);
        assertThat(read.note()).isNull();
        assertThat(read.figures()).containsKey("a");
    }

    @ParameterizedTest
    @ValueSource(strings = {"\"name\": \"n\", ", "\"number\": 3, ", "\"inners\": [{\"name\": \"i\"}], "})
    void whatIsMissingIsRefused(String field) {
        assertThatThrownBy(() -> mapper.readValue(WHOLE.replace(field, ""), Outer.class))
                .isInstanceOf(JacksonException.class);
    }

    @ParameterizedTest
    @ValueSource(strings = {"\"n\"", "3", "[{\"name\": \"i\"}]", "{\"name\": \"i\"}", "\"i\""})
    void whatIsNullIsRefused(String value) {
        assertThatThrownBy(() -> mapper.readValue(WHOLE.replace(value, "null"), Outer.class))
                .isInstanceOf(JacksonException.class);
    }

    @Test
    void whatMayBeAbsentHoldsNoNullsEither() {
        var with = WHOLE.replace("\"number\"", "\"more\": [null], \"number\"");
        assertThatThrownBy(() -> mapper.readValue(with, Outer.class)).isInstanceOf(JacksonException.class);
    }
}
