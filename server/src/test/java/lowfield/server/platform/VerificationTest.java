package lowfield.server.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import lowfield.database.Backup;
import lowfield.database.BackupKey;
import lowfield.database.Verification;
import lowfield.server.kit.TestCluster;
import org.junit.jupiter.api.Test;

/** Whether a backup is whole is told without touching the desk. */
class VerificationTest extends BackupCase {
    @Test
    void aWholeBackupIsToldWithItsDayAndWhoMadeIt() {
        var past = database();
        TestCluster.fillWithThePast(past);
        Backup.write(past, KEY, file, NOW);
        var before = contents(past);
        var scratch = database();
        assertThat(Verification.of(scratch, KEY, file))
                .startsWith("Whole: ")
                .contains(NOW.toString(), "This desk made it.");
        assertThat(contents(scratch)).isEqualTo(before);
        assertThat(contents(past)).isEqualTo(before);
    }

    @Test
    void anotherDesksBackupIsSaidToBeSo() {
        Backup.write(desk, BackupKey.of("ab".repeat(32)), file, NOW);
        assertThat(Verification.of(database(), KEY, file)).startsWith("Whole: ").contains("no mark of this desk");
    }

    @Test
    void oneThatWasChangedIsNotWhole() throws IOException {
        Backup.write(desk, KEY, file, NOW);
        var bytes = Files.readAllBytes(file);
        bytes[bytes.length / 2] ^= 1;
        Files.write(file, bytes);
        var scratch = database();
        assertThatThrownBy(() -> Verification.of(scratch, KEY, file)).hasMessageContaining("damaged, or was cut short");
    }
}
