package lowfield.server.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.Ssl;

/** The server listens beyond this machine only where something keeps what is sent secret. */
class OpenDoorTest {
    private final TomcatServletWebServerFactory factory = new TomcatServletWebServerFactory();

    private void start(String address, List<String> proxies) {
        var settings = mock(Settings.class);
        when(settings.proxyAddresses()).thenReturn(proxies);
        when(settings.readerPort()).thenReturn(8471);
        try {
            factory.setAddress(InetAddress.getByName(address));
        } catch (UnknownHostException never) {
            throw new IllegalStateException(never);
        }
        new Sites(settings).customize(factory);
    }

    @Test
    void aPublicAddressWithoutTlsIsRefusedInASentence() {
        for (var address : List.of("0.0.0.0", "192.0.2.1", "::")) {
            assertThatThrownBy(() -> start(address, List.of())).hasMessageContaining("LOWFIELD_PROXIES");
        }
        var told = new OpenDoor.Told().analyze(new RuntimeException(new OpenDoor("0.0.0.0")));
        assertThat(told.getDescription()).startsWith("The server does not start on 0.0.0.0 without TLS");
    }

    @Test
    void loopbackAndANamedProxyAndTlsAreFine() {
        assertThatCode(() -> start("127.0.0.1", List.of())).doesNotThrowAnyException();
        assertThatCode(() -> start("::1", List.of())).doesNotThrowAnyException();
        assertThatCode(() -> start("0.0.0.0", List.of("192.0.2.7"))).doesNotThrowAnyException();
        factory.setSsl(new Ssl());
        assertThatCode(() -> start("0.0.0.0", List.of())).doesNotThrowAnyException();
    }
}
