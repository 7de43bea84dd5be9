package lowfield.core.check;

/** A derived figure that is more than its value: what of it decides, as text, number or collection. */
public interface Told {
    Object told();
}
