package lowfield.server.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;

class SnapshotTest {
    private static final UUID ONE = new UUID(0, 1);
    private static final UUID TWO = new UUID(0, 2);

    private final List<String> done = new ArrayList<>();
    private final AtomicBoolean fails = new AtomicBoolean();
    private final Snapshot<String> snapshot = new Snapshot<>(() -> made("whole"), (before, parts) -> {
        assertThat(before).isNotNull();
        return made("parts " + parts.stream().sorted().toList());
    });

    private String made(String what) {
        if (fails.get()) {
            throw new IllegalStateException("away");
        }
        done.add(what);
        return what;
    }

    private void changed(UUID... parts) {
        snapshot.invalidate(new Notices.Change(Notices.Topic.OFFERS, Set.of(parts)));
    }

    @Test
    void itIsBuiltWhenAskedForAndOnce() {
        assertThat(done).isEmpty();
        snapshot.get();
        snapshot.get();
        assertThat(done).containsExactly("whole");
    }

    @Test
    void ofAChangeOfSomePartsOnlyTheseAreReadAnew() {
        snapshot.get();
        changed(ONE);
        changed(TWO, ONE);
        assertThat(snapshot.get()).isEqualTo("parts " + List.of(ONE, TWO));
        snapshot.get();
        assertThat(done).hasSize(2);
    }

    @Test
    void aWholeChangeOutweighsOneOfParts() {
        snapshot.get();
        changed(ONE);
        changed();
        changed(TWO);
        assertThat(snapshot.get()).isEqualTo("whole");
        assertThat(done).containsExactly("whole", "whole");
    }

    @Test
    void whatCouldNotBeReadIsReadNextTime() {
        snapshot.get();
        changed(ONE);
        fails.set(true);
        assertThatThrownBy(snapshot::get).hasMessage("away");
        fails.set(false);
        assertThat(snapshot.get()).isEqualTo("parts " + List.of(ONE));
    }

    @Test
    void aChangeBuildsAheadOnceHoweverManyFollow() {
        var background = new ArrayDeque<Runnable>();
        var warmed = new ArrayList<String>();
        snapshot.builtAhead(background::add, warmed::add);
        changed();
        changed(ONE);
        assertThat(background).hasSize(1);
        assertThat(done).isEmpty();
        background.remove().run();
        assertThat(warmed).containsExactly("whole");
        assertThat(snapshot.get()).isEqualTo("whole");
        assertThat(done).containsExactly("whole");
        changed(TWO);
        assertThat(background).hasSize(1);
    }

    @Test
    void whatCannotBeBuiltAheadIsBuiltWhenAskedFor() {
        snapshot.builtAhead(Runnable::run, value -> {});
        fails.set(true);
        changed();
        fails.set(false);
        assertThat(snapshot.get()).isEqualTo("whole");
    }

    @Test
    void aChangeIsWrittenAndReadAlike() {
        var some = new Notices.Change(Notices.Topic.CATALOGUE, Set.of(ONE, TWO));
        assertThat(Notices.Change.read(some.written())).isEqualTo(some);
        assertThat(Notices.Change.read("OFFERS").isWhole()).isTrue();
        var many = java.util.stream.IntStream.range(0, 201)
                .mapToObj(i -> new UUID(1, i))
                .toList();
        assertThat(Notices.Change.of(Notices.Topic.OFFERS, many).isWhole()).isTrue();
        assertThat(Notices.Change.of(Notices.Topic.OFFERS, many.subList(0, 200)).written())
                .hasSizeLessThan(7_900);
    }
}
