package lowfield.server.outbound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class AddressesTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "127.0.0.1",
                "127.8.8.8",
                "10.0.0.1",
                "172.16.0.1",
                "172.31.255.255",
                "192.168.1.1",
                "169.254.169.254",
                "0.0.0.0",
                "0.1.2.3",
                "100.64.0.1",
                "100.127.255.255",
                "224.0.0.1",
                "240.0.0.1",
                "255.255.255.255",
                "198.18.0.1",
                "192.0.0.8",
                "::1",
                "::",
                "fe80::1",
                "fc00::1",
                "fd12:3456::1",
                "::ffff:127.0.0.1",
                "::ffff:10.0.0.1",
                "ff02::1",
                "192.0.2.1",
                "192.88.99.1",
                "198.51.100.7",
                "203.0.113.255",
                "::127.0.0.1",
                "::10.0.0.1",
                "::ffff:0:127.0.0.1",
                "64:ff9b::7f00:1",
                "64:ff9b::10.0.0.1",
                "64:ff9b:1::1",
                "100::1",
                "2001::1",
                "2001:0:4136:e378:8000:63bf:3fff:fdd2",
                "2001:db8::1",
                "2002:7f00:1::",
                "2002:a00:1::1",
                "3fff::1",
                "5f00::1",
                "fec0::1",
                "febf::1"
            })
    void privateAddressesAreRefused(String address) throws Exception {
        assertThat(AddressRanges.isPublic(InetAddress.getByName(address))).isFalse();
        assertThatThrownBy(() -> new Addresses(Map.of()).resolve(address)).hasMessageContaining("private address");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "93.184.215.14",
                "172.32.0.1",
                "100.128.0.1",
                "198.20.0.1",
                "11.0.0.1",
                "192.0.1.1",
                "223.255.255.255",
                "2606:2800:21f::1",
                "2001:200::1",
                "2003::1"
            })
    void publicAddressesAreTaken(String address) throws Exception {
        assertThat(new Addresses(Map.of()).resolve(address)).hasSize(1);
    }

    @Test
    void onlyAShopNamedAtStartUpIsLocal() throws Exception {
        var addresses = new Addresses(Map.of("ferrowby.example", new InetSocketAddress("127.0.0.1", 4101)));
        assertThat(addresses.resolve("ferrowby.example")[0].isLoopbackAddress()).isTrue();
        assertThatThrownBy(() -> addresses.resolve("localhost")).hasMessageContaining("private address");
    }
}
