package lowfield.server.round;

import static lowfield.db.Tables.SCHEDULED_TASKS;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.SchedulerName;
import com.github.kagkarlsson.scheduler.task.CompletionHandler;
import com.github.kagkarlsson.scheduler.task.DeadExecutionHandler;
import com.github.kagkarlsson.scheduler.task.ExecutionContext;
import com.github.kagkarlsson.scheduler.task.TaskInstance;
import com.github.kagkarlsson.scheduler.task.helper.CustomTask;
import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import javax.sql.DataSource;
import lowfield.server.platform.Settings;
import org.jooq.DSLContext;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.SmartLifecycle;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * The jobs of rounds, shared between servers through PostgreSQL: each shop is visited by one at a time, so that its pace
 * holds, and each round is judged once. Who visits says so every heartbeat; after four missed ones another goes on. A look
 * round every few moments finds what nobody does yet, so that no order of events can leave a round standing.
 */
@Component
class RoundJobs implements SmartLifecycle {
    private static final int SHOPS_AT_ONCE = 8;
    private static final String VISIT = "visit-shop";

    private final DSLContext db;
    private final Visits visits;
    private final ShopVisit visit;
    private final RoundEnd end;
    private final RoundPlans plans;
    private final String name = UUID.randomUUID().toString();
    private final CustomTask<Void> visiting;
    private final CustomTask<Void> judging;
    private final RecurringTask<Void> looking;
    private final DataSource source;
    private final Settings settings;
    private volatile Optional<Scheduler> scheduler = Optional.empty();

    RoundJobs(
            DSLContext db,
            DataSource source,
            Visits visits,
            ShopVisit visit,
            RoundEnd end,
            RoundPlans plans,
            Settings settings) {
        this.db = db;
        this.visits = visits;
        this.visit = visit;
        this.end = end;
        this.plans = plans;
        visiting = Tasks.custom(VISIT, Void.class)
                .onFailure(new BoundedTries((shop, why) -> visits.leave(
                        shop,
                        "the visit failed in an unforeseen way (%s) and was left; the server's log has more"
                                .formatted(why))))
                .onDeadExecution(new DeadExecutionHandler.ReviveDeadExecution<>())
                .execute(this::visit);
        judging = Tasks.custom("judge-round", Void.class)
                .onFailure(new BoundedTries((round, why) -> end.breakOff(round)))
                .onDeadExecution(new DeadExecutionHandler.ReviveDeadExecution<>())
                .execute(this::judge);
        looking = Tasks.recurring("look-round", FixedDelay.of(settings.lookout()))
                .execute((instance, context) -> lookRound());
        this.source = source;
        this.settings = settings;
    }

    private Scheduler scheduler() {
        return Scheduler.create(source, visiting, judging)
                .startTasks(looking)
                .schedulerName(new SchedulerName.Fixed(name))
                .threads(SHOPS_AT_ONCE + 2)
                .pollingInterval(settings.lookout())
                .heartbeatInterval(settings.heartbeat())
                .missedHeartbeatsLimit(4)
                .shutdownMaxWait(Duration.ofMillis(500))
                .enableImmediateExecution()
                .build();
    }

    /** Not before the application is ready: a world that is loaded first is loaded in peace. */
    @Override
    public boolean isAutoStartup() {
        return false;
    }

    @Override
    @EventListener(ApplicationReadyEvent.class)
    public void start() {
        var fresh = scheduler();
        scheduler = Optional.of(fresh);
        fresh.start();
    }

    @Override
    public void stop() {
        scheduler.ifPresent(Scheduler::stop);
        scheduler = Optional.empty();
    }

    @Override
    public boolean isRunning() {
        return scheduler.isPresent();
    }

    /** Sees to it that what running rounds wait for is asked for soon. */
    void lookRound() {
        scheduler.ifPresent(jobs -> {
            plans.startDue();
            visits.shopsWaitedFor()
                    .forEach(shop -> jobs.scheduleIfNotExists(visiting.instance(shop.toString()), Instant.now()));
            end.due().forEach(round -> jobs.scheduleIfNotExists(judging.instance(round.toString()), Instant.now()));
        });
    }

    private CompletionHandler<Void> visit(TaskInstance<Void> instance, ExecutionContext context) {
        var shop = UUID.fromString(instance.getId());
        try {
            return visit.visit(shop, () -> isOurs(shop))
                    .<CompletionHandler<Void>>map(again -> (done, tasks) -> tasks.reschedule(done, again))
                    .orElseGet(CompletionHandler.OnCompleteRemove::new);
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
            return (done, tasks) -> tasks.reschedule(done, Instant.now());
        }
    }

    private boolean isOurs(UUID shop) {
        return db.fetchExists(
                SCHEDULED_TASKS,
                SCHEDULED_TASKS.TASK_NAME.eq(VISIT),
                SCHEDULED_TASKS.TASK_INSTANCE.eq(shop.toString()),
                SCHEDULED_TASKS.PICKED_BY.eq(name));
    }

    private CompletionHandler<Void> judge(TaskInstance<Void> instance, ExecutionContext context) {
        end.end(UUID.fromString(instance.getId()));
        return new CompletionHandler.OnCompleteRemove<>();
    }
}
