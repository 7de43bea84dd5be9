package lowfield.market;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.UncheckedIOException;
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
import java.util.stream.Collectors;

/**
 * The four shops on one loopback port, told apart by the Host header. {@code PUT /control/clock?day=2026-12-03} moves the
 * market's day, {@code PUT /control/mood?host=…&mood=…} changes how a shop behaves, {@code PUT /control/reset} undoes both.
 */
public final class Market implements AutoCloseable {
    private static final List<Shop> SHOPS = List.of(
            new Shop("F", "Ferrowby", "ferrowby.example", new BigDecimal("4.90")),
            new Shop("Q", "Quillmarket", "quillmarket.example", new BigDecimal("3.90")),
            new Shop("T", "Turnstone Returns", "turnstone.example", new BigDecimal("5.90")),
            new Shop("M", "Millrace Components", "millrace.example", new BigDecimal("6.90")));
    private static final int HUGE_MEGABYTES = 50;

    private final HttpServer server;
    private final Map<String, Product> products;
    private final Prices prices;
    private final Map<String, Mood> moods = new ConcurrentHashMap<>();
    private final CountDownLatch closing = new CountDownLatch(1);
    private volatile LocalDate day = Prices.ANCHOR;

    private Market(int port) throws IOException {
        // Without it every answer on a kept connection waits for the network stack's delayed acknowledgement.
        System.setProperty("sun.net.httpserver.nodelay", "true");
        products = rows("products.csv").stream().map(Product::parse).collect(Collectors.toMap(Product::slug, p -> p));
        prices = new Prices(rows("events.csv").stream().map(Event::parse).toList());
        server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 64);
        server.setExecutor(Executors.newFixedThreadPool(16));
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

    private static List<String> rows(String file) throws IOException {
        try (var in = Market.class.getResourceAsStream("/market/" + file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(l -> !l.isBlank() && !l.startsWith("#"))
                    .toList();
        }
    }

    private void serve(HttpExchange exchange) throws IOException {
        try (exchange) {
            var path = exchange.getRequestURI().getPath();
            if (path.startsWith("/control/")) {
                control(exchange, path.substring("/control/".length()));
                return;
            }
            var shop = shop(exchange);
            if (shop.isEmpty()) {
                send(exchange, 404, "text/plain", "no such shop");
            } else {
                visit(exchange, shop.get(), path);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static Optional<Shop> shop(HttpExchange exchange) {
        var host = Optional.ofNullable(exchange.getRequestHeaders().getFirst("Host"))
                .orElse("");
        return SHOPS.stream().filter(s -> host.split(":")[0].equals(s.host())).findFirst();
    }

    private void control(HttpExchange exchange, String what) throws IOException {
        var query = query(exchange);
        switch (what) {
            case "clock" -> day = query.containsKey("day") ? LocalDate.parse(query.get("day")) : day;
            case "mood" ->
                moods.put(query.get("host") + query.getOrDefault("path", ""), Mood.valueOf(query.get("mood")));
            case "reset" -> {
                moods.clear();
                day = Prices.ANCHOR;
            }
            default -> {
                send(exchange, 404, "text/plain", "control is clock, mood or reset");
                return;
            }
        }
        send(exchange, 200, "text/plain", day.toString());
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
        var product = path.startsWith("/p/") ? products.get(path.substring(3)) : null;
        if (path.equals("/")) {
            send(exchange, 200, "text/html; charset=utf-8", Page.shelf(shop, sold(shop)));
        } else if (product == null || !sold(shop).contains(product)) {
            send(exchange, 404, "text/html; charset=utf-8", "<h1>Not found</h1>");
        } else {
            product(exchange, shop, product, mood);
        }
    }

    private List<Product> sold(Shop shop) {
        return products.values().stream()
                .filter(p -> p.offers().stream().anyMatch(o -> o.shop().equals(shop.letter())))
                .toList();
    }

    private void product(HttpExchange exchange, Shop shop, Product product, Mood mood)
            throws IOException, InterruptedException {
        switch (mood) {
            case LATE -> {
                closing.await(30, TimeUnit.SECONDS);
                send(exchange, 200, "text/html", "late");
            }
            case DOWN -> send(exchange, 500, "text/html", "<h1>Down</h1>");
            case EMPTY -> send(exchange, 200, "text/html", "");
            case NOT_HTML -> send(exchange, 200, "application/octet-stream", "\u0000\u0001\u0002 not a page");
            case HUGE -> huge(exchange);
            case REDIRECT_HOST -> redirect(exchange, "http://elsewhere.example/p/" + product.slug());
            case REDIRECT_PRIVATE -> redirect(exchange, "http://10.0.0.1/p/" + product.slug());
            case REDIRECT_LOOP -> redirect(exchange, "/p/" + product.slug());
            default -> send(exchange, 200, "text/html; charset=utf-8", new Page(prices).of(shop, product, day, mood));
        }
    }

    private static void redirect(HttpExchange exchange, String to) throws IOException {
        exchange.getResponseHeaders().set("Location", to);
        exchange.sendResponseHeaders(302, -1);
    }

    private static void huge(HttpExchange exchange) throws IOException {
        exchange.getResponseHeaders().set("Content-Type", "text/html");
        exchange.sendResponseHeaders(200, 0);
        var megabyte = " ".repeat(1 << 20).getBytes(StandardCharsets.US_ASCII);
        try (var body = exchange.getResponseBody()) {
            for (int i = 0; i < HUGE_MEGABYTES; i++) {
                body.write(megabyte);
            }
        } catch (IOException readerHungUp) {
            throw new UncheckedIOException(readerHungUp);
        }
    }

    private static void send(HttpExchange exchange, int status, String type, String text) throws IOException {
        var bytes = text.getBytes(StandardCharsets.UTF_8);
        exchange.getResponseHeaders().set("Content-Type", type);
        exchange.sendResponseHeaders(status, bytes.length == 0 ? -1 : bytes.length);
        if (bytes.length > 0) {
            exchange.getResponseBody().write(bytes);
        }
    }
}
