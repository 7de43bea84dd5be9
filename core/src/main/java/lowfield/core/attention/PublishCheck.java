package lowfield.core.attention;

/**
 * What must hold before an edition is published; each problem that fails it can have one exception, with a written reason. The
 * names are stored; they stay.
 */
public enum PublishCheck {
    SLOTS("Needed slots are filled"),
    CLASHES("Nothing clashes"),
    FIGURES("Decisive figures are known"),
    CAUTIONS("Every caution is answered"),
    BAND("Totals are inside their bands"),
    REASONS("Every choice has a reason that speaks of it"),
    PRICES("Every price is known and recent"),
    OPTIONS("Alternatives and upgrades still hold");

    private final String rule;

    PublishCheck(String rule) {
        this.rule = rule;
    }

    public String rule() {
        return rule;
    }
}
