package lowfield.server.accounts;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.server.platform.NotFound;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Service;

/** The sessions somebody has open: told and ended. A session's id is a secret and never shown; a hash of it names it. */
@Service
public class OpenSessions {
    /** What a session keeps beside whose it is. */
    public static final String BROWSER = "browser";

    public static final String NETWORK = "network";

    private static final int KEY_BYTES = 8;

    private final FindByIndexNameSessionRepository<? extends Session> sessions;

    OpenSessions(FindByIndexNameSessionRepository<? extends Session> sessions) {
        this.sessions = sessions;
    }

    /** One open session; {@code browser} is what the browser said of itself. */
    public record Open(String key, Instant since, Instant lastUsed, String browser, String network, boolean isThis) {}

    /** How the network of an address is told in the list. */
    public static String network(String address) {
        return Place.of(address).shown();
    }

    public List<Open> of(UUID account, String current) {
        return sessions.findByPrincipalName(account.toString()).values().stream()
                .filter(s -> !s.isExpired())
                .map(s -> new Open(
                        key(s.getId()),
                        s.getCreationTime(),
                        s.getLastAccessedTime(),
                        Optional.<String>ofNullable(s.getAttribute(BROWSER)).orElse(""),
                        Optional.<String>ofNullable(s.getAttribute(NETWORK)).orElse(""),
                        s.getId().equals(current)))
                .sorted(Comparator.comparing(Open::lastUsed).reversed())
                .toList();
    }

    public void end(UUID account, String key) {
        var id = sessions.findByPrincipalName(account.toString()).keySet().stream()
                .filter(s -> key(s).equals(key))
                .findFirst()
                .orElseThrow(() -> new NotFound("This session has ended already."));
        sessions.deleteById(id);
    }

    /** Ends all of an account's sessions but one, which may be none. */
    public void endAll(UUID account, Optional<String> but) {
        sessions.findByPrincipalName(account.toString()).keySet().stream()
                .filter(s -> !but.equals(Optional.of(s)))
                .toList()
                .forEach(sessions::deleteById);
    }

    private static String key(String id) {
        try {
            var hash = MessageDigest.getInstance("SHA-256").digest(id.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(hash, 0, KEY_BYTES);
        } catch (NoSuchAlgorithmException none) {
            throw new IllegalStateException(none);
        }
    }
}
