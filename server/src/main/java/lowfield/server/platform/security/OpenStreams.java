package lowfield.server.platform.security;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
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
    private final Map<SseEmitter, String> sessions = new ConcurrentHashMap<>();
    /** Whose each is, in the order in which they were opened. */
    private final Map<SseEmitter, String> people = Collections.synchronizedMap(new LinkedHashMap<>());

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
        makeRoom(person(request));
        sessions.put(stream, session.getId());
        people.put(stream, person(request));
        stream.onCompletion(() -> forget(stream));
        return stream;
    }

    private static String person(HttpServletRequest request) {
        return String.valueOf(request.getRemoteUser());
    }

    private void forget(SseEmitter stream) {
        sessions.remove(stream);
        people.remove(stream);
    }

    /** Whoever opens one desk too many loses the one that was opened first; its page opens it anew when it is looked at. */
    private void makeRoom(String person) {
        synchronized (people) {
            var own = people.entrySet().stream()
                    .filter(open -> open.getValue().equals(person))
                    .map(Map.Entry::getKey)
                    .toList();
            own.stream()
                    .limit(Math.max(0, own.size() - settings.limits().streams() + 1))
                    .forEach(stream -> {
                        forget(stream);
                        stream.complete();
                    });
        }
    }

    @Scheduled(fixedDelay = 1000)
    void endThoseWithoutSession() {
        if (sessions.isEmpty()) {
            return;
        }
        try {
            var asked = Set.copyOf(sessions.values());
            var stand = new HashSet<>(standing(asked));
            sessions.forEach((stream, session) -> {
                if (asked.contains(session) && !stand.contains(session)) {
                    forget(stream);
                    stream.complete();
                }
            });
        } catch (DataAccessException | org.springframework.dao.DataAccessException away) {
            // Nobody can be told anything just now; it is looked at again in a second.
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
