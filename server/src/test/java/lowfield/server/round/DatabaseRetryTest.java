package lowfield.server.round;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;

import java.sql.SQLException;
import java.time.Duration;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import org.jooq.exception.DataAccessException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** What is waited for, what is told at once. */
class DatabaseRetryTest {
    private final PlatformTransactionManager transactions = mock(PlatformTransactionManager.class);
    private final DatabaseRetry retry = new DatabaseRetry(new TransactionTemplate(transactions), Duration.ofMillis(1));
    private final AtomicInteger tried = new AtomicInteger();

    private static DataAccessException sql(String state) {
        return new DataAccessException("failed", new SQLException("failed", state));
    }

    /** Fails so many times, then works. */
    private Supplier<String> failing(int times, RuntimeException why) {
        return () -> {
            if (tried.getAndIncrement() < times) {
                throw why;
            }
            return "done";
        };
    }

    /** No connection, shut down by an administrator, a serialization failure, a deadlock. */
    @ParameterizedTest
    @ValueSource(strings = {"08006", "57P01", "40001", "40P01"})
    void aDatabaseThatIsAwayIsAskedAgain(String state) {
        assertThat(retry.with(failing(3, sql(state)))).isEqualTo("done");
        assertThat(tried).hasValue(4);
    }

    @Test
    void aTransactionThatCannotBeBegunIsBegunAgain() {
        assertThat(retry.with(failing(1, new CannotCreateTransactionException("no connection"))))
                .isEqualTo("done");
    }

    /** A number out of range, text in a number's place, a check that is broken. */
    @ParameterizedTest
    @ValueSource(strings = {"22003", "22P02", "23514"})
    void whatTheDatabaseDoesNotTakeIsToldAtOnce(String state) {
        assertThatThrownBy(() -> retry.with(failing(1, sql(state)))).isInstanceOf(DatabaseRetry.Refused.class);
        assertThat(tried).hasValue(1);
    }

    @Test
    void aRowThatSomebodyElseWroteFirstIsNoRefusal() {
        assertThatThrownBy(() -> retry.with(failing(1, sql("23505")))).isInstanceOf(DataAccessException.class);
        assertThat(tried).hasValue(1);
    }

    @Test
    void whatIsNotTheDatabasesIsThrownAtOnce() {
        assertThatThrownBy(() -> retry.with(failing(1, new IllegalStateException("a fault"))))
                .hasMessage("a fault");
        assertThat(tried).hasValue(1);
    }

    @Test
    void eachTryIsATransactionOfItsOwn() {
        retry.transaction(() -> failing(1, sql("08006")).get());
        verify(transactions, times(2)).getTransaction(org.mockito.ArgumentMatchers.any());
        verify(transactions, times(1)).commit(org.mockito.ArgumentMatchers.any());
    }
}
