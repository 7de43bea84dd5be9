package lowfield.server.press.web;

import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.Operation;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import lowfield.server.accounts.Person;
import lowfield.server.platform.Versions;
import lowfield.server.press.Press;
import lowfield.server.press.PublishChecks;
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
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Checks, preview and publishing. */
@RestController
@RequestMapping("/api/editions/{edition}")
class PressController {
    /**
     * @param problems the ids of the problems as they were read
     * @param shown whether readers see the reason
     */
    record PublishException(List<String> problems, String reason, boolean shown) {}

    record Seen(List<Press.ProofTotal> totals) {}

    record PublishedAt(int edition, String hash, String address) {}

    private final PublishChecks checks;
    private final Press press;
    private final ReaderSite site;

    PressController(PublishChecks checks, Press press, ReaderSite site) {
        this.checks = checks;
        this.press = press;
        this.site = site;
    }

    @Operation(
            operationId = "listPublishChecks",
            summary = "List the checks before publishing with the problems that fail them and their exceptions")
    @GetMapping("/publish-checks")
    List<PublishChecks.CheckView> checks(@PathVariable UUID edition) {
        return checks.of(edition);
    }

    @Operation(
            operationId = "publishAnyway",
            summary = "Let problems through for a written reason; each has an exception of its own")
    @PostMapping("/exceptions")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void except(
            @PathVariable UUID edition,
            @RequestBody PublishException exception,
            @AuthenticationPrincipal Person person) {
        checks.except(edition, exception.problems(), exception.reason(), exception.shown(), person);
    }

    @Operation(operationId = "withdrawException", summary = "Take back the exception of a problem")
    @DeleteMapping("/exceptions/{problem}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void withdraw(@PathVariable UUID edition, @PathVariable String problem) {
        checks.takeBack(edition, problem);
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
