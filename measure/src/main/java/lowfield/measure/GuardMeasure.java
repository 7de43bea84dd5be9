package lowfield.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import lowfield.core.proofreading.Slip;
import lowfield.core.proofreading.guard.FigureGuard;

/**
 * How many slips that were planted in reasons the figure guard finds, and how much of what it marks is one. The reasons with
 * the right words in place of the wrong ones are read, too: what is marked there is marked falsely.
 */
final class GuardMeasure {
    /** How many files of reasons were read while the guard was built. */
    private static final int READ = 17;

    private static final Pattern PLANTED = Pattern.compile("\\[(t|w|u|rt|rw):([^\\]]*)]");

    private GuardMeasure() {}

    /** A stretch of a text that was planted: true, wrong or about something else; claims of relation begin with "r". */
    private record Planted(String sort, int start, int end, String written) {}

    private record Sample(String scene, String text, List<Planted> planted) {}

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
        IntStream.rangeClosed(1, READ).forEach(i -> score(scenes, "read/" + i + ".txt", read, shown));
        if (isShown) {
            shown.forEach(System.out::println);
        }
        var held = new Score();
        score(scenes, "held.txt", held, new ArrayList<>());
        System.out.println(read.line("") + " " + held.line("held_"));
    }

    private static void score(GuardScenes scenes, String file, Score score, List<String> shown) {
        for (var sample : samples(GuardScenes.text(file), false)) {
            read(scenes, sample, score, shown);
        }
        for (var clean : samples(GuardScenes.text(file), true)) {
            read(scenes, clean, score, shown);
        }
    }

    private static void read(GuardScenes scenes, Sample sample, Score score, List<String> shown) {
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

    private static boolean overlaps(Slip slip, Planted planted) {
        return slip.start() < planted.end() && planted.start() < slip.end();
    }

    /** @param isClean whether the right words stand in place of the wrong ones */
    private static List<Sample> samples(String file, boolean isClean) {
        var all = new ArrayList<Sample>();
        var scene = "";
        for (var line : file.lines().toList()) {
            if (line.startsWith("# ")) {
                scene = line.substring(2);
            } else {
                all.add(sample(scene, line, isClean));
            }
        }
        return all;
    }

    private static Sample sample(String scene, String line, boolean isClean) {
        var text = new StringBuilder();
        var planted = new ArrayList<Planted>();
        var found = PLANTED.matcher(line);
        var at = 0;
        while (found.find()) {
            text.append(line, at, found.start());
            var sides = found.group(2).split("=>");
            var isWrong = found.group(1).endsWith("w");
            var words = isWrong && isClean ? sides[1] : sides[0];
            var sort = isWrong && isClean ? found.group(1).replace('w', 't') : found.group(1);
            planted.add(new Planted(sort, text.length(), text.length() + words.length(), words));
            text.append(words);
            at = found.end();
        }
        text.append(line.substring(at));
        return new Sample(scene, text.toString(), List.copyOf(planted));
    }
}
