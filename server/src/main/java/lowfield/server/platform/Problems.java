package lowfield.server.platform;

import java.net.URI;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import lowfield.core.RuleBroken;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import org.springframework.web.util.DisconnectedClientHelper;
import tools.jackson.databind.exc.MismatchedInputException;

/** Every error as a problem detail (RFC 9457) with a stable type and a sentence a person can act on. */
@RestControllerAdvice
public class Problems {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);
    private static final Pattern MISSING = Pattern.compile("(?:creator property|property) '([^']+)'");

    static ProblemDetail problem(HttpStatus status, String type, String title, String sentence) {
        var problem = ProblemDetail.forStatusAndDetail(status, sentence);
        problem.setType(URI.create("/problems/" + type));
        problem.setTitle(title);
        return problem;
    }

    /** Whoever listened has left; there is nobody to tell. */
    @ExceptionHandler(AsyncRequestNotUsableException.class)
    void left(AsyncRequestNotUsableException gone) {
        LOG.debug("A line was closed: {}", gone.getMessage());
    }

    @ExceptionHandler
    ProblemDetail rule(RuleBroken broken) {
        return problem(HttpStatus.UNPROCESSABLE_CONTENT, "rule-broken", "Rule broken", broken.getMessage());
    }

    @ExceptionHandler
    ProblemDetail notFound(NotFound missing) {
        return problem(HttpStatus.NOT_FOUND, "not-found", "Not found", missing.getMessage());
    }

    @ExceptionHandler
    ProblemDetail noResource(NoResourceFoundException missing) {
        return problem(HttpStatus.NOT_FOUND, "not-found", "Not found", "There is nothing at this address.");
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> stale(Stale stale) {
        var problem = problem(
                HttpStatus.PRECONDITION_FAILED, "stale", "Changed by someone else meanwhile", stale.getMessage());
        problem.setProperty("theirs", stale.theirs());
        problem.setProperty("yours", stale.yours());
        return ResponseEntity.status(HttpStatus.PRECONDITION_FAILED)
                .eTag(Versions.tag(stale.version()))
                .body(problem);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> tooMany(TooMany tooMany) {
        return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS)
                .header("Retry-After", String.valueOf(tooMany.patience().toSeconds()))
                .body(problem(HttpStatus.TOO_MANY_REQUESTS, "too-many", "Too many attempts", tooMany.getMessage()));
    }

    @ExceptionHandler
    ProblemDetail passwordNeeded(PasswordNeeded needed) {
        return problem(HttpStatus.FORBIDDEN, "password-again", "Password needed", needed.getMessage());
    }

    @ExceptionHandler
    ProblemDetail noVersion(Versions.Missing missing) {
        return problem(HttpStatus.PRECONDITION_REQUIRED, "version-missing", "Version missing", missing.getMessage());
    }

    @ExceptionHandler
    ProblemDetail conflict(Conflict conflict) {
        var problem = problem(HttpStatus.CONFLICT, "conflict", "Not as things stand", conflict.getMessage());
        conflict.details().forEach(problem::setProperty);
        return problem;
    }

    @ExceptionHandler
    ProblemDetail unreadable(HttpMessageNotReadableException unreadable) {
        var cause = unreadable.getMostSpecificCause();
        if (cause instanceof RuleBroken broken) {
            return rule(broken);
        }
        var problem = problem(
                HttpStatus.BAD_REQUEST,
                "unreadable",
                "Unreadable",
                "The request could not be read; nothing was changed. Check that every figure is a number in range and every id is whole.");
        field(unreadable).ifPresent(field -> {
            problem.setProperty("field", field);
            problem.setDetail("\"%s\" is missing or is not what it should be; nothing was changed.".formatted(field));
        });
        return problem;
    }

    /** Which part of the body could not be read, as a path such as {@code tiers[0].band}. */
    private static Optional<String> field(Throwable unreadable) {
        for (var cause = unreadable; cause != null; cause = cause.getCause()) {
            if (cause instanceof MismatchedInputException mismatched) {
                return Optional.of(field(mismatched)).filter(f -> !f.isEmpty());
            }
        }
        return Optional.empty();
    }

    private static String field(MismatchedInputException mismatched) {
        var path = new StringBuilder();
        for (var step : mismatched.getPath()) {
            if (step.getPropertyName() == null) {
                path.append('[').append(step.getIndex()).append(']');
            } else {
                path.append(path.isEmpty() ? "" : ".").append(step.getPropertyName());
            }
        }
        // A component that is not there at all is named by the message only.
        var missing = MISSING.matcher(String.valueOf(mismatched.getOriginalMessage()));
        if (missing.find() && !path.toString().endsWith(missing.group(1))) {
            path.append(path.isEmpty() ? "" : ".").append(missing.group(1));
        }
        return path.toString();
    }

    @ExceptionHandler
    ProblemDetail invalid(MethodArgumentNotValidException invalid) {
        var fields = invalid.getFieldErrors().stream()
                .map(e -> e.getField() + " " + e.getDefaultMessage())
                .sorted()
                .collect(Collectors.joining("; "));
        return problem(HttpStatus.UNPROCESSABLE_CONTENT, "rule-broken", "Rule broken", fields + ".");
    }

    @ExceptionHandler
    ProblemDetail mistyped(MethodArgumentTypeMismatchException mistyped) {
        return problem(
                HttpStatus.NOT_FOUND,
                "not-found",
                "Not found",
                "\"" + mistyped.getName() + "\" in the address is not one that exists.");
    }

    @ExceptionHandler
    ProblemDetail denied(AccessDeniedException denied) {
        return problem(HttpStatus.FORBIDDEN, "forbidden", "Not allowed", "Only the owner of this desk can do that.");
    }

    @ExceptionHandler
    ProblemDetail integrity(DataIntegrityViolationException violation) {
        LOG.info("Refused by the database: {}", violation.getMostSpecificCause().getMessage());
        return problem(
                HttpStatus.CONFLICT,
                "conflict",
                "Not as things stand",
                "This does not go together with what is stored already (a name twice, or something it refers to is gone); nothing was changed.");
    }

    @ExceptionHandler
    ProblemDetail late(TooSlow late) {
        return problem(
                HttpStatus.REQUEST_TIMEOUT,
                "too-slow",
                "Too slow",
                "What was sent took too long to arrive; nothing was saved. Send it again.");
    }

    @ExceptionHandler
    @Nullable
    ProblemDetail other(Exception unexpected) throws Exception {
        if (unexpected instanceof org.springframework.web.ErrorResponse known) {
            return known.getBody();
        }
        if (DisconnectedClientHelper.isClientDisconnectedException(unexpected)) {
            LOG.debug("Nobody waits for this any more: {}", unexpected.getMessage());
            return null;
        }
        if (LostDatabase.isCause(unexpected)) {
            return LostDatabase.problem();
        }
        if (LostDatabase.isHeld(unexpected)) {
            return problem(
                    HttpStatus.CONFLICT,
                    "held",
                    "Busy",
                    "A longer change is still under way; nothing of this one was saved. Try again in a minute.");
        }
        LOG.error("Unexpected", unexpected);
        return problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "unexpected",
                "Something went wrong here",
                "Something went wrong on our side; nothing was changed. Try again, and look in the server's log if it stays.");
    }
}
