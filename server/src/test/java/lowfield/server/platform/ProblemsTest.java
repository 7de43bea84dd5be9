package lowfield.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import java.io.EOFException;
import java.io.IOException;
import java.util.stream.Stream;
import org.apache.catalina.connector.ClientAbortException;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.http.converter.HttpMessageNotWritableException;

class ProblemsTest {
    private final ListAppender<ILoggingEvent> log = new ListAppender<>();

    @BeforeEach
    void listen() {
        log.start();
        logger().addAppender(log);
    }

    @AfterEach
    void leave() {
        logger().detachAppender(log);
    }

    private static Logger logger() {
        return (Logger) LoggerFactory.getLogger(Problems.class);
    }

    static Stream<Exception> ofSomeoneWhoLeft() {
        return Stream.of(
                new IOException("Broken pipe"),
                new IOException("Connection reset by peer"),
                new EOFException(),
                new HttpMessageNotWritableException("half", new ClientAbortException(new IOException("Broken pipe"))));
    }

    @ParameterizedTest
    @MethodSource("ofSomeoneWhoLeft")
    void whoeverLeavesInTheMiddleIsNoError(Exception left) throws Exception {
        assertThat(new Problems().other(left)).isNull();
        assertThat(log.list).noneMatch(e -> e.getLevel().isGreaterOrEqual(Level.INFO));
    }

    @Test
    void whatNobodyExpectedIsAnErrorAndToldWithoutItsInsides() throws Exception {
        var problem = new Problems().other(new IllegalStateException("the secret of the house"));
        assertThat(problem.getStatus()).isEqualTo(HttpStatus.INTERNAL_SERVER_ERROR.value());
        assertThat(problem.getDetail()).doesNotContain("secret");
        assertThat(log.list).anyMatch(e -> e.getLevel() == Level.ERROR);
    }
}
