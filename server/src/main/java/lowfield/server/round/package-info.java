/** Price rounds: lists and pages of shops are read, each at its pace, and judged at the end. */
@NullMarked
package lowfield.server.round;

import org.jspecify.annotations.NullMarked;
