package lowfield.server.bench;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.change.LineChange;
import lowfield.core.check.Finding;
import lowfield.core.check.GivenAnswers;
import lowfield.core.find.Prospect;
import lowfield.core.guide.Band;
import lowfield.core.guide.Build;
import lowfield.core.guide.Following;
import lowfield.core.guide.Line;
import lowfield.core.offer.PriceList;
import lowfield.core.power.SustainedPeak;
import lowfield.core.reason.Reason;
import lowfield.core.total.BandState;
import lowfield.core.total.CountedTotal;
import lowfield.core.total.LinePrice;
import lowfield.core.total.Together;
import lowfield.server.archive.Published;
import lowfield.server.guide.EditionInfo;
import lowfield.server.guide.GuideInfo;
import lowfield.server.guide.TierInfo;

/** An edition worked out: every build with its prices, total, checks and what changed since the last edition. */
public record Sheets(
        GuideInfo guide, EditionInfo edition, Optional<Published> last, PriceList prices, List<OfTier> tiers) {
    /** A tier and its builds, the lead first. */
    public record OfTier(TierInfo tier, Band band, List<OfBuild> builds) {
        /** A number that changes with anything in the tier. */
        int stamp() {
            return TierBlocks.stamp(
                    tier.version(), builds.stream().map(OfBuild::stamp).toList());
        }

        /** "Mate" for the lead, "Mate, the other platform" for a variant. */
        public String nameOf(UUID build) {
            return builds.stream()
                    .skip(1)
                    .filter(b -> b.id().equals(build))
                    .findFirst()
                    .map(b -> tier.form().name() + ", " + b.name())
                    .orElse(tier.form().name());
        }
    }

    /** A build worked out; what its checks say and what it draws only when first asked for, what is sold together each time. */
    public record OfBuild(
            TierInfo.BuildInfo info,
            Build build,
            List<OfLine> lines,
            CountedTotal total,
            BandState state,
            Once<CountedTotal> booked,
            Once<List<Finding>> checked,
            Once<SustainedPeak> drawn,
            Map<UUID, Once<List<OfOption>>> optional,
            Supplier<List<Together>> bundled,
            Optional<Published.Build> last,
            Lists lists) {
        public UUID id() {
            return info.id();
        }

        public String name() {
            return info.name();
        }

        /** A number that changes with anything in the build: what one has read who takes it out. */
        int stamp() {
            return BuildRows.stamp(
                    info.version(), lines.stream().map(OfLine::version).toList());
        }

        /** What is chosen on some of its lines, in its order. */
        public List<String> labels(List<UUID> of) {
            return lines.stream()
                    .filter(l -> of.contains(l.line().id()))
                    .map(l -> l.line().choice().label())
                    .toList();
        }

        public List<Finding> findings() {
            return checked.get();
        }

        /**
         * What anyone can book today: in stock, open to anyone, in the conditions the guide admits, nothing held; not known
         * when a line has no such offer.
         */
        public CountedTotal bookable() {
            return booked.get();
        }

        /** What the author answered to a finding of this build. */
        public Optional<GivenAnswers.Answer> answer(Finding finding) {
            return info.answers().to(finding, findings());
        }

        public SustainedPeak peak() {
            return drawn.get();
        }

        /** What sellers sell together of it for less, under the edition's price policy. */
        public List<Together> together() {
            return bundled.get();
        }

        /** What taking each alternative and upgrade of a line would do, in their order. */
        public List<OfOption> options(UUID line) {
            return Optional.ofNullable(optional.get(line)).map(Once::get).orElse(List.of());
        }
    }

    /** An alternative or upgrade, and what taking it would do. */
    public record OfOption(OptionState state, Prospect prospect) {}

    /** A line worked out. */
    public record OfLine(Line line, LineState state, int version, LinePrice price, Reason reason, LineChange change) {}

    public Optional<OfTier> tierOf(UUID build) {
        return tiers.stream()
                .filter(t -> t.builds().stream().anyMatch(b -> b.id().equals(build)))
                .findFirst();
    }

    public Optional<OfBuild> build(UUID id) {
        return tiers.stream()
                .flatMap(t -> t.builds().stream())
                .filter(b -> b.id().equals(id))
                .findFirst();
    }

    /** Which lines of the edition follow which. */
    Following following() {
        return new Following(lines().filter(l -> l.state().follows() != null)
                .collect(Collectors.toMap(l -> l.line().id(), l -> l.state().follows())));
    }

    private Stream<OfLine> lines() {
        return tiers.stream().flatMap(t -> t.builds().stream()).flatMap(b -> b.lines().stream());
    }

    /** Where in the edition a line is. */
    public record Place(OfTier tier, OfBuild build, OfLine line) {
        /** "Mate, lead build". */
        public String said() {
            return tier.tier().form().name() + ", " + build.name();
        }
    }

    public Optional<Place> place(UUID line) {
        for (var tier : tiers) {
            for (var build : tier.builds()) {
                for (var each : build.lines()) {
                    if (each.line().id().equals(line)) {
                        return Optional.of(new Place(tier, build, each));
                    }
                }
            }
        }
        return Optional.empty();
    }
}
