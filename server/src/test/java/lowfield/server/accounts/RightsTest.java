package lowfield.server.accounts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.SQLException;
import lowfield.server.kit.Stage;
import lowfield.server.kit.TestCluster;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What the server's role may do in the database, and what nobody may read. */
class RightsTest {
    private final TestCluster cluster = Stage.open().cluster;

    @ParameterizedTest
    @ValueSource(
            strings = {
                "create table mine (a int)",
                "alter table account add column mine int",
                "drop table account",
                "truncate account",
                "create index mine on account (name)",
                "create role mine",
                "alter role lowfield_server superuser",
                "create database mine",
                "create extension hstore",
                "update flyway_schema_history set success = false",
                "delete from flyway_schema_history",
                "copy account to '/tmp/lowfield-account'",
                "copy account from program 'id'",
                "select pg_read_file('/etc/passwd')",
                "update account_event set about = 'nothing'",
                "delete from account_event",
                "set role lowfield_owner",
                "set session authorization lowfield_owner"
            })
    void theServersRoleChangesNoTableAndReadsNoFile(String sql) {
        assertThatThrownBy(() -> execute(sql))
                .isInstanceOf(SQLException.class)
                .hasMessageMatching(
                        "(?s).*(permission denied|must be owner|must have|must be a superuser|must be superuser).*");
    }

    private void execute(String sql) throws SQLException {
        try (var connection = cluster.server.open();
                var statement = connection.createStatement()) {
            statement.execute(sql);
        }
    }

    /** The log only grows for the server; a function of the owner's drops what is past its date, and nothing else. */
    @Test
    void whatIsPastItsDateLeavesTheLog() throws SQLException {
        TestCluster.execute(cluster.owner, """
                insert into account_event (at, kind, about, place_hash) values
                    (now() - interval '3 years', 'SIGN_IN_FAILED', 'rights-old', 'a'),
                    (now() - interval '2 days', 'SIGN_IN_FAILED', 'rights-days', 'b'),
                    (now(), 'SIGN_IN_FAILED', 'rights-new', 'c')
                """);
        execute("select forget_old_account_events()");
        assertThat(
                        TestCluster.single(
                                cluster.owner,
                                "select string_agg(about || '=' || coalesce(place_hash, ''), ' ' order by id) from account_event where about like 'rights-%'"))
                .isEqualTo("rights-days= rights-new=c");
        TestCluster.execute(cluster.owner, "delete from account_event where about like 'rights-%'");
    }

    @Test
    void temporaryTablesStayPossible() throws SQLException {
        execute("create temporary table mine (a int)");
    }

    @Test
    void noRoleOfTheApplicationIsASuperuser() {
        assertThat(
                        TestCluster.single(
                                cluster.admin,
                                "select string_agg(rolname, ',') from pg_roles where (rolsuper or rolcreaterole or rolcreatedb) and rolname in ('lowfield_owner', 'lowfield_server')"))
                .isNull();
    }

    @Test
    void passwordsAreKeptAsScramAndInFilesOfTheClustersAccountOnly() throws Exception {
        assertThat(
                        TestCluster.single(
                                cluster.admin,
                                "select count(*) from pg_authid where rolname like 'lowfield%' and rolpassword like 'SCRAM-SHA-256$%'"))
                .isEqualTo("3");
        var passwords = cluster.folder().resolve("passwords");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(passwords)))
                .isEqualTo("rwx------");
        for (var role : new String[] {"admin", "owner", "server"}) {
            assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(passwords.resolve(role))))
                    .isEqualTo("rw-------");
            assertThat(Files.readString(passwords.resolve(role))).matches("[0-9a-f]{48}");
        }
    }
}
