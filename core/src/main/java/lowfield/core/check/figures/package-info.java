/** The figures of each kind of part, as checks name them. */
@org.jspecify.annotations.NullMarked
package lowfield.core.check.figures;
