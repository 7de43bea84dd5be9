package lowfield.server.round;

import com.github.kagkarlsson.scheduler.task.ExecutionComplete;
import com.github.kagkarlsson.scheduler.task.ExecutionOperations;
import com.github.kagkarlsson.scheduler.task.FailureHandler;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import java.util.function.BiConsumer;
import lowfield.server.platform.LostDatabase;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * What becomes of a job that failed: it is tried again soon, a few times, and then left with the reason. A database that is
 * away counts as no reason to leave anything; that is waited for.
 */
final class BoundedTries implements FailureHandler<Void> {
    private static final Logger LOG = LoggerFactory.getLogger(BoundedTries.class);
    private static final int MOST = 3;
    private static final Duration AGAIN = Duration.ofSeconds(2);

    private final BiConsumer<UUID, String> leave;

    /** @param leave is given what the job was for, and why it is left */
    BoundedTries(BiConsumer<UUID, String> leave) {
        this.leave = leave;
    }

    @Override
    public void onFailure(ExecutionComplete complete, ExecutionOperations<Void> operations) {
        var execution = complete.getExecution();
        var isAway = complete.getCause().filter(LostDatabase::isCause).isPresent();
        if (isAway || execution.consecutiveFailures + 1 < MOST) {
            operations.reschedule(complete, Instant.now().plus(AGAIN));
            return;
        }
        var why = complete.getCause().map(c -> c.getClass().getSimpleName()).orElse("no reason given");
        LOG.warn(
                "{} is left after {} tries",
                execution.taskInstance,
                MOST,
                complete.getCause().orElse(null));
        leave.accept(UUID.fromString(execution.taskInstance.getId()), why);
        operations.remove();
    }
}
