package lowfield.core;

import java.util.Optional;
import java.util.function.Supplier;

/** A value that is worked out when it is first asked for, and once, whichever threads ask. */
public final class Lazy<T> implements Supplier<T> {
    private final Supplier<T> work;
    private volatile Optional<T> value = Optional.empty();

    public Lazy(Supplier<T> work) {
        this.work = work;
    }

    @Override
    public T get() {
        return value.orElseGet(this::workedOut);
    }

    private synchronized T workedOut() {
        var known = value;
        if (known.isEmpty()) {
            known = Optional.of(work.get());
            value = known;
        }
        return known.get();
    }
}
