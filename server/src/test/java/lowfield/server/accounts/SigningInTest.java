package lowfield.server.accounts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.db.tables.records.AccountLinkRecord;
import lowfield.db.tables.records.AccountRecord;
import lowfield.server.platform.TooMany;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** The ways in: what is counted, what is told, and what an attempt leaves behind. */
class SigningInTest {
    private static final UUID INES = UUID.randomUUID();
    private static final String EMAIL = "ines@tidewater.example";
    private static final SigningIn.From HERE = new SigningIn.From("203.0.113.7", Optional.empty());
    private static final Throttle.Attempt ATTEMPT = new Throttle.Attempt(List.of("place 1"));

    private final Accounts accounts = mock(Accounts.class);
    private final Passwords passwords = mock(Passwords.class);
    private final Throttle throttle = mock(Throttle.class);
    private final OneTimeLinks links = mock(OneTimeLinks.class);
    private final OpenSessions sessions = mock(OpenSessions.class);
    private final PeopleLog log = mock(PeopleLog.class);
    private final SecondFactors factors = mock(SecondFactors.class);
    private final SigningIn door = new SigningIn(
            accounts,
            passwords,
            throttle,
            links,
            sessions,
            log,
            factors,
            new TransactionTemplate(mock(PlatformTransactionManager.class)));

    private static AccountRecord ines() {
        var row = new AccountRecord();
        row.setId(INES);
        row.setName("Ines");
        row.setEmail(EMAIL);
        row.setRole("owner");
        return row;
    }

    private void attemptsAreCounted() {
        when(throttle.signIn(any(), any(), any())).thenReturn(ATTEMPT);
        when(throttle.link(any())).thenReturn(ATTEMPT);
    }

    private void linkFor(UUID account) {
        var link = new AccountLinkRecord();
        link.setAccountId(account);
        when(links.open(eq("token"), anyString())).thenReturn(link);
    }

    @Test
    void aRightPasswordIsTakenOutOfTheCountAgain() {
        attemptsAreCounted();
        when(accounts.byEmail(EMAIL)).thenReturn(Optional.of(ines()));
        when(passwords.matches("right", Optional.of(ines()))).thenReturn(true);
        assertThat(door.byPassword(EMAIL, "right", "", HERE)).map(Person::id).contains(INES);
        verify(throttle).giveBack(ATTEMPT);
        verify(log).note(PeopleLog.Event.SIGNED_IN, INES, INES, "");
    }

    @Test
    void aWrongCodeStaysCountedAndAMissingOneDoesNot() {
        attemptsAreCounted();
        when(accounts.byEmail(EMAIL)).thenReturn(Optional.of(ines()));
        when(passwords.matches("right", Optional.of(ines()))).thenReturn(true);
        when(factors.isOn(INES)).thenReturn(true);
        assertThatThrownBy(() -> door.byPassword(EMAIL, "right", "000000", HERE))
                .hasMessageStartingWith("The code does not fit");
        verify(throttle, never()).giveBack(any());
        verify(log).codeFailed(eq(INES), any());
        assertThat(door.byPassword(EMAIL, "right", " ", HERE)).isEmpty();
        verify(throttle).giveBack(ATTEMPT);
        verify(log, never()).note(any(), any(), any(), any());
    }

    @Test
    void aWrongPasswordAndAnUnknownAddressAreToldAlikeAndStayCounted() {
        attemptsAreCounted();
        when(accounts.byEmail(EMAIL)).thenReturn(Optional.of(ines()));
        var wrong = "E-mail address and password do not go together";
        assertThatThrownBy(() -> door.byPassword(EMAIL, "wrong", "", HERE)).hasMessageStartingWith(wrong);
        assertThatThrownBy(() -> door.byPassword("who@tidewater.example", "wrong", "", HERE))
                .hasMessageStartingWith(wrong);
        verify(log).failed(eq(Optional.of(INES)), eq(EMAIL), any());
        verify(log).failed(eq(Optional.empty()), eq("who@tidewater.example"), any());
        verify(throttle, never()).giveBack(any());
    }

    @Test
    void whoTriedTooOftenIsRefusedBeforeThePasswordIsLookedAt() {
        when(throttle.signIn(any(), any(), any())).thenThrow(new TooMany("wait", Duration.ofMinutes(10)));
        assertThatThrownBy(() -> door.byPassword(EMAIL, "right", "", HERE)).isInstanceOf(TooMany.class);
        verifyNoInteractions(passwords, accounts);
    }

    @Test
    void theFirstAccountIsMadeOnlyOnce() {
        attemptsAreCounted();
        when(accounts.isEmpty()).thenReturn(false);
        assertThatThrownBy(() -> door.first("token", EMAIL, "Ines", "ten letters at least", HERE))
                .isInstanceOf(RuleBroken.class)
                .hasMessageStartingWith("The first account exists already");
        verify(accounts, never()).create(any(), any(), any(), any());
        verify(throttle, never()).giveBack(any());
    }

    @Test
    void aLinkForSomebodyDoesNotMakeTheFirstAccount() {
        attemptsAreCounted();
        when(accounts.isEmpty()).thenReturn(true);
        linkFor(INES);
        assertThatThrownBy(() -> door.first("token", EMAIL, "Ines", "ten letters at least", HERE))
                .hasMessage("This link is not for the first account.");
        verify(accounts, never()).create(any(), any(), any(), any());
    }

    @Test
    void aTokenForTheFirstAccountSetsNobodysPassword() {
        attemptsAreCounted();
        linkFor(null);
        assertThatThrownBy(() -> door.byLink("token", "ten letters at least", HERE))
                .hasMessageStartingWith("This is the token of the first account");
        verify(accounts, never()).setPassword(any(), any());
    }

    @Test
    void aPasswordSetByALinkEndsEverySessionAndEveryOtherLink() {
        attemptsAreCounted();
        linkFor(INES);
        when(accounts.locked(INES)).thenReturn(ines());
        door.byLink("token", "ten letters at least", HERE);
        verify(links).withdraw(Optional.of(INES));
        verify(sessions).endAll(INES, Optional.empty());
        verify(throttle).giveBack(ATTEMPT);
    }

    @Test
    void aPasswordThatIsRefusedLeavesLinkAndSessionsAsTheyWere() {
        attemptsAreCounted();
        linkFor(INES);
        when(accounts.locked(INES)).thenReturn(ines());
        org.mockito.Mockito.doThrow(new RuleBroken("weak")).when(accounts).setPassword(any(), eq("weak"));
        assertThatThrownBy(() -> door.byLink("token", "weak", HERE)).hasMessage("weak");
        verify(links, never()).withdraw(any());
        verifyNoInteractions(sessions);
        verify(throttle, never()).giveBack(any());
    }
}
