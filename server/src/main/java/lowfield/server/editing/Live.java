package lowfield.server.editing;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import lowfield.server.platform.Json;
import lowfield.server.platform.Notices;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Tells open desks what others edit, as server-sent events. What is told travels with NOTIFY once the edit is
 * committed, so that every instance hears it and nobody hears of what was rolled back.
 */
@Component
public class Live {
    private static final int BEAT_SECONDS = 15;
    private static final int MOST_WAITING = 200;

    private final Notices notices;
    private final Map<UUID, Set<OpenDesk>> desks = new ConcurrentHashMap<>();
    private final ScheduledExecutorService work = Executors.newScheduledThreadPool(4, runnable -> {
        var thread = new Thread(runnable, "live");
        thread.setDaemon(true);
        return thread;
    });

    Live(Notices notices) {
        this.notices = notices;
        notices.whenTold(told -> tell(Json.read(told, Change.class)));
        work.scheduleWithFixedDelay(this::beat, BEAT_SECONDS, BEAT_SECONDS, TimeUnit.SECONDS);
    }

    /** What somebody changed: where, who, how it is called, and at which open desk it was done. */
    public record Change(UUID edition, @Nullable UUID build, String by, String label, String desk) {}

    /**
     * One open line. Events leave it in order, and never on the thread that brings them: a desk that reads slowly holds
     * nobody up but itself.
     */
    private final class OpenDesk {
        private final SseEmitter emitter = new SseEmitter(0L);
        private final Set<OpenDesk> watching;
        private final AtomicInteger waiting = new AtomicInteger();
        private CompletableFuture<Void> last = CompletableFuture.completedFuture(null);

        OpenDesk(Set<OpenDesk> watching) {
            this.watching = watching;
            emitter.onCompletion(this::gone);
            emitter.onTimeout(this::gone);
            emitter.onError(e -> gone());
            watching.add(this);
        }

        /** A desk that takes nothing while so much is told is let go; it opens anew and reads what it missed. */
        synchronized void send(SseEmitter.SseEventBuilder event) {
            if (waiting.incrementAndGet() > MOST_WAITING) {
                gone();
                emitter.complete();
                return;
            }
            last = last.thenRunAsync(() -> write(event), work);
        }

        private void write(SseEmitter.SseEventBuilder event) {
            waiting.decrementAndGet();
            try {
                emitter.send(event);
            } catch (IOException | IllegalStateException left) {
                gone();
            }
        }

        private void gone() {
            watching.remove(this);
        }
    }

    /** To be called inside the transaction of the edit. */
    void changed(Change change) {
        notices.told(Json.write(change));
    }

    /** A desk that wants to hear of an edition's changes until it is closed. */
    public SseEmitter open(UUID edition) {
        var desk = new OpenDesk(desks.computeIfAbsent(edition, e -> ConcurrentHashMap.newKeySet()));
        desk.send(SseEmitter.event().comment("open"));
        return desk.emitter;
    }

    private void tell(Change change) {
        desks.getOrDefault(change.edition(), Set.of())
                .forEach(desk -> desk.send(SseEmitter.event().name("change").data(Json.write(change))));
    }

    /** So that a desk that went away without a word is noticed, and nothing between closes a quiet line. */
    private void beat() {
        desks.values()
                .forEach(watching ->
                        watching.forEach(desk -> desk.send(SseEmitter.event().comment("still here"))));
    }

    /** Open lines do not hold the server up when it is told to stop. */
    @EventListener(ContextClosedEvent.class)
    void closing() {
        desks.values().forEach(watching -> watching.forEach(desk -> desk.emitter.complete()));
    }

    @PreDestroy
    void stop() {
        work.shutdownNow();
    }
}
