package lowfield.server.bench;

import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** A value that is worked out when it is first asked for, and once, whichever threads ask. */
public final class Once<T> {
    private final Supplier<T> work;
    private @Nullable T value;

    Once(Supplier<T> work) {
        this.work = work;
    }

    synchronized T get() {
        var known = value;
        if (known == null) {
            known = work.get();
            value = known;
        }
        return known;
    }
}
