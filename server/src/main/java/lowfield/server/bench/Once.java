package lowfield.server.bench;

import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** A value that is worked out when it is first asked for, and once, whichever threads ask. */
public final class Once<T> {
    private final Supplier<T> work;
    private volatile @Nullable T value;

    Once(Supplier<T> work) {
        this.work = work;
    }

    T get() {
        var known = value;
        return known == null ? workedOut() : known;
    }

    private synchronized T workedOut() {
        var known = value;
        if (known == null) {
            known = work.get();
            value = known;
        }
        return known;
    }
}
