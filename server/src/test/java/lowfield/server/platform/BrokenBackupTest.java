package lowfield.server.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import lowfield.database.Backup;
import lowfield.database.Console;
import lowfield.database.Refusal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Backups that are damaged, cut short, too new or that find no room. */
class BrokenBackupTest extends BackupCase {
    @ParameterizedTest
    @ValueSource(doubles = {0, 0.01, 0.5, 0.99})
    void aFileCutShortIsRefusedAndChangesNothing(double share) throws IOException {
        Backup.write(desk, KEY, file, NOW);
        var bytes = Files.readAllBytes(file);
        Files.write(file, java.util.Arrays.copyOf(bytes, (int) (bytes.length * share)));
        refusedAsDamaged();
    }

    @Test
    void aFileWithOneByteChangedIsRefused() throws IOException {
        Backup.write(desk, KEY, file, NOW);
        var bytes = Files.readAllBytes(file);
        bytes[bytes.length / 2] ^= 1;
        Files.write(file, bytes);
        refusedAsDamaged();
    }

    private void refusedAsDamaged() {
        var before = contents(desk);
        assertThatThrownBy(() -> restore(desk, "", true))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("damaged");
        assertThat(contents(desk)).isEqualTo(before);
    }

    @Test
    void aNewerFormatAndANewerVersionAreRefused() throws IOException {
        Backup.write(desk, KEY, file, NOW);
        alter(m -> m.replace("\"format\" : 1", "\"format\" : 2"), dump -> dump);
        assertThatThrownBy(() -> restore(desk, "", true)).hasMessageContaining("format 2", "Upgrade first");
        alter(
                m -> m.replace("\"format\" : 2", "\"format\" : 1").replace("\"schema\" : \"0", "\"schema\" : \"9"),
                dump -> dump);
        assertThatThrownBy(() -> restore(desk, "", true)).hasMessageContaining("newer Lowfield");
    }

    /** A manifest that promises other figures than the dump holds: nothing of it stays. */
    @Test
    void whatDoesNotAddUpIsRolledBack() throws IOException {
        Backup.write(desk, KEY, file, NOW);
        person(desk, "Tom Ekerby");
        var before = contents(desk);
        alter(m -> m.replace("\"account\" : 1", "\"account\" : 7"), dump -> dump);
        assertThatThrownBy(() -> trust(desk)).hasMessageContaining("Not as in the backup: rows of account");
        assertThat(contents(desk)).isEqualTo(before);
    }

    /** A disk that is full, as far as the program can tell: no file may grow beyond 100 KB. */
    @Test
    void aFullDiskLeavesNothingBehind() throws Exception {
        var builder = new ProcessBuilder(List.of(
                        "bash",
                        "-c",
                        "ulimit -f 100; exec \"$@\"",
                        "bash",
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:-UsePerfData",
                        "-cp",
                        System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                        Console.class.getName(),
                        "backup",
                        file.toString()))
                .redirectErrorStream(true);
        builder.environment().put("LOWFIELD_DB_URL", desk.url());
        builder.environment().put("LOWFIELD_BACKUP_KEY", "0123456789abcdef".repeat(4));
        builder.environment().put("LOWFIELD_DB_OWNER", desk.user());
        builder.environment().put("LOWFIELD_DB_OWNER_PASSWORD", desk.password());
        var process = builder.start();
        var said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor()).as(said).isEqualTo(1);
        assertThat(said).contains("could not be written", "nothing was left behind");
        try (var left = Files.list(folder)) {
            assertThat(left).isEmpty();
        }
    }
}
