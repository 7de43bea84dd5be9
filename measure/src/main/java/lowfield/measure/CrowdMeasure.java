package lowfield.measure;

import java.io.IOException;
import java.net.URI;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * An author edits beside a crowd: 500 connections, each from an address of its own, 200 requests a second together; fifty of
 * them take their pages letter by letter, and fifty ask for what is not there. Limits are on. The crowd comes three times
 * for forty seconds, with as long without it before each.
 */
final class CrowdMeasure {
    private static final int HONEST = 400;
    private static final int SLOW = 50;
    private static final int ASTRAY = 50;
    private static final int PAUSE_MS = (HONEST + ASTRAY) * 1000 / 200;
    private static final int TURNS = 3;
    private static final int TURN_MS = 40_000;
    private static final int EDIT_EVERY_MS = 500;
    private static final List<String> PAGES =
            List.of("/", "/the-tidewater-guide", "/the-tidewater-guide/archive", "/reader/reader.css");

    private final URI site;
    private final AtomicInteger asked = new AtomicInteger();
    private final List<String> errors = Collections.synchronizedList(new ArrayList<>());
    private volatile boolean isThere;

    private CrowdMeasure(URI site) {
        this.site = site;
    }

    static void run(Callable<?> edit, String readers) throws Exception {
        var crowd = new CrowdMeasure(URI.create(readers));
        var alone = new ArrayList<Double>();
        var beside = new ArrayList<Double>();
        edits(edit, new ArrayList<>());
        for (int turn = 1; turn <= TURNS; turn++) {
            edits(edit, alone);
            var people = crowd.comes();
            edits(edit, beside);
            crowd.goes(people);
            System.out.printf(
                    Locale.ROOT,
                    "turn %d: edit p50 %.1f ms alone, %.1f ms beside the crowd; %d pages asked for, %d errors%n",
                    turn,
                    ImportMeasure.median(alone),
                    ImportMeasure.median(beside),
                    crowd.asked.get(),
                    crowd.errors.size());
        }
        crowd.errors.stream().distinct().limit(5).forEach(System.out::println);
        System.out.printf(
                Locale.ROOT,
                "asked=%d edit_ratio=%.2f errors=%d%n",
                crowd.asked.get(),
                ImportMeasure.median(beside) / ImportMeasure.median(alone),
                crowd.errors.size());
    }

    private static void edits(Callable<?> edit, List<Double> into) throws Exception {
        var end = System.nanoTime() + TURN_MS * 1_000_000L;
        while (System.nanoTime() < end) {
            var start = System.nanoTime();
            edit.call();
            into.add((System.nanoTime() - start) / 1e6);
            Thread.sleep(EDIT_EVERY_MS);
        }
    }

    private List<Thread> comes() {
        isThere = true;
        var people = new ArrayList<Thread>();
        for (int n = 0; n < HONEST + SLOW + ASTRAY; n++) {
            var number = n;
            var person = new Thread(null, () -> behaves(number), "reader " + n, 128 * 1024);
            person.setDaemon(true);
            person.start();
            people.add(person);
        }
        return people;
    }

    private void goes(List<Thread> people) throws InterruptedException {
        isThere = false;
        people.forEach(Thread::interrupt);
        for (var person : people) {
            person.join(15_000);
        }
    }

    private void behaves(int number) {
        try (var reader = new CrowdReader(site, number)) {
            Thread.sleep(ThreadLocalRandom.current().nextInt(PAUSE_MS));
            while (isThere) {
                if (number < HONEST) {
                    honestly(reader);
                } else if (number < HONEST + ASTRAY) {
                    reader.ask("/nowhere-" + ThreadLocalRandom.current().nextLong());
                } else {
                    slowly(reader);
                }
                Thread.sleep(PAUSE_MS);
            }
        } catch (InterruptedException gone) {
            Thread.currentThread().interrupt();
        } catch (IOException lost) {
            if (number < HONEST && isThere) {
                errors.add(String.valueOf(lost));
            }
        }
    }

    private void honestly(CrowdReader reader) {
        var page = PAGES.get(ThreadLocalRandom.current().nextInt(PAGES.size()));
        try {
            var status = reader.ask(page);
            asked.incrementAndGet();
            if (status != 200) {
                errors.add(page + ": " + status);
            }
        } catch (IOException lost) {
            if (isThere) {
                errors.add(page + ": " + lost);
            }
        }
    }

    private static void slowly(CrowdReader reader) throws InterruptedException {
        try {
            reader.askSlowly("/the-tidewater-guide", 200);
        } catch (IOException left) {
            // The server has left it, as it should.
        }
    }
}
