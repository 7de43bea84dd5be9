package lowfield.server.round;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import lowfield.database.Access;
import lowfield.database.Contents;
import lowfield.server.kit.TestCluster;
import org.junit.jupiter.api.Test;

/** A carry-over to a newer PostgreSQL that is killed at any moment. */
class KilledCarryOverTest extends KilledCase {
    @Test
    void aCarryOverThatIsKilledIsDoneByTheNextStart() throws Exception {
        var former = former();
        var command = new ArrayList<>(List.of(
                TestCluster.SCRIPT.toString(),
                "carry-over",
                former.toString(),
                folder.resolve("cluster").toString(),
                folder.toString()));
        command.addAll(console());
        var before = contentsOfFormer(former);
        var took = System.nanoTime();
        assertThat(start(KEY, command).waitFor()).as(said()).isZero();
        took = System.nanoTime() - took;
        assertThat(contentsOfNew()).isEqualTo(before);
        discardNew();
        for (int time = 0; time < TIMES; time++) {
            var carrying = start(KEY, command);
            carrying.waitFor(moment(time, took), TimeUnit.NANOSECONDS);
            kill(carrying);
            // What is there under its name is whole, and else the former data still is.
            if (holds(folder.resolve("cluster"))) {
                assertThat(contentsOfNew()).isEqualTo(before);
                discardNew();
            } else {
                assertThat(contentsOfFormer(former)).isEqualTo(before);
            }
        }
        // The next start clears away what the last killed one left, and gets through.
        assertThat(start(KEY, command).waitFor()).as(said()).isZero();
        assertThat(contentsOfNew()).isEqualTo(before);
        discardNew();
    }

    private static boolean holds(Path cluster) throws Exception {
        return new ProcessBuilder(TestCluster.SCRIPT.toString(), "holds", cluster.toString())
                        .start()
                        .waitFor()
                == 0;
    }

    private void discardNew() throws Exception {
        TestCluster.run(List.of(
                TestCluster.SCRIPT.toString(), "stop", folder.resolve("cluster").toString()));
        new ProcessBuilder("rm", "-rf", folder.resolve("cluster").toString())
                .start()
                .waitFor();
    }

    private Contents contentsOfNew() throws Exception {
        var cluster = folder.resolve("cluster").toString();
        TestCluster.run(List.of(TestCluster.SCRIPT.toString(), "start", cluster));
        return contents(new Access(
                "jdbc:postgresql://127.0.0.1:" + said("cat", cluster + "/port") + "/lowfield",
                "lowfield_owner",
                said(TestCluster.SCRIPT.toString(), "password", cluster, "owner")));
    }

    private static Contents contentsOfFormer(Path former) throws Exception {
        TestCluster.run(List.of(TestCluster.SCRIPT.toString(), "stop", former.toString()));
        startFormer(former);
        return contents(new Access(
                "jdbc:postgresql://127.0.0.1:" + said("cat", former + "/port") + "/lowfield", "lowfield", "lowfield"));
    }
}
