package lowfield.measure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;

/** Runs a piece of work from several clients at once and keeps each time. */
final class Load {
    private final int clients;

    Load(int clients) {
        this.clients = clients;
    }

    /** Times in nanoseconds, sorted; the whole in seconds. */
    record Times(long[] sorted, double seconds) {
        double percentileMs(double share) {
            return sorted[(int) Math.min(sorted.length - 1, Math.floor(sorted.length * share))] / 1e6;
        }

        double perSecond() {
            return sorted.length / seconds;
        }
    }

    /** What a client does again and again; what it needs to know first is not timed. */
    interface Preparing {
        Callable<?> of(int client) throws Exception;
    }

    /** Each client does its own work so many times. */
    Times run(int timesEach, Preparing workOfClient) throws Exception {
        var works = new ArrayList<Callable<?>>();
        for (int c = 0; c < clients; c++) {
            works.add(workOfClient.of(c));
        }
        var pool = Executors.newFixedThreadPool(clients);
        try {
            var start = System.nanoTime();
            var running = new ArrayList<java.util.concurrent.Future<long[]>>();
            for (var work : works) {
                running.add(pool.submit(() -> {
                    var own = new long[timesEach];
                    for (int i = 0; i < timesEach; i++) {
                        var before = System.nanoTime();
                        work.call();
                        own[i] = System.nanoTime() - before;
                    }
                    return own;
                }));
            }
            var all = new long[clients * timesEach];
            int at = 0;
            for (var one : running) {
                for (var time : one.get()) {
                    all[at++] = time;
                }
            }
            var seconds = (System.nanoTime() - start) / 1e9;
            Arrays.sort(all);
            return new Times(all, seconds);
        } finally {
            pool.shutdownNow();
        }
    }
}
