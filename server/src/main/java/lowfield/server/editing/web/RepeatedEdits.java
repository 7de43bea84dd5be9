package lowfield.server.editing.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.SocketTimeoutException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Pattern;
import lowfield.core.Fingerprint;
import lowfield.core.RuleBroken;
import lowfield.server.accounts.Person;
import lowfield.server.platform.NotRepeated;
import lowfield.server.platform.SpooledUploads;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.HandlerExceptionResolver;
import org.springframework.web.util.ContentCachingResponseWrapper;

/**
 * An edit that carries an {@code Idempotency-Key} is done once: sent again, because its answer was lost, it is answered as
 * it was the first time. Key, edit and answer are one transaction. Only what was done is kept; what was refused may be sent
 * again with the same key.
 */
@Component
class RepeatedEdits extends OncePerRequestFilter {
    private static final String KEY = "Idempotency-Key";
    private static final Set<String> MUTATING = Set.of("POST", "PUT", "PATCH", "DELETE");
    /** What takes files of parts, which may only be looked at. */
    private static final Pattern LISTS = Pattern.compile("/api/kinds/[^/]+/file");

    /** What takes pictures: one that is sent again is the one that is there, and drawing takes too long for a transaction. */
    private static final Pattern PICTURES = Pattern.compile("/api/.+/pictures");

    private static final int SHORTEST = 8;
    private static final int LONGEST = 64;

    private final EditKeys keys;
    private final TransactionTemplate transaction;
    private final HandlerExceptionResolver problems;

    RepeatedEdits(
            EditKeys keys,
            PlatformTransactionManager transactions,
            @Qualifier("handlerExceptionResolver") HandlerExceptionResolver problems) {
        this.keys = keys;
        this.transaction = new TransactionTemplate(transactions);
        this.problems = problems;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return request.getHeader(KEY) == null
                || !MUTATING.contains(request.getMethod())
                || !NotRepeated.address(request).startsWith("/api/")
                || NotRepeated.at(NotRepeated.address(request))
                || PICTURES.matcher(NotRepeated.address(request)).matches()
                || isDryRun(request);
    }

    /** Whether a file is only looked at, in a transaction that is rolled back. */
    private static boolean isDryRun(HttpServletRequest request) {
        return LISTS.matcher(NotRepeated.address(request)).matches() && !"false".equals(request.getParameter("dry"));
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        var person = person();
        if (person.isEmpty()) {
            chain.doFilter(request, response);
            return;
        }
        try {
            once(person.get(), request, response, chain);
        } catch (SocketTimeoutException late) {
            problems.resolveException(request, response, null, late);
        } catch (ServletException | IOException failed) {
            throw failed;
        } catch (Exception failed) {
            problems.resolveException(request, response, null, failed);
        }
    }

    private static Optional<UUID> person() {
        return Optional.ofNullable(SecurityContextHolder.getContext().getAuthentication())
                .map(a -> a.getPrincipal())
                .filter(Person.class::isInstance)
                .map(p -> ((Person) p).id());
    }

    private void once(UUID person, HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws Exception {
        var key = request.getHeader(KEY);
        RuleBroken.unless(
                key.length() >= SHORTEST && key.length() <= LONGEST, "An idempotency key has 8 to 64 letters.");
        SentBody sent = SpooledUploads.isFile(request) ? new SentFile(request) : new ReadAgain(request);
        var buffered = new ContentCachingResponseWrapper(response);
        transaction.executeWithoutResult(status -> {
            var known = keys.heldAndRead(person, key);
            if (known.isPresent()) {
                RuleBroken.unless(
                        known.get().request().equals(asked(request, sent)),
                        "This idempotency key was used for another edit; make a new one for each edit.");
                replay(known.get(), buffered);
                return;
            }
            pass((HttpServletRequest) sent, buffered, chain);
            if (buffered.getStatus() < HttpServletResponse.SC_BAD_REQUEST) {
                keys.keep(
                        person,
                        key,
                        new EditKeys.Answered(
                                asked(request, sent),
                                buffered.getStatus(),
                                buffered.getContentType(),
                                buffered.getContentAsByteArray()));
            } else {
                status.setRollbackOnly();
            }
        });
        buffered.copyBodyToResponse();
    }

    private static String asked(HttpServletRequest request, SentBody sent) {
        return Fingerprint.of(List.of(
                request.getMethod(),
                request.getRequestURI(),
                Optional.ofNullable(request.getQueryString()).orElse(""),
                sent.told()));
    }

    private static void pass(HttpServletRequest request, HttpServletResponse response, FilterChain chain) {
        try {
            chain.doFilter(request, response);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (ServletException failed) {
            throw new IllegalStateException(failed);
        }
    }

    private static void replay(EditKeys.Answered answered, HttpServletResponse response) {
        try {
            response.setStatus(answered.status());
            if (answered.contentType() != null) {
                response.setContentType(answered.contentType());
            }
            response.getOutputStream().write(answered.body());
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}
