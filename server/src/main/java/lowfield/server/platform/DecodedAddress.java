package lowfield.server.platform;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.web.util.UrlPathHelper;

/** The address of a request as its handler is found by: decoded, without what stands behind semicolons. */
public final class DecodedAddress {
    private DecodedAddress() {}

    public static String of(HttpServletRequest request) {
        return UrlPathHelper.defaultInstance.getPathWithinApplication(request);
    }
}
