package lowfield.measure;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import lowfield.core.money.Money;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.core.part.Release;
import lowfield.core.proofreading.KnownFigure;
import lowfield.core.proofreading.ProofContext;
import lowfield.core.proofreading.Subject;
import lowfield.core.proofreading.figures.Dimension;
import lowfield.core.proofreading.names.NameIndex;
import lowfield.core.proofreading.sources.SpareRoom;
import lowfield.server.platform.Json;
import tools.jackson.core.type.TypeReference;

/** The lines that the reasons of the guard's measure are about. */
record GuardScenes(Map<String, Sums> build, Map<String, Scene> scenes, Map<String, Named> parts) {
    private static final Currency EURO = Currency.getInstance("EUR");

    private static final Set<String> PLATFORM = Set.of("PROCESSOR", "MOTHERBOARD", "COOLER");

    record Sums(
            String tier, long total, long last, List<Long> band, int peak, List<Object> below, List<Object> above) {}

    record Scene(
            String build,
            String choice,
            String last,
            List<String> alternatives,
            List<String> upgrades,
            String below,
            String above,
            List<String> lines) {}

    record Named(String kind, String name, long price, Map<String, Object> spec) {
        Part part() {
            var of = Kind.valueOf(kind);
            return new Part(
                    UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8)),
                    UUID.nameUUIDFromBytes(("product " + name).getBytes(StandardCharsets.UTF_8)),
                    of,
                    name.substring(0, name.indexOf(' ')),
                    name,
                    "",
                    Release.ON_SALE,
                    Optional.empty(),
                    Optional.empty(),
                    Instant.EPOCH,
                    of.schema().read(spec));
        }

        Optional<Money> money() {
            return Optional.of(new Money(price, EURO));
        }
    }

    static GuardScenes read() {
        return Json.read(text("scenes.json"), new TypeReference<>() {});
    }

    static String text(String file) {
        try (var in = GuardScenes.class.getResourceAsStream("/guard/" + file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** With the parts that a text names beside. */
    ProofContext context(String name, String text) {
        var scene = scenes.get(name);
        var sums = build.get(scene.build());
        var of = new ProofContext.Parts();
        var choice = parts.get(scene.choice());
        add(of, Subject.Role.CHOICE, scene.choice());
        scene.alternatives().forEach(p -> add(of, Subject.Role.OPTION, p));
        scene.upgrades().forEach(p -> add(of, Subject.Role.OPTION, p));
        add(of, Subject.Role.NEIGHBOUR, scene.below());
        add(of, Subject.Role.NEIGHBOUR, scene.above());
        var last = scene.last().split(":");
        of.add(Subject.Role.LAST, parts.get(last[0]).part(), Optional.of(new Money(Long.parseLong(last[1]), EURO)));
        scene.lines().forEach(p -> add(of, Subject.Role.ELSEWHERE, p));
        var names = new NameIndex(parts.values().stream().map(Named::part).toList());
        names.in(text).forEach(p -> of.add(Subject.Role.NAMED, p, price(p)));
        return new ProofContext(
                Locale.forLanguageTag("en-IE"),
                EURO,
                of.all(),
                Stream.of(sums(sums, choice).stream(), platform(scene), spare(scene, sums.peak()))
                        .flatMap(figures -> figures)
                        .toList(),
                List.of(
                        new ProofContext.Tier(sums.tier(), Optional.of(choice.part())),
                        new ProofContext.Tier(
                                (String) sums.below().get(0),
                                Optional.of(parts.get(scene.below()).part())),
                        new ProofContext.Tier(
                                (String) sums.above().get(0),
                                Optional.of(parts.get(scene.above()).part()))),
                names);
    }

    private Optional<Money> price(Part part) {
        return parts.values().stream()
                .filter(n -> n.name().equals(part.name()))
                .findFirst()
                .flatMap(Named::money);
    }

    private Stream<KnownFigure> spare(Scene scene, int peak) {
        return SpareRoom.of(
                Stream.concat(Stream.of(scene.choice()), scene.lines().stream())
                        .map(p -> parts.get(p).part())
                        .toList(),
                OptionalInt.of(peak))
                .stream();
    }

    /** Told where the scene has all three. */
    private Stream<KnownFigure> platform(Scene scene) {
        var prices = Stream.concat(Stream.of(scene.choice()), scene.lines().stream())
                .map(parts::get)
                .filter(p -> PLATFORM.contains(p.kind()))
                .map(Named::price)
                .toList();
        return prices.size() == PLATFORM.size()
                ? Stream.of(money(
                        "CPU, cooler and motherboard together",
                        prices.stream().mapToLong(p -> p).sum()))
                : Stream.empty();
    }

    private void add(ProofContext.Parts to, Subject.Role role, String part) {
        to.add(role, parts.get(part).part(), parts.get(part).money());
    }

    private List<KnownFigure> sums(Sums sums, Named choice) {
        var all = new ArrayList<KnownFigure>();
        all.add(money("total", sums.total()));
        all.add(money("total of the last edition", sums.last()));
        all.add(difference("the total against the last edition", Math.abs(sums.total() - sums.last())));
        all.add(money("lower end of the band", sums.band().get(0)));
        all.add(money("upper end of the band", sums.band().get(1)));
        all.add(money("what is left in the band", sums.band().get(1) - sums.total()));
        for (var beside : List.of(sums.below(), sums.above())) {
            var there = ((Number) beside.get(1)).longValue();
            all.add(money("total of " + beside.get(0), there));
            all.add(money("step from " + beside.get(0), Math.abs(sums.total() - there)));
        }
        all.add(new KnownFigure(
                Dimension.POWER,
                BigDecimal.valueOf(sums.peak()),
                "sustained peak",
                sums.peak() + " W",
                KnownFigure.Use.BUILD,
                Optional.empty()));
        all.add(new KnownFigure(
                Dimension.PERCENT,
                BigDecimal.valueOf(Math.round(1000.0 * choice.price() / sums.total()) / 10.0),
                "share of the total",
                "%.1f%%".formatted(100.0 * choice.price() / sums.total()),
                KnownFigure.Use.BUILD,
                Optional.of("share")));
        return all;
    }

    private static KnownFigure money(String label, long minor) {
        return sum(label, minor, KnownFigure.Use.BUILD);
    }

    private static KnownFigure difference(String label, long minor) {
        return sum(label, minor, KnownFigure.Use.DIFFERENCE);
    }

    private static KnownFigure sum(String label, long minor, KnownFigure.Use use) {
        return new KnownFigure(
                Dimension.MONEY,
                BigDecimal.valueOf(minor),
                label,
                new Money(minor, EURO).toString(),
                use,
                Optional.empty());
    }
}
