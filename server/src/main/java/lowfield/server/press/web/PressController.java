package lowfield.server.press.web;

import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.Operation;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import lowfield.core.attention.Gate;
import lowfield.server.accounts.Person;
import lowfield.server.platform.Versions;
import lowfield.server.press.Preflights;
import lowfield.server.press.Press;
import lowfield.server.readers.ReaderSite;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Preflight, preview and publishing. */
@RestController
@RequestMapping("/api/editions/{edition}")
class PressController {
    record Waiver(String reason) {}

    record Seen(List<Press.ProofTotal> totals) {}

    record PublishedAt(int edition, String hash, String address) {}

    private final Preflights preflights;
    private final Press press;
    private final ReaderSite site;

    PressController(Preflights preflights, Press press, ReaderSite site) {
        this.preflights = preflights;
        this.press = press;
        this.site = site;
    }

    @Operation(operationId = "listGates", summary = "List the checks before publishing with what fails them")
    @GetMapping("/preflight")
    List<Preflights.GateView> preflight(@PathVariable UUID edition) {
        return preflights.of(edition);
    }

    @Operation(operationId = "waiveGate", summary = "Publish in spite of a check, for a written reason")
    @PutMapping("/waivers/{gate}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void waive(
            @PathVariable UUID edition,
            @PathVariable Gate gate,
            @RequestBody Waiver waiver,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
            @AuthenticationPrincipal Person person) {
        preflights.waive(edition, gate, waiver.reason(), Versions.expected(ifMatch), person);
    }

    @Operation(operationId = "withdrawWaiver", summary = "Take back an exception")
    @DeleteMapping("/waivers/{gate}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void withdraw(
            @PathVariable UUID edition,
            @PathVariable Gate gate,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch) {
        preflights.withdraw(edition, gate, Versions.expected(ifMatch));
    }

    @Operation(operationId = "getProof", summary = "Get the version and totals that publishing now would freeze")
    @GetMapping("/proof")
    Press.Proof proof(@PathVariable UUID edition) {
        return press.proof(edition);
    }

    /** What is published is what was seen: the version of the proof, and its totals. */
    @Operation(operationId = "publishEdition", summary = "Publish what was seen in a proof")
    @PostMapping("/publication")
    @ResponseStatus(HttpStatus.CREATED)
    PublishedAt publish(
            @PathVariable UUID edition,
            @RequestBody Seen seen,
            @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
            @AuthenticationPrincipal Person person) {
        var result = press.publish(edition, new Press.Proof(Versions.expected(ifMatch), seen.totals()), person);
        return new PublishedAt(result.edition(), result.hash(), site.address(result.path()));
    }

    @Hidden
    @GetMapping("/preview")
    ResponseEntity<byte[]> preview(@PathVariable UUID edition) {
        return ResponseEntity.ok()
                .header("Content-Security-Policy", ReaderSite.POLICY)
                .contentType(new MediaType("text", "html", StandardCharsets.UTF_8))
                .body(press.preview(edition).getBytes(StandardCharsets.UTF_8));
    }
}
