package lowfield.server.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import lowfield.database.Backup;
import lowfield.database.BackupKey;
import lowfield.database.Refusal;
import lowfield.database.Restore;
import lowfield.server.kit.TestCluster;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Backups that somebody made to get in: nothing of them runs, and nothing of them stays. */
class HostileBackupTest extends BackupCase {
    private static final BackupKey ANOTHER = BackupKey.of("fedcba9876543210".repeat(4));

    private Path planted;

    @BeforeEach
    void backItUp() {
        Backup.write(desk, KEY, file, NOW);
        planted = folder.resolve("planted");
    }

    /** A manifest is data: what is no name, no figure and no hash is refused before anything is asked of a database. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "x\\n\\\\! touch %s\\n",
                "x$check$; drop table account; do $check$",
                "x'; drop table account; --",
                "x\\\"; drop table account; --",
                "x\\\\",
                "x\\r\\nx",
                "Account",
                ""
            })
    void aManifestThatIsNotOfItsFormIsRefused(String name) throws IOException {
        alter(m -> m.replace("\"account\" :", "\"%s\" :".formatted(name.replace("%s", planted.toString()))), d -> d);
        refused("damaged");
    }

    @ParameterizedTest
    @ValueSource(strings = {"'; drop table account; --", "none'", "0123", "$check$", "\\n\\\\! touch %s"})
    void hashesAreHexadecimal(String hash) throws IOException {
        alter(
                m -> m.replaceAll(
                        "\"pages\" : \"[^\"]*\"",
                        java.util.regex.Matcher.quoteReplacement(
                                "\"pages\" : \"%s\"".formatted(hash.replace("%s", planted.toString())))),
                d -> d);
        refused("damaged");
    }

    @Test
    void theNameOfADeskDoesNotSteerATerminal() throws IOException {
        alter(m -> m.replaceAll("\"desk\" : \"", "\"desk\" : \"\\\\u001b[2J"), d -> d);
        refused("damaged");
    }

    private void refused(String why) {
        var before = contents(desk);
        assertThatThrownBy(() -> trust(desk)).isInstanceOf(Refusal.class).hasMessageContaining(why);
        assertThat(contents(desk)).isEqualTo(before);
        assertThat(planted).doesNotExist();
    }

    /** Without the key nobody can make a backup that a desk takes for its own, nor change one. */
    @Test
    void whatThisDeskDidNotMakeIsTakenFromTheTrustedOnly() throws IOException {
        var asked = new ArrayList<String>();
        var none = new Restore.Answers(Optional.empty(), Optional.empty(), question -> true);
        assertThatThrownBy(() -> restore(desk, ANOTHER, none)).hasMessageContaining("--trust");
        var once = new Restore.Answers(
                Optional.empty(), Optional.of(question -> asked.add(question) && asked.size() < 2), question -> true);
        assertThatThrownBy(() -> restore(desk, ANOTHER, once)).hasMessage("Nothing was changed.");
        assertThat(asked).hasSize(2);
        alter(m -> m.replace("\"account\" : 1", "\"account\" : 2"), d -> d);
        assertThatThrownBy(() -> restore(desk, "", true)).hasMessageContaining("--trust");
    }

    @Test
    void aBackupOfBeforeHasNoMarkAndIsTakenFromTheTrusted() throws IOException {
        var before = contents(desk);
        alter(m -> m, d -> d);
        removeTheMark();
        assertThatThrownBy(() -> restore(desk, "", true)).hasMessageContaining("--trust");
        trust(desk);
        assertThat(contents(desk)).isEqualTo(before);
    }

    private void removeTheMark() throws IOException {
        try (var zip = java.nio.file.FileSystems.newFileSystem(file)) {
            Files.delete(zip.getPath("manifest.mark"));
        }
    }

    /** Functions, triggers, rights and tables of a dump do not come over; only its rows do. */
    @Test
    void aDumpsOwnFunctionsAndTriggersStayBehind() throws IOException {
        execute(
                "create function planted() returns trigger language plpgsql as 'begin delete from account; return new; end'",
                "create trigger planted after insert on account for each row execute function planted()",
                "create view planted_view as select 1 as one",
                "alter table account add constraint planted check (length(name) < 100)",
                "create rule planted as on update to shop do also nothing");
        var hostile = folder.resolve("hostile.lowfield");
        Backup.write(desk, KEY, hostile, NOW);
        file = hostile;
        var empty = database();
        restore(empty, "", true);
        assertThat(TestCluster.single(
                        empty,
                        "select (select count(*) from pg_proc where proname like 'planted%')"
                                + " + (select count(*) from pg_trigger where tgname like 'planted%')"
                                + " + (select count(*) from pg_class where relname like 'planted%')"
                                + " + (select count(*) from pg_constraint where conname like 'planted%')"))
                .isEqualTo("0");
        migrate(empty);
        assertThat(TestCluster.single(empty, "select count(*) from account")).isEqualTo("1");
    }

    /** A table that is not of this version is not made, and no row of it is dropped in silence. */
    @Test
    void aTableThatIsNotOfTheVersionIsRefused() {
        execute("create table planted (id int)", "insert into planted values (1)");
        file = folder.resolve("hostile.lowfield");
        Backup.write(desk, KEY, file, NOW);
        var empty = database();
        assertThatThrownBy(() -> restore(empty, "", true)).hasMessageContaining("damaged");
    }

    /** Somebody's session in a dump would sign them in; it stays out, as do the marks of mistyped passwords. */
    @Test
    void sessionsInADumpStayOut() throws Exception {
        TestCluster.execute(
                desk,
                "insert into spring_session (primary_id, session_id, creation_time, last_access_time, max_inactive_interval, expiry_time)"
                        + " values ('p', 's', 0, 0, 3600, 9999999999999)");
        alter(m -> m, dump -> dumpOf(desk));
        alter(
                m -> m.replaceAll("\"dumpBytes\" : \\d+", "\"dumpBytes\" : " + dumped.length)
                        .replaceAll("\"dumpSha256\" : \"\\w+\"", "\"dumpSha256\" : \"" + sha256(dumped) + '"'),
                d -> d);
        var empty = database();
        trust(empty);
        assertThat(TestCluster.single(empty, "select count(*) from spring_session"))
                .isEqualTo("0");
        assertThat(TestCluster.single(empty, "select count(*) from account")).isEqualTo("1");
    }

    private void execute(String... statements) {
        TestCluster.execute(desk, String.join("; ", statements));
    }

    private byte[] dumped = {};

    /** A dump with everything in it, sessions too, as somebody would make it by hand. */
    private byte[] dumpOf(lowfield.database.Access access) {
        var address = java.net.URI.create(access.url().substring("jdbc:".length()));
        var out = folder.resolve("whole.dump");
        TestCluster.run(List.of(
                "env",
                "PGPASSWORD=" + access.password(),
                "pg_dump",
                "-Fc",
                "-h",
                address.getHost(),
                "-p",
                String.valueOf(address.getPort()),
                "-U",
                access.user(),
                "-f",
                out.toString(),
                address.getPath().substring(1)));
        try {
            dumped = Files.readAllBytes(out);
            return dumped;
        } catch (IOException failed) {
            throw new IllegalStateException(failed);
        }
    }

    private static String sha256(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (java.security.NoSuchAlgorithmException none) {
            throw new IllegalStateException(none);
        }
    }

    /** Rows that break a rule of the tables, and references to nobody, are refused by the database itself. */
    @Test
    void rowsThatBreakARuleAreRefused() throws Exception {
        execute(
                "alter table account_link drop constraint account_link_token_hash_check",
                "insert into account_link (token_hash, purpose, made_at, ends_at) values ('x', 'FIRST', now(), now())");
        file = folder.resolve("hostile.lowfield");
        Backup.write(desk, KEY, file, NOW);
        var empty = database();
        assertThatThrownBy(() -> restore(empty, "", true)).hasMessageContaining("do not fit");
        assertThat(TestCluster.single(empty, "select to_regclass('public.account') is null"))
                .isEqualTo("t");
    }

    /** Names with a quote in them inside the rows are data, whatever they spell. */
    @Test
    void rowsAreDataWhateverTheySpell() {
        var words = "\\!touch " + planted + "\n\\.\nCOPY public.account (id) FROM stdin;\n'; drop table account; --";
        TestCluster.execute(desk, "update account set password_hash = '%s'".formatted(words.replace("'", "''")));
        file = folder.resolve("words.lowfield");
        Backup.write(desk, KEY, file, NOW);
        var before = contents(desk);
        var empty = database();
        restore(empty, "", true);
        assertThat(contents(empty)).isEqualTo(before);
        assertThat(TestCluster.single(empty, "select password_hash from account"))
                .isEqualTo(words);
        assertThat(planted).doesNotExist();
    }
}
