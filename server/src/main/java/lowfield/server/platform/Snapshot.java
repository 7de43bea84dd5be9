package lowfield.server.platform;

import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** An immutable value on the heap that is built from the database when first asked for after a change, as a whole. */
public final class Snapshot<T> {
    private record Held<T>(T value, long version) {}

    private final Supplier<T> build;
    private final AtomicLong wanted = new AtomicLong();
    private volatile @Nullable Held<T> held;

    public Snapshot(Supplier<T> build) {
        this.build = build;
    }

    public void isStale() {
        wanted.incrementAndGet();
    }

    public T get() {
        var now = held;
        return now != null && now.version() == wanted.get() ? now.value() : rebuilt();
    }

    private synchronized T rebuilt() {
        var now = held;
        var version = wanted.get();
        if (now != null && now.version() == version) {
            return now.value();
        }
        var value = build.get();
        held = new Held<>(value, version);
        return value;
    }
}
