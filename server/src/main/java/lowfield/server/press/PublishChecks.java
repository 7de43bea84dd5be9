package lowfield.server.press;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.RuleBroken;
import lowfield.core.attention.At;
import lowfield.core.attention.CheckResult;
import lowfield.core.attention.Item;
import lowfield.core.attention.PublishCheck;
import lowfield.server.accounts.Person;
import lowfield.server.attention.Attention;
import lowfield.server.edition.EditionLoader;
import lowfield.server.edition.LoadedEdition;
import lowfield.server.guide.Editions;
import lowfield.server.platform.NotFound;
import lowfield.server.platform.Stale;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The checks before publishing an edition, each problem with its exception. */
@Service
public class PublishChecks {
    private final PublishExceptions exceptions;
    private final EditionLoader loader;
    private final Attention attention;
    private final Editions editions;
    private final Clock clock;

    PublishChecks(
            PublishExceptions exceptions, EditionLoader loader, Attention attention, Editions editions, Clock clock) {
        this.exceptions = exceptions;
        this.editions = editions;
        this.loader = loader;
        this.attention = attention;
        this.clock = clock;
    }

    /**
     * A check as it stands.
     *
     * @param passes whether every problem has an exception, or there is none
     * @param earlier reasons that were given for other problems than these
     */
    public record CheckView(
            PublishCheck check, String rule, List<ProblemView> problems, List<String> earlier, boolean passes) {}

    /**
     * One thing that fails a check.
     *
     * @param id names it as it is now; another problem, or the same grown worse, has another
     * @param builds those that share it
     * @param line the one to look at first
     * @param text the introduction or verdict that it is in, by the id of what that is about
     * @param exception absent where there is none
     * @param earlier the reason that was given when the same thing was another problem; absent where there is none
     */
    public record ProblemView(
            String id,
            List<UUID> builds,
            @Nullable UUID line,
            @Nullable UUID text,
            String sentence,
            String detail,
            @Nullable ExceptionView exception,
            @Nullable String earlier) {}

    /** Why it is published anyway. */
    public record ExceptionView(String reason, boolean shown) {}

    public List<CheckView> of(UUID edition) {
        return of(loader.load(edition));
    }

    List<CheckView> of(LoadedEdition edition) {
        var id = edition.edition().id();
        var before = exceptions.ofWholeChecks(id);
        var given = exceptions.of(id);
        return results(edition).stream()
                .map(r -> view(r, given, before.getOrDefault(r.check(), List.of())))
                .toList();
    }

    private List<CheckResult> results(LoadedEdition edition) {
        return CheckResult.of(attention.of(edition));
    }

    private static CheckView view(
            CheckResult result, Map<String, PublishExceptions.Given> given, List<String> ofWholeCheck) {
        var now = result.problems().stream().map(Item::fingerprint).collect(Collectors.toSet());
        var others = given.values().stream()
                .filter(g -> g.check() == result.check() && !now.contains(g.problem()))
                .toList();
        var problems = result.problems().stream()
                .map(i -> problem(i, Optional.ofNullable(given.get(i.fingerprint())), others))
                .toList();
        var told = problems.stream()
                .map(ProblemView::earlier)
                .filter(Objects::nonNull)
                .collect(Collectors.toCollection(HashSet::new));
        return new CheckView(
                result.check(),
                result.check().rule(),
                problems,
                result.passes() ? List.of() : earlier(others, ofWholeCheck, told),
                problems.stream().allMatch(p -> p.exception() != null));
    }

    private static List<String> earlier(
            List<PublishExceptions.Given> others, List<String> ofWholeCheck, Set<String> told) {
        return Stream.concat(others.stream().map(PublishExceptions.Given::reason), ofWholeCheck.stream())
                .filter(told::add)
                .toList();
    }

    private static ProblemView problem(
            Item item, Optional<PublishExceptions.Given> given, List<PublishExceptions.Given> others) {
        return new ProblemView(
                item.fingerprint(),
                item.places().stream().map(At::build).distinct().toList(),
                item.places().stream().findFirst().flatMap(At::line).orElse(null),
                item.text().orElse(null),
                item.sentence(),
                item.detail(),
                given.map(g -> new ExceptionView(g.reason(), g.shown())).orElse(null),
                given.isPresent()
                        ? null
                        : others.stream()
                                .filter(o -> o.subject().equals(item.key()))
                                .map(PublishExceptions.Given::reason)
                                .findFirst()
                                .orElse(null));
    }

    /** Lets problems through for one written reason that is kept; each must be as it was read. */
    @Transactional
    public void except(UUID edition, Collection<String> problems, String reason, boolean shown, Person by) {
        RuleBroken.unless(
                reason.strip().length() >= 3 && reason.length() <= 1000,
                "An exception needs a reason of 3 to 1,000 letters; it is kept.");
        RuleBroken.unless(!problems.isEmpty(), "Name at least one problem that the exception is for.");
        editions.forEditing(edition);
        var loaded = loader.load(edition);
        var now = results(loaded).stream()
                .flatMap(r -> r.problems().stream())
                .collect(Collectors.toMap(Item::fingerprint, Function.identity(), (one, same) -> one));
        var meant = new ArrayList<Item>();
        for (var problem : new HashSet<>(problems)) {
            if (!now.containsKey(problem)) {
                throw new Stale(
                        "A problem has changed meanwhile, or is solved; read it again.",
                        of(loaded),
                        reason,
                        loaded.version());
            }
            meant.add(now.get(problem));
        }
        var at = OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
        meant.forEach(item -> exceptions.give(edition, item, reason.strip(), shown, by, at));
    }

    @Transactional
    public void takeBack(UUID edition, String problem) {
        editions.forEditing(edition);
        if (!exceptions.takeBack(edition, problem)) {
            throw new NotFound("This exception is gone already.");
        }
    }
}
