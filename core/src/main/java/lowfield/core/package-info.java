/** The rules and computation of the job: plain Java, no framework, no input or output, no clock of its own. */
@NullMarked
package lowfield.core;

import org.jspecify.annotations.NullMarked;
