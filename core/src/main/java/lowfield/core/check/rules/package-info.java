/** The checks themselves, grouped by what they are about. */
@org.jspecify.annotations.NullMarked
package lowfield.core.check.rules;
