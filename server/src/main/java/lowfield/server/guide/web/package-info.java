/** The guides' HTTP face. */
@NullMarked
package lowfield.server.guide.web;

import org.jspecify.annotations.NullMarked;
