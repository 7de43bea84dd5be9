package lowfield.server.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.evidence.Score;
import lowfield.core.evidence.SoftFact;
import lowfield.server.accounts.Person;
import lowfield.server.catalogue.SoftFacts;
import lowfield.server.platform.Json;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;

/** What the demo's author knows of parts beside their makers' figures. */
@Component
@ConditionalOnProperty(name = "lowfield.demo", havingValue = "true")
class DemoFacts {
    private record Known(
            String part,
            SoftFact.Form form,
            @Nullable Integer scoreHundredths,
            @Nullable Integer outOf,
            @Nullable Integer count,
            @Nullable String words,
            @Nullable String source,
            LocalDate on) {
        SoftFact fact() {
            return new SoftFact(
                    form,
                    Optional.ofNullable(count).map(c -> new Score(scoreHundredths, outOf, c)),
                    Optional.ofNullable(words).orElse(""),
                    Optional.ofNullable(source).orElse(""),
                    on);
        }
    }

    private final SoftFacts facts;

    DemoFacts(SoftFacts facts) {
        this.facts = facts;
    }

    void load(Map<String, UUID> parts, Person author) {
        read().forEach(k -> facts.keep(parts.get(k.part()), k.fact(), author));
    }

    private static List<Known> read() {
        try (var file = new ClassPathResource("demo/facts.json").getInputStream()) {
            return Json.read(new String(file.readAllBytes(), StandardCharsets.UTF_8), new TypeReference<>() {});
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
