package lowfield.server.accounts;

import static lowfield.db.Tables.ACCOUNT;
import static lowfield.db.Tables.ACCOUNT_LINK;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.HexFormat;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.db.tables.records.AccountLinkRecord;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;

/** One-time links: made, read and used up. The token is shown once; only its hash is kept. */
@Component
class OneTimeLinks {
    /** What a link is for, and how long it holds; stored by name. */
    enum Purpose {
        FIRST(Duration.ofDays(1)),
        INVITATION(Duration.ofDays(7)),
        RECOVERY(Duration.ofDays(1));

        private final Duration holds;

        Purpose(Duration holds) {
            this.holds = holds;
        }
    }

    /** A fresh link's token and its end. */
    record Made(String token, Instant endsAt) {}

    private static final int BYTES = 24;
    private static final SecureRandom RANDOM = new SecureRandom();

    private final DSLContext db;

    OneTimeLinks(DSLContext db) {
        this.db = db;
    }

    /** A link for an account, or for the first one; those made for it before end. */
    Made make(Purpose purpose, Optional<UUID> account, Optional<UUID> by) {
        withdraw(account);
        var bytes = new byte[BYTES];
        RANDOM.nextBytes(bytes);
        var token = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        var now = Accounts.now();
        var end = now.plus(purpose.holds);
        db.insertInto(ACCOUNT_LINK)
                .set(ACCOUNT_LINK.TOKEN_HASH, hash(token))
                .set(ACCOUNT_LINK.PURPOSE, purpose.name())
                .set(ACCOUNT_LINK.ACCOUNT_ID, account.orElse(null))
                .set(ACCOUNT_LINK.MADE_BY, by.orElse(null))
                .set(ACCOUNT_LINK.MADE_AT, now)
                .set(ACCOUNT_LINK.ENDS_AT, end)
                .execute();
        return new Made(token, end.toInstant());
    }

    /** Ends the open links of an account, or those for the first one. */
    void withdraw(Optional<UUID> account) {
        db.update(ACCOUNT_LINK)
                .set(ACCOUNT_LINK.USED_AT, Accounts.now())
                .where(
                        account.map(ACCOUNT_LINK.ACCOUNT_ID::eq).orElseGet(ACCOUNT_LINK.ACCOUNT_ID::isNull),
                        ACCOUNT_LINK.USED_AT.isNull())
                .execute();
    }

    /** The link of a token as it can be used now; one that cannot is refused with the reason, an unknown one in these words. */
    AccountLinkRecord open(String token, String unknown) {
        var link = db.selectFrom(ACCOUNT_LINK)
                .where(ACCOUNT_LINK.TOKEN_HASH.eq(hash(token.strip())))
                .forUpdate()
                .fetchOptional()
                .orElseThrow(() -> new RuleBroken(unknown));
        RuleBroken.unless(
                link.getUsedAt() == null,
                "This link has been used or withdrawn; ask an owner of this desk for another.");
        RuleBroken.unless(
                link.getEndsAt().isAfter(Accounts.now()),
                "This link has ended; ask an owner of this desk for another.");
        RuleBroken.unless(
                link.getAccountId() == null
                        || db.fetchExists(
                                ACCOUNT, ACCOUNT.ID.eq(link.getAccountId()).and(ACCOUNT.REMOVED_AT.isNull())),
                "The person this link was made for is no longer at this desk.");
        return link;
    }

    /** Whether nobody at the desk made a link: the machine's console did. */
    boolean isOfTheConsole(String token) {
        return db.fetchExists(
                ACCOUNT_LINK, ACCOUNT_LINK.TOKEN_HASH.eq(hash(token.strip())), ACCOUNT_LINK.MADE_BY.isNull());
    }

    void use(AccountLinkRecord link) {
        link.setUsedAt(Accounts.now());
        link.update();
    }

    private static String hash(String token) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException none) {
            throw new IllegalStateException(none);
        }
    }
}
