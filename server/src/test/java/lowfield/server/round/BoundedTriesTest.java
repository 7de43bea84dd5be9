package lowfield.server.round;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;

import com.github.kagkarlsson.scheduler.task.Execution;
import com.github.kagkarlsson.scheduler.task.ExecutionComplete;
import com.github.kagkarlsson.scheduler.task.ExecutionOperations;
import com.github.kagkarlsson.scheduler.task.TaskInstance;
import java.sql.SQLNonTransientConnectionException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.mockito.Mockito;

class BoundedTriesTest {
    private static final UUID SHOP = UUID.randomUUID();

    private final List<String> left = new ArrayList<>();
    private final BoundedTries tries = new BoundedTries((shop, why) -> left.add(shop + " " + why));

    @SuppressWarnings("unchecked")
    private final ExecutionOperations<Void> operations = mock(ExecutionOperations.class);

    private void fails(int before, RuntimeException cause) {
        var now = Instant.parse("2026-12-03T06:00:00Z");
        var execution = new Execution(
                now, new TaskInstance<Void>("visit-shop", SHOP.toString()), true, "one", null, null, before, now, 1);
        tries.onFailure(ExecutionComplete.failure(execution, now, now, cause), operations);
    }

    @Test
    void twoFailuresAreTriedAgain() {
        fails(0, new IllegalStateException("unforeseen"));
        fails(1, new IllegalStateException("unforeseen"));
        verify(operations, Mockito.times(2)).reschedule(any(), any());
        verify(operations, never()).remove();
        assertThat(left).isEmpty();
    }

    @Test
    void theThirdIsLeftWithTheReason() {
        fails(2, new IllegalStateException("unforeseen"));
        assertThat(left).containsExactly(SHOP + " IllegalStateException");
        verify(operations).remove();
    }

    @Test
    void aDatabaseThatIsAwayIsWaitedForHoweverLongItTakes() {
        fails(40, new RuntimeException(new SQLNonTransientConnectionException("away")));
        assertThat(left).isEmpty();
        verify(operations).reschedule(any(), any());
    }
}
