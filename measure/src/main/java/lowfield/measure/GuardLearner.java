package lowfield.measure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lowfield.core.proofreading.guard.Lesson;
import lowfield.core.proofreading.guard.Probabilities;
import lowfield.core.proofreading.guard.Weights;

/**
 * Learns what each clue is worth: the weights under which what the figures of the lessons mean is most probable, small weights
 * before large ones. It goes downhill as Kingma and Ba do, "Adam: a method for stochastic optimization" (2015), over all
 * lessons at every step. At each step other clues are left out, so that none is relied on alone (Srivastava and others,
 * "Dropout: a simple way to prevent neural networks from overfitting", 2014); the same lessons give the same weights.
 */
final class GuardLearner {
    private static final int STEPS = 200;
    private static final double PACE = 0.1;
    /** From here on it goes slowly, to settle. */
    private static final int LAST_STEPS = 140;

    private static final double LAST_PACE = 0.02;
    private static final double MEMORY = 0.9;
    private static final double LONG_MEMORY = 0.999;
    /** How much a weight is pulled towards zero. */
    private static final double PULL = 0.5;

    /** The same of a single word, which is seen seldom and with many others. */
    private static final double PULL_OF_WORDS = 1;

    /** The share of the clues that a step does without. */
    private static final double LEFT_OUT = 0.3;

    private static final long SEED = 20_261_128;

    private static final List<String> OF_WORDS =
            List.of(" before ", " next ", " in phrase ", " behind ", " around ", " clause begins ");
    private static final int OFTEN_ENOUGH = 2;
    /** What is below is as good as nothing, and is not kept. */
    private static final double NOTHING = 0.03;

    private final Map<String, Integer> places = new HashMap<>();
    private final List<Task> tasks = new ArrayList<>();
    private final double[] weights;
    private final double[] pull;
    private final SplittableRandom chance = new SplittableRandom(SEED);

    /** A lesson by the places of its clues; the last sense is of what we hold no data of. */
    private record Task(int[][] senses, boolean[] isMeant) {}

    static Weights learn(List<GuardLessons.Known> lessons) {
        return new GuardLearner(lessons).learned();
    }

    private GuardLearner(List<GuardLessons.Known> lessons) {
        lessons.stream()
                .flatMap(known -> clues(known.lesson()))
                .collect(Collectors.groupingBy(clue -> clue, TreeMap::new, Collectors.counting()))
                .forEach((clue, times) -> {
                    if (times >= OFTEN_ENOUGH) {
                        places.put(clue, places.size());
                    }
                });
        weights = new double[places.size()];
        pull = new double[places.size()];
        places.forEach((clue, at) -> pull[at] = OF_WORDS.stream().anyMatch(clue::contains) ? PULL_OF_WORDS : PULL);
        lessons.forEach(known -> tasks.add(task(known)));
    }

    private static Stream<String> clues(Lesson lesson) {
        return Stream.concat(lesson.senses().stream().flatMap(s -> s.clues().stream()), lesson.aside().stream());
    }

    private Task task(GuardLessons.Known known) {
        var senses = known.lesson().senses();
        var isMeant = new boolean[senses.size() + 1];
        IntStream.range(0, senses.size())
                .forEach(i -> isMeant[i] = known.isData() && senses.get(i).isSo());
        isMeant[senses.size()] = IntStream.range(0, senses.size()).noneMatch(i -> isMeant[i]);
        return new Task(
                Stream.concat(
                                senses.stream().map(Lesson.Sense::clues),
                                Stream.of(known.lesson().aside()))
                        .map(this::placesOf)
                        .toArray(int[][]::new),
                isMeant);
    }

    private int[] placesOf(List<String> clues) {
        return clues.stream().filter(places::containsKey).mapToInt(places::get).toArray();
    }

    private Weights learned() {
        var first = new double[weights.length];
        var second = new double[weights.length];
        for (var step = 1; step <= STEPS; step++) {
            var slope = slope();
            var pace = (step < LAST_STEPS ? PACE : LAST_PACE)
                    * Math.sqrt(1 - Math.pow(LONG_MEMORY, step))
                    / (1 - Math.pow(MEMORY, step));
            for (var i = 0; i < weights.length; i++) {
                first[i] = MEMORY * first[i] + (1 - MEMORY) * slope[i];
                second[i] = LONG_MEMORY * second[i] + (1 - LONG_MEMORY) * slope[i] * slope[i];
                weights[i] -= pace * first[i] / (Math.sqrt(second[i]) + 1e-8);
            }
        }
        return new Weights(places.entrySet().stream()
                .filter(e -> Math.abs(weights[e.getValue()]) >= NOTHING)
                .collect(Collectors.toMap(Map.Entry::getKey, e -> weights[e.getValue()])));
    }

    /** How much less probable what is meant becomes as each weight grows. */
    private double[] slope() {
        var slope = new double[weights.length];
        Arrays.setAll(slope, i -> pull[i] * weights[i]);
        for (var task : tasks) {
            var seen = new Task(some(task.senses()), task.isMeant());
            var all = shares(seen, false);
            var meant = shares(seen, true);
            for (var sense = 0; sense < all.length; sense++) {
                for (var at : seen.senses()[sense]) {
                    slope[at] += (all[sense] - meant[sense]) / (1 - LEFT_OUT);
                }
            }
        }
        return slope;
    }

    private int[][] some(int[][] senses) {
        return Arrays.stream(senses)
                .map(clues -> Arrays.stream(clues)
                        .filter(clue -> chance.nextDouble() >= LEFT_OUT)
                        .toArray())
                .toArray(int[][]::new);
    }

    /** How probable each sense is among all, or among those that are meant. */
    private double[] shares(Task task, boolean isOfMeant) {
        var weighed = new double[task.senses().length];
        for (var sense = 0; sense < weighed.length; sense++) {
            weighed[sense] = isOfMeant && !task.isMeant()[sense] ? Double.NEGATIVE_INFINITY : sum(task.senses()[sense]);
        }
        return Probabilities.of(weighed);
    }

    private double sum(int[] clues) {
        var sum = 0.0;
        for (var at : clues) {
            sum += weights[at];
        }
        return sum / (1 - LEFT_OUT);
    }
}
