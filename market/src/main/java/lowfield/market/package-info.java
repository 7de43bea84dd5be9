/** The stand-in shops of the demo and the tests: a program of its own, spoken to only over HTTP. */
@NullMarked
package lowfield.market;

import org.jspecify.annotations.NullMarked;
