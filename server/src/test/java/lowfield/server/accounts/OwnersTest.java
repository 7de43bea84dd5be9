package lowfield.server.accounts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.db.tables.records.AccountRecord;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** What owners do about people: there is always an owner, and what ends is ended everywhere. */
class OwnersTest {
    private static final Person INES =
            new Person(UUID.randomUUID(), "Ines", "ines@tidewater.example", Person.Role.OWNER);
    private static final UUID TOM = UUID.randomUUID();
    private static final Throttle.Attempt ATTEMPT = new Throttle.Attempt(List.of("old-password 1"));

    private final Accounts accounts = mock(Accounts.class);
    private final Passwords passwords = mock(Passwords.class);
    private final OneTimeLinks links = mock(OneTimeLinks.class);
    private final OpenSessions sessions = mock(OpenSessions.class);
    private final Throttle throttle = mock(Throttle.class);
    private final PeopleLog log = mock(PeopleLog.class);
    private final AccountRecord row = mock(AccountRecord.class);
    private final People people = new People(
            accounts,
            passwords,
            links,
            sessions,
            throttle,
            log,
            mock(SecondFactors.class),
            new TransactionTemplate(mock(PlatformTransactionManager.class)));

    @BeforeEach
    void setUp() {
        when(accounts.locked(any())).thenReturn(row);
        when(throttle.oldPassword(INES.id())).thenReturn(ATTEMPT);
        when(links.make(any(), any(), any())).thenReturn(new OneTimeLinks.Made("token", Instant.EPOCH));
    }

    @Test
    void theOnlyOwnerNeitherLeavesNorBecomesAnEditor() {
        when(accounts.owners()).thenReturn(List.of(INES.id()));
        var sentence = "This is the only owner who can sign in; make somebody else an owner first.";
        assertThatThrownBy(() -> people.remove(INES.id(), INES)).hasMessage(sentence);
        assertThatThrownBy(() -> people.changeRole(INES.id(), Person.Role.EDITOR, INES))
                .hasMessage(sentence);
        verify(row, never()).update();
        verifyNoInteractions(sessions, log);
    }

    @Test
    void oneOfTwoOwnersMayLeaveAndIsOutAtOnce() {
        when(accounts.owners()).thenReturn(List.of(INES.id(), TOM));
        people.remove(TOM, INES);
        verify(row).setPasswordHash(null);
        verify(links).withdraw(Optional.of(TOM));
        verify(sessions).endAll(TOM, Optional.empty());
        verify(log).note(PeopleLog.Event.REMOVED, TOM, INES.id(), "");
    }

    @Test
    void anEditorBecomesAnOwnerWhoeverElseIsOne() {
        when(accounts.owners()).thenReturn(List.of(TOM));
        people.changeRole(TOM, Person.Role.OWNER, INES);
        verify(row).setRole("owner");
    }

    @Test
    void aNewLinkIsAnInvitationUntilThereIsAPassword() {
        people.link(TOM, INES);
        verify(links).make(OneTimeLinks.Purpose.INVITATION, Optional.of(TOM), Optional.of(INES.id()));
        when(row.getPasswordHash()).thenReturn("hash");
        assertThat(people.link(TOM, INES).token()).isEqualTo("token");
        verify(links).make(OneTimeLinks.Purpose.RECOVERY, Optional.of(TOM), Optional.of(INES.id()));
    }

    @Test
    void aWrongOldPasswordStaysCountedAndChangesNothing() {
        assertThatThrownBy(() -> people.changePassword(INES, "wrong", "fresh", "this"))
                .hasMessageStartingWith("The old password is another one");
        verify(accounts, never()).setPassword(any(), any());
        verify(throttle, never()).giveBack(any());
        verifyNoInteractions(sessions);
    }

    @Test
    void theOldPasswordIsNoNewOne() {
        when(passwords.matches("old", Optional.of(row))).thenReturn(true);
        assertThatThrownBy(() -> people.changePassword(INES, "old", "old", "this"))
                .hasMessage("The new password is the old one.");
        verify(accounts, never()).setPassword(any(), any());
    }

    @Test
    void aChangedPasswordEndsTheOtherSessionsAndOpenLinks() {
        when(passwords.matches("old", Optional.of(row))).thenReturn(true);
        people.changePassword(INES, "old", "fresh", "this");
        verify(accounts).setPassword(row, "fresh");
        verify(links).withdraw(Optional.of(INES.id()));
        verify(throttle).giveBack(ATTEMPT);
        verify(sessions).endAll(INES.id(), Optional.of("this"));
    }

    @Test
    void onesOwnSessionsEndOneByOneOrAllButThis() {
        people.endOwn(INES, Optional.of("key"), "this");
        verify(sessions).end(INES.id(), "key");
        people.endOwn(INES, Optional.empty(), "this");
        verify(sessions).endAll(INES.id(), Optional.of("this"));
    }
}
