package lowfield.server.platform;

import java.net.InetSocketAddress;
import java.time.Duration;
import java.util.Arrays;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * Start-up settings. {@code floor} opens the floors that measurements are held against. {@code pageDeadline} bounds one product page from the first byte asked to the last read,
 */
@ConfigurationProperties("lowfield")
public record Settings(
        int readerPort,
        String readerUrl,
        String localShops,
        Duration pageDeadline,
        Duration pagePace,
        @DefaultValue("false") boolean demo,
        @DefaultValue("false") boolean floor,
        String demoMarket) {

    /** Shop hosts served from this machine and where. */
    public Map<String, InetSocketAddress> localShopAddresses() {
        return Arrays.stream(localShops.split(","))
                .map(String::strip)
                .filter(s -> !s.isEmpty())
                .map(s -> s.split("[@:]"))
                .collect(Collectors.toMap(p -> p[0], p -> new InetSocketAddress(p[1], Integer.parseInt(p[2]))));
    }
}
