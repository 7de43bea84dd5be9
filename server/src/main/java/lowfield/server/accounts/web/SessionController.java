package lowfield.server.accounts.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import lowfield.server.accounts.Accounts;
import lowfield.server.accounts.Person;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out, the first account and further people. */
@RestController
@RequestMapping("/api")
class SessionController {
    record Credentials(
            @NotNull @Size(max = 200) String email,
            @NotNull @Size(max = 200) String password) {}

    record FirstAccount(
            @NotNull @Size(max = 100) String token,
            @NotNull @Size(max = 200) String email,
            @NotNull @Size(max = 100) String name,
            @NotNull @Size(max = 200) String password) {}

    record NewPerson(
            @NotNull @Size(max = 200) String email,
            @NotNull @Size(max = 100) String name,
            @NotNull @Size(max = 200) String password,
            Person.@NotNull Role role) {}

    /** {@code person} is absent when nobody is signed in; {@code empty} when no account exists yet. */
    record Session(@Nullable Person person, boolean empty) {}

    private final Accounts accounts;
    private final SecurityContextRepository contexts;

    SessionController(Accounts accounts, SecurityContextRepository contexts) {
        this.accounts = accounts;
        this.contexts = contexts;
    }

    @GetMapping("/session")
    Session session(@AuthenticationPrincipal @Nullable Person person, CsrfToken csrf) {
        csrf.getToken();
        return new Session(person, person == null && accounts.isEmpty());
    }

    @PostMapping("/session")
    Session signIn(
            @Valid @RequestBody Credentials credentials, HttpServletRequest request, HttpServletResponse response) {
        var person = accounts.signIn(credentials.email(), credentials.password(), request.getRemoteAddr());
        return open(person, request, response);
    }

    @DeleteMapping("/session")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request) {
        var session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        SecurityContextHolder.clearContext();
    }

    @PostMapping("/accounts/first")
    Session first(@Valid @RequestBody FirstAccount first, HttpServletRequest request, HttpServletResponse response) {
        return open(accounts.first(first.token(), first.email(), first.name(), first.password()), request, response);
    }

    @GetMapping("/accounts")
    @PreAuthorize("hasRole('OWNER')")
    List<Person> people() {
        return accounts.all();
    }

    @PostMapping("/accounts")
    @PreAuthorize("hasRole('OWNER')")
    @ResponseStatus(HttpStatus.CREATED)
    Person add(@Valid @RequestBody NewPerson person) {
        return accounts.create(person.email(), person.name(), person.password(), person.role());
    }

    private Session open(Person person, HttpServletRequest request, HttpServletResponse response) {
        request.getSession();
        request.changeSessionId();
        var context = SecurityContextHolder.createEmptyContext();
        var authority = new SimpleGrantedAuthority("ROLE_" + person.role());
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(person, null, List.of(authority)));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        return new Session(person, false);
    }
}
