package lowfield.server.bench;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import lowfield.core.change.LineChange;
import lowfield.core.check.Verdict;
import lowfield.core.guide.Slot;
import lowfield.core.part.Kind;
import lowfield.server.edition.ChoiceState;
import lowfield.server.edition.OptionState;
import lowfield.server.guide.EditionInfo;
import lowfield.server.guide.ExtrasForm;
import lowfield.server.guide.GuideInfo;
import lowfield.server.guide.OverrideForm;
import lowfield.server.guide.TierForm;
import org.jspecify.annotations.Nullable;

/** What the desk and the bench show. Sums are minor units of the guide's currency; one that is not known is absent. */
public final class Views {
    private Views() {}

    /** A sum; a span instead where an estimate is in it; when it is not known, who is to blame. */
    public record Sum(@Nullable Long minor, @Nullable Span span, List<String> blame) {}

    /** From where to where an estimate goes. */
    public record Span(long lowMinor, long likelyMinor, long highMinor) {}

    /** Where a total stands. {@code byMinor} is what is left, or how much under or over; an estimate is {@code said}. */
    public record Standing(State state, @Nullable Long byMinor, String said) {
        /** Against the band. */
        public enum State {
            UNDER,
            INSIDE,
            OVER,
            RANGING,
            NOT_KNOWN,
            NO_BAND
        }
    }

    /** A tier's band with its stakes. */
    public record Gauge(
            @Nullable Long lowMinor,
            @Nullable Long highMinor,
            Sum total,
            @Nullable Long lastMinor,
            Sum bookable,
            Standing standing) {}

    /**
     * What a reader of another region pays at the till: in the guide's currency and in the region's own at a rate, which is
     * absent when none is known; and whether that still is inside the band that the tier is named for.
     */
    public record TillView(
            String region,
            String currency,
            long minor,
            @Nullable Long convertedMinor,
            @Nullable String rate,
            boolean holdsItsName) {}

    /** One build in the strip above the bench and on the desk. */
    public record BuildCard(
            UUID tier,
            UUID build,
            String tierName,
            String buildName,
            TierForm form,
            int tierVersion,
            int tierStamp,
            int version,
            String note,
            Gauge gauge,
            int switched,
            @Nullable OverrideForm policy) {}

    /** A finding with its evidence. */
    public record FindingView(
            String check,
            String rule,
            Verdict verdict,
            String evidence,
            List<UUID> lines,
            boolean decisive,
            @Nullable GapView gap,
            String fingerprint,
            @Nullable String answer,
            boolean onUsualValue,
            boolean carriedOver,
            List<String> earlier) {}

    /** A figure that is missing from the catalogue: of which part, its name and label. */
    public record GapView(UUID part, String field, String label) {}

    /** Another part that a candidate needs, and why. */
    public record ForcedView(Slot slot, String slotLabel, UUID part, String name, Sum price, String why) {}

    /** A part of a vetted set. */
    public record MemberView(
            UUID part, String name, String summary, Sum price, boolean wins, List<FindingView> trouble) {}

    public record OfferView(
            UUID listing,
            String seller,
            String condition,
            long priceMinor,
            @Nullable Long shippingMinor,
            String stock,
            @Nullable Long claimBackMinor,
            @Nullable Boolean boxedCooler,
            Instant seenAt,
            String link) {}

    /** An alternative or upgrade as it would work out in this build; {@code roomWatts} is what the supply then has to spare. */
    public record OptionView(
            OptionState state,
            String name,
            String summary,
            Sum price,
            @Nullable Long differenceMinor,
            Sum total,
            Standing standing,
            @Nullable Integer roomWatts,
            List<ForcedView> forced,
            List<FindingView> trouble,
            List<String> gains,
            List<String> losses,
            List<String> problems,
            @Nullable String nextTier) {}

    public record LineView(
            UUID id,
            int version,
            Slot slot,
            String slotLabel,
            Kind kind,
            boolean several,
            boolean needed,
            ChoiceState choice,
            @Nullable UUID part,
            String label,
            String detail,
            int quantity,
            boolean counted,
            Sum goods,
            PackageViews.@Nullable IncludedView included,
            @Nullable OfferView offer,
            @Nullable String estimated,
            @Nullable Long afterClaimMinor,
            List<OfferView> runnersUp,
            @Nullable UUID heldListing,
            String heldWhy,
            LineChange.How how,
            String before,
            @Nullable Long differenceMinor,
            String reason,
            boolean reasonStale,
            @Nullable FollowView follows,
            List<FollowView> followers,
            String note,
            @Nullable Verdict worst,
            List<OptionState> options,
            List<UUID> compared,
            @Nullable String place,
            @Nullable String meant,
            @Nullable OverrideForm policy) {}

    /** A line that is open on the bench: what each part of its vetted set, each alternative and each upgrade would do. */
    public record OpenLine(UUID line, List<MemberView> members, List<OptionView> options) {}

    /** Another line of the edition: where it is. */
    public record FollowView(UUID line, UUID build, String where) {}

    /** What a part on a followed line would do to one of the builds that follow it. */
    public record ReachView(
            FollowView where,
            Sum total,
            Standing standing,
            @Nullable Long differenceMinor,
            List<FindingView> trouble) {}

    public record ChargeView(String seller, Sum amount) {}

    public record ShareView(String what, int watts) {}

    /** Where a load stands on the supply: percent of its rating, and percent that arrives (absent where nothing is promised). */
    public record LoadView(int percent, @Nullable Integer efficiencyPercent) {}

    /** What a build draws, in watts; gaming is a range. */
    public record DrawView(
            int idleWatts,
            @Nullable Integer gamingLow,
            @Nullable Integer gamingHigh,
            @Nullable Integer headroomWatts,
            @Nullable LoadView idle,
            @Nullable LoadView gaming,
            @Nullable LoadView peak) {}

    /** What stands on the right of the bench. The findings are all but those that fit, of which only the number is told. */
    public record Tally(
            Gauge gauge,
            Sum goods,
            List<ChargeView> charges,
            Sum uncounted,
            Sum withOptional,
            PackageViews.@Nullable TaxView tax,
            ExtrasForm extras,
            List<PackageViews.PackageView> packages,
            List<TillView> tills,
            List<PackageViews.BundleView> bundles,
            List<FindingView> findings,
            int checks,
            int undecided,
            int fitting,
            @Nullable Integer peakWatts,
            @Nullable Integer headroomWatts,
            @Nullable Integer neededRating,
            @Nullable Integer supplyRating,
            DrawView draw,
            List<ShareView> shares,
            List<String> missing) {}

    public record SlotView(Slot slot, String label, Kind kind) {}

    /**
     * One build at the bench, with its neighbours above; {@code open} is the line that was asked to be, if it is here,
     * {@code lastPeriod} the month of the last published edition, which need not be the month before.
     */
    public record Bench(
            GuideInfo guide,
            EditionInfo edition,
            @Nullable LocalDate lastPeriod,
            List<BuildCard> cards,
            BuildCard card,
            int stamp,
            List<LineView> lines,
            @Nullable OpenLine open,
            List<SlotView> addable,
            Tally tally) {}
}
