package lowfield.server.platform;

import java.net.InetSocketAddress;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * Start-up settings. {@code pageDeadline} bounds one fetch from the first byte asked to the last read; {@code retryPause} is the first pause before asking again.
 * {@code heartbeat} is how often a server says that it still visits a shop: after four missed, another goes on.
 * {@code proxies} are the addresses whose forwarded headers are believed. A session ends {@code longestSession} after it was
 * opened, however much it is used.
 */
@ConfigurationProperties("lowfield")
public record Settings(
        int readerPort,
        String readerUrl,
        String localShops,
        Duration pageDeadline,
        @DefaultValue("500ms") Duration retryPause,
        @DefaultValue("1s") Duration heartbeat,
        @DefaultValue("300ms") Duration lookout,
        @DefaultValue("https://rates.example/daily.xml") String rates,
        @DefaultValue("false") boolean demo,
        @DefaultValue("false") boolean secureCookies,
        @DefaultValue("") String proxies,
        @DefaultValue("14d") Duration longestSession,
        @DefaultValue Limits limits,
        String demoMarket) {

    /**
     * What one may take of what all share.
     *
     * @param readerRate requests a second of one reader's address in the long run; 0 is no limit
     * @param readerBurst requests of one at once
     * @param streams live streams that one person has open
     */
    public record Limits(
            @DefaultValue("40") int readerRate,
            @DefaultValue("400") int readerBurst,
            @DefaultValue("10") int streams) {}

    /** The addresses of proxies whose forwarded headers are believed; none by default. */
    public List<String> proxyAddresses() {
        return Arrays.stream(proxies.split(","))
                .map(String::strip)
                .filter(s -> !s.isEmpty())
                .toList();
    }

    /** Shop hosts served from this machine and where. */
    public Map<String, InetSocketAddress> localShopAddresses() {
        return Arrays.stream(localShops.split(","))
                .map(String::strip)
                .filter(s -> !s.isEmpty())
                .map(s -> s.split("[@:]"))
                .collect(Collectors.toMap(p -> p[0], p -> new InetSocketAddress(p[1], Integer.parseInt(p[2]))));
    }
}
