package lowfield.server.prices;

import static lowfield.db.Tables.PRICE_ROUND;
import static lowfield.db.Tables.PRODUCT_PAGE;
import static lowfield.db.Tables.ROUND_PAGE;
import static lowfield.db.Tables.SHOP;
import static lowfield.db.Tables.VARIANT;

import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.Collectors;
import lowfield.core.money.Money;
import lowfield.server.outbound.Fetched;
import lowfield.server.outbound.Outbound;
import lowfield.server.platform.Settings;
import lowfield.server.reading.PageReader;
import lowfield.server.reading.PageReading;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Fetches the pages of a round, two at a time a shop, and writes down what each said, a page a transaction. */
@Component
class RoundWorker {
    private static final Logger LOG = LoggerFactory.getLogger(RoundWorker.class);
    private static final int LANES_A_SHOP = 2;

    private record Task(
            UUID round,
            UUID page,
            UUID shopId,
            String shop,
            String host,
            String path,
            String currency,
            @Nullable String gtin) {}

    private final DSLContext db;
    private final TransactionTemplate transaction;
    private final Observations observations;
    private final Outbound outbound;
    private final Settings settings;
    private final Clock clock;
    private final ExecutorService pool = Executors.newFixedThreadPool(12, r -> {
        var thread = new Thread(r, "round");
        thread.setDaemon(true);
        return thread;
    });

    RoundWorker(
            DSLContext db,
            TransactionTemplate transaction,
            Observations observations,
            Outbound outbound,
            Settings settings,
            Clock clock) {
        this.db = db;
        this.transaction = transaction;
        this.observations = observations;
        this.outbound = outbound;
        this.settings = settings;
        this.clock = clock;
    }

    @PreDestroy
    void close() {
        pool.shutdownNow();
    }

    /** In the background; {@code then} runs when all pages are done or the round was cancelled. */
    void run(UUID round, Runnable then) {
        CompletableFuture.allOf(lanes(round)).whenComplete((done, failure) -> {
            try {
                then.run();
            } catch (RuntimeException unexpected) {
                LOG.error("Round {} could not be ended", round, unexpected);
            }
        });
    }

    void observe(UUID round) {
        CompletableFuture.allOf(lanes(round)).join();
    }

    private CompletableFuture<?>[] lanes(UUID round) {
        var lanes = new ArrayList<CompletableFuture<?>>();
        tasks(round).stream()
                .collect(Collectors.groupingBy(Task::shopId))
                .values()
                .forEach(shop -> {
                    for (int lane = 0; lane < LANES_A_SHOP; lane++) {
                        var own = every(shop, lane);
                        lanes.add(CompletableFuture.runAsync(() -> own.forEach(this::visit), pool));
                    }
                });
        return lanes.toArray(CompletableFuture[]::new);
    }

    private static List<Task> every(List<Task> tasks, int lane) {
        var own = new ArrayList<Task>();
        for (int i = lane; i < tasks.size(); i += LANES_A_SHOP) {
            own.add(tasks.get(i));
        }
        return own;
    }

    private List<Task> tasks(UUID round) {
        return db.select(PRODUCT_PAGE.ID, SHOP.ID, SHOP.NAME, SHOP.HOST, PRODUCT_PAGE.PATH, SHOP.CURRENCY, VARIANT.GTIN)
                .from(ROUND_PAGE)
                .join(PRODUCT_PAGE)
                .on(PRODUCT_PAGE.ID.eq(ROUND_PAGE.PAGE_ID))
                .join(SHOP)
                .on(SHOP.ID.eq(PRODUCT_PAGE.SHOP_ID))
                .join(VARIANT)
                .on(VARIANT.ID.eq(PRODUCT_PAGE.VARIANT_ID))
                .where(ROUND_PAGE.ROUND_ID.eq(round), ROUND_PAGE.STATE.eq("WAITING"))
                .orderBy(SHOP.NAME, PRODUCT_PAGE.PATH)
                .fetch(r -> new Task(
                        round, r.value1(), r.value2(), r.value3(), r.value4(), r.value5(), r.value6(), r.value7()));
    }

    private void visit(Task task) {
        try {
            if (isRunning(task.round())) {
                var reading = read(task);
                transaction.executeWithoutResult(status -> keep(task, reading));
                pace(task);
            }
        } catch (RuntimeException unexpected) {
            LOG.warn("Page {}{} was not kept: {}", task.host(), task.path(), unexpected.toString());
            note(task, "FAILED", "what the page said could not be kept; refresh again");
        }
    }

    private boolean isRunning(UUID round) {
        return db.fetchExists(PRICE_ROUND, PRICE_ROUND.ID.eq(round).and(PRICE_ROUND.STATE.eq("RUNNING")));
    }

    private PageReading read(Task task) {
        var fetched = outbound.page(task.host(), task.path());
        if (fetched instanceof Fetched.Page page) {
            var reader = new PageReader(task.shop(), Money.currencyOf(task.currency()));
            return reader.read(page.html(), Optional.ofNullable(task.gtin()));
        }
        return new PageReading(List.of(), List.of(((Fetched.Failed) fetched).sentence()));
    }

    private void keep(Task task, PageReading reading) {
        var at = OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
        observations.keep(
                new Observations.Sighting(task.round(), task.shopId(), task.page(), task.currency(), at),
                reading.offers());
        note(task, reading.offers().isEmpty() ? "FAILED" : "READ", String.join("; ", reading.refused()));
    }

    private void note(Task task, String state, String sentence) {
        try {
            db.update(ROUND_PAGE)
                    .set(ROUND_PAGE.STATE, state)
                    .set(ROUND_PAGE.SENTENCE, sentence.length() > 500 ? sentence.substring(0, 500) : sentence)
                    .where(ROUND_PAGE.ROUND_ID.eq(task.round()), ROUND_PAGE.PAGE_ID.eq(task.page()))
                    .execute();
        } catch (org.springframework.dao.DataAccessException | org.jooq.exception.DataAccessException away) {
            LOG.warn("The state of a page could not be noted: {}", away.getMessage());
        }
    }

    private void pace(Task task) {
        if (!outbound.isLocal(task.host())) {
            try {
                Thread.sleep(settings.pagePace().toMillis());
            } catch (InterruptedException stop) {
                Thread.currentThread().interrupt();
            }
        }
    }
}
