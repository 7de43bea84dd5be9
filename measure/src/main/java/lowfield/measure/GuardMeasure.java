package lowfield.measure;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lowfield.core.proofreading.Slip;
import lowfield.core.proofreading.guard.FigureGuard;

/**
 * How many slips that were planted in reasons the figure guard finds, and how much of what it marks is one. The reasons with
 * the right words in place of the wrong ones are read, too: what is marked there is marked falsely.
 */
final class GuardMeasure {
    /** How many files of reasons were read while the guard was built. */
    private static final int READ = 21;

    private GuardMeasure() {}

    private static final class Score {
        private int wrong;
        private int found;
        private int marked;
        private int right;
        private int sureFound;
        private int sureMarked;
        private int sureRight;
        private int claims;
        private int claimsFound;
        private int claimsMarked;
        private int claimsRight;
        private long nanos;
        private int texts;

        String line(String prefix) {
            return ("%1$sfound_pct=%2$.1f %1$sright_pct=%3$.1f %1$ssure_found_pct=%7$.1f %1$ssure_right_pct=%8$.1f %1$sclaims_found_pct=%4$.1f %1$sclaims_right_pct=%5$.1f "
                            + "%1$sguard_ms=%6$.3f")
                    .formatted(
                            prefix,
                            100.0 * found / wrong,
                            100.0 * right / Math.max(marked, 1),
                            100.0 * claimsFound / Math.max(claims, 1),
                            100.0 * claimsRight / Math.max(claimsMarked, 1),
                            nanos / 1e6 / texts,
                            100.0 * sureFound / wrong,
                            100.0 * sureRight / Math.max(sureMarked, 1));
        }
    }

    /** @param isShown whether what was missed and marked falsely is shown; of the held reasons it never is */
    static void run(boolean isShown) {
        var scenes = GuardScenes.read();
        var read = new Score();
        var shown = new ArrayList<String>();
        files().forEach(file -> score(scenes, file, read, shown));
        if (isShown) {
            shown.forEach(System.out::println);
        }
        var held = new Score();
        score(scenes, "held.txt", held, new ArrayList<>());
        System.out.println(read.line("") + " " + held.line("held_"));
    }

    private static Stream<String> files() {
        return IntStream.rangeClosed(1, READ).mapToObj(i -> "read/" + i + ".txt");
    }

    /** Learns the weights of the clues from the reasons that were read, and writes them where the guard reads them. */
    static void learn(Path weights) {
        var scenes = GuardScenes.read();
        var lessons = new GuardLessons();
        files().forEach(file -> lessons.add(scenes, file));
        var learned = GuardLearner.learn(lessons.all());
        try {
            Files.writeString(weights, learned.text());
        } catch (IOException unwritable) {
            throw new UncheckedIOException("The weights cannot be written to " + weights, unwritable);
        }
        System.out.printf(
                "lessons=%d clues=%d%n", lessons.all().size(), learned.byClue().size());
    }

    private static void score(GuardScenes scenes, String file, Score score, List<String> shown) {
        for (var sample : GuardTexts.of(file, false)) {
            read(scenes, sample, score, shown);
        }
        for (var clean : GuardTexts.of(file, true)) {
            read(scenes, clean, score, shown);
        }
    }

    private static void read(GuardScenes scenes, GuardTexts.Sample sample, Score score, List<String> shown) {
        var guard = new FigureGuard(scenes.context(sample.scene(), sample.text()));
        var start = System.nanoTime();
        var slips = guard.slips(sample.text());
        score.nanos += System.nanoTime() - start;
        score.texts++;
        for (var planted : sample.planted()) {
            var isFound = slips.stream().anyMatch(s -> overlaps(s, planted));
            if (planted.sort().equals("w")) {
                score.wrong++;
                score.found += isFound ? 1 : 0;
                score.sureFound += slips.stream().anyMatch(s -> s.isSure() && overlaps(s, planted)) ? 1 : 0;
            } else if (planted.sort().equals("rw")) {
                score.claims++;
                score.claimsFound += isFound ? 1 : 0;
            }
            if (planted.sort().endsWith("w") && !isFound) {
                shown.add("missed (%s): \"%s\" in: %s".formatted(sample.scene(), planted.written(), sample.text()));
            }
        }
        for (var slip : slips) {
            var of = sample.planted().stream().filter(p -> overlaps(slip, p)).toList();
            var isClaim = of.stream().anyMatch(p -> p.sort().startsWith("r"));
            var isRight = of.stream().anyMatch(p -> p.sort().endsWith("w"));
            score.marked += isClaim ? 0 : 1;
            score.right += !isClaim && isRight ? 1 : 0;
            score.sureMarked += !isClaim && slip.isSure() ? 1 : 0;
            score.sureRight += !isClaim && slip.isSure() && isRight ? 1 : 0;
            score.claimsMarked += isClaim ? 1 : 0;
            score.claimsRight += isClaim && isRight ? 1 : 0;
            if (!isRight) {
                shown.add("false (%s): \"%s\" (%s) in: %s"
                        .formatted(sample.scene(), slip.written(), slip.sentence(), sample.text()));
            }
        }
    }

    private static boolean overlaps(Slip slip, GuardTexts.Planted planted) {
        return slip.start() < planted.end() && planted.start() < slip.end();
    }
}
