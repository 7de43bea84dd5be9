package lowfield.server.bench.web;

import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import java.util.UUID;
import lowfield.core.part.Kind;
import lowfield.server.accounts.Person;
import lowfield.server.bench.KeptQueries;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Query sentences kept by name. */
@RestController
@RequestMapping("/api")
class KeptController {
    record NewKept(String name, String sentence) {}

    private final KeptQueries queries;

    KeptController(KeptQueries queries) {
        this.queries = queries;
    }

    @Operation(operationId = "listSentences", summary = "List the query sentences kept for a kind")
    @GetMapping("/kinds/{kind}/sentences")
    List<KeptQueries.Kept> of(@PathVariable Kind kind) {
        return queries.of(kind);
    }

    @Operation(operationId = "keepSentence", summary = "Keep a query sentence by name")
    @PostMapping("/kinds/{kind}/sentences")
    @ResponseStatus(HttpStatus.CREATED)
    KeptQueries.Kept keep(@PathVariable Kind kind, @RequestBody NewKept kept, @AuthenticationPrincipal Person person) {
        return queries.keep(kind, kept.name(), kept.sentence(), person);
    }

    @Operation(operationId = "removeSentence", summary = "Remove a kept query sentence")
    @DeleteMapping("/sentences/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void letGo(@PathVariable UUID id) {
        queries.letGo(id);
    }
}
