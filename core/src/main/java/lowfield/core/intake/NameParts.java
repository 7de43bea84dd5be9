package lowfield.core.intake;

import java.util.Collection;
import java.util.Comparator;

/**
 * A page's name of a part taken apart into maker, product and version, for an author to confirm: a proposal, since pages run
 * them together.
 *
 * @param maker empty where nothing proposes one
 * @param version what stands behind the last comma, empty without one
 * @param isMakerProposed whether the maker is taken from the name, because the page states none
 */
public record NameParts(String maker, String product, String version, boolean isMakerProposed) {
    private static final int LONGEST_VERSION = 30;

    /**
     * Takes a name apart.
     *
     * @param stated the maker that the page states, empty without one
     * @param known makers of the catalogue: the longest one that the name begins with is proposed before its first word
     */
    public static NameParts of(String name, String stated, Collection<String> known) {
        var whole = name.strip();
        var maker = !stated.isBlank() ? stated.strip() : proposed(whole, known);
        var rest = beginsWith(whole, maker) ? whole.substring(maker.length()).strip() : whole;
        var comma = rest.lastIndexOf(',');
        var version = comma < 0 ? "" : rest.substring(comma + 1).strip();
        var isVersion = comma > 0 && !version.isEmpty() && version.length() <= LONGEST_VERSION;
        return new NameParts(
                maker,
                isVersion ? rest.substring(0, comma).strip() : rest,
                isVersion ? version : "",
                stated.isBlank() && !maker.isEmpty());
    }

    private static String proposed(String name, Collection<String> known) {
        return known.stream()
                .filter(maker -> beginsWith(name, maker))
                .max(Comparator.comparing(String::length))
                .map(maker -> name.substring(0, maker.length()))
                .orElseGet(() -> name.contains(" ") ? name.substring(0, name.indexOf(' ')) : "");
    }

    /** Whether a name begins with a maker and says more than that. */
    private static boolean beginsWith(String name, String maker) {
        return !maker.isEmpty() && name.regionMatches(true, 0, maker + " ", 0, maker.length() + 1);
    }
}
