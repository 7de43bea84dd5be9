package lowfield.server.kit;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lowfield.server.accounts.Accounts;
import lowfield.server.accounts.Person;
import org.awaitility.Awaitility;
import tools.jackson.databind.JsonNode;

/** A small guide of its own for each test: one tier, one build, parts that the market sells; everything made over HTTP. */
public final class World {
    private static final AtomicInteger NEXT = new AtomicInteger();
    private static final String PASSWORD = "ten letters at least";
    public final Stage stage = Stage.open();
    public final Caller ines;
    public final Caller tom;
    public final String slug;
    public String edition;
    public final String build;
    public final Map<String, String> parts;

    public World() {
        var number = NEXT.incrementAndGet();
        ines = person("ines" + number, Person.Role.OWNER);
        tom = person("tom" + number, Person.Role.EDITOR);
        parts = MarketParts.known(ines);
        var shops = ines.get("/api/shops")
                .json()
                .valueStream()
                .filter(s -> MarketParts.SHOPS.contains(s.path("name").asString()))
                .map(s -> s.path("id").asString())
                .toList();
        slug = ines.post("/api/guides", Forms.guide("Guide " + number, shops))
                .json()
                .path("slug")
                .asString();
        ines.post(
                "/api/guides/" + slug + "/editions",
                Map.of("period", "2026-12-01", "tiers", List.of(Forms.tier("Bosun", 84000, 92000))));
        var desk = desk();
        edition = desk.path("edition").path("id").asString();
        build = desk.path("cards").get(0).path("build").asString();
    }

    /** The same people at another guide, which has one tier with one build. */
    public World in(String otherSlug) {
        return new World(this, otherSlug);
    }

    private World(World same, String otherSlug) {
        ines = same.ines;
        tom = same.tom;
        parts = same.parts;
        slug = otherSlug;
        var desk = desk();
        edition = desk.path("edition").path("id").asString();
        build = desk.path("cards").get(0).path("build").asString();
    }

    public Caller person(String name, Person.Role role) {
        var email = name + "@tidewater.example";
        stage.bean(Accounts.class).create(email, name, PASSWORD, role);
        return new Caller(stage.desk()).signIn(email, PASSWORD);
    }

    public JsonNode desk() {
        return ines.get("/api/guides/" + slug + "/desk").json();
    }

    public JsonNode bench() {
        return ines.get("/api/editions/" + edition + "/builds/" + build + "/bench")
                .json();
    }

    public JsonNode line(String slot) {
        return line(bench(), slot);
    }

    public static JsonNode line(JsonNode bench, String slot) {
        return bench.path("lines")
                .valueStream()
                .filter(l -> l.path("slot").asString().equals(slot))
                .findFirst()
                .orElseThrow();
    }

    /** The ids of this guide by the name they have in addresses. */
    public Map<String, String> ids() {
        return Map.of(
                "slug", slug,
                "edition", edition,
                "build", build,
                "tier", desk().path("cards").get(0).path("tier").asString(),
                "line", line("CASE").path("id").asString());
    }

    public Caller.Answer edit(Caller who, JsonNode line, Object patch) {
        return who.call(
                "PATCH",
                "/api/editions/" + edition + "/lines/" + line.path("id").asString(),
                patch,
                line.path("version").asInt());
    }

    public Caller.Answer choose(String slot, String part) {
        return choose(line(slot), part);
    }

    private Caller.Answer choose(JsonNode line, String part) {
        return edit(
                ines,
                line,
                Map.of(
                        "choice",
                        Map.of("type", "PART", "part", parts.get(part)),
                        "reason",
                        "Because it is **right** here."));
    }

    /** A whole build with reasons. */
    public World filled() {
        var bench = bench();
        MarketParts.choices().forEach((slot, part) -> choose(line(bench, slot), part));
        return this;
    }

    /** A round from start to end; its last progress. */
    public JsonNode round() {
        var id = ines.post("/api/guides/" + slug + "/rounds", Map.of())
                .json()
                .path("id")
                .asString();
        return Awaitility.await()
                .atMost(Duration.ofSeconds(60))
                .until(
                        () -> ines.get("/api/rounds/" + id).json(),
                        p -> !p.path("endedAt").isMissingNode()
                                && !p.path("endedAt").isNull());
    }

    /** What the readers' site answers. */
    public String read(String path) {
        try {
            return HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create(stage.readers() + path))
                                    .build(),
                            HttpResponse.BodyHandlers.ofString())
                    .body();
        } catch (java.io.IOException failed) {
            throw new java.io.UncheckedIOException(failed);
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
            return "";
        }
    }

    /** Publishes what somebody sees at this moment. */
    public Caller.Answer publish(Caller who) {
        var proof = who.get("/api/editions/" + edition + "/proof").json();
        return publish(who, proof);
    }

    /** Publishes what somebody saw. */
    public Caller.Answer publish(Caller who, JsonNode proof) {
        return who.call(
                "POST",
                "/api/editions/" + edition + "/publication",
                Map.of("totals", proof.path("totals")),
                proof.path("version").asInt());
    }

    /** Publishes the edition in work and opens the next; the snapshot of what went out. */
    public JsonNode publish() {
        publishAnyway();
        var number = desk().path("edition").path("number").asInt();
        publish(ines);
        edition = ines.post("/api/guides/" + slug + "/editions", Map.of())
                .json()
                .path("id")
                .asString();
        return Caller.JSON.readTree(read("/" + slug + "/editions/" + number + ".json"));
    }

    /** What wants a decision in the period, and each price of a shop in doubt. */
    public Stream<JsonNode> movers() {
        return ines.get("/api/editions/" + edition + "/movers")
                .json()
                .path("open")
                .valueStream()
                .flatMap(m -> Stream.concat(
                        Stream.of(m),
                        m.path("form").asString().equals("SHOP")
                                ? m.path("inside").valueStream()
                                : Stream.of()));
    }

    /** The price of a part that waits for a person. */
    public Optional<JsonNode> waiting(String part) {
        return movers().filter(m -> m.path("form").asString().equals("SET_ASIDE"))
                .filter(m -> m.path("title").asString().contains(part))
                .findFirst();
    }

    public Caller.Answer decide(JsonNode mover, String decision, String why) {
        return ines.call(
                "PUT",
                "/api/editions/" + edition + "/movers/" + mover.path("key").asString() + "/decision",
                Map.of("fingerprint", mover.path("fingerprint").asString(), "decision", decision, "why", why),
                null);
    }

    /** Speaks to the market as a person at its control would. */
    public void market(String control) {
        try {
            HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create(
                                            "http://127.0.0.1:" + stage.market.port() + "/control/" + control))
                                    .PUT(HttpRequest.BodyPublishers.noBody())
                                    .build(),
                            HttpResponse.BodyHandlers.discarding());
        } catch (java.io.IOException failed) {
            throw new java.io.UncheckedIOException(failed);
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
        }
    }

    /** Lets an edition through the checks that these small builds do not pass. */
    public void publishAnyway() {
        var problems = ines.get("/api/editions/" + edition + "/publish-checks")
                .json()
                .valueStream()
                .flatMap(c -> c.path("problems").valueStream())
                .map(p -> p.path("id").asString())
                .toList();
        if (!problems.isEmpty()) {
            except(problems, "a test, not a guide");
        }
    }

    public Caller.Answer except(List<String> problems, String reason) {
        return ines.post(
                "/api/editions/" + edition + "/exceptions",
                Map.of("problems", problems, "reason", reason, "shown", true));
    }

    public static List<Caller.Answer> together(int times, java.util.function.Supplier<Caller.Answer> call) {
        var threads = IntStream.range(0, times)
                .mapToObj(i -> java.util.concurrent.CompletableFuture.supplyAsync(call))
                .collect(Collectors.toCollection(ArrayList::new));
        return threads.stream()
                .map(java.util.concurrent.CompletableFuture::join)
                .toList();
    }
}
