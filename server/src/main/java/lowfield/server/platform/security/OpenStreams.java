package lowfield.server.platform.security;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import lowfield.server.platform.Settings;
import org.jooq.DSLContext;
import org.jooq.exception.DataAccessException;
import org.jooq.impl.DSL;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * The live streams that are open, each bound to the session it was asked for in: within a second after that has ended, by
 * whomever and on whichever server, the stream ends, too.
 */
@Component
public class OpenStreams {
    private static final String STAND =
            "select session_id from spring_session where session_id = any ({0}) and expiry_time > {1} and creation_time > {2}";

    private final DSLContext db;
    private final Settings settings;
    /** In the order in which they were opened. */
    private final Map<SseEmitter, Open> open = Collections.synchronizedMap(new LinkedHashMap<>());

    private record Open(String session, String person) {}

    OpenStreams(DSLContext db, Settings settings) {
        this.db = db;
        this.settings = settings;
    }

    /** Binds a stream to the session of the request it answers. */
    public SseEmitter bound(SseEmitter stream, HttpServletRequest request) {
        var session = request.getSession(false);
        if (session == null) {
            stream.complete();
            return stream;
        }
        var person = String.valueOf(request.getRemoteUser());
        open.put(stream, new Open(session.getId(), person));
        stream.onCompletion(() -> open.remove(stream));
        ofOne(person).forEach(this::end);
        return stream;
    }

    /** Those that one person has too many, the longest open first. */
    private List<SseEmitter> ofOne(String person) {
        synchronized (open) {
            var own = open.entrySet().stream()
                    .filter(one -> one.getValue().person().equals(person))
                    .map(Map.Entry::getKey)
                    .toList();
            return own.subList(0, Math.max(0, own.size() - settings.limits().streams()));
        }
    }

    private void end(SseEmitter stream) {
        open.remove(stream);
        stream.complete();
    }

    @Scheduled(fixedDelay = 1000)
    void endThoseWithoutSession() {
        if (open.isEmpty()) {
            return;
        }
        try {
            var asked = now();
            var stand = new HashSet<>(
                    standing(asked.values().stream().map(Open::session).collect(Collectors.toSet())));
            asked.forEach((stream, one) -> {
                if (!stand.contains(one.session())) {
                    end(stream);
                }
            });
        } catch (DataAccessException | org.springframework.dao.DataAccessException away) {
            // Nobody can be told anything just now; it is looked at again in a second.
        }
    }

    private Map<SseEmitter, Open> now() {
        synchronized (open) {
            return Map.copyOf(open);
        }
    }

    private Set<String> standing(Set<String> asked) {
        var now = System.currentTimeMillis();
        return db.resultQuery(
                        STAND,
                        DSL.val(asked.toArray(String[]::new)),
                        DSL.val(now),
                        DSL.val(now - settings.longestSession().toMillis()))
                .fetchSet(0, String.class);
    }
}
