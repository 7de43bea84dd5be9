package lowfield.server.accounts;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.db.tables.records.AccountRecord;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** What owners do about people, and everybody about their own account. There is always an owner who can sign in. */
@Service
public class People {
    private final Accounts accounts;
    private final Passwords passwords;
    private final OneTimeLinks links;
    private final OpenSessions sessions;
    private final Throttle throttle;
    private final PeopleLog log;
    private final SecondFactors factors;
    private final TransactionTemplate transaction;

    People(
            Accounts accounts,
            Passwords passwords,
            OneTimeLinks links,
            OpenSessions sessions,
            Throttle throttle,
            PeopleLog log,
            SecondFactors factors,
            TransactionTemplate transaction) {
        this.accounts = accounts;
        this.passwords = passwords;
        this.links = links;
        this.sessions = sessions;
        this.throttle = throttle;
        this.log = log;
        this.factors = factors;
        this.transaction = transaction;
    }

    /** Somebody as owners see them; who was invited and has not come yet has no password. */
    public record Listed(
            UUID id, String name, String email, Person.Role role, boolean isInvited, boolean hasSecondFactor) {
        static Listed of(AccountRecord row, boolean hasSecondFactor) {
            var person = Person.of(row);
            return new Listed(
                    person.id(),
                    person.name(),
                    person.email(),
                    person.role(),
                    row.getPasswordHash() == null,
                    hasSecondFactor);
        }
    }

    /** A link to hand to somebody: its token is shown this once. */
    public record Link(UUID person, String token, Instant endsAt) {}

    public List<Listed> all() {
        var having = factors.on();
        return accounts.all().stream()
                .map(row -> Listed.of(row, having.contains(row.getId())))
                .toList();
    }

    @Transactional
    public Link invite(String name, String email, Person.Role role, Person by) {
        var person = accounts.invite(email, name, role);
        log.note(PeopleLog.Event.INVITED, person.id(), by.id(), "");
        return made(OneTimeLinks.Purpose.INVITATION, person.id(), by);
    }

    /** A new link for somebody who lost theirs or forgot their password; the old one no longer holds. */
    @Transactional
    public Link link(UUID id, Person by) {
        var account = accounts.locked(id);
        log.note(PeopleLog.Event.LINK_MADE, id, by.id(), "");
        return made(
                account.getPasswordHash() == null ? OneTimeLinks.Purpose.INVITATION : OneTimeLinks.Purpose.RECOVERY,
                id,
                by);
    }

    private Link made(OneTimeLinks.Purpose purpose, UUID person, Person by) {
        var made = links.make(purpose, Optional.of(person), Optional.of(by.id()));
        return new Link(person, made.token(), made.endsAt());
    }

    @Transactional
    public void changeRole(UUID id, Person.Role role, Person by) {
        if (role != Person.Role.OWNER) {
            keepAnOwner(id);
        }
        var account = accounts.locked(id);
        account.setRole(role.stored());
        account.update();
        log.note(PeopleLog.Event.ROLE_CHANGED, id, by.id(), role.stored());
    }

    /** Ends somebody's access at once; what they did stays under their name. */
    @Transactional
    public void remove(UUID id, Person by) {
        keepAnOwner(id);
        var account = accounts.locked(id);
        account.setRemovedAt(Accounts.now());
        account.setPasswordHash(null);
        account.update();
        factors.forget(id);
        links.withdraw(Optional.of(id));
        sessions.endAll(id, Optional.empty());
        log.note(PeopleLog.Event.REMOVED, id, by.id(), "");
    }

    private void keepAnOwner(UUID id) {
        RuleBroken.unless(
                !accounts.owners().equals(List.of(id)),
                "This is the only owner who can sign in; make somebody else an owner first.");
    }

    @Transactional
    public void endSessions(UUID id, Person by) {
        accounts.locked(id);
        sessions.endAll(id, Optional.empty());
        log.note(PeopleLog.Event.SESSIONS_ENDED, id, by.id(), "");
    }

    /** Refuses whoever does not know their own password. */
    public void prove(Person person, String password) {
        var attempt = throttle.oldPassword(person.id());
        RuleBroken.unless(passwords.matches(password, accounts.byEmail(person.email())), "This is not your password.");
        throttle.giveBack(attempt);
    }

    /** Changes one's own password; every other session of the account ends. */
    public void changePassword(Person person, String old, String fresh, String current) {
        var attempt = throttle.oldPassword(person.id());
        transaction.executeWithoutResult(status -> {
            var account = accounts.locked(person.id());
            RuleBroken.unless(
                    passwords.matches(old, Optional.of(account)),
                    "The old password is another one; nothing was changed.");
            RuleBroken.unless(!old.equals(fresh), "The new password is the old one.");
            accounts.setPassword(account, fresh);
            links.withdraw(Optional.of(person.id()));
            log.note(PeopleLog.Event.PASSWORD_CHANGED, person.id(), person.id(), "");
        });
        throttle.giveBack(attempt);
        sessions.endAll(person.id(), Optional.of(current));
    }

    /** Ends one's own sessions: one by its key, or all but the present one. */
    @Transactional
    public void endOwn(Person person, Optional<String> key, String current) {
        key.ifPresentOrElse(
                k -> sessions.end(person.id(), k), () -> sessions.endAll(person.id(), Optional.of(current)));
        log.note(PeopleLog.Event.SESSIONS_ENDED, person.id(), person.id(), key.isPresent() ? "one" : "all others");
    }
}
