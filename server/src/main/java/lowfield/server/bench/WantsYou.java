package lowfield.server.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import lowfield.core.check.Finding;
import lowfield.core.check.Verdict;
import lowfield.core.guide.Choice;
import lowfield.core.history.Doubts;
import lowfield.core.total.BandState;
import lowfield.server.prices.Acceptances;
import org.springframework.stereotype.Component;

/**
 * The one ranked queue of what needs a decision in the edition in work, by what it costs to leave a thing: no price, clash,
 * out of band, stale or missing reason, unanswered cautions, a decisive figure missing, a suspicious price; what only
 * advises comes last.
 */
@Component
class WantsYou {
    private static final long GONE = 1_000_000;
    private static final long CLASH = 900_000;
    private static final long STALE = 40_000;
    private static final long MISSING = 35_000;
    private static final long CAUTIONS = 30_000;
    private static final long NOT_KNOWN = 20_000;
    private static final long IN_DOUBT = 15_000;
    private static final long ADVISORY = 10;

    private static final long OUT = 5_000;

    private final Acceptances acceptances;

    WantsYou(Acceptances acceptances) {
        this.acceptances = acceptances;
    }

    /** Everything that wants the author, heaviest first. */
    List<Views.Wanted> queue(Sheets sheets) {
        var wanted = new ArrayList<Views.Wanted>();
        for (var tier : sheets.tiers()) {
            for (var build : tier.builds()) {
                var name = tier.nameOf(build.id());
                band(name, build, wanted);
                findings(name, build, wanted);
                // What a line takes from another is decided there.
                build.lines().stream()
                        .filter(line -> line.state().follows() == null)
                        .forEach(line -> line(name, build, line, wanted));
            }
        }
        setAside(sheets, wanted);
        wanted.sort(Comparator.comparing(Views.Wanted::weight).reversed().thenComparing(Views.Wanted::where));
        return wanted;
    }

    /** What has become of the edition that is out: tiers that have left their bands since, parts that are gone. */
    List<Views.Wanted> sinceItCameOut(Sheets sheets) {
        var wanted = new ArrayList<Views.Wanted>();
        for (var tier : sheets.tiers()) {
            var lead = tier.builds().get(0);
            var where = tier.tier().form().name();
            var total = BandState.of(lead.bookable().total(), tier.band());
            if (total instanceof BandState.Over over) {
                wanted.add(outside(lead, where, over.by() + " over its band by now"));
            } else if (total instanceof BandState.Under under) {
                wanted.add(outside(lead, where, under.by() + " under its band by now"));
            } else if (total instanceof BandState.NotKnown) {
                lead.bookable().total().blame().stream()
                        .limit(1)
                        .forEach(b -> wanted.add(outside(lead, where, "not all of it can be had any more: " + b)));
            }
        }
        return wanted;
    }

    private static Views.Wanted outside(Sheets.OfBuild build, String where, String what) {
        return new Views.Wanted(
                Views.Wanted.Sign.CAUTION,
                where,
                what,
                "readers see the list as it was published",
                "Look",
                build.id(),
                null,
                OUT);
    }

    private static void band(String tier, Sheets.OfBuild build, List<Views.Wanted> wanted) {
        if (build.state() instanceof BandState.Over over) {
            wanted.add(new Views.Wanted(
                    Views.Wanted.Sign.CLASH,
                    tier,
                    over.by() + " over its band",
                    "the counted total is " + build.total().total().known().orElseThrow(),
                    "Look",
                    build.id(),
                    null,
                    100_000 + over.by().minor()));
        } else if (build.state() instanceof BandState.Under under && !isUnfinished(build)) {
            wanted.add(new Views.Wanted(
                    Views.Wanted.Sign.CAUTION,
                    tier,
                    under.by() + " under its band",
                    "the counted total is " + build.total().total().known().orElseThrow(),
                    "Look",
                    build.id(),
                    null,
                    50_000 + under.by().minor()));
        } else if (build.state() instanceof BandState.Ranging ranging) {
            wanted.add(new Views.Wanted(
                    Views.Wanted.Sign.CAUTION,
                    tier,
                    "may leave its band",
                    "the total is an estimate, " + ranging.said(),
                    "Look",
                    build.id(),
                    null,
                    NOT_KNOWN));
        }
    }

    /** While slots are empty, a total under the band says nothing yet. */
    private static boolean isUnfinished(Sheets.OfBuild build) {
        return build.findings().stream()
                .anyMatch(f -> f.check().id().equals("slot-empty") && f.verdict() == Verdict.CLASH);
    }

    private static void findings(String tier, Sheets.OfBuild build, List<Views.Wanted> wanted) {
        var open =
                build.findings().stream().filter(f -> f.verdict().isTrouble()).toList();
        var empty =
                open.stream().filter(f -> f.check().id().equals("slot-empty")).toList();
        if (empty.size() > 1) {
            wanted.add(group(tier, build, empty, Views.Wanted.Sign.CLASH, "%d parts not chosen", "Choose", CLASH));
        }
        for (var finding : open) {
            var isGrouped = empty.size() > 1 && finding.check().id().equals("slot-empty");
            if (finding.verdict() == Verdict.CLASH && !isGrouped) {
                wanted.add(one(tier, build, finding, Views.Wanted.Sign.CLASH, "Mend", CLASH));
            } else if (finding.verdict() == Verdict.NOT_KNOWN && finding.check().decisive()) {
                wanted.add(one(tier, build, finding, Views.Wanted.Sign.NOT_KNOWN, "Look up", NOT_KNOWN));
            }
        }
        var cautions = open.stream()
                .filter(f -> f.verdict() == Verdict.CAUTION && build.answer(f).isEmpty())
                .toList();
        if (!cautions.isEmpty()) {
            wanted.add(group(
                    tier, build, cautions, Views.Wanted.Sign.CAUTION, "%d cautions to answer", "Answer", CAUTIONS));
        }
        var advisory = open.stream()
                .filter(f -> f.verdict() == Verdict.NOT_KNOWN
                        && !f.check().decisive()
                        && build.answer(f).isEmpty())
                .toList();
        if (!advisory.isEmpty()) {
            wanted.add(group(
                    tier,
                    build,
                    advisory,
                    Views.Wanted.Sign.NOT_KNOWN,
                    "%d checks that only advise miss a figure",
                    "Look up",
                    ADVISORY));
        }
    }

    private static Views.Wanted one(
            String tier, Sheets.OfBuild build, Finding finding, Views.Wanted.Sign sign, String action, long weight) {
        return new Views.Wanted(
                sign,
                tier,
                finding.evidence(),
                finding.check().rule(),
                action,
                build.id(),
                finding.lines().stream().findFirst().orElse(null),
                weight);
    }

    /** Several of one sort as one item, which leads to the first; a single one speaks for itself. */
    private static Views.Wanted group(
            String tier,
            Sheets.OfBuild build,
            List<Finding> findings,
            Views.Wanted.Sign sign,
            String said,
            String action,
            long weight) {
        var first = findings.get(0);
        return findings.size() == 1
                ? one(tier, build, first, sign, action, weight)
                : new Views.Wanted(
                        sign,
                        tier,
                        said.formatted(findings.size()),
                        first.evidence(),
                        action,
                        build.id(),
                        first.lines().stream().findFirst().orElse(null),
                        weight);
    }

    private static void line(String tier, Sheets.OfBuild build, Sheets.OfLine line, List<Views.Wanted> wanted) {
        var slot = line.line().slot().label();
        var choice = line.line().choice();
        if (line.price().goods().range().isEmpty()) {
            var why = line.price().price().map(p -> p.whyNone()).orElse("");
            wanted.add(new Views.Wanted(
                    Views.Wanted.Sign.CLASH,
                    tier,
                    slot + " has no price",
                    choice.label() + ": " + why,
                    "Find",
                    build.id(),
                    line.line().id(),
                    GONE));
        }
        if (line.reason().isStale(choice)) {
            wanted.add(new Views.Wanted(
                    Views.Wanted.Sign.CAUTION,
                    tier,
                    "Reason of the " + slot.toLowerCase(java.util.Locale.ROOT) + " is stale",
                    "it was written for another choice than " + choice.label(),
                    "Rewrite",
                    build.id(),
                    line.line().id(),
                    STALE));
        } else if (!line.reason().isWritten()
                && line.line().counted()
                && (choice instanceof Choice.Chosen || choice instanceof Choice.FreeHand)) {
            wanted.add(new Views.Wanted(
                    Views.Wanted.Sign.CAUTION,
                    tier,
                    slot + " has no reason",
                    choice.label() + " is not explained yet",
                    "Write",
                    build.id(),
                    line.line().id(),
                    MISSING));
        }
    }

    /** Prices in doubt are decided in the queue of the round. */
    private void setAside(Sheets sheets, List<Views.Wanted> wanted) {
        Doubts.questions(acceptances.waiting(sheets.guide().id()), Acceptances.SetAside::shop)
                .forEach(question -> wanted.add(setAside(question)));
    }

    private static Views.Wanted setAside(List<Acceptances.SetAside> question) {
        var first = question.get(0);
        var many = question.size() > 1;
        return new Views.Wanted(
                Views.Wanted.Sign.CAUTION,
                "Set aside",
                many
                        ? "%d prices of %s".formatted(question.size(), first.shopName())
                        : first.part() + " at " + first.where(),
                many ? "%s, and others: %s".formatted(first.part(), first.why()) : first.why(),
                "Judge",
                null,
                null,
                IN_DOUBT);
    }
}
