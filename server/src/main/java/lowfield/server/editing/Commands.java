package lowfield.server.editing;

import static lowfield.db.Tables.COMMAND;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.db.tables.records.CommandRecord;
import lowfield.server.accounts.Person;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/** The commands that a person can undo or redo, held for doing so. */
@Component
class Commands {
    /** Answers from before fingerprints were stable: what stood then is not known any more. */
    static final Condition OLD_ANSWER = COMMAND.TARGET
            .eq(Target.ANSWER.name())
            .and(DSL.condition("length(coalesce({0}, {1}) ->> 'fingerprint') < 64", COMMAND.AFTER, COMMAND.BEFORE));

    private final DSLContext db;

    Commands(DSLContext db) {
        this.db = db;
    }

    /** A person's latest command of a form that still stands. */
    Optional<CommandRecord> latest(UUID edition, Person by, String form) {
        return db.selectFrom(COMMAND)
                .where(
                        COMMAND.EDITION_ID.eq(edition),
                        COMMAND.ACCOUNT_ID.eq(by.id()),
                        COMMAND.FORM.eq(form),
                        COMMAND.UNDONE_BY.isNull(),
                        DSL.not(OLD_ANSWER))
                .orderBy(COMMAND.ID.desc())
                .limit(1)
                .forUpdate()
                .fetchOptional();
    }

    /** A command with those of the same act that still stand, the latest first. */
    List<CommandRecord> madeTogether(CommandRecord latest) {
        return latest.getAct() == null
                ? List.of(latest)
                : db.selectFrom(COMMAND)
                        .where(
                                COMMAND.ACT.eq(latest.getAct()),
                                COMMAND.EDITION_ID.eq(latest.getEditionId()),
                                COMMAND.ACCOUNT_ID.eq(latest.getAccountId()),
                                COMMAND.FORM.eq(latest.getForm()),
                                COMMAND.UNDONE_BY.isNull())
                        .orderBy(COMMAND.ID.desc())
                        .forUpdate()
                        .fetch();
    }
}
