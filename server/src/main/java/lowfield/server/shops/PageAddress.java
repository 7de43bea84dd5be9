package lowfield.server.shops;

import java.net.URI;
import java.net.URISyntaxException;
import lowfield.core.RuleBroken;

/** Where a page is: a shop's host and the path there with its query. */
public record PageAddress(String host, String path) {
    private static final int LONGEST = 500;

    /** From what a person copied; anything but an https address is refused with a sentence. */
    public static PageAddress of(String text) {
        try {
            var uri = URI.create(text.strip());
            RuleBroken.unless(
                    "https".equals(uri.getScheme())
                            && uri.getHost() != null
                            && uri.getUserInfo() == null
                            && !uri.getRawPath().isEmpty()
                            && text.length() <= LONGEST,
                    "A page's address begins with https:// and a shop's host, and a path follows.");
            return new PageAddress(uri.getHost(), path(uri));
        } catch (IllegalArgumentException malformed) {
            throw new RuleBroken("This is not an address; copy it from the browser, beginning with https://.");
        }
    }

    /** Refuses what is no path of an address, such as one with a space in it. */
    static void checkPath(String path) {
        RuleBroken.unless(path.startsWith("/") && path.length() <= LONGEST, "An address on the shop begins with /.");
        try {
            var uri = new URI("https://shop.example" + path);
            RuleBroken.unless(
                    "shop.example".equals(uri.getAuthority()) && uri.getRawFragment() == null,
                    "\"%s\" is not a path on the shop's host.",
                    path);
        } catch (URISyntaxException none) {
            throw new RuleBroken(
                    "\"%s\" is not a path on the shop's host; a space in it is written %%20.".formatted(path));
        }
    }

    private static String path(URI uri) {
        return uri.getRawPath() + (uri.getRawQuery() == null ? "" : "?" + uri.getRawQuery());
    }
}
