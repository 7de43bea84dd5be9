package lowfield.server.accounts.web;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import lowfield.server.accounts.Accounts;
import lowfield.server.accounts.People;
import lowfield.server.accounts.Person;
import lowfield.server.accounts.SecondFactors;
import lowfield.server.accounts.SigningIn;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out: by password, with the first account's token, by a one-time link. */
@RestController
@RequestMapping("/api")
class SessionController {
    record Credentials(
            @Size(max = 200) String email,
            @Size(max = 200) String password,
            @Nullable @Size(max = 40) String code) {}

    record Password(@Size(max = 200) String password) {}

    record FirstAccount(
            @Size(max = 100) String token,
            @Size(max = 200) String email,
            @Size(max = 100) String name,
            @Size(max = 200) String password) {}

    record LinkToken(@Size(max = 100) String token) {}

    record NewPassword(
            @Size(max = 100) String token, @Size(max = 200) String password) {}

    /**
     * Who is signed in.
     *
     * @param person absent when nobody is
     * @param empty whether no account exists yet
     * @param needsCode whether e-mail address and password were right and a code is asked for
     * @param needsFactor whether the person must set up a second factor before anything else
     */
    record Session(@Nullable Person person, boolean empty, boolean needsCode, boolean needsFactor) {}

    private final Accounts accounts;
    private final SigningIn signingIn;
    private final SessionDoor door;
    private final SecondFactors factors;
    private final People people;

    SessionController(Accounts accounts, SigningIn signingIn, SessionDoor door, SecondFactors factors, People people) {
        this.accounts = accounts;
        this.signingIn = signingIn;
        this.door = door;
        this.factors = factors;
        this.people = people;
    }

    @Operation(operationId = "getSession", summary = "Get who is signed in")
    @GetMapping("/session")
    Session session(@AuthenticationPrincipal @Nullable Person person, CsrfToken csrf) {
        csrf.getToken();
        return person == null ? new Session(null, accounts.isEmpty(), false, false) : of(person);
    }

    @Operation(operationId = "signIn", summary = "Sign in")
    @PostMapping("/session")
    Session signIn(
            @Valid @RequestBody Credentials credentials, HttpServletRequest request, HttpServletResponse response) {
        var from = door.from(request, credentials.email());
        var code = credentials.code() == null ? "" : credentials.code();
        return signingIn
                .byPassword(credentials.email(), credentials.password(), code, from)
                .map(person -> opened(person, request, response))
                .orElseGet(() -> new Session(null, false, true, false));
    }

    /** For a while after it, what only owners may do is done without asking again. */
    @Operation(operationId = "enterPasswordAgain", summary = "Enter one's own password again")
    @PostMapping("/session/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void again(@Valid @RequestBody Password again, @AuthenticationPrincipal Person person, HttpServletRequest request) {
        people.prove(person, again.password());
        PasswordAgain.Guard.entered(request.getSession());
    }

    @Operation(operationId = "signOut", summary = "Sign out")
    @DeleteMapping("/session")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request) {
        door.end(request);
    }

    @Operation(operationId = "createFirstAccount", summary = "Create the first account with the one-time token")
    @PostMapping("/accounts/first")
    Session first(@Valid @RequestBody FirstAccount first, HttpServletRequest request, HttpServletResponse response) {
        return opened(
                signingIn.first(first.token(), first.email(), first.name(), first.password(), door.from(request)),
                request,
                response);
    }

    /** Whom a link is for; the token travels in the body, so that no log of addresses holds it. */
    @Operation(operationId = "readLink", summary = "Read what a one-time link is for")
    @PostMapping("/links/read")
    SigningIn.LinkFor readLink(@Valid @RequestBody LinkToken link, HttpServletRequest request) {
        return signingIn.read(link.token(), door.from(request));
    }

    @Operation(operationId = "useLink", summary = "Set a password with a one-time link")
    @PostMapping("/links/use")
    Session useLink(@Valid @RequestBody NewPassword link, HttpServletRequest request, HttpServletResponse response) {
        var person = signingIn.byLink(link.token(), link.password(), door.from(request));
        // A link stands for the password, not for the second factor.
        return factors.of(person.id()).isOn()
                ? new Session(null, false, true, false)
                : opened(person, request, response);
    }

    private Session opened(Person person, HttpServletRequest request, HttpServletResponse response) {
        door.open(person, request, response);
        return of(person);
    }

    private Session of(Person person) {
        return new Session(person, false, false, factors.isMissing(person.id()));
    }
}
