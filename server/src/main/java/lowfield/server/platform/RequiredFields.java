package lowfield.server.platform;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import java.lang.reflect.AnnotatedType;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.introspect.Annotated;
import tools.jackson.databind.introspect.AnnotatedMember;
import tools.jackson.databind.introspect.AnnotatedParameter;
import tools.jackson.databind.introspect.NopAnnotationIntrospector;

/**
 * Says of a request's JSON what the code says of its records: a component that is not {@code @Nullable} has to be there and
 * is not null; nor is what a list or map holds. What breaks this is refused with the field, before anybody works with it.
 */
@Configuration(proxyBeanMethods = false)
class RequiredFields {
    @Bean
    JsonMapperBuilderCustomizer asRecordsSay() {
        return builder -> builder.annotationIntrospector(tools.jackson.databind.AnnotationIntrospector.pair(
                new OfRecords(), new tools.jackson.databind.introspect.JacksonAnnotationIntrospector()));
    }

    private static final class OfRecords extends NopAnnotationIntrospector {
        private static final long serialVersionUID = 1L;

        @Override
        public @Nullable Boolean hasRequiredMarker(MapperConfig<?> config, AnnotatedMember member) {
            return component(member).map(c -> !isNullable(c)).orElse(null);
        }

        @Override
        public JsonSetter.Value findSetterInfo(MapperConfig<?> config, Annotated member) {
            return component(member)
                    .map(c -> JsonSetter.Value.forValueNulls(
                            isNullable(c) ? Nulls.DEFAULT : Nulls.FAIL, isOfNullables(c) ? Nulls.DEFAULT : Nulls.FAIL))
                    .orElseGet(JsonSetter.Value::empty);
        }

        private static Optional<RecordComponent> component(Annotated member) {
            if (!(member instanceof AnnotatedParameter parameter)
                    || !parameter.getDeclaringClass().isRecord()
                    || !parameter.getDeclaringClass().getName().startsWith("lowfield.")) {
                return Optional.empty();
            }
            return Optional.of(parameter.getDeclaringClass().getRecordComponents()[parameter.getIndex()]);
        }

        private static boolean isNullable(RecordComponent component) {
            return component.getType() == Optional.class || isNullable(component.getAnnotatedType());
        }

        private static boolean isNullable(AnnotatedType type) {
            return type.isAnnotationPresent(Nullable.class);
        }

        private static boolean isOfNullables(RecordComponent component) {
            return component.getAnnotatedType() instanceof java.lang.reflect.AnnotatedParameterizedType of
                    && Arrays.stream(of.getAnnotatedActualTypeArguments()).anyMatch(OfRecords::isNullable);
        }
    }
}
