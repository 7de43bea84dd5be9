/** Tiers beside each other: what each step buys, and where steps say too little. */
@NullMarked
package lowfield.core.ladder;

import org.jspecify.annotations.NullMarked;
