package lowfield.server.guide;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.Optional;
import java.util.Set;
import lowfield.core.guide.Least;
import lowfield.core.guide.Plans;
import lowfield.core.guide.Slot;
import lowfield.core.guide.Wishes;
import org.jspecify.annotations.Nullable;

/** What a tier asks for, as it is typed and stored; what is absent is not asked for. */
public record WishForm(
        @Nullable Set<String> colours,
        Wishes.@Nullable Lit lighting,
        @Nullable Boolean radio,
        @Nullable Boolean errorCorrection,
        @Nullable Boolean secureBoot,
        @Nullable Integer mostNoise,
        @Nullable Set<String> rearPorts,
        @Nullable String supplyFloor,
        @Nullable Set<Slot> beside,
        @Nullable Boolean warrantyHere,
        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable Integer leastCardMemory,
        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable Integer leastStorage,
        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable Integer leastEndurance,
        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable Boolean overclocking,
        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable Boolean cpuUpgrade) {
    /** Nothing is asked for. */
    public static final WishForm NONE =
            new WishForm(null, null, null, null, null, null, null, null, null, null, null, null, null, null, null);

    public WishForm {
        colours = kept(colours);
        rearPorts = kept(rearPorts);
    }

    private static @Nullable Set<String> kept(@Nullable Set<String> words) {
        if (words == null) {
            return null;
        }
        var bare = new java.util.TreeSet<String>();
        words.stream().map(String::strip).filter(w -> !w.isEmpty()).forEach(bare::add);
        return bare.isEmpty() ? null : java.util.Collections.unmodifiableSet(bare);
    }

    /** For the checks; the region is where the guide's readers are. */
    public Wishes wishes(String region) {
        return asked(region).planning(new Plans(Boolean.TRUE.equals(overclocking), Boolean.TRUE.equals(cpuUpgrade)));
    }

    private Wishes asked(String region) {
        return new Wishes(
                Optional.ofNullable(colours).orElse(Set.of()),
                Optional.ofNullable(lighting).orElse(Wishes.Lit.EITHER),
                Boolean.TRUE.equals(radio),
                Boolean.TRUE.equals(errorCorrection),
                Boolean.TRUE.equals(secureBoot),
                Optional.ofNullable(mostNoise),
                Optional.ofNullable(rearPorts).orElse(Set.of()),
                Optional.ofNullable(supplyFloor).filter(f -> !f.isBlank()),
                Optional.ofNullable(beside),
                Optional.of(region).filter(r -> Boolean.TRUE.equals(warrantyHere)),
                new Least(
                        Optional.ofNullable(leastCardMemory),
                        Optional.ofNullable(leastStorage),
                        Optional.ofNullable(leastEndurance)));
    }
}
