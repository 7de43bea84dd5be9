package lowfield.server.round;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Semaphore;
import java.util.function.BooleanSupplier;
import lowfield.server.outbound.Robots;
import org.springframework.stereotype.Component;

/**
 * One visit to one shop on behalf of all running rounds: its list first, then the pages that wait, at its pace and with its
 * lanes. Each answer is written down in one transaction with its place in the round, so that a visit that is cut off at any
 * moment can be gone on with: no offer twice, none lost.
 */
@Component
class ShopVisit {
    private static final int AT_ONCE = 40;

    private final Visits visits;
    private final DatabaseRetry retry;
    private final ShopRobots robots;
    private final ListVisit list;
    private final PageVisit pages;
    private final ExecutorService lanes = Executors.newCachedThreadPool(r -> {
        var thread = new Thread(r, "round");
        thread.setDaemon(true);
        return thread;
    });

    ShopVisit(Visits visits, DatabaseRetry retry, ShopRobots robots, ListVisit list, PageVisit pages) {
        this.visits = visits;
        this.retry = retry;
        this.robots = robots;
        this.list = list;
        this.pages = pages;
    }

    /**
     * Works until nothing waits at the shop, or until {@code leased} says that another visits it now. Gives when to come
     * again if the shop asked to be left alone.
     */
    Optional<Instant> visit(UUID id, BooleanSupplier leased) throws InterruptedException {
        var shop = retry.with(() -> visits.shop(id));
        if (shop.restingUntil().filter(Instant.now()::isBefore).isPresent()) {
            return shop.restingUntil();
        }
        var rules = robots.rules(shop);
        for (var round : retry.with(() -> visits.feeds(id))) {
            list.read(round, shop, rules);
        }
        var pacer = new Pacer(
                rules.delay().filter(d -> d.compareTo(shop.pace()) > 0).orElse(shop.pace()));
        while (leased.getAsBoolean()) {
            var tasks = retry.with(() -> visits.pages(id, AT_ONCE));
            if (tasks.isEmpty()) {
                return Optional.empty();
            }
            var until = batch(shop, rules, pacer, tasks);
            if (until.isPresent()) {
                return until;
            }
        }
        return Optional.empty();
    }

    /** Some pages, each in a lane of its own; ends early when the shop asks to be left alone. */
    private Optional<Instant> batch(VisitedShop shop, Robots rules, Pacer pacer, java.util.List<Visits.PageTask> tasks)
            throws InterruptedException {
        var free = new Semaphore(shop.lanes());
        var rest = new java.util.concurrent.atomic.AtomicReference<Optional<Instant>>(Optional.empty());
        var broken = new java.util.concurrent.atomic.AtomicReference<Optional<RuntimeException>>(Optional.empty());
        for (var task : tasks) {
            if (!rules.allow(shop.host(), task.path())) {
                pages.leave(task, rules.why());
                continue;
            }
            free.acquire();
            pacer.await();
            if (rest.get().isPresent()
                    || broken.get().isPresent()
                    || !retry.with(() -> visits.isRunning(task.round()))) {
                free.release();
                break;
            }
            lanes.execute(() -> {
                try {
                    pages.read(shop, task).ifPresent(until -> rest.set(Optional.of(until)));
                } catch (RuntimeException unforeseen) {
                    broken.set(Optional.of(unforeseen));
                } finally {
                    free.release();
                }
            });
        }
        free.acquire(shop.lanes());
        if (broken.get().isPresent()) {
            throw broken.get().get();
        }
        return rest.get();
    }
}
