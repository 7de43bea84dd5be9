package lowfield.server.triage.web;

import io.swagger.v3.oas.annotations.Operation;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.server.accounts.Person;
import lowfield.server.triage.Mover;
import lowfield.server.triage.Triage;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The period's queue of what moved, and decisions about it. */
@RestController
@RequestMapping("/api/editions/{edition}/movers")
class TriageController {
    record Choice(
            String fingerprint,
            Mover.Decision decision,
            @Nullable String why) {}

    private final Triage triage;

    TriageController(Triage triage) {
        this.triage = triage;
    }

    @Operation(operationId = "listMovers", summary = "List what moved in the period, and what was decided")
    @GetMapping
    Triage.Queue queue(@PathVariable UUID edition) {
        return triage.queue(edition);
    }

    @Operation(operationId = "decideMover", summary = "Decide about a mover")
    @PutMapping("/{key}/decision")
    Triage.Queue decide(
            @PathVariable UUID edition,
            @PathVariable String key,
            @RequestBody Choice choice,
            @AuthenticationPrincipal Person person) {
        RuleBroken.unless(key.length() <= 120, "There is no such mover.");
        return triage.decide(
                edition,
                key,
                choice.fingerprint(),
                choice.decision(),
                choice.why() == null ? "" : choice.why().strip(),
                person);
    }

    @Operation(operationId = "withdrawDecision", summary = "Take back a decision about a mover")
    @DeleteMapping("/{key}/decision")
    Triage.Queue takeBack(
            @PathVariable UUID edition,
            @PathVariable String key,
            @RequestParam String fingerprint,
            @AuthenticationPrincipal Person person) {
        return triage.takeBack(edition, key, fingerprint, person);
    }
}
