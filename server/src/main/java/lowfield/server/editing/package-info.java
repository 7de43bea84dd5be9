/** Edits of an edition in work: each a command in the journal, undone and redone, told to other open desks. */
@NullMarked
package lowfield.server.editing;

import org.jspecify.annotations.NullMarked;
