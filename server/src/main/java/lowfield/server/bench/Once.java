package lowfield.server.bench;

import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** A value that is worked out when it is first asked for, and once; for one thread at a time. */
public final class Once<T> {
    private final Supplier<T> work;
    private @Nullable T value;

    Once(Supplier<T> work) {
        this.work = work;
    }

    T get() {
        var known = value;
        if (known == null) {
            known = work.get();
            value = known;
        }
        return known;
    }
}
