package lowfield.server.outbound;

import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.List;
import java.util.stream.Stream;

/**
 * Which addresses are public: a table of the ranges that are not (IANA's registries of special-purpose addresses), among them
 * those that are translated or tunnelled to other addresses and so could lead anywhere.
 */
final class AddressRanges {
    private static final List<Range> NOT_PUBLIC = Stream.of(
                    "0.0.0.0/8", // this network
                    "10.0.0.0/8", // private
                    "100.64.0.0/10", // shared by a carrier's customers
                    "127.0.0.0/8", // this machine
                    "169.254.0.0/16", // this link
                    "172.16.0.0/12", // private
                    "192.0.0.0/24", // protocol assignments
                    "192.0.2.0/24", // documentation
                    "192.88.99.0/24", // 6to4 relays
                    "192.168.0.0/16", // private
                    "198.18.0.0/15", // measurements
                    "198.51.100.0/24", // documentation
                    "203.0.113.0/24", // documentation
                    "224.0.0.0/4", // multicast
                    "240.0.0.0/4", // reserved, and broadcast
                    "::/96", // this machine, none, and IPv4-compatible
                    "::ffff:0:0:0/96", // IPv4-translated
                    "64:ff9b::/96", // translated to IPv4
                    "64:ff9b:1::/48", // translated locally
                    "100::/64", // discarded
                    "2001::/23", // protocol assignments, Teredo tunnels among them
                    "2001:db8::/32", // documentation
                    "2002::/16", // 6to4 tunnels
                    "3fff::/20", // documentation
                    "5f00::/16", // segment routing
                    "fc00::/7", // private
                    "fe80::/10", // this link
                    "fec0::/10", // this site, of old
                    "ff00::/8") // multicast
            .map(Range::of)
            .toList();

    private AddressRanges() {}

    static boolean isPublic(InetAddress address) {
        var bytes = address.getAddress();
        return NOT_PUBLIC.stream().noneMatch(r -> r.holds(bytes));
    }

    private record Range(byte[] from, int bits) {
        static Range of(String text) {
            var parts = text.split("/");
            try {
                return new Range(InetAddress.getByName(parts[0]).getAddress(), Integer.parseInt(parts[1]));
            } catch (UnknownHostException never) {
                throw new IllegalStateException(never);
            }
        }

        boolean holds(byte[] address) {
            if (address.length != from.length) {
                return false;
            }
            for (int bit = 0; bit < bits; bit++) {
                if (((address[bit / 8] ^ from[bit / 8]) & 0x80 >> bit % 8) != 0) {
                    return false;
                }
            }
            return true;
        }
    }
}
