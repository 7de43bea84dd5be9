package lowfield.server.platform;

import java.util.Optional;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** Which open desk a request comes from: a name that each window gives itself, so that it does not hear its own echo. */
public final class Desks {
    private static final String HEADER = "X-Desk";
    private static final int LONGEST = 64;

    private Desks() {}

    /** The name; empty outside of a request, and when the window gave itself none. */
    public static String current() {
        return Optional.ofNullable(RequestContextHolder.getRequestAttributes())
                .filter(ServletRequestAttributes.class::isInstance)
                .map(a -> ((ServletRequestAttributes) a).getRequest().getHeader(HEADER))
                .filter(name -> name.length() <= LONGEST)
                .orElse("");
    }
}
