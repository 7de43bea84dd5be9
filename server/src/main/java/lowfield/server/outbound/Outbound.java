package lowfield.server.outbound;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InterruptedIOException;
import java.net.InetSocketAddress;
import java.net.URI;
import java.net.UnknownHostException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
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
import org.apache.hc.core5.http.ClassicHttpResponse;
import org.apache.hc.core5.http.ContentType;
import org.apache.hc.core5.util.Timeout;
import org.springframework.stereotype.Component;

/**
 * Fetches a product page from a shop: its own host only, also after redirects; at most three of those, two megabytes and
 * the deadline, counted over everything.
 */
@Component
public class Outbound {
    private static final int MOST_BYTES = 2 * 1024 * 1024;
    private static final int MOST_REDIRECTS = 3;

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
                .setMaxConnTotal(32)
                .setMaxConnPerRoute(4)
                .setDefaultConnectionConfig(ConnectionConfig.custom()
                        .setConnectTimeout(timeout)
                        .setSocketTimeout(timeout)
                        .build())
                .build();
        client = HttpClients.custom()
                .setConnectionManager(connections)
                .setDefaultRequestConfig(
                        RequestConfig.custom().setResponseTimeout(timeout).build())
                .setUserAgent("Lowfield/0.1 (price refresh for a build guide)")
                .disableRedirectHandling()
                .disableCookieManagement()
                .disableAutomaticRetries()
                .build();
    }

    /** Whether this shop is served from this machine (then no pace is kept). */
    public boolean isLocal(String host) {
        return local.containsKey(host);
    }

    /** The page at a path of a shop's host. */
    public Fetched page(String host, String path) {
        var end = System.nanoTime() + deadline.toNanos();
        var next = URI.create("https://" + host + path);
        try {
            for (int hop = 0; hop <= MOST_REDIRECTS; hop++) {
                var answer = ask(next, end);
                if (!(answer instanceof Moved moved)) {
                    return ((Arrived) answer).fetched();
                }
                next = next.resolve(moved.to());
                if (!host.equals(next.getHost())) {
                    return new Fetched.Failed(
                            "the page leads to another host (%s); it was not followed".formatted(next.getHost()));
                }
            }
            return new Fetched.Failed("the page leads on more than %d times".formatted(MOST_REDIRECTS));
        } catch (UnknownHostException unknown) {
            return new Fetched.Failed(
                    unknown instanceof Addresses.Refused
                            ? unknown.getMessage() + "; it was not asked"
                            : "the host %s is not known".formatted(host));
        } catch (IOException | IllegalArgumentException broken) {
            return new Fetched.Failed(
                    late(broken, end)
                            ? "the page took longer than %d s".formatted(deadline.toSeconds())
                            : "the shop could not be reached");
        }
    }

    private sealed interface Answer {}

    private record Moved(String to) implements Answer {}

    private record Arrived(Fetched fetched) implements Answer {}

    private static boolean late(Exception broken, long end) {
        return broken instanceof InterruptedIOException || System.nanoTime() >= end;
    }

    private Answer ask(URI uri, long end) throws IOException {
        var request = new HttpGet(target(uri));
        request.setHeader("Accept", "text/html");
        var stop = alarm.schedule(request::abort, Math.max(1, end - System.nanoTime()), TimeUnit.NANOSECONDS);
        try {
            return client.execute(request, response -> answer(response, request));
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

    private Answer answer(ClassicHttpResponse response, HttpGet request) throws IOException {
        var status = response.getCode();
        var to = response.getFirstHeader("Location");
        if (status >= 300 && status < 400 && to != null) {
            return new Moved(to.getValue());
        }
        if (status != 200) {
            return failed("the shop answered with status %d".formatted(status));
        }
        var entity = response.getEntity();
        var type = Optional.ofNullable(entity).map(e -> ContentType.parseLenient(e.getContentType()));
        if (entity == null
                || type.isEmpty()
                || !type.get().getMimeType().matches("text/html|application/xhtml\\+xml")) {
            return failed(
                    entity == null || entity.getContentLength() == 0
                            ? "the page is empty"
                            : "the answer is not an HTML page");
        }
        var bytes = new ByteArrayOutputStream();
        var buffer = new byte[16 * 1024];
        var body = entity.getContent();
        for (int read = body.read(buffer); read >= 0; read = body.read(buffer)) {
            bytes.write(buffer, 0, read);
            if (bytes.size() > MOST_BYTES) {
                request.abort();
                return failed("the page is larger than 2 MB");
            }
        }
        Charset charset = type.get().getCharset(StandardCharsets.UTF_8);
        return bytes.size() == 0 ? failed("the page is empty") : new Arrived(new Fetched.Page(bytes.toString(charset)));
    }

    private static Arrived failed(String sentence) {
        return new Arrived(new Fetched.Failed(sentence));
    }
}
