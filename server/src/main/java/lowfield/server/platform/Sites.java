package lowfield.server.platform;

import java.net.InetAddress;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.catalina.connector.Connector;
import org.apache.catalina.valves.RemoteIpValve;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/** Opens the readers' port beside the desk's in the same server, and says which proxies are believed. */
@Component
class Sites implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private final Settings settings;

    Sites(Settings settings) {
        this.settings = settings;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        var readers = new Connector("HTTP/1.1");
        readers.setPort(settings.readerPort());
        readers.setProperty("maxThreads", "60");
        readers.setProperty("maxConnections", "2000");
        readers.setProperty("connectionTimeout", "5000");
        readers.setProperty("keepAliveTimeout", "15000");
        // Nothing is sent to this site: what comes all the same is not read to its end.
        readers.setProperty("maxSwallowSize", "0");
        var address = factory.getAddress();
        refuseOpenDoor(address, factory);
        if (address != null) {
            readers.setProperty("address", address.getHostAddress());
        }
        factory.addAdditionalConnectors(readers);
        if (!settings.proxyAddresses().isEmpty()) {
            factory.addEngineValves(forwarded());
        }
    }

    /** Passwords and sessions would go through a network as they are. */
    private void refuseOpenDoor(@Nullable InetAddress address, TomcatServletWebServerFactory factory) {
        if ((address == null || !address.isLoopbackAddress())
                && factory.getSsl() == null
                && settings.proxyAddresses().isEmpty()) {
            throw new OpenDoor(address == null ? "every address" : address.getHostAddress());
        }
    }

    /** Who asks, and whether over TLS, is believed from the named proxies only; everybody else is who they are. */
    private RemoteIpValve forwarded() {
        var valve = new RemoteIpValve();
        valve.setInternalProxies(
                settings.proxyAddresses().stream().map(Pattern::quote).collect(Collectors.joining("|")));
        valve.setRemoteIpHeader("X-Forwarded-For");
        valve.setProtocolHeader("X-Forwarded-Proto");
        return valve;
    }
}
