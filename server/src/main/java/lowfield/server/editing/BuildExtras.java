package lowfield.server.editing;

import java.time.Clock;
import java.util.Currency;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedLine;
import lowfield.server.accounts.Person;
import lowfield.server.edition.BuildRows;
import lowfield.server.edition.EditionLoader;
import lowfield.server.guide.Editions;
import lowfield.server.guide.ExtrasForm;
import lowfield.server.platform.NotFound;
import lowfield.server.platform.Stale;
import lowfield.server.shops.Shops;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Edits of what stands beside the lines of a build: discounts, surcharges and services, and package prices. */
@Service
public class BuildExtras {
    private final EditionLoader loader;
    private final Editions editions;
    private final BuildRows builds;
    private final Journal journal;
    private final Shops shops;
    private final Clock clock;

    BuildExtras(EditionLoader loader, Editions editions, BuildRows builds, Journal journal, Shops shops, Clock clock) {
        this.loader = loader;
        this.editions = editions;
        this.builds = builds;
        this.journal = journal;
        this.shops = shops;
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
                extras.packages().stream()
                        .map(p -> bound(p, at, loaded.info(at).beside()))
                        .toList());
        bound.check(home);
        bound.packages().forEach(p -> checkShop(p, home));
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

    private void checkShop(ExtrasForm.PackageForm form, Currency home) {
        if (form.shop() != null) {
            var shop = shops.find(form.shop());
            RuleBroken.unless(
                    shop.currency().equals(home.getCurrencyCode()),
                    "%s asks %s and the guide counts in %s.",
                    shop.name(),
                    shop.currency(),
                    home.getCurrencyCode());
        }
    }

    private ExtrasForm.PackageForm bound(ExtrasForm.PackageForm form, EvaluatedBuild at, ExtrasForm before) {
        return new ExtrasForm.PackageForm(
                form.id(),
                form.name(),
                form.members().stream().map(m -> bound(form, m, at, before)).toList(),
                form.bundleOf(),
                form.shop(),
                form.priceMinor(),
                form.shippingMinor(),
                form.link(),
                form.seenAt() == null && form.bundleOf() == null ? clock.instant() : form.seenAt());
    }

    /** What is stored of a member stays; anything else is bound to what stands on its line now. */
    private static ExtrasForm.MemberForm bound(
            ExtrasForm.PackageForm form, ExtrasForm.MemberForm member, EvaluatedBuild at, ExtrasForm before) {
        if (isStored(form.id(), member, before)) {
            return member;
        }
        var line = line(at, member.line())
                .filter(l -> !l.line().isEmpty() && l.line().counted())
                .orElseThrow(() ->
                        new RuleBroken("%s: choose parts that are in the total of this build.".formatted(form.name())));
        return new ExtrasForm.MemberForm(
                member.line(), line.choice().key(), line.line().quantity(), member.swapMinor());
    }

    private static boolean isStored(UUID pack, ExtrasForm.MemberForm member, ExtrasForm before) {
        return before.packages().stream()
                .filter(p -> p.id().equals(pack))
                .flatMap(p -> p.members().stream())
                .anyMatch(m -> m.line().equals(member.line())
                        && Objects.equals(m.key(), member.key())
                        && Objects.equals(m.quantity(), member.quantity()));
    }

    private static Optional<EvaluatedLine> line(EvaluatedBuild at, UUID id) {
        return at.lines().stream().filter(l -> l.id().equals(id)).findFirst();
    }
}
