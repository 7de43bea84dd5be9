package lowfield.server.bench;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.change.LineChange;
import lowfield.core.check.Finding;
import lowfield.core.check.GivenAnswers;
import lowfield.core.check.Verdict;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.edition.EvaluatedEdition;
import lowfield.core.edition.EvaluatedLine;
import lowfield.core.edition.EvaluatedTier;
import lowfield.core.edition.PublishedBuild;
import lowfield.core.find.CandidateImpact;
import lowfield.core.money.Amount;
import lowfield.core.money.Money;
import lowfield.core.offer.Offer;
import lowfield.core.total.BandState;
import lowfield.server.edition.LoadedEdition;
import org.jspecify.annotations.Nullable;

/** How core's values are said to the desk. */
final class ViewMaker {
    private ViewMaker() {}

    static Views.BuildCard card(LoadedEdition edition, EvaluatedTier tier, EvaluatedBuild build) {
        var switched = (int) build.lines().stream()
                .filter(l -> l.change().how() == LineChange.How.SWITCHED)
                .count();
        var info = edition.info(tier);
        var own = edition.info(build);
        return new Views.BuildCard(
                info.id(),
                build.id(),
                info.form().name(),
                build.name(),
                info.form(),
                info.version(),
                edition.stamp(tier),
                own.version(),
                own.note(),
                gauge(tier, build),
                switched,
                own.policy());
    }

    static Views.Gauge gauge(EvaluatedTier tier, EvaluatedBuild build) {
        return new Views.Gauge(
                tier.band().low().map(Money::minor).orElse(null),
                tier.band().high().map(Money::minor).orElse(null),
                sum(build.total().total()),
                build.plan()
                        .last()
                        .flatMap(PublishedBuild::total)
                        .map(Money::minor)
                        .orElse(null),
                sum(build.available().total()),
                standing(build.state()));
    }

    static Views.Sum sum(Amount amount) {
        return new Views.Sum(
                amount.known().map(Money::minor).orElse(null),
                amount instanceof Amount.Range r ? span(r) : null,
                amount.blame());
    }

    private static Views.Span span(Amount.Range range) {
        return new Views.Span(
                range.low().minor(), range.likely().minor(), range.high().minor());
    }

    static Views.Standing standing(BandState state) {
        if (state instanceof BandState.Under under) {
            return standing(Views.Standing.State.UNDER, under.by().minor());
        }
        if (state instanceof BandState.Over over) {
            return standing(Views.Standing.State.OVER, over.by().minor());
        }
        if (state instanceof BandState.Inside inside) {
            return standing(Views.Standing.State.INSIDE, inside.left().minor());
        }
        if (state instanceof BandState.Ranging ranging) {
            return new Views.Standing(Views.Standing.State.RANGING, null, ranging.said());
        }
        return standing(
                state instanceof BandState.NoBand ? Views.Standing.State.NO_BAND : Views.Standing.State.NOT_KNOWN,
                null);
    }

    private static Views.Standing standing(Views.Standing.State state, @Nullable Long by) {
        return new Views.Standing(state, by, "");
    }

    static Views.FindingView finding(Finding f) {
        return finding(f, Optional.empty(), List.of());
    }

    /** A finding of a build with what the author answered to it. */
    static Views.FindingView finding(EvaluatedBuild build, Finding f) {
        return finding(f, build.answer(f), build.plan().answers().earlierTo(f, build.findings()));
    }

    private static Views.FindingView finding(Finding f, Optional<GivenAnswers.Answer> answer, List<String> earlier) {
        return new Views.FindingView(
                f.check().id(),
                f.check().rule(),
                f.verdict(),
                f.evidence(),
                f.lines(),
                f.check().decisive(),
                f.gap()
                        .map(g -> new Views.GapView(g.part(), g.field(), g.label()))
                        .orElse(null),
                f.verdict() == Verdict.FITS ? "" : f.fingerprint(),
                answer.map(GivenAnswers.Answer::words).orElse(null),
                f.onUsualValue(),
                answer.filter(GivenAnswers.Answer::carriedOver).isPresent(),
                earlier);
    }

    static Views.OfferView offer(Offer o) {
        return new Views.OfferView(
                o.listing(),
                o.seller().label(),
                o.condition().label(),
                o.price().minor(),
                o.shippingAlone().map(Money::minor).orElse(null),
                o.stock().label(),
                o.claimBack().map(Money::minor).orElse(null),
                o.boxedCooler().orElse(null),
                o.seenAt(),
                o.link());
    }

    static Optional<Views.FollowView> follows(EvaluatedEdition edition, EvaluatedLine line) {
        return line.plan().follows().flatMap(id -> where(edition, id));
    }

    static Optional<Views.FollowView> where(EvaluatedEdition edition, UUID line) {
        return edition.place(line)
                .map(at -> new Views.FollowView(
                        line,
                        at.build().id(),
                        at.tier().name() + ", " + at.build().name()));
    }

    static @Nullable Long minor(Amount amount) {
        return amount.likeliest().map(Money::minor).orElse(null);
    }

    static List<Views.FindingView> trouble(CandidateImpact impact) {
        return impact.effect().trouble().stream().map(ViewMaker::finding).toList();
    }

    static List<Views.ForcedView> forced(CandidateImpact impact) {
        return impact.forced().stream()
                .map(f -> new Views.ForcedView(
                        f.slot(),
                        f.slot().label(),
                        f.part().id(),
                        f.part().fullName(),
                        sum(f.price().goods()),
                        f.why()))
                .toList();
    }
}
