package lowfield.measure;

import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import lowfield.core.check.Finding;
import lowfield.core.check.TestBuild;
import lowfield.core.check.rules.Checks;
import lowfield.core.guide.Build;
import lowfield.core.guide.Slot;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.TimeValue;

/** Every check on a full build: all needed slots, two drives, fans, a screen, Wi-Fi and paste; with the server's collector. */
@State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
public class CheckBenchmark {
    private final Build build = TestBuild.sound()
            .adding(Slot.SECOND_DRIVE, "type", "hard disk", "shape", "3.5 inch", "protocol", "SATA")
            .adding(Slot.CASE_FANS, "size", 120, "count", 2)
            .adding(Slot.SCREEN, "resolution", "2560 x 1440", "refresh", 144, "adaptive", List.of("open"))
            .adding(Slot.WIFI, "bus", "PCIe x1")
            .adding(Slot.PASTE, "weight", 2)
            .build();

    /** Verdicts alone: no sentence is put into words. */
    @Benchmark
    public List<Finding> verdicts() {
        return Checks.on(build);
    }

    /** The same with every sentence for author and readers. */
    @Benchmark
    public int rendered() {
        var letters = 0;
        for (var finding : Checks.on(build)) {
            letters += finding.evidence().length()
                    + finding.forReaders().map(String::length).orElse(0);
        }
        return letters;
    }

    /** Prints the median of all iterations: a machine that stands still for a moment would tip a mean. */
    static void run() throws RunnerException {
        var results = new Runner(new OptionsBuilder()
                        .include(CheckBenchmark.class.getName())
                        .forks(2)
                        .jvmArgs("-XX:+UseSerialGC", "-Xmx1g")
                        .warmupIterations(10)
                        .warmupTime(TimeValue.seconds(1))
                        .measurementIterations(5)
                        .measurementTime(TimeValue.seconds(1))
                        .build())
                .run();
        System.out.printf(
                Locale.ROOT,
                "us_verdicts=%.2f us_per_build=%.2f checks=%d%n",
                median(results, "verdicts"),
                median(results, "rendered"),
                Checks.all().size());
    }

    private static double median(Collection<RunResult> results, String of) {
        return results.stream()
                        .filter(r -> r.getParams().getBenchmark().endsWith("." + of))
                        .findFirst()
                        .orElseThrow()
                        .getPrimaryResult()
                        .getStatistics()
                        .getPercentile(50)
                / 1000;
    }
}
