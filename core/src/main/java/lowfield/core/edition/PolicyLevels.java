package lowfield.core.edition;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import lowfield.core.offer.PolicyOverride;
import lowfield.core.offer.PricePolicy;

/** Which price policy each line of a build goes by: the edition's with what tier, build and line say otherwise, in this order. */
public record PolicyLevels(PricePolicy edition, PolicyOverride tier, PolicyOverride build) {
    /** The lines that go by another policy than the edition's, of all lines of the build with what each says itself. */
    public Map<UUID, PricePolicy> differing(Map<UUID, PolicyOverride> lines) {
        var ofBuild = build.over(tier.over(edition));
        var differing = new HashMap<UUID, PricePolicy>();
        lines.forEach((line, override) -> {
            var policy = override.over(ofBuild);
            if (!policy.equals(edition)) {
                differing.put(line, policy);
            }
        });
        return Map.copyOf(differing);
    }
}
