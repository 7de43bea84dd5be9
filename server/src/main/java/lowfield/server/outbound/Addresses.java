package lowfield.server.outbound;

import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.UnknownHostException;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.apache.hc.client5.http.DnsResolver;

/**
 * Resolves host names at the moment of connection and refuses every address that is not public, so that no name can lead
 * into this machine or its network. Only shops named local at start-up have an address here.
 */
final class Addresses implements DnsResolver {
    private final Map<String, InetSocketAddress> local;

    Addresses(Map<String, InetSocketAddress> local) {
        this.local = local;
    }

    @Override
    public InetAddress[] resolve(String host) throws UnknownHostException {
        var here = local.get(host);
        if (here != null) {
            return new InetAddress[] {here.getAddress()};
        }
        var addresses = InetAddress.getAllByName(host);
        if (!Arrays.stream(addresses).allMatch(AddressRanges::isPublic)) {
            throw new Refused(host);
        }
        return addresses;
    }

    @Override
    public List<InetSocketAddress> resolve(String host, int port) throws UnknownHostException {
        return Arrays.stream(resolve(host))
                .map(a -> new InetSocketAddress(a, port))
                .toList();
    }

    @Override
    public String resolveCanonicalHostname(String host) {
        return host;
    }

    /** The name leads to an address that is not public. */
    static final class Refused extends UnknownHostException {
        private static final long serialVersionUID = 1L;

        Refused(String host) {
            super(host + " leads to a private address");
        }
    }
}
