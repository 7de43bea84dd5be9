package lowfield.database;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Instant;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * Puts a backup in the place of what a database holds, in one transaction: whatever interrupts it, the database is as before,
 * or whole and proved against the manifest's counts and hashes.
 */
public final class Restore {
    private static final String EMPTIED = """
            begin;
            set local client_min_messages = warning;
            do $empty$
            declare it record;
            begin
              for it in select c.oid::regclass as name from pg_class c
                  where c.relnamespace = 'public'::regnamespace and c.relkind in ('r', 'p') and not c.relispartition
                    and not exists (select from pg_depend d where d.objid = c.oid and d.deptype = 'e') loop
                execute 'drop table ' || it.name || ' cascade';
              end loop;
              for it in select c.oid::regclass as name from pg_class c
                  where c.relnamespace = 'public'::regnamespace and c.relkind = 'S' loop
                execute 'drop sequence ' || it.name || ' cascade';
              end loop;
              for it in select p.oid::regprocedure as name from pg_proc p
                  where p.pronamespace = 'public'::regnamespace
                    and not exists (select from pg_depend d where d.objid = p.oid and d.deptype = 'e') loop
                execute 'drop routine ' || it.name || ' cascade';
              end loop;
            end $empty$;
            """;

    /** Links that were open when the backup was made may have been used since; none comes back to life. */
    private static final String LINKS_ENDED = """
            do $links$ begin
              if to_regclass('public.account_link') is not null then
                update public.account_link set used_at = now() where used_at is null;
              end if;
            end $links$;
            """;

    private final Access access;
    private final Path file;
    private final Optional<String> replace;
    private final Predicate<String> sure;
    private final Optional<BackupFolder> backups;
    private final Instant now;

    /**
     * @param replace the name of the desk that another desk's backup may take the place of
     * @param backups where what is replaced is kept
     * @param sure asked with a question before anything is replaced
     */
    public Restore(
            Access access,
            Path file,
            Optional<String> replace,
            Predicate<String> sure,
            Optional<BackupFolder> backups,
            Instant now) {
        this.access = access;
        this.file = file;
        this.replace = replace;
        this.sure = sure;
        this.backups = backups;
        this.now = now;
    }

    /** Returns what was done, as a sentence. */
    public String run() {
        try (var backup = BackupFile.open(file)) {
            var manifest = backup.manifest();
            refuseNewer(manifest, Migration.newest(access));
            try (var connection = access.open()) {
                var desk = Desk.of(connection);
                refuseAnother(manifest, desk);
                refuseRunning(connection);
                if (!desk.isEmpty()) {
                    keep(manifest, desk);
                }
            }
            pour(backup);
            return "Restored %s as it was on %s.".formatted(Desk.called(manifest.desk()), manifest.made());
        } catch (IOException failed) {
            throw new Refusal("%s could not be read: %s", file, failed.getMessage());
        } catch (SQLException failed) {
            throw new Refusal("The database could not be asked: %s", failed.getMessage());
        }
    }

    private static void refuseNewer(Manifest manifest, String newest) {
        if (manifest.schema().compareTo(newest) > 0) {
            throw new Refusal(
                    "This backup is of version %s and was made by a newer Lowfield; this one knows versions up to %s. Upgrade first.",
                    manifest.schema(), newest);
        }
    }

    private void refuseAnother(Manifest manifest, Desk desk) {
        if (desk.isEmpty() || manifest.desk().equals(desk.name())) {
            return;
        }
        if (!replace.equals(Optional.of(desk.called()))) {
            throw new Refusal(
                    "This backup is of %s, and here is %s. To put it in the place of %s all the same, add: --replace %s",
                    Desk.called(manifest.desk()), desk.called(), desk.called(), desk.called());
        }
    }

    private static void refuseRunning(Connection connection) throws SQLException {
        try (var statement = connection.createStatement();
                var found = statement.executeQuery("select count(*) from pg_stat_activity where datname ="
                        + " current_database() and application_name = 'lowfield-server'")) {
            found.next();
            if (found.getInt(1) > 0) {
                throw new Refusal("The server is running; stop it with ./lowfield stop, then restore.");
            }
        }
    }

    /** Asks, and backs up what is about to be replaced. */
    private void keep(Manifest manifest, Desk desk) {
        if (!sure.test(question(manifest, desk))) {
            throw new Refusal("Nothing was changed.");
        }
        backups.ifPresent(folder -> folder.before("restore", access, now));
    }

    private static String question(Manifest manifest, Desk desk) {
        return "This replaces everything in %s by what stood on %s. Go on? Type yes: "
                .formatted(desk.called(), manifest.made());
    }

    private void pour(BackupFile backup) throws IOException {
        try (var reading = PostgresProgram.start("pg_restore", access, "--file=-", "--no-owner", "--no-privileges");
                var writing = PostgresProgram.start(
                        "psql", access, "--no-psqlrc", "--quiet", "--set=ON_ERROR_STOP=1", "--output=/dev/null")) {
            feed(backup, reading.process().getOutputStream());
            var sql = writing.process().getOutputStream();
            try {
                sql.write(EMPTIED.getBytes(StandardCharsets.UTF_8));
                reading.process().getInputStream().transferTo(sql);
                reading.succeed();
                sql.write(backup.manifest().contents().asserted().getBytes(StandardCharsets.UTF_8));
                sql.write((LINKS_ENDED + "commit;\n").getBytes(StandardCharsets.UTF_8));
                sql.close();
            } catch (IOException broken) {
                writing.succeed();
                throw broken;
            }
            writing.succeed();
        }
    }

    /** On a thread of its own, since the program gives out while it still takes in. */
    private static void feed(BackupFile backup, OutputStream into) {
        var thread = new Thread(
                () -> {
                    try (into;
                            var dump = backup.dump()) {
                        dump.transferTo(into);
                    } catch (IOException gone) {
                        // The program has ended; what it has to say of that is told by its end.
                    }
                },
                "dump");
        thread.setDaemon(true);
        thread.start();
    }
}
