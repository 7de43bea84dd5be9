package lowfield.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** The reasons that the guard is learned from and measured by, with what was planted in them. */
final class GuardTexts {
    private static final Pattern PLANTED = Pattern.compile("\\[(t|w|u|rt|rw):([^\\]]*)]");

    private GuardTexts() {}

    /** A stretch of a text that was planted: true, wrong or about something else; claims of relation begin with "r". */
    record Planted(String sort, int start, int end, String written) {
        /** Whether it is a figure, and no claim of relation. */
        boolean isFigure() {
            return !sort.startsWith("r");
        }

        boolean isData() {
            return !sort.equals("u");
        }
    }

    record Sample(String scene, String text, List<Planted> planted) {}

    /** @param isClean whether the right words stand in place of the wrong ones */
    static List<Sample> of(String file, boolean isClean) {
        var all = new ArrayList<Sample>();
        var scene = "";
        for (var line : GuardScenes.text(file).lines().toList()) {
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
