package lowfield.server.outbound;

import crawlercommons.robots.SimpleRobotRules;
import crawlercommons.robots.SimpleRobotRulesParser;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Optional;
import java.util.Set;

/** What a shop's robots.txt allows; without one everything is. */
public final class Robots {
    private final SimpleRobotRules rules;

    private Robots(SimpleRobotRules rules) {
        this.rules = rules;
    }

    /** Of the file's text; an unreadable line is passed over. */
    public static Robots of(String host, String text) {
        return new Robots(new SimpleRobotRulesParser()
                .parseContent(
                        "https://" + host + "/robots.txt",
                        text.getBytes(StandardCharsets.UTF_8),
                        "text/plain",
                        Set.of(Outbound.AGENT.toLowerCase(java.util.Locale.ROOT))));
    }

    public boolean allow(String host, String path) {
        return rules.isAllowed("https://" + host + path);
    }

    /** The least time between two requests, if it names one. */
    public Optional<Duration> delay() {
        return rules.getCrawlDelay() > 0 ? Optional.of(Duration.ofMillis(rules.getCrawlDelay())) : Optional.empty();
    }
}
