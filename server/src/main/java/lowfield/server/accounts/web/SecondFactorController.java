package lowfield.server.accounts.web;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.util.List;
import lowfield.server.accounts.Person;
import lowfield.server.accounts.SecondFactors;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** One's own second factor. */
@RestController
@RequestMapping("/api/account/second-factor")
class SecondFactorController {
    record Code(@Size(max = 40) String code) {}

    /** To be kept on paper: each stands in once for the app. */
    record Codes(List<String> codes) {}

    private final SecondFactors factors;

    SecondFactorController(SecondFactors factors) {
        this.factors = factors;
    }

    @Operation(operationId = "getSecondFactor", summary = "Get how it stands with one's own second factor")
    @GetMapping
    SecondFactors.State state(@AuthenticationPrincipal Person person) {
        return factors.of(person.id());
    }

    /** Answers with a secret for the app; it counts from the first code on. */
    @PasswordAgain
    @Operation(operationId = "beginSecondFactor", summary = "Set up a second factor")
    @PostMapping
    SecondFactors.Setup begin(@AuthenticationPrincipal Person person) {
        return factors.begin(person);
    }

    /** Turns it on with the app's first code; answers with the recovery codes, this once. */
    @Operation(operationId = "confirmSecondFactor", summary = "Turn the second factor on with its first code")
    @PutMapping
    Codes confirm(@Valid @RequestBody Code code, @AuthenticationPrincipal Person person, HttpSession session) {
        return new Codes(factors.confirm(person, code.code(), session.getId()));
    }

    @PasswordAgain
    @Operation(operationId = "endOwnSecondFactor", summary = "Turn one's own second factor off")
    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void end(@AuthenticationPrincipal Person person) {
        factors.end(person);
    }

    /** The codes of before no longer count. */
    @PasswordAgain
    @Operation(operationId = "makeRecoveryCodes", summary = "Make new recovery codes")
    @PostMapping("/recovery-codes")
    Codes codes(@AuthenticationPrincipal Person person) {
        return new Codes(factors.newCodes(person));
    }
}
