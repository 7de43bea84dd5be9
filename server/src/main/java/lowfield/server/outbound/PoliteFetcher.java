package lowfield.server.outbound;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.resilience4j.circuitbreaker.CircuitBreaker;
import io.github.resilience4j.circuitbreaker.CircuitBreakerConfig;
import io.github.resilience4j.core.IntervalFunction;
import io.github.resilience4j.retry.Retry;
import io.github.resilience4j.retry.RetryConfig;
import java.time.Duration;
import lowfield.server.platform.Settings;
import org.springframework.stereotype.Component;

/**
 * Asking with manners: what fails in passing is asked again a little later, each time with more patience and never in step
 * with others; a host that mostly fails is left alone for a while. A shop's pace is kept by who visits it.
 */
@Component
public class PoliteFetcher {
    private final Outbound outbound;
    private final Cache<String, CircuitBreaker> breakers = Caffeine.newBuilder()
            .maximumSize(1_000)
            .expireAfterAccess(Duration.ofDays(1))
            .build();
    private final CircuitBreakerConfig breaking;
    private final RetryConfig trying;

    PoliteFetcher(Outbound outbound, Settings settings) {
        this.outbound = outbound;
        var patience = settings.retryPause();
        trying = RetryConfig.<Fetched>custom()
                .maxAttempts(3)
                .intervalFunction(IntervalFunction.ofExponentialRandomBackoff(patience, 2.0, 0.5))
                .retryOnResult(f -> f instanceof Fetched.Failed failed && failed.passing())
                .build();
        breaking = CircuitBreakerConfig.custom()
                .slidingWindowSize(20)
                .minimumNumberOfCalls(10)
                .failureRateThreshold(80)
                .waitDurationInOpenState(patience.multipliedBy(60))
                .permittedNumberOfCallsInHalfOpenState(2)
                .automaticTransitionFromOpenToHalfOpenEnabled(false)
                .build();
    }

    /** Asks, and again where that may help; a host that is left alone is not asked at all. */
    public Fetched fetch(Wanted wanted) {
        var breaker = breakers.get(wanted.host(), host -> CircuitBreaker.of(host, breaking));
        return Retry.of(wanted.host(), trying).executeSupplier(() -> once(breaker, wanted));
    }

    private Fetched once(CircuitBreaker breaker, Wanted wanted) {
        if (!breaker.tryAcquirePermission()) {
            return new Fetched.Failed("the shop failed too often and is left alone for a while", false);
        }
        var start = System.nanoTime();
        var fetched = outbound.fetch(wanted);
        var took = System.nanoTime() - start;
        if (fetched instanceof Fetched.Failed failed && failed.passing()) {
            breaker.onError(took, java.util.concurrent.TimeUnit.NANOSECONDS, new FailedInPassing());
        } else {
            breaker.onSuccess(took, java.util.concurrent.TimeUnit.NANOSECONDS);
        }
        return fetched;
    }

    /** Forgets which hosts failed. */
    public void forget() {
        breakers.invalidateAll();
    }

    private static final class FailedInPassing extends Exception {
        private static final long serialVersionUID = 1L;

        FailedInPassing() {
            super("failed in passing", null, false, false);
        }
    }
}
