package lowfield.server.accounts;

import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.Arrays;
import java.util.HexFormat;

/**
 * The network that a request comes from: the first 24 bits of an IPv4 address, the first 64 of an IPv6 one.
 *
 * @param network as it is counted by
 * @param shown as a person reads it
 */
record Place(String network, String shown) {
    private static final Place UNKNOWN = new Place("unknown", "unknown");
    private static final int V4_BYTES = 3;
    private static final int V6_BYTES = 8;

    /** Of an address as the connection gives it, never of a name. */
    static Place of(String address) {
        try {
            var bare = address.replaceAll("[\\[\\]]", "").replaceFirst("%.*$", "");
            if (!bare.matches("[0-9a-fA-F:.]+")) {
                return UNKNOWN;
            }
            var bytes = InetAddress.getByName(bare).getAddress();
            var known = bytes.length == 4 ? V4_BYTES : V6_BYTES;
            var network = HexFormat.of().formatHex(bytes, 0, known) + "/" + known * 8;
            Arrays.fill(bytes, known, bytes.length, (byte) 0);
            return new Place(network, InetAddress.getByAddress(bytes).getHostAddress() + "/" + known * 8);
        } catch (UnknownHostException none) {
            return UNKNOWN;
        }
    }
}
