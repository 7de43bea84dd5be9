package lowfield.server.platform;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json31;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.web.csrf.CsrfToken;

/** The description of the HTTP interface, from which the front end's client is generated. */
@Configuration
class OpenApi {
    static {
        SpringDocUtils.getConfig()
                .addAnnotationsToIgnore(AuthenticationPrincipal.class)
                .addRequestWrapperToIgnore(CsrfToken.class);
    }

    @Bean
    OpenAPI description() {
        return new OpenAPI()
                .info(
                        new Info()
                                .title("Lowfield")
                                .version("1")
                                .description(
                                        "The desk of a build guide's author. Every change carries an Idempotency-Key of its own, by which it can be sent again when its answer was lost; but for what x-not-repeated lists: its answers are secrets, or from outside, and are never kept."))
                .servers(List.of(new Server().url("/")));
    }

    @Bean
    ModelConverter requiredComponents() {
        return new RequiredComponents();
    }

    /** Every component of a record is required unless it is marked {@link Nullable}. */
    private static final class RequiredComponents implements ModelConverter {
        @Override
        public @Nullable Schema<?> resolve(
                AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
            var schema = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
            var raw = Json31.mapper().constructType(type.getType()).getRawClass();
            if (raw.isRecord()) {
                var model = context.getDefinedModels().get(raw.getSimpleName());
                if (model != null) {
                    model.setRequired(Arrays.stream(raw.getRecordComponents())
                            .filter(OpenApi::isRequired)
                            .map(RecordComponent::getName)
                            .sorted()
                            .toList());
                }
            }
            return schema;
        }
    }

    private static boolean isRequired(RecordComponent component) {
        return !component.getAnnotatedType().isAnnotationPresent(Nullable.class);
    }
}
