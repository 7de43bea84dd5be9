package lowfield.market;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.math.BigDecimal;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.LongAdder;
import java.util.stream.Collectors;

/**
 * The four shops and the rate service on one loopback port, told apart by the Host header, and their control:
 * {@code PUT /control/clock?day=2026-12-03} sets the market's day, {@code ?on=day} or {@code ?on=month} moves it on,
 * {@code PUT /control/mood?host=…&path=…&mood=…} changes how a shop or one page behaves, {@code PUT /control/delay?ms=…}
 * makes every answer take that long, {@code PUT /control/reset} undoes all, {@code GET /control/visits} tells how many pages
 * were asked for.
 */
public final class Market implements AutoCloseable {
    private static final String RATES = "rates.example";
    private static final String OPEN = "User-agent: *\nDisallow: /basket\n";
    private static final List<Shop> SHOPS = List.of(
            new Shop(
                    "F",
                    "Ferrowby",
                    "ferrowby.example",
                    new BigDecimal("4.90"),
                    Shop.Style.PLAIN,
                    "/lists/all.csv",
                    OPEN),
            new Shop(
                    "Q",
                    "Quillmarket",
                    "quillmarket.example",
                    new BigDecimal("3.90"),
                    Shop.Style.GRAPH,
                    "/feed/offers.json",
                    OPEN),
            new Shop(
                    "T",
                    "Turnstone Returns",
                    "turnstone.example",
                    new BigDecimal("5.90"),
                    Shop.Style.MICRODATA,
                    "",
                    OPEN),
            new Shop(
                    "M",
                    "Millrace Components",
                    "millrace.example",
                    new BigDecimal("6.90"),
                    Shop.Style.NESTED,
                    "/export/list.tsv",
                    OPEN + "Disallow: /members\nCrawl-delay: 0.05\n"));

    private final HttpServer server;
    private final Shelf shelf;
    private final Map<String, Mood> moods = new ConcurrentHashMap<>();
    private final CountDownLatch closing = new CountDownLatch(1);
    private final LongAdder visits = new LongAdder();
    private final Faults faults = new Faults(closing);
    private volatile LocalDate day = Prices.ANCHOR;
    private volatile int delay;

    private Market(int port) throws IOException {
        // Without it every answer on a kept connection waits for the network stack's delayed acknowledgement.
        System.setProperty("sun.net.httpserver.nodelay", "true");
        shelf = Shelf.read();
        server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 64);
        server.setExecutor(Executors.newFixedThreadPool(32));
        server.createContext("/", this::serve);
        server.start();
    }

    /** Starts the market on a loopback port; 0 takes a free one. */
    public static Market open(int port) throws IOException {
        return new Market(port);
    }

    public static void main(String[] arguments) throws IOException {
        var market = open(arguments.length > 0 ? Integer.parseInt(arguments[0]) : 0);
        System.out.println("market on 127.0.0.1:" + market.port());
    }

    public int port() {
        return server.getAddress().getPort();
    }

    @Override
    public void close() {
        closing.countDown();
        server.stop(0);
    }

    private void serve(HttpExchange exchange) throws IOException {
        try (exchange) {
            var path = exchange.getRequestURI().getPath();
            if (path.startsWith("/control/")) {
                control(exchange, path.substring("/control/".length()));
                return;
            }
            visits.increment();
            if (delay > 0) {
                closing.await(delay, TimeUnit.MILLISECONDS);
            }
            var host = host(exchange);
            var shop = SHOPS.stream().filter(s -> host.equals(s.host())).findFirst();
            if (host.equals(RATES) && path.equals("/daily.xml")) {
                Answer.send(exchange, 200, "application/xml", Rates.of(day));
            } else if (shop.isEmpty()) {
                Answer.send(exchange, 404, "text/plain", "no such shop");
            } else {
                visit(exchange, shop.get(), path);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static String host(HttpExchange exchange) {
        return Optional.ofNullable(exchange.getRequestHeaders().getFirst("Host"))
                .orElse("")
                .split(":")[0];
    }

    private void control(HttpExchange exchange, String what) throws IOException {
        var query = query(exchange);
        switch (what) {
            case "clock" -> day = moved(query);
            case "mood" ->
                moods.put(query.get("host") + query.getOrDefault("path", ""), Mood.valueOf(query.get("mood")));
            case "delay" -> delay = Integer.parseInt(query.get("ms"));
            case "visits" -> {
                Answer.send(exchange, 200, "text/plain", String.valueOf(visits.sum()));
                return;
            }
            case "reset" -> {
                moods.clear();
                faults.forget();
                delay = 0;
                day = Prices.ANCHOR;
            }
            default -> {
                Answer.send(exchange, 404, "text/plain", "control is clock, mood, delay, visits or reset");
                return;
            }
        }
        Answer.send(exchange, 200, "text/plain", day.toString());
    }

    private LocalDate moved(Map<String, String> query) {
        if (query.containsKey("day")) {
            return LocalDate.parse(query.get("day"));
        }
        return switch (query.getOrDefault("on", "")) {
            case "day" -> day.plusDays(1);
            case "week" -> day.plusWeeks(1);
            case "month" -> day.plusMonths(1);
            default -> day;
        };
    }

    private static Map<String, String> query(HttpExchange exchange) {
        var raw = Optional.ofNullable(exchange.getRequestURI().getRawQuery()).orElse("");
        return Arrays.stream(raw.split("&"))
                .map(p -> p.split("=", 2))
                .filter(p -> p.length == 2)
                .collect(Collectors.toMap(p -> p[0], p -> URLDecoder.decode(p[1], StandardCharsets.UTF_8)));
    }

    private void visit(HttpExchange exchange, Shop shop, String path) throws IOException, InterruptedException {
        var mood = moods.getOrDefault(shop.host() + path, moods.getOrDefault(shop.host(), Mood.NORMAL));
        var today = day;
        if (path.equals("/robots.txt")) {
            Answer.send(exchange, 200, "text/plain", shop.robots());
        } else if (path.equals("/")) {
            Answer.send(exchange, 200, "text/html; charset=utf-8", Page.shelf(shop, shelf.sold(shop, today)));
        } else if (!shop.feed().isEmpty() && path.equals(shop.feed())) {
            var feed = new Feed(shelf);
            faults.send(exchange, mood, feed.type(shop), () -> feed.of(shop, today, mood));
        } else if (Arrivals.page(shop, path).isPresent()) {
            faults.send(
                    exchange,
                    mood,
                    "text/html; charset=utf-8",
                    () -> Arrivals.page(shop, path).orElseThrow());
        } else {
            var product =
                    path.startsWith("/p/") ? shelf.find(shop, path.substring(3), today) : Optional.<Product>empty();
            if (product.isEmpty()) {
                Answer.send(exchange, 404, "text/html; charset=utf-8", "<h1>Not found</h1>");
            } else {
                var page = new Page(shelf);
                faults.send(
                        exchange, mood, "text/html; charset=utf-8", () -> page.of(shop, product.get(), today, mood));
            }
        }
    }
}
