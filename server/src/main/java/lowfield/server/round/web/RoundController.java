package lowfield.server.round.web;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Duration;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import lowfield.core.guide.RoundPlan;
import lowfield.server.accounts.Person;
import lowfield.server.guide.Guides;
import lowfield.server.platform.security.OpenStreams;
import lowfield.server.round.RoundProgress;
import lowfield.server.round.Rounds;
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
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Price rounds. */
@RestController
@RequestMapping("/api")
class RoundController {
    private static final Duration LONGEST = Duration.ofMinutes(30);

    private final Rounds rounds;
    private final RoundProgress progress;
    private final Guides guides;
    private final OpenStreams streams;
    private final ScheduledExecutorService ticker = Executors.newSingleThreadScheduledExecutor(r -> {
        var thread = new Thread(r, "round-events");
        thread.setDaemon(true);
        return thread;
    });

    RoundController(Rounds rounds, RoundProgress progress, Guides guides, OpenStreams streams) {
        this.streams = streams;
        this.rounds = rounds;
        this.progress = progress;
        this.guides = guides;
    }

    @Operation(operationId = "startRound", summary = "Start a round of prices")
    @PostMapping("/guides/{slug}/rounds")
    @ResponseStatus(HttpStatus.ACCEPTED)
    RoundProgress.Progress start(
            @PathVariable String slug,
            @RequestParam(defaultValue = "ALL") RoundPlan.Scope scope,
            @AuthenticationPrincipal Person person) {
        return progress.of(rounds.start(guides.bySlug(slug).id(), scope, person));
    }

    @Operation(operationId = "getLatestRound", summary = "Get the latest round")
    @GetMapping("/guides/{slug}/rounds/latest")
    ResponseEntity<RoundProgress.Progress> latest(@PathVariable String slug) {
        return progress.latest(guides.bySlug(slug).id())
                .map(ResponseEntity::ok)
                .orElseGet(() -> ResponseEntity.noContent().build());
    }

    @Operation(operationId = "getRound", summary = "Get the progress of a round")
    @GetMapping("/rounds/{id}")
    RoundProgress.Progress progress(@PathVariable UUID id) {
        return progress.of(id);
    }

    @Operation(operationId = "cancelRound", summary = "Cancel a round")
    @DeleteMapping("/rounds/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void cancel(@PathVariable UUID id) {
        rounds.cancel(id);
    }

    /** Whether a round waits for its author. */
    record Paused(boolean paused) {}

    @Operation(operationId = "pauseRound", summary = "Pause a round, or let it go on")
    @PutMapping("/rounds/{id}/paused")
    RoundProgress.Progress pause(@PathVariable UUID id, @RequestBody Paused wanted) {
        if (wanted.paused()) {
            rounds.pause(id);
        } else {
            rounds.goOn(id);
        }
        return progress.of(id);
    }

    /** The progress as it changes, until the round has ended. */
    @Operation(operationId = "streamRound", summary = "Hear of a round's progress as server-sent events")
    @GetMapping(path = "/rounds/{id}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events(@PathVariable UUID id, HttpServletRequest request) {
        progress.of(id);
        var emitter = new SseEmitter(LONGEST.toMillis());
        var ticking = ticker.scheduleWithFixedDelay(() -> tick(emitter, id), 0, 300, TimeUnit.MILLISECONDS);
        emitter.onCompletion(() -> ticking.cancel(false));
        emitter.onTimeout(emitter::complete);
        emitter.onError(e -> ticking.cancel(false));
        return streams.bound(emitter, request);
    }

    private void tick(SseEmitter emitter, UUID id) {
        try {
            var now = progress.of(id);
            emitter.send(now);
            if (now.endedAt() != null) {
                emitter.complete();
            }
        } catch (IOException | RuntimeException gone) {
            emitter.completeWithError(gone);
        }
    }
}
