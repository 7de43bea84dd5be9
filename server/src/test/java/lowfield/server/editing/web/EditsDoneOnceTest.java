package lowfield.server.editing.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;

import jakarta.servlet.FilterChain;
import jakarta.servlet.http.HttpServletResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.server.accounts.Person;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.mockito.ArgumentCaptor;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionStatus;
import org.springframework.web.servlet.HandlerExceptionResolver;

/** Which requests a key makes single, what is kept of their answers, and what a key used twice is told. */
class EditsDoneOnceTest {
    private static final Person INES =
            new Person(UUID.randomUUID(), "Ines", "ines@tidewater.example", Person.Role.OWNER);
    private static final String KEY = "a-key-of-its-own";

    private final EditKeys keys = mock(EditKeys.class);
    private final PlatformTransactionManager transactions = mock(PlatformTransactionManager.class);
    private final HandlerExceptionResolver problems = mock(HandlerExceptionResolver.class);
    private final RepeatedEdits filter = new RepeatedEdits(keys, transactions, problems);
    private final FilterChain chain = mock(FilterChain.class);
    private final TransactionStatus status = mock(TransactionStatus.class);

    @BeforeEach
    void inesIsSignedIn() {
        when(transactions.getTransaction(any())).thenReturn(status);
        SecurityContextHolder.getContext()
                .setAuthentication(new UsernamePasswordAuthenticationToken(INES, null, List.of()));
    }

    @AfterEach
    void sheLeaves() {
        SecurityContextHolder.clearContext();
    }

    private static MockHttpServletRequest request(String method, String path, String body) {
        var request = new MockHttpServletRequest(method, path);
        request.addHeader("Idempotency-Key", KEY);
        request.setContent(body.getBytes(StandardCharsets.UTF_8));
        return request;
    }

    private MockHttpServletResponse send(MockHttpServletRequest request) throws Exception {
        var response = new MockHttpServletResponse();
        filter.doFilter(request, response, chain);
        return response;
    }

    private void answers(int code, String body) throws Exception {
        doAnswer(call -> {
                    HttpServletResponse response = call.getArgument(1);
                    response.setStatus(code);
                    response.getOutputStream().write(body.getBytes(StandardCharsets.UTF_8));
                    return null;
                })
                .when(chain)
                .doFilter(any(), any());
    }

    private EditKeys.Answered kept() {
        var answered = ArgumentCaptor.forClass(EditKeys.Answered.class);
        verify(keys).keep(eq(INES.id()), eq(KEY), answered.capture());
        return answered.getValue();
    }

    @Test
    void whatWasDoneIsKeptAndAnsweredAlikeTheSecondTime() throws Exception {
        answers(201, "{\"id\":1}");
        send(request("POST", "/api/guides", "{}"));
        var kept = Optional.of(kept());
        when(keys.heldAndRead(INES.id(), KEY)).thenReturn(kept);
        var again = send(request("POST", "/api/guides", "{}"));
        assertThat(again.getStatus()).isEqualTo(201);
        assertThat(again.getContentAsString()).isEqualTo("{\"id\":1}");
        verify(chain).doFilter(any(), any());
    }

    @Test
    void theSameKeyWithAnotherBodyIsRefused() throws Exception {
        answers(201, "{}");
        send(request("POST", "/api/guides", "{}"));
        var kept = Optional.of(kept());
        when(keys.heldAndRead(INES.id(), KEY)).thenReturn(kept);
        send(request("POST", "/api/guides", "{\"name\":\"other\"}"));
        var told = ArgumentCaptor.forClass(Exception.class);
        verify(problems).resolveException(any(), any(), any(), told.capture());
        assertThat(told.getValue()).hasMessageStartingWith("This idempotency key was used for another edit");
        verify(chain).doFilter(any(), any());
    }

    @Test
    void whatWasRefusedIsNotKeptAndRolledBack() throws Exception {
        answers(422, "{}");
        assertThat(send(request("POST", "/api/guides", "{}")).getStatus()).isEqualTo(422);
        verify(keys, never()).keep(any(), any(), any());
        verify(status).setRollbackOnly();
    }

    @ParameterizedTest
    @CsvSource({"short", "aaaaaaaaaabbbbbbbbbbccccccccccddddddddddeeeeeeeeeeffffffffffgggghhhh"})
    void aKeyHasAProperLength(String key) throws Exception {
        var request = new MockHttpServletRequest("POST", "/api/guides");
        request.addHeader("Idempotency-Key", key);
        send(request);
        verify(problems).resolveException(any(), any(), any(), any());
        verifyNoInteractions(chain, keys);
    }

    @ParameterizedTest
    @CsvSource({
        "GET, /api/guides",
        "POST, /api/session",
        "POST, /api/people/1/link",
        "POST, /api/shops/trial",
        "POST, /api/intake/links",
        "POST, /api/rates/refresh",
        "POST, /api/sess%69on",
        "POST, /api/people;a=b/1/link",
        "POST, /elsewhere",
        "POST, /api/kinds/case/file",
    })
    void whatReadsOrAnswersWithSecretsIsNeverKept(String method, String path) throws Exception {
        send(request(method, path, ""));
        verify(chain).doFilter(any(), any());
        verifyNoInteractions(keys);
    }

    @ParameterizedTest
    @ValueSource(strings = {"/api/editions/1/lines/2", "/api/shops/1", "/api/sh%6Fps/1"})
    void whatNamesItsVersionIsKeptLikeAnyOther(String path) throws Exception {
        answers(200, "{}");
        var request = request("PATCH", path, "{}");
        request.addHeader("If-Match", "\"3\"");
        send(request);
        verify(keys).keep(any(), any(), any());
    }

    @Test
    void somebodyWhoIsNotSignedInIsLeftToTheOtherGuards() throws Exception {
        SecurityContextHolder.clearContext();
        send(request("POST", "/api/guides", "{}"));
        verify(chain).doFilter(any(), any());
        verifyNoInteractions(keys);
    }
}
