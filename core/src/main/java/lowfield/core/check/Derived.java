package lowfield.core.check;

import java.util.List;
import java.util.function.Function;
import lowfield.core.guide.UsualValue;

/**
 * What several checks need and one working gives: the sustained peak, the layout of drives, the place of a radiator. It
 * declares what it looks at as a check does, and is worked out once for a build.
 *
 * @param key stable, for fingerprints
 * @param name as a person calls it
 */
public record Derived<T>(String key, String name, Declaration declaration, Function<Inputs, T> working) {

    public static <T> Derived<T> of(String key, String name, List<View> views, Function<Inputs, T> working) {
        return of(key, name, views, List.of(), working);
    }

    /** One that builds on others. */
    public static <T> Derived<T> of(
            String key, String name, List<View> views, List<Derived<?>> from, Function<Inputs, T> working) {
        return new Derived<>(key, name, new Declaration(views, List.of(), from, List.of()), working);
    }

    /** The same, where usual values can stand for missing figures. */
    public Derived<T> usually(UsualValue... values) {
        return new Derived<>(key, name, declaration.usually(values), working);
    }

    /** The figures it is worked out from. */
    public List<FigureRef<?, ?>> figures() {
        return List.copyOf(declaration.figures());
    }
}
