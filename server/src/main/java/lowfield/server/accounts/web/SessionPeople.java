package lowfield.server.accounts.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.server.accounts.Accounts;
import lowfield.server.accounts.Person;
import lowfield.server.accounts.SecondFactors;
import lowfield.server.platform.Settings;
import lowfield.server.platform.security.Security;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.DeferredSecurityContext;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.core.context.SecurityContextImpl;
import org.springframework.security.web.context.HttpRequestResponseHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.stereotype.Component;

/**
 * Who asks. A session holds an account's id and nothing that could grow old: name, role and whether the person is still at
 * this desk are read on each request that needs to know.
 */
@Component
class SessionPeople implements SecurityContextRepository {
    static final String ACCOUNT = FindByIndexNameSessionRepository.PRINCIPAL_NAME_INDEX_NAME;

    private final Accounts accounts;
    private final Settings settings;
    private final SecondFactors factors;

    SessionPeople(Accounts accounts, Settings settings, SecondFactors factors) {
        this.accounts = accounts;
        this.settings = settings;
        this.factors = factors;
    }

    @Override
    public DeferredSecurityContext loadDeferredContext(HttpServletRequest request) {
        return new Deferred(request);
    }

    @Override
    @SuppressWarnings("deprecation")
    public SecurityContext loadContext(HttpRequestResponseHolder holder) {
        return loadDeferredContext(holder.getRequest()).get();
    }

    /** Nothing is kept: the session has the account's id since it was opened. */
    @Override
    public void saveContext(SecurityContext context, HttpServletRequest request, HttpServletResponse response) {}

    @Override
    public boolean containsContext(HttpServletRequest request) {
        return account(request.getSession(false)).isPresent();
    }

    /** Of somebody just signed in; the next request asks again what they may do. */
    static SecurityContext of(Person person) {
        return of(person, "ROLE_" + person.role());
    }

    private SecurityContext asked(Person person) {
        return factors.isMissing(person.id()) ? of(person, Security.WITHOUT_FACTOR) : of(person);
    }

    private static SecurityContext of(Person person, String role) {
        var authority = new SimpleGrantedAuthority(role);
        return new SecurityContextImpl(
                UsernamePasswordAuthenticationToken.authenticated(person, null, List.of(authority)));
    }

    private static Optional<UUID> account(@org.jspecify.annotations.Nullable HttpSession session) {
        return Optional.ofNullable(session)
                .map(s -> (String) s.getAttribute(ACCOUNT))
                .map(UUID::fromString);
    }

    private final class Deferred implements DeferredSecurityContext {
        private final HttpServletRequest request;
        private Optional<SecurityContext> context = Optional.empty();

        Deferred(HttpServletRequest request) {
            this.request = request;
        }

        @Override
        public SecurityContext get() {
            if (context.isEmpty()) {
                context = Optional.of(read().orElseGet(SecurityContextHolder::createEmptyContext));
            }
            return context.get();
        }

        @Override
        public boolean isGenerated() {
            return get().getAuthentication() == null;
        }

        private Optional<SecurityContext> read() {
            var session = request.getSession(false);
            var account = account(session);
            if (account.isEmpty()) {
                return Optional.empty();
            }
            var age = System.currentTimeMillis() - session.getCreationTime();
            var person = age > settings.longestSession().toMillis()
                    ? Optional.<Person>empty()
                    : accounts.standing(account.get());
            if (person.isEmpty()) {
                session.invalidate();
            }
            return person.map(SessionPeople.this::asked);
        }
    }
}
