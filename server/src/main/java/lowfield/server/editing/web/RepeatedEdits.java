package lowfield.server.editing.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import lowfield.core.Fingerprint;
import lowfield.core.RuleBroken;
import lowfield.server.accounts.Person;
import lowfield.server.platform.Body;
import lowfield.server.platform.DecodedAddress;
import lowfield.server.platform.NotRepeated;
import lowfield.server.platform.SpooledFile;
import lowfield.server.platform.TooSlow;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.HandlerExceptionResolver;
import org.springframework.web.util.ContentCachingResponseWrapper;
import org.springframework.web.util.WebUtils;

/**
 * An edit that carries an {@code Idempotency-Key} is done once: sent again, because its answer was lost, it is answered as
 * it was the first time. Key, edit and answer are one transaction. Only what was done is kept; what was refused may be sent
 * again with the same key.
 */
@Component
class RepeatedEdits extends OncePerRequestFilter {
    private static final String KEY = "Idempotency-Key";
    private static final Set<String> MUTATING = Set.of("POST", "PUT", "PATCH", "DELETE");
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
                || !DecodedAddress.of(request).startsWith("/api/")
                || NotRepeated.is(request)
                || isSingleByItself(request);
    }

    /**
     * A picture that is sent again is the one that is there, and drawing takes too long for a transaction; a file of parts
     * that is only looked at is rolled back.
     */
    private static boolean isSingleByItself(HttpServletRequest request) {
        return switch (Body.of(request)) {
            case PICTURE -> request.getMethod().equals("POST");
            case PARTS -> !"false".equals(request.getParameter("dry"));
            case ANY -> false;
        };
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
        } catch (TooSlow late) {
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
        var file = WebUtils.getNativeRequest(request, SpooledFile.class);
        if (file != null) {
            once(person, key, request, asked(request, "SHA-256 " + file.sha256()), response, chain);
        } else {
            var sent = new ReadAgain(request);
            once(person, key, sent, asked(request, sent.told()), response, chain);
        }
    }

    private void once(
            UUID person,
            String key,
            HttpServletRequest sent,
            String asked,
            HttpServletResponse response,
            FilterChain chain)
            throws IOException {
        var buffered = new ContentCachingResponseWrapper(response);
        transaction.executeWithoutResult(status -> {
            var known = keys.heldAndRead(person, key);
            if (known.isPresent()) {
                RuleBroken.unless(
                        known.get().request().equals(asked),
                        "This idempotency key was used for another edit; make a new one for each edit.");
                replay(known.get(), buffered);
                return;
            }
            pass(sent, buffered, chain);
            if (buffered.getStatus() < HttpServletResponse.SC_BAD_REQUEST) {
                keys.keep(
                        person,
                        key,
                        new EditKeys.Answered(
                                asked,
                                buffered.getStatus(),
                                buffered.getContentType(),
                                buffered.getContentAsByteArray()));
            } else {
                status.setRollbackOnly();
            }
        });
        buffered.copyBodyToResponse();
    }

    private static String asked(HttpServletRequest request, String body) {
        return Fingerprint.of(List.of(
                request.getMethod(),
                request.getRequestURI(),
                Optional.ofNullable(request.getQueryString()).orElse(""),
                body));
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
