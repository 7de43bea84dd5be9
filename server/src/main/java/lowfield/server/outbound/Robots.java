package lowfield.server.outbound;

import crawlercommons.robots.SimpleRobotRules;
import crawlercommons.robots.SimpleRobotRulesParser;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Optional;
import java.util.Set;

/**
 * What a shop's robots.txt allows (RFC 9309): without one everything is; while it cannot be had, and none is known, nothing
 * is.
 */
public final class Robots {
    private final SimpleRobotRules rules;
    private final String why;

    private Robots(SimpleRobotRules rules, String why) {
        this.rules = rules;
        this.why = why;
    }

    /** Of a file that could not be had, and never was. */
    public static Robots unreachable() {
        return new Robots(
                new SimpleRobotRules(SimpleRobotRules.RobotRulesMode.ALLOW_NONE),
                "the shop's robots.txt could not be had, so that nothing else was asked for");
    }

    /** Why something is not allowed, as a sentence. */
    public String why() {
        return why;
    }

    /** Of the file's text; an unreadable line is passed over. */
    public static Robots of(String host, String text) {
        var rules = new SimpleRobotRulesParser()
                .parseContent(
                        "https://" + host + "/robots.txt",
                        text.getBytes(StandardCharsets.UTF_8),
                        "text/plain",
                        Set.of(Outbound.AGENT.toLowerCase(java.util.Locale.ROOT)));
        return new Robots(rules, "the shop's robots.txt does not allow this to be read");
    }

    public boolean allow(String host, String path) {
        return rules.isAllowed("https://" + host + path);
    }

    /** The least time between two requests, if it names one. */
    public Optional<Duration> delay() {
        return rules.getCrawlDelay() > 0 ? Optional.of(Duration.ofMillis(rules.getCrawlDelay())) : Optional.empty();
    }
}
