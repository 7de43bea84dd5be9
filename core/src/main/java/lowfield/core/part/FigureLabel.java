package lowfield.core.part;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * How a figure of a specification is called, bounded and compared. {@code most} is the largest believable number; text is
 * bounded by length.
 */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface FigureLabel {
    String value();

    String unit() default "";

    int most() default 100_000;

    /**
     * How a number is said in the short line, with the number in place of {@code %s}; nothing is said of none. Empty where
     * number and unit, or number and name, say it.
     */
    String said() default "";

    /** Whether it stands in the short line beside the name. */
    boolean brief() default true;

    Better better() default Better.NEED;

    /** Whether it makes a part what it is: an equivalent of the part is at least its equal in it. */
    boolean essential() default false;

    /**
     * Whether makers print it only of the parts that have it: absent, a check may take it for none or no, as docs/checks.md lists. All
     * other figures are not known where they are absent.
     */
    boolean onlyWhereSo() default false;

    /** The words it can be, from the least to the most, where they have an order. */
    String[] scale() default {};

    /** Figures of one group stand together where parts are compared. */
    String group() default "";
}
