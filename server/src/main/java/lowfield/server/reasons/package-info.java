/** The author's words for a choice: facts in them, what they are held against, and what helps to write them. */
@NullMarked
package lowfield.server.reasons;

import org.jspecify.annotations.NullMarked;
