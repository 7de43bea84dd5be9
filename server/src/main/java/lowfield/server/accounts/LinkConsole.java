package lowfield.server.accounts;

import static lowfield.db.Tables.ACCOUNT;
import static lowfield.db.Tables.ACCOUNT_EVENT;

import java.sql.SQLException;
import java.util.Optional;
import lowfield.db.tables.records.AccountRecord;
import lowfield.server.platform.DatabaseConsole;
import org.jooq.DSLContext;
import org.jooq.Record1;

/**
 * One-time links on the console, for whoever has the machine: {@code first} prints the token of the first account while there
 * is none; {@code recover NAME} prints a link by which an owner sets a new password. Works while the server runs.
 */
public final class LinkConsole {
    private final DSLContext db;
    private final OneTimeLinks links;

    private LinkConsole(DSLContext db) {
        this.db = db;
        links = new OneTimeLinks(db);
    }

    public static void main(String[] arguments) throws SQLException {
        try (var database = DatabaseConsole.as("LOWFIELD_DB_USER", "LOWFIELD_DB_PASSWORD")) {
            var console = new LinkConsole(database.db());
            if (arguments[0].equals("first")) {
                console.first();
            } else {
                System.exit(console.recover(arguments.length > 1 ? arguments[1] : "") ? 0 : 1);
            }
        }
    }

    private void first() {
        if (!db.fetchExists(ACCOUNT)) {
            var made = links.make(OneTimeLinks.Purpose.FIRST, Optional.empty(), Optional.empty());
            System.out.println("One-time token for the first account: " + made.token());
        }
    }

    private boolean recover(String name) {
        var owners = db.selectFrom(ACCOUNT)
                .where(
                        ACCOUNT.NAME.equalIgnoreCase(name).or(ACCOUNT.EMAIL.equalIgnoreCase(name)),
                        ACCOUNT.ROLE.eq(Person.Role.OWNER.stored()),
                        ACCOUNT.REMOVED_AT.isNull())
                .fetch();
        if (owners.size() != 1) {
            System.err.println(
                    owners.isEmpty() ? none(name) : "More than one owner is called that; give the e-mail address.");
            return false;
        }
        print(owners.get(0));
        return true;
    }

    private String none(String name) {
        var all = db.select(ACCOUNT.EMAIL)
                .from(ACCOUNT)
                .where(ACCOUNT.ROLE.eq(Person.Role.OWNER.stored()), ACCOUNT.REMOVED_AT.isNull())
                .orderBy(ACCOUNT.EMAIL)
                .fetch(Record1::value1);
        return "No owner is called \"%s\". Owners: %s. A helper gets a link from an owner, under People."
                .formatted(name, all.isEmpty() ? "none yet" : String.join(", ", all));
    }

    private void print(AccountRecord owner) {
        var made = links.make(OneTimeLinks.Purpose.RECOVERY, Optional.of(owner.getId()), Optional.empty());
        db.insertInto(ACCOUNT_EVENT)
                .set(ACCOUNT_EVENT.AT, Accounts.now())
                .set(ACCOUNT_EVENT.KIND, PeopleLog.Event.LINK_MADE.name())
                .set(ACCOUNT_EVENT.ACCOUNT_ID, owner.getId())
                .execute();
        var desk = Optional.ofNullable(System.getenv("LOWFIELD_DESK_URL")).orElse("");
        System.out.printf(
                "For %s (%s), once, until %s; it sets a new password and turns a second factor off:%n%s/link#%s%n",
                owner.getName(), owner.getEmail(), made.endsAt(), desk, made.token());
    }
}
