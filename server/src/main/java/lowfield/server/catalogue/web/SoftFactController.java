package lowfield.server.catalogue.web;

import io.swagger.v3.oas.annotations.Operation;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import lowfield.core.evidence.Score;
import lowfield.core.evidence.SoftFact;
import lowfield.server.accounts.Person;
import lowfield.server.catalogue.Parts;
import lowfield.server.catalogue.SoftFactForm;
import lowfield.server.catalogue.SoftFacts;
import org.jspecify.annotations.Nullable;
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

/** What is known of a part beside its maker's figures. */
@RestController
@RequestMapping("/api")
class SoftFactController {
    record FactView(
            UUID id,
            SoftFact.Form form,
            String formWords,
            @Nullable Integer scoreHundredths,
            @Nullable Integer outOf,
            @Nullable Integer count,
            String words,
            String source,
            LocalDate on,
            String by) {}

    /** Everything that is known, the newest first; the reviews together in a sentence, empty when there is none. */
    record FactsView(String reviews, List<FactView> facts) {}

    private final SoftFacts facts;
    private final Parts parts;

    SoftFactController(SoftFacts facts, Parts parts) {
        this.facts = facts;
        this.parts = parts;
    }

    @Operation(operationId = "listFacts", summary = "List what is known of a part beside its figures")
    @GetMapping("/parts/{id}/facts")
    FactsView facts(@PathVariable UUID id) {
        var part = parts.catalogue().part(id).id();
        var known = facts.of(List.of(part));
        return new FactsView(
                known.reviews(part),
                known.of(part).stream().map(SoftFactController::view).toList());
    }

    private static FactView view(SoftFacts.Kept kept) {
        var fact = kept.fact();
        return new FactView(
                kept.id(),
                fact.form(),
                fact.form().words(),
                fact.score().map(Score::hundredths).orElse(null),
                fact.score().map(Score::outOf).orElse(null),
                fact.score().map(Score::count).orElse(null),
                fact.words(),
                fact.source(),
                fact.on(),
                kept.by());
    }

    @Operation(operationId = "addFact", summary = "Add a fact about a part")
    @PostMapping("/parts/{id}/facts")
    @ResponseStatus(HttpStatus.CREATED)
    FactsView keep(@PathVariable UUID id, @RequestBody SoftFactForm fact, @AuthenticationPrincipal Person person) {
        facts.keep(id, fact.fact(facts.today()), person);
        return facts(id);
    }

    @Operation(operationId = "removeFact", summary = "Remove a fact about a part")
    @DeleteMapping("/facts/{fact}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeOut(@PathVariable UUID fact) {
        facts.takeOut(fact);
    }
}
