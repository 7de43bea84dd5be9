package lowfield.server.editing.web;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.servlet.http.HttpServletRequest;
import java.util.UUID;
import lowfield.server.editing.Live;
import lowfield.server.guide.Editions;
import lowfield.server.platform.security.OpenStreams;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Other people's changes of an edition as they are made. */
@RestController
@RequestMapping("/api")
class LiveController {
    private final Live live;
    private final Editions editions;
    private final OpenStreams streams;

    LiveController(Live live, Editions editions, OpenStreams streams) {
        this.streams = streams;
        this.live = live;
        this.editions = editions;
    }

    @Operation(operationId = "streamChanges", summary = "Hear of an edition's changes as server-sent events")
    @GetMapping(path = "/editions/{edition}/changes", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    ResponseEntity<SseEmitter> changes(@PathVariable UUID edition, HttpServletRequest request) {
        var info = editions.byId(edition);
        return ResponseEntity.ok()
                .header("Cache-Control", "no-store")
                .header("X-Accel-Buffering", "no")
                .body(streams.bound(live.open(info.id()), request));
    }
}
