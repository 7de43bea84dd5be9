package lowfield.server.platform;

import java.util.HashSet;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * An immutable value on the heap that is built from the database when it is first asked for after a change: as a whole, or
 * from the one before where the change is about some parts only.
 */
public final class Snapshot<T> {
    private static final Logger LOG = LoggerFactory.getLogger(Snapshot.class);

    private record Held<T>(T value, long version) {}

    private final Supplier<T> build;
    private final BiFunction<T, Set<UUID>, T> patch;
    private final Pending pending = new Pending();
    private final AtomicBoolean isQueued = new AtomicBoolean();
    private volatile Runnable ahead = () -> {};
    private volatile @Nullable Held<T> held;

    /** One that is always built as a whole. */
    public Snapshot(Supplier<T> build) {
        this(build, (before, parts) -> build.get());
    }

    /** {@code patch} gives the value from the one before, with what belongs to some parts read anew. */
    public Snapshot(Supplier<T> build, BiFunction<T, Set<UUID>, T> patch) {
        this.build = build;
        this.patch = patch;
    }

    /**
     * From now on a change has the next value built in the background at once, and {@code warm} with it; whoever asks before it
     * is there waits for it. Should the database be away, it is built when it is asked for.
     */
    public Snapshot<T> builtAhead(Executor background, Consumer<T> warm) {
        this.ahead = () -> {
            if (isQueued.compareAndSet(false, true)) {
                background.execute(() -> {
                    isQueued.set(false);
                    buildAhead(warm);
                });
            }
        };
        return this;
    }

    private void buildAhead(Consumer<T> warm) {
        try {
            warm.accept(get());
        } catch (RuntimeException away) {
            LOG.debug("A snapshot was not built ahead", away);
        }
    }

    /** What has changed since the value was built. Telling it never waits for a value that is being built. */
    private static final class Pending {
        private final Set<UUID> parts = new HashSet<>();
        private boolean isWhole = true;
        private volatile long version = 1;

        synchronized void add(boolean whole, Set<UUID> more) {
            isWhole |= whole;
            parts.addAll(more);
            version++;
        }

        synchronized Taken take() {
            var taken = new Taken(version, isWhole, Set.copyOf(parts));
            isWhole = false;
            parts.clear();
            return taken;
        }
    }

    private record Taken(long version, boolean isWhole, Set<UUID> parts) {}

    public void invalidate() {
        pending.add(true, Set.of());
        ahead.run();
    }

    /** After this change the value is stale, as a whole or in part. */
    public void invalidate(Notices.Change change) {
        pending.add(change.isWhole(), change.parts());
        ahead.run();
    }

    public T get() {
        var now = held;
        return now != null && now.version() == pending.version ? now.value() : renewed();
    }

    private synchronized T renewed() {
        var now = held;
        if (now != null && now.version() == pending.version) {
            return now.value();
        }
        var taken = pending.take();
        try {
            var value = now == null || taken.isWhole() ? build.get() : patch.apply(now.value(), taken.parts());
            held = new Held<>(value, taken.version());
            return value;
        } catch (RuntimeException failed) {
            pending.add(taken.isWhole(), taken.parts());
            throw failed;
        }
    }
}
