package lowfield.server.outbound;

import java.io.IOException;
import java.io.InterruptedIOException;
import java.net.InetSocketAddress;
import java.net.URI;
import java.net.URISyntaxException;
import java.net.UnknownHostException;
import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import lowfield.server.platform.Settings;
import org.apache.hc.client5.http.classic.methods.HttpGet;
import org.apache.hc.client5.http.config.ConnectionConfig;
import org.apache.hc.client5.http.config.RequestConfig;
import org.apache.hc.client5.http.impl.classic.CloseableHttpClient;
import org.apache.hc.client5.http.impl.classic.HttpClients;
import org.apache.hc.client5.http.impl.io.PoolingHttpClientConnectionManagerBuilder;
import org.apache.hc.client5.http.utils.DateUtils;
import org.apache.hc.core5.http.ClassicHttpResponse;
import org.apache.hc.core5.http.ConnectionClosedException;
import org.apache.hc.core5.http.Header;
import org.apache.hc.core5.http.TruncatedChunkException;
import org.apache.hc.core5.util.Timeout;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * The one way out: a page, a list or a text from a configured host, and from no other, also after redirects; at most three
 * of those, a size by form (counted after unpacking) and the deadline, counted over everything.
 */
@Component
public class Outbound {
    /** The name by which shops know who asks. */
    public static final String AGENT = "Lowfield";

    private static final Logger LOG = LoggerFactory.getLogger(Outbound.class);
    private static final int MOST_REDIRECTS = 3;
    private static final Duration LONGEST_WAIT = Duration.ofHours(6);

    private final Map<String, InetSocketAddress> local;
    private final Duration deadline;
    private final CloseableHttpClient client;
    private final ScheduledExecutorService alarm = Executors.newSingleThreadScheduledExecutor(r -> {
        var thread = new Thread(r, "fetch-deadline");
        thread.setDaemon(true);
        return thread;
    });

    Outbound(Settings settings) {
        local = settings.localShopAddresses();
        deadline = settings.pageDeadline();
        var timeout = Timeout.of(deadline);
        var connections = PoolingHttpClientConnectionManagerBuilder.create()
                .setDnsResolver(new Addresses(local))
                .setMaxConnTotal(64)
                .setMaxConnPerRoute(16)
                .setDefaultConnectionConfig(ConnectionConfig.custom()
                        .setConnectTimeout(timeout)
                        .setSocketTimeout(timeout)
                        .build())
                .build();
        client = HttpClients.custom()
                .setConnectionManager(connections)
                .setDefaultRequestConfig(
                        RequestConfig.custom().setResponseTimeout(timeout).build())
                .setUserAgent(AGENT + "/0.1 (price refresh for a build guide)")
                .disableRedirectHandling()
                .disableCookieManagement()
                .disableAutomaticRetries()
                .build();
    }

    /** Whether this host is served from this machine. */
    public boolean isLocal(String host) {
        return local.containsKey(host);
    }

    /** Asks once; what comes of it is never an exception. */
    public Fetched fetch(Wanted wanted) {
        var end = System.nanoTime() + deadline.toNanos();
        try {
            return follow(new URI("https://" + wanted.host() + wanted.path()), wanted, end);
        } catch (URISyntaxException none) {
            return failed("\"%s\" is no address; correct it".formatted(Redirect.shortened(wanted.path())));
        } catch (UnknownHostException unknown) {
            return failed(
                    unknown instanceof Addresses.Refused
                            ? unknown.getMessage() + "; it was not asked"
                            : "the host %s is not known".formatted(wanted.host()));
        } catch (IOException broken) {
            return new Fetched.Failed(
                    late(broken, end)
                            ? "the page took longer than %s s".formatted(seconds(deadline))
                            : broken instanceof TruncatedChunkException || broken instanceof ConnectionClosedException
                                    ? "the shop hung up in the middle of the page"
                                    : "the shop could not be reached",
                    true);
        } catch (RuntimeException unforeseen) {
            LOG.warn("Asking {} failed in an unforeseen way", wanted.host(), unforeseen);
            return new Fetched.Failed(
                    "the shop could not be asked (%s)"
                            .formatted(unforeseen.getClass().getSimpleName()),
                    true);
        }
    }

    private Fetched follow(URI first, Wanted wanted, long end) throws IOException {
        var next = first;
        for (int hop = 0; hop <= MOST_REDIRECTS; hop++) {
            var answer = ask(next, wanted, end);
            if (!(answer instanceof Moved moved)) {
                return ((Arrived) answer).fetched();
            }
            try {
                next = next.resolve(new URI(moved.to()));
            } catch (URISyntaxException none) {
                return failed(
                        "the page leads to \"%s\", which is no address".formatted(Redirect.shortened(moved.to())));
            }
            var why = Redirect.leadsElsewhere(next, wanted.host());
            if (why.isPresent()) {
                return failed(why.get());
            }
        }
        return failed("the page leads on more than %d times".formatted(MOST_REDIRECTS));
    }

    private static String seconds(Duration duration) {
        return new java.math.BigDecimal(duration.toMillis())
                .movePointLeft(3)
                .stripTrailingZeros()
                .toPlainString();
    }

    private sealed interface Answer {}

    private record Moved(String to) implements Answer {}

    private record Arrived(Fetched fetched) implements Answer {}

    private static boolean late(Exception broken, long end) {
        return broken instanceof InterruptedIOException || System.nanoTime() >= end;
    }

    private Answer ask(URI uri, Wanted wanted, long end) throws IOException {
        var request = new HttpGet(target(uri));
        request.setHeader("Accept", wanted.form().accept);
        wanted.etag().ifPresent(tag -> request.setHeader("If-None-Match", tag));
        var stop = alarm.schedule(request::abort, Math.max(1, end - System.nanoTime()), TimeUnit.NANOSECONDS);
        try {
            return client.execute(request, response -> answer(response, request, wanted));
        } finally {
            stop.cancel(false);
        }
    }

    /** A local shop speaks plain HTTP on its port; the name stays, so that the resolver decides. */
    private URI target(URI uri) {
        var here = local.get(uri.getHost());
        return here == null ? uri : URI.create("http://" + uri.getHost() + ":" + here.getPort() + path(uri));
    }

    private static String path(URI uri) {
        return uri.getRawPath() + (uri.getRawQuery() == null ? "" : "?" + uri.getRawQuery());
    }

    private Answer answer(ClassicHttpResponse response, HttpGet request, Wanted wanted) throws IOException {
        var status = response.getCode();
        var to = response.getFirstHeader("Location");
        if (status == 304 && wanted.etag().isPresent()) {
            return new Arrived(new Fetched.Unchanged());
        }
        if (status >= 300 && status < 400 && to != null) {
            return new Moved(to.getValue());
        }
        if (status == 429 || status == 503) {
            return new Arrived(later(response, status));
        }
        if (status != 200) {
            return new Arrived(new Fetched.Failed("the shop answered with status %d".formatted(status), status >= 500));
        }
        return new Arrived(AnswerBody.of(response, request, wanted.form()));
    }

    /** How long the shop asks to be left alone, in seconds or until a date by its own clock. */
    private static Fetched later(ClassicHttpResponse response, int status) {
        var sentence = "the shop answered with status %d".formatted(status);
        return header(response, "Retry-After")
                .flatMap(text -> wait(text, response))
                .map(wait -> (Fetched) new Fetched.Later(
                        wait.compareTo(LONGEST_WAIT) > 0 ? LONGEST_WAIT : wait,
                        sentence + " and asks to wait %s s".formatted(seconds(wait))))
                .orElseGet(() -> new Fetched.Failed(sentence, true));
    }

    private static Optional<Duration> wait(String text, ClassicHttpResponse response) {
        if (text.matches("[0-9]{1,6}")) {
            return Optional.of(Duration.ofSeconds(Long.parseLong(text)));
        }
        var until = DateUtils.parseStandardDate(text);
        var theirs = header(response, "Date").map(DateUtils::parseStandardDate);
        return until == null || theirs.isEmpty()
                ? Optional.empty()
                : Optional.of(Duration.between(theirs.get(), until)).filter(d -> !d.isNegative());
    }

    private static Optional<String> header(ClassicHttpResponse response, String name) {
        return Optional.ofNullable(response.getFirstHeader(name)).map(Header::getValue);
    }

    private static Fetched.Failed failed(String sentence) {
        return new Fetched.Failed(sentence, false);
    }
}
