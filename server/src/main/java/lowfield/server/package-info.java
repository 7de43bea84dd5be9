/** The web application around the core: one package a feature. */
@NullMarked
package lowfield.server;

import org.jspecify.annotations.NullMarked;
