package lowfield.server.platform;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.PathItem;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.parameters.HeaderParameter;
import io.swagger.v3.oas.models.parameters.Parameter;
import io.swagger.v3.oas.models.responses.ApiResponse;
import io.swagger.v3.oas.models.security.SecurityRequirement;
import io.swagger.v3.oas.models.security.SecurityScheme;
import io.swagger.v3.oas.models.tags.Tag;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;

/**
 * What the description of the HTTP interface says of every operation alike: to which part of the desk it belongs, that it
 * needs a session, and which problems can come.
 */
@Component
class ApiDescription implements OpenApiCustomizer, OperationCustomizer {
    private static final String SESSION = "session";
    private static final String KEY = "IdempotencyKey";
    private static final String PROBLEM = "Problem";
    /** Operations for who is not signed in yet. */
    private static final Set<String> OPEN = Set.of("signIn", "getSession", "createFirstAccount", "readLink", "useLink");

    /** Operations that somebody could guess at. */
    private static final Set<String> GUESSED =
            Set.of("signIn", "createFirstAccount", "readLink", "useLink", "changePassword");

    private static final Map<String, String> TAGS = new TreeMap<>(Map.ofEntries(
            Map.entry("accounts", "People, sessions and one-time links"),
            Map.entry("bench", "Builds, lines and what would fit them"),
            Map.entry("catalogue", "Parts, chips and what is known of them"),
            Map.entry("exchange", "Parts as files"),
            Map.entry("guide", "Guides, tiers and editions"),
            Map.entry("history", "Prices through time"),
            Map.entry("press", "Checks before publishing, and publishing"),
            Map.entry("prices", "Rounds and typed prices"),
            Map.entry("shops", "Shops and their pages"),
            Map.entry("triage", "What moved in a period"),
            Map.entry("editing", "Edits of lines, builds and tiers, undo and history"),
            Map.entry("intake", "Parts from product pages"),
            Map.entry("picture", "The author's own pictures"),
            Map.entry("pricesheet", "Prices to be typed"),
            Map.entry("updates", "What an update changed"),
            Map.entry("rates", "Exchange rates, and where they come from"),
            Map.entry("round", "Rounds, list by list and page by page")));

    @Override
    public Operation customize(Operation operation, HandlerMethod method) {
        var room = method.getBeanType().getPackageName().split("\\.")[2];
        operation.setTags(List.of(room));
        return operation;
    }

    @Override
    public void customise(OpenAPI api) {
        api.setTags(TAGS.entrySet().stream()
                .map(t -> new Tag().name(t.getKey()).description(t.getValue()))
                .toList());
        api.getComponents()
                .addSecuritySchemes(
                        SESSION,
                        new SecurityScheme()
                                .type(SecurityScheme.Type.APIKEY)
                                .in(SecurityScheme.In.COOKIE)
                                .name("LOWFIELD_SESSION")
                                .description("The session of somebody who is signed in. What changes something also"
                                        + " carries the XSRF-TOKEN cookie's value in X-XSRF-TOKEN."))
                .addSchemas(PROBLEM, problem());
        api.setSecurity(List.of(new SecurityRequirement().addList(SESSION)));
        api.getComponents().addParameters(KEY, key());
        api.addExtension("x-not-repeated", NotRepeated.ADDRESSES);
        api.getPaths()
                .forEach((address, path) -> path.readOperationsMap().forEach((method, operation) -> {
                    describe(method, operation);
                    if (method != PathItem.HttpMethod.GET && !NotRepeated.at(address)) {
                        operation.addParametersItem(new Parameter().$ref("#/components/parameters/" + KEY));
                    }
                }));
    }

    private static Parameter key() {
        return new HeaderParameter()
                .name("Idempotency-Key")
                .required(false)
                .schema(new StringSchema().minLength(8).maxLength(64))
                .description(
                        "A name of its own for each change. Sent again with the same name, a change is done once and"
                                + " answered as it was the first time; what was refused may be sent again.");
    }

    private void describe(PathItem.HttpMethod method, Operation operation) {
        var isOpen = OPEN.contains(operation.getOperationId());
        if (isOpen) {
            operation.setSecurity(List.of());
        }
        var problems = new TreeMap<String, String>();
        problems.put("400", "The request cannot be read; the sentence names the field");
        if (!isOpen) {
            problems.put("401", "Nobody is signed in");
            problems.put("403", "Not for this role, or without the CSRF token");
        }
        if (has(operation, "path")) {
            problems.put("404", "It does not exist, or not under what stands before it in the address");
        }
        if (method != PathItem.HttpMethod.GET) {
            problems.put("409", "It does not go with what is there");
            problems.put("422", "A rule is broken; the sentence says which, and what to do");
        }
        if (has(operation, "header")) {
            problems.put("412", "Somebody else has changed it since the version that was named");
            problems.put("428", "The version it was made from is missing in If-Match");
        }
        if (GUESSED.contains(operation.getOperationId())) {
            problems.put("429", "Too many attempts; wait");
        }
        problems.forEach((code, said) -> operation.getResponses().addApiResponse(code, response(said)));
    }

    private static boolean has(Operation operation, String in) {
        return Optional.ofNullable(operation.getParameters()).orElse(List.of()).stream()
                .map(Parameter::getIn)
                .anyMatch(in::equals);
    }

    private static ApiResponse response(String said) {
        return new ApiResponse()
                .description(said)
                .content(new Content()
                        .addMediaType(
                                "application/problem+json",
                                new MediaType().schema(new Schema<>().$ref("#/components/schemas/" + PROBLEM))));
    }

    /** A problem detail (RFC 9457); some carry more. */
    private static Schema<?> problem() {
        return new ObjectSchema()
                .description("A problem detail (RFC 9457) with a stable type and a sentence a person can act on")
                .addProperty("type", new StringSchema().format("uri-reference"))
                .addProperty("title", new StringSchema())
                .addProperty("status", new IntegerSchema())
                .addProperty("detail", new StringSchema())
                .addProperty("instance", new StringSchema().format("uri-reference"))
                .additionalProperties(true)
                .required(List.of("type", "title", "status", "detail"));
    }
}
