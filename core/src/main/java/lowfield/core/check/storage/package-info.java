/** Checks of SSDs and hard disks: slots, ports, bays, and what they are for. */
@NullMarked
package lowfield.core.check.storage;

import org.jspecify.annotations.NullMarked;
