package lowfield.server.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import lowfield.server.catalogue.SoftFactForm;
import lowfield.server.catalogue.SoftFacts;
import lowfield.server.platform.Json;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;

/** What the demo's author knows of parts beside their makers' figures. */
@Component
@ConditionalOnProperty(name = "lowfield.demo", havingValue = "true")
class DemoFacts {
    private record Known(String part, SoftFactForm fact) {}

    private final SoftFacts facts;

    DemoFacts(SoftFacts facts) {
        this.facts = facts;
    }

    void load(DemoWorld world) {
        read().forEach(k -> facts.keep(world.part(k.part()), k.fact().fact(facts.today()), world.author()));
    }

    private static List<Known> read() {
        try (var file = new ClassPathResource("demo/facts.json").getInputStream()) {
            return Json.read(new String(file.readAllBytes(), StandardCharsets.UTF_8), new TypeReference<>() {});
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
