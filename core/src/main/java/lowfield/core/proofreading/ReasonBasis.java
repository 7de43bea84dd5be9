package lowfield.core.proofreading;

import java.util.List;

/**
 * What a reason relied on when it was written or confirmed. When that no longer holds, the reason is stale.
 *
 * @param claims what it says of the data
 * @param meant figures that are meant as they are written, whatever the data says, as {@link Slip#key} has them
 */
public record ReasonBasis(List<Claim> claims, List<String> meant) {
    /**
     * One thing that it relied on.
     *
     * @param key what it is about, as stored
     * @param about the same in words: "board power of the Mica Six"
     * @param value how it stood, as stored: a figure, or how two prices compare
     * @param said the same in words
     */
    public record Claim(String key, String about, String value, String said) {}

    public ReasonBasis {
        claims = List.copyOf(claims);
        meant = List.copyOf(meant);
    }

    public static ReasonBasis none() {
        return new ReasonBasis(List.of(), List.of());
    }
}
