package lowfield.server.editing;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedLine;
import lowfield.core.money.Money;
import lowfield.core.total.Adjustment;
import lowfield.server.accounts.Person;
import lowfield.server.edition.BuildRows;
import lowfield.server.edition.EditionLoader;
import lowfield.server.guide.Editions;
import lowfield.server.guide.ExtrasForm;
import lowfield.server.platform.NotFound;
import lowfield.server.platform.Stale;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Edits of what stands beside the lines of a build: discounts, surcharges and services, and package prices. */
@Service
public class BuildExtras {
    private final EditionLoader loader;
    private final Editions editions;
    private final BuildRows builds;
    private final Journal journal;
    private final Clock clock;

    BuildExtras(EditionLoader loader, Editions editions, BuildRows builds, Journal journal, Clock clock) {
        this.loader = loader;
        this.editions = editions;
        this.builds = builds;
        this.journal = journal;
        this.clock = clock;
    }

    /** Puts all of it in the place of what stood there; a member without a key is for what stands on its line now. */
    @Transactional
    public void set(UUID edition, UUID build, ExtrasForm extras, int expected, Person by) {
        editions.forReshaping(edition);
        var loaded = loader.load(edition);
        var home = loaded.guide().money();
        var at = loaded.build(build);
        var bound = new ExtrasForm(
                extras.adjustments(),
                extras.packages().stream().map(p -> bound(p, at)).toList());
        bound.check(home);
        checkDiscounts(at, bound.adjustments(home));
        var row = builds.forUpdate(edition, build).orElseThrow(() -> new NotFound("This build is gone already."));
        var before = BuildRows.state(row);
        if (row.getVersion() != expected) {
            throw new Stale("This build was changed meanwhile.", before, extras, row.getVersion());
        }
        var after = before.beside(bound);
        builds.write(edition, build, after);
        journal.record(
                new Journal.Entry(
                        edition, build, Target.BUILD, build, after.name() + ": discounts and packages", before, after),
                by,
                false);
    }

    private ExtrasForm.PackageForm bound(ExtrasForm.PackageForm form, EvaluatedBuild at) {
        return new ExtrasForm.PackageForm(
                form.id(),
                form.name(),
                form.members().stream().map(m -> bound(form, m, at)).toList(),
                form.bundleOf(),
                form.shop(),
                form.priceMinor(),
                form.shippingMinor(),
                form.link(),
                form.seenAt() == null && form.bundleOf() == null ? clock.instant() : form.seenAt());
    }

    private static ExtrasForm.MemberForm bound(
            ExtrasForm.PackageForm form, ExtrasForm.MemberForm member, EvaluatedBuild at) {
        if (member.key() != null && member.quantity() != null) {
            return member;
        }
        var line = line(at, member.line())
                .filter(l -> !l.line().isEmpty() && l.line().counted())
                .orElseThrow(() ->
                        new RuleBroken("%s: choose parts that are in the total of this build.".formatted(form.name())));
        return new ExtrasForm.MemberForm(
                member.line(), line.choice().key(), line.line().quantity(), member.swapMinor());
    }

    private static Optional<EvaluatedLine> line(EvaluatedBuild at, UUID id) {
        return at.lines().stream().filter(l -> l.id().equals(id)).findFirst();
    }

    /** Goods and shipping with these; a build never costs less than nothing. */
    private static void checkDiscounts(EvaluatedBuild at, List<Adjustment> adjustments) {
        var zero = at.plan().terms().zero();
        var sum = Money.sum(adjustments.stream().map(Adjustment::sum).toList(), zero.currency());
        var without = at.total()
                .beforeTax()
                .known()
                .map(m -> m.minus(at.plan().counting().adjusted()));
        without.ifPresent(w -> RuleBroken.unless(
                !w.plus(sum).isNegative(), "The discounts come to %s; the build costs only %s.", zero.minus(sum), w));
    }
}
