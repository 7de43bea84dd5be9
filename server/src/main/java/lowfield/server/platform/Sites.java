package lowfield.server.platform;

import org.apache.catalina.connector.Connector;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/** Opens the readers' port beside the desk's in the same server. */
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
        var address = factory.getAddress();
        if (address != null) {
            readers.setProperty("address", address.getHostAddress());
        }
        factory.addAdditionalConnectors(readers);
    }
}
