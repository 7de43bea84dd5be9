package lowfield.core.attention;

import java.util.Optional;
import java.util.UUID;

/**
 * What is the matter with an introduction or a verdict.
 *
 * @param key which text, as stored: the id of what it is about, then what is the matter
 * @param build the build that it is about first; absent for the edition
 */
public record TextTrouble(String key, Matter matter, String what, String detail, Optional<UUID> build) {}
