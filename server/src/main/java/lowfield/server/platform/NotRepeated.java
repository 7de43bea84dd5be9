package lowfield.server.platform;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * The addresses whose answers are never kept by a key, and to which no client sends a request again: they answer with
 * secrets, ask the world outside, or change nothing. The description of the HTTP interface lists them, and the front end's
 * list is made from it.
 */
public final class NotRepeated {
    /** Patterns of whole addresses, in what the regular expressions of Java and JavaScript share. */
    static final List<String> ADDRESSES = List.of(
            "/api/(session|account|accounts|people|links)(/.*)?",
            "/api/shops/trial",
            "/api/intake/.*",
            "/api/rates/refresh",
            "/api/editions/.+/reason-preview");

    private static final Pattern ANY = Pattern.compile(ADDRESSES.stream().collect(Collectors.joining("|")));

    private NotRepeated() {}

    public static boolean is(HttpServletRequest request) {
        return at(DecodedAddress.of(request));
    }

    /** Whether an address, decoded, is one of them. */
    static boolean at(String address) {
        return ANY.matcher(address).matches();
    }
}
