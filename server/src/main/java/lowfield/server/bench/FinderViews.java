package lowfield.server.bench;

import java.util.List;
import java.util.UUID;
import lowfield.core.find.CandidateImpact;
import lowfield.core.find.Facet;
import lowfield.core.part.Field;
import lowfield.server.picture.Picture;
import org.jspecify.annotations.Nullable;

/** What the finder shows. */
public final class FinderViews {
    private FinderViews() {}

    public record Candidate(
            UUID part,
            String name,
            String summary,
            int siblings,
            CandidateImpact.Group group,
            Views.Sum price,
            Views.@Nullable OfferView offer,
            @Nullable Long unitPriceHundredths,
            @Nullable String unit,
            @Nullable Integer premiumPermille,
            @Nullable Long differenceMinor,
            Views.Sum total,
            Views.Standing standing,
            List<Views.ForcedView> forced,
            List<Views.FindingView> alone,
            List<Views.FindingView> trouble,
            boolean forcesTooMuch,
            @Nullable String whyNotTold,
            @Nullable String avoid,
            List<String> givesUp,
            boolean chosen,
            @Nullable Picture picture) {}
    /** A group of the finder: how many there are in all, and the first of them. */
    public record GroupView(CandidateImpact.Group group, int count, List<Candidate> rows) {}
    /** A condition in force. */
    public record ClauseView(
            @Nullable Integer least,
            @Nullable Integer most,
            @Nullable List<String> words,
            @Nullable Boolean yes) {}
    /** A word of the query sentence with what it can be changed to. */
    public record WordView(
            String figure,
            String label,
            String unit,
            Field.Holds holds,
            @Nullable ClauseView clause,
            List<Facet.Value> values,
            int notKnown) {}
    /** The finder's answer: the sentence as it is written, its words, and the candidates in groups by what they would do. */
    public record Found(
            String sentence,
            @Nullable ClauseView price,
            List<WordView> words,
            List<GroupView> groups,
            int all,
            int leftOutNotKnown) {}
}
