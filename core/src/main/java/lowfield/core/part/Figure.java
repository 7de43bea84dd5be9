package lowfield.core.part;

import java.util.Optional;
import java.util.function.Function;

/** One figure of a part: known, not known (nobody looked it up), or not applicable (this part has no such thing). */
public sealed interface Figure<T> {
    record Known<T>(T held) implements Figure<T> {}

    record NotKnown<T>() implements Figure<T> {
        private static final Figure<?> ONE = new NotKnown<>();
    }

    record NotApplicable<T>() implements Figure<T> {
        private static final Figure<?> ONE = new NotApplicable<>();
    }

    static <T> Figure<T> of(T value) {
        return new Known<>(value);
    }

    @SuppressWarnings("unchecked")
    static <T> Figure<T> notKnown() {
        return (Figure<T>) NotKnown.ONE;
    }

    @SuppressWarnings("unchecked")
    static <T> Figure<T> notApplicable() {
        return (Figure<T>) NotApplicable.ONE;
    }

    default Optional<T> value() {
        return this instanceof Known<T> k ? Optional.of(k.held()) : Optional.empty();
    }

    /** The value, or another where there is none. */
    default T or(T other) {
        return this instanceof Known<T> k ? k.held() : other;
    }

    default boolean isKnown() {
        return this instanceof Known<T>;
    }

    @SuppressWarnings("unchecked")
    default <R> Figure<R> map(Function<T, R> change) {
        return this instanceof Known<T> k ? of(change.apply(k.held())) : (Figure<R>) this;
    }
}
