package lowfield.measure;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lowfield.core.intake.FigureReader;
import lowfield.core.intake.KindGuess;
import lowfield.core.intake.Statement;
import lowfield.core.money.Money;
import lowfield.core.part.Kind;
import lowfield.server.platform.Json;
import lowfield.server.reading.ProductPage;
import tools.jackson.core.type.TypeReference;

/**
 * How much of what product pages and names say is read right, and how much wrong: over 280 pages in seven layouts and 500
 * names of our own making. Two layouts and a hundred names are held back and reported apart.
 */
final class ReadMeasure {
    private static final LocalDate TODAY = LocalDate.of(2026, 12, 1);
    private static final int OPEN_LAYOUTS = 5;
    private static final int LAYOUTS = 7;
    private static final int SHOWN = 40;
    private static final List<String> CHIPS = Json.read(text("chips.json"), new TypeReference<>() {});

    private ReadMeasure() {}

    /** A page or a name, what it says in figures, and what follows from its words without being a figure of them. */
    private record Sample(
            Kind kind, String name, String html, Map<String, Object> figures, Map<String, Object> follows) {
        String title() {
            return name != null ? name : html.replaceAll("(?s).*<h1[^>]*>([^<]*)<.*", "$1");
        }
    }

    /** What became of one figure. */
    private record Case(Sample sample, String field, Optional<String> said, List<String> read) {
        boolean isRight() {
            return said.isPresent() && read.equals(List.of(said.get()));
        }

        /** Read and not said, or only in another way. */
        boolean isWrong() {
            return !read.isEmpty()
                    && said.map(s -> !read.contains(s)).orElseGet(() -> !read.equals(List.of(follows())));
        }

        private String follows() {
            return Optional.ofNullable(sample.follows().get(field))
                    .map(ReadMeasure::canonical)
                    .orElse("");
        }
    }

    /** @param held whether what is held back is read, too */
    static void run(boolean held) {
        var open = cases(
                Stream.concat(pages(1, OPEN_LAYOUTS), Stream.concat(samples("names.jsonl"), samples("names-3.jsonl"))));
        told(open);
        var line = figures("", open) + " " + guessed(held ? "names-4.jsonl" : "names-3.jsonl");
        if (held) {
            var kept = cases(Stream.concat(
                    pages(OPEN_LAYOUTS + 1, LAYOUTS),
                    Stream.concat(samples("names-2.jsonl"), samples("names-4.jsonl"))));
            told(kept);
            line += " " + figures("held_", kept);
        }
        System.out.println(line);
    }

    private static String figures(String prefix, List<Case> cases) {
        var said = cases.stream().filter(c -> c.said().isPresent()).count();
        var read = cases.stream().filter(c -> !c.read().isEmpty()).count();
        return "%sright_pct=%.1f %swrong_pct=%.2f"
                .formatted(
                        prefix,
                        100.0 * cases.stream().filter(Case::isRight).count() / said,
                        prefix,
                        100.0 * cases.stream().filter(Case::isWrong).count() / read);
    }

    /** How much is read of names as shops write them, where the kind is not given but guessed. */
    private static String guessed(String file) {
        var names = samples(file).toList();
        var said = names.stream().mapToInt(s -> s.figures().size()).sum();
        var right = 0;
        var wrong = 0;
        for (var sample : names) {
            var kind = KindGuess.of("", sample.name());
            if (kind.isEmpty()) {
                continue;
            }
            var read = read(kind.get(), sample.name(), List.of());
            for (var figure : read.entrySet()) {
                var meant = Optional.ofNullable(sample.figures().get(figure.getKey()))
                        .or(() -> Optional.ofNullable(sample.follows().get(figure.getKey())))
                        .map(ReadMeasure::canonical);
                var isRight =
                        meant.map(m -> figure.getValue().equals(List.of(m))).orElse(false);
                right += isRight && sample.figures().containsKey(figure.getKey()) ? 1 : 0;
                wrong += isRight ? 0 : 1;
                if (!isRight) {
                    System.out.println("guessed wrong: %s of \"%s\", read %s"
                            .formatted(figure.getKey(), sample.name(), figure.getValue()));
                }
            }
        }
        return "guessed_right_pct=%.1f guessed_wrong=%d".formatted(100.0 * right / said, wrong);
    }

    private static void told(List<Case> cases) {
        cases.stream().filter(Case::isWrong).limit(SHOWN).forEach(c -> System.out.println("wrong: " + said(c)));
        cases.stream()
                .filter(c -> c.said().isPresent() && !c.isRight() && !c.isWrong())
                .limit(SHOWN)
                .forEach(c -> System.out.println("not read: " + said(c)));
    }

    private static String said(Case c) {
        return "%s, %s of \"%s\": %s, read %s"
                .formatted(
                        c.sample().kind(),
                        c.field(),
                        c.sample().title(),
                        c.said().orElse("nothing"),
                        c.read());
    }

    private static List<Case> cases(Stream<Sample> samples) {
        return samples.flatMap(s -> {
                    var read = read(s);
                    var fields = new ArrayList<>(s.figures().keySet());
                    read.keySet().stream().filter(f -> !fields.contains(f)).forEach(fields::add);
                    return fields.stream()
                            .map(f -> new Case(
                                    s,
                                    f,
                                    Optional.ofNullable(s.figures().get(f)).map(ReadMeasure::canonical),
                                    read.getOrDefault(f, List.of())));
                })
                .toList();
    }

    private static Map<String, List<String>> read(Sample sample) {
        if (sample.name() != null) {
            return read(sample.kind(), sample.name(), List.of());
        }
        return ProductPage.read(sample.html(), "Shop", Money.currencyOf("EUR"), TODAY).stream()
                .findFirst()
                .map(d -> read(sample.kind(), d.name(), d.statements()))
                .orElse(Map.of());
    }

    private static Map<String, List<String>> read(Kind kind, String name, List<Statement> statements) {
        return new FigureReader(kind, CHIPS)
                .read(name, statements).entrySet().stream()
                        .collect(java.util.stream.Collectors.toMap(
                                e -> e.getKey().name(),
                                e -> e.getValue().stream()
                                        .map(r -> canonical(r.value()))
                                        .distinct()
                                        .toList()));
    }

    /** A value as text, lists in one order. */
    private static String canonical(Object value) {
        return value instanceof Iterable<?> several
                ? java.util.stream.StreamSupport.stream(several.spliterator(), false)
                        .map(String::valueOf)
                        .sorted()
                        .toList()
                        .toString()
                : String.valueOf(value);
    }

    private static Stream<Sample> pages(int from, int to) {
        return IntStream.rangeClosed(from, to).boxed().flatMap(n -> samples("layout-" + n + ".jsonl"));
    }

    private static Stream<Sample> samples(String file) {
        return text(file).lines().map(line -> Json.read(line, Sample.class));
    }

    private static String text(String file) {
        try (var in = ReadMeasure.class.getResourceAsStream("/read/" + file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
