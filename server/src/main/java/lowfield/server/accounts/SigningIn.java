package lowfield.server.accounts;

import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import lowfield.core.RuleBroken;
import lowfield.db.tables.records.AccountRecord;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** The ways in: by password, by the first account's token, by a one-time link. */
@Service
public class SigningIn {
    private final Accounts accounts;
    private final Passwords passwords;
    private final Throttle throttle;
    private final OneTimeLinks links;
    private final OpenSessions sessions;
    private final PeopleLog log;
    private final SecondFactors factors;
    private final TransactionTemplate transaction;

    SigningIn(
            Accounts accounts,
            Passwords passwords,
            Throttle throttle,
            OneTimeLinks links,
            OpenSessions sessions,
            PeopleLog log,
            SecondFactors factors,
            TransactionTemplate transaction) {
        this.accounts = accounts;
        this.passwords = passwords;
        this.throttle = throttle;
        this.links = links;
        this.sessions = sessions;
        this.log = log;
        this.factors = factors;
        this.transaction = transaction;
    }

    /**
     * From where somebody comes.
     *
     * @param address of the connection
     * @param knownBrowser the mark of a browser that has signed in to this account before
     */
    public record From(String address, Optional<UUID> knownBrowser) {}

    /**
     * The person of an e-mail address and password, and of a code where they have a second factor.
     *
     * @param code of the app or on paper; blank where none was typed yet
     * @return empty where all is right and the code is still missing
     */
    public Optional<Person> byPassword(String email, String password, String code, From from) {
        var place = Place.of(from.address());
        var attempt = throttle.signIn(email, from.knownBrowser(), place);
        var account = accounts.byEmail(email);
        if (!passwords.matches(password, account)) {
            log.failed(account.map(AccountRecord::getId), email, place);
            throw new RuleBroken("E-mail address and password do not go together; nothing was changed.");
        }
        var person = Person.of(account.orElseThrow());
        var isComplete = !factors.isOn(person.id());
        if (!isComplete && !code.isBlank()) {
            check(person, code, place);
            isComplete = true;
        }
        throttle.giveBack(attempt);
        if (!isComplete) {
            return Optional.empty();
        }
        log.note(PeopleLog.Event.SIGNED_IN, person.id(), person.id(), "");
        return Optional.of(person);
    }

    private void check(Person person, String code, Place place) {
        if (!factors.accepts(person.id(), code)) {
            log.codeFailed(person.id(), place);
            throw new RuleBroken("The code does not fit; a code counts once, and for a minute. Type the next one.");
        }
    }

    /** Makes the owner's account; the token works once, and only while there is no account. */
    public Person first(String token, String email, String name, String password, From from) {
        return counted(from, () -> {
            RuleBroken.unless(
                    accounts.isEmpty(), "The first account exists already; sign in with it, or ask its owner for one.");
            var link =
                    links.open(token, "This is not the token that ./lowfield start printed; copy it from the console.");
            RuleBroken.unless(link.getAccountId() == null, "This link is not for the first account.");
            var person = accounts.create(email, name, password, Person.Role.OWNER);
            links.use(link);
            log.note(PeopleLog.Event.FIRST_ACCOUNT, person.id(), person.id(), "");
            return person;
        });
    }

    /** Whom a link is for, and whether it asks for a first password or for a new one. */
    public record LinkFor(String name, String email, boolean isInvitation) {}

    public LinkFor read(String token, From from) {
        return counted(from, () -> {
            var account = accountOf(token);
            return new LinkFor(account.getName(), account.getEmail(), account.getPasswordHash() == null);
        });
    }

    /** Sets the password of the link's person; the link is used up, and their other sessions end. One that the console made ends
     * a second factor as well: whoever has the machine has the desk. */
    public Person byLink(String token, String password, From from) {
        var person = counted(from, () -> {
            var account = accountOf(token);
            accounts.setPassword(account, password);
            if (links.isOfTheConsole(token)) {
                factors.endByConsole(account.getId());
            }
            links.withdraw(Optional.of(account.getId()));
            log.note(PeopleLog.Event.LINK_USED, account.getId(), account.getId(), "");
            return Person.of(account);
        });
        sessions.endAll(person.id(), Optional.empty());
        return person;
    }

    /** One transaction; a link or token that is refused counts against the network it came from. */
    private <T> T counted(From from, Supplier<T> work) {
        var attempt = throttle.link(Place.of(from.address()));
        try {
            var result = transaction.execute(status -> work.get());
            throttle.giveBack(attempt);
            return result;
        } catch (RuleBroken refused) {
            log.linkFailed(Place.of(from.address()));
            throw refused;
        }
    }

    private AccountRecord accountOf(String token) {
        var account = links.open(token, "This is no link of this desk; copy it whole, or ask for another.")
                .getAccountId();
        RuleBroken.unless(
                account != null, "This is the token of the first account; enter it where the desk asks for it.");
        return accounts.locked(account);
    }
}
