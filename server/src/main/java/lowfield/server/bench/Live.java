package lowfield.server.bench;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import lowfield.server.platform.Json;
import lowfield.server.platform.Notices;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Tells open desks what others edit, as server-sent events. What is told travels with NOTIFY in the edit's own transaction,
 * so that every instance hears it, only when it is committed, and in the order of the commits.
 */
@Component
public class Live {
    private static final int BEAT_SECONDS = 15;

    private final Notices notices;
    private final Map<UUID, Set<SseEmitter>> desks = new ConcurrentHashMap<>();
    private final ScheduledExecutorService beats = Executors.newSingleThreadScheduledExecutor(work -> {
        var thread = new Thread(work, "live-beats");
        thread.setDaemon(true);
        return thread;
    });

    Live(Notices notices) {
        this.notices = notices;
        notices.whenTold(told -> tell(Json.read(told, Change.class)));
        beats.scheduleWithFixedDelay(this::beat, BEAT_SECONDS, BEAT_SECONDS, TimeUnit.SECONDS);
    }

    /** What somebody changed: where, who, how it is called, and at which open desk it was done. */
    public record Change(UUID edition, @Nullable UUID build, String by, String label, String desk) {}

    /** To be called inside the transaction of the edit. */
    void changed(Change change) {
        notices.told(Json.write(change));
    }

    /** A desk that wants to hear of an edition's changes until it is closed. */
    public SseEmitter open(UUID edition) {
        var desk = new SseEmitter(0L);
        var watching = desks.computeIfAbsent(edition, e -> ConcurrentHashMap.newKeySet());
        Runnable gone = () -> watching.remove(desk);
        desk.onCompletion(gone);
        desk.onTimeout(gone);
        desk.onError(e -> gone.run());
        watching.add(desk);
        send(watching, desk, SseEmitter.event().comment("open"));
        return desk;
    }

    private void tell(Change change) {
        var watching = desks.getOrDefault(change.edition(), Set.of());
        for (var desk : watching) {
            send(watching, desk, SseEmitter.event().name("change").data(Json.write(change)));
        }
    }

    /** So that a desk that went away without a word is noticed, and nothing between closes a quiet line. */
    private void beat() {
        desks.values()
                .forEach(watching -> watching.forEach(
                        desk -> send(watching, desk, SseEmitter.event().comment("still here"))));
        desks.values().removeIf(Set::isEmpty);
    }

    private static void send(Set<SseEmitter> watching, SseEmitter desk, SseEmitter.SseEventBuilder event) {
        try {
            desk.send(event);
        } catch (IOException | IllegalStateException left) {
            watching.remove(desk);
        }
    }

    /** Open lines do not hold the server up when it is told to stop. */
    @EventListener(ContextClosedEvent.class)
    void closing() {
        desks.values().forEach(watching -> watching.forEach(SseEmitter::complete));
    }

    @PreDestroy
    void stop() {
        beats.shutdownNow();
    }
}
