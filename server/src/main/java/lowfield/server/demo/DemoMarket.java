package lowfield.server.demo;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import lowfield.server.platform.Clocks.MovableClock;
import lowfield.server.platform.Settings;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** The stand-in market's day, which is spoken of only over HTTP, and the own clock beside it. */
@Component
@ConditionalOnProperty(name = "lowfield.demo", havingValue = "true")
class DemoMarket {
    private static final Logger LOG = LoggerFactory.getLogger(DemoMarket.class);
    private static final ZoneId ZONE = ZoneId.of("CET");

    private final HttpClient http = HttpClient.newHttpClient();
    private final MovableClock clock;
    private final Settings settings;

    DemoMarket(MovableClock clock, Settings settings) {
        this.clock = clock;
        this.settings = settings;
    }

    /** Moves both to a moment. */
    void moveTo(Instant moment) {
        clock.moveTo(moment);
        ask("/control/clock?day=" + moment.atZone(ZONE).toLocalDate(), "PUT");
    }

    /** From now on, when somebody moves the market's day on, the own clock goes along, to the same hour of that day. */
    void follow() {
        var follow = Executors.newSingleThreadScheduledExecutor(work -> {
            var thread = new Thread(work, "market-clock");
            thread.setDaemon(true);
            return thread;
        });
        follow.scheduleWithFixedDelay(this::goAlong, 1, 1, TimeUnit.SECONDS);
    }

    private void goAlong() {
        try {
            var day = LocalDate.parse(ask("/control/clock", "GET"));
            var here = clock.instant().atZone(ZONE);
            if (day.isAfter(here.toLocalDate())) {
                clock.moveTo(here.with(day).toInstant());
                LOG.info("The market moved on to {}", day);
            }
        } catch (IllegalStateException | DateTimeException away) {
            LOG.debug("The market's clock could not be read: {}", away.getMessage());
        }
    }

    private String ask(String control, String method) {
        var request = HttpRequest.newBuilder(URI.create(settings.demoMarket() + control))
                .method(method, HttpRequest.BodyPublishers.noBody())
                .build();
        try {
            return http.send(request, HttpResponse.BodyHandlers.ofString()).body();
        } catch (java.io.IOException away) {
            throw new IllegalStateException("The demo's market does not answer at " + settings.demoMarket(), away);
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stop);
        }
    }
}
