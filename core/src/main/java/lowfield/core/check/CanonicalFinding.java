package lowfield.core.check;

import java.util.ArrayList;
import java.util.function.Function;
import lowfield.core.Fingerprint;

/** A finding as text that two processes and two years agree on; explicit tags, nothing taken from names in code. */
final class CanonicalFinding {
    private CanonicalFinding() {}

    static String fingerprint(Finding finding) {
        var decided = decided(finding);
        var text = head(finding, Finding::fingerprint);
        lines(finding, text, line -> decided.text(line.id()).map(t -> " " + t).orElse(""));
        decided.outside().stream().sorted().forEach(l -> text.append("|other ").append(l));
        decided.required().stream()
                .map(r -> r.key() + "=" + Canonical.text(finding.build().required(r)))
                .sorted()
                .forEach(r -> text.append("|tier ").append(r));
        decided.derived()
                .forEach(d -> text.append('|')
                        .append(d.key())
                        .append('=')
                        .append(finding.build().told(d)));
        decided.usual().stream()
                .map(u -> Tags.of(u) + "=" + Canonical.text(finding.build().usual(u)))
                .sorted()
                .forEach(u -> text.append("|usual ").append(u));
        return Fingerprint.of(text.toString());
    }

    static Decided.DecidingInputs decided(Finding finding) {
        return finding.number()
                .map(n -> Decided.of(finding.check(), finding.build(), n))
                .orElse(Decided.DecidingInputs.NONE);
    }

    /** As it was spelled before what decided was kept: every figure in sight of its own lines, and all that is derived. */
    static String former(Finding finding) {
        var text = head(finding, Finding::formerFingerprint);
        lines(finding, text, line -> {
            var figures = new StringBuilder();
            line.view()
                    .inputs()
                    .forEach(input -> figures.append(' ')
                            .append(input.key())
                            .append('=')
                            .append(Canonical.text(input.of(line.line()))));
            return figures.toString();
        });
        finding.check()
                .declaration()
                .derived()
                .forEach(d -> text.append('|')
                        .append(d.key())
                        .append('=')
                        .append(finding.build().told(d)));
        return Fingerprint.of(text.toString());
    }

    private static StringBuilder head(Finding finding, Function<Finding, String> fingerprint) {
        var text = new StringBuilder(finding.check().id())
                .append('|')
                .append(finding.outcome().name());
        finding.missing().ifPresent(m -> text.append('|').append(m.input().key()));
        finding.because().stream()
                .map(fingerprint)
                .sorted()
                .forEach(f -> text.append("|because ").append(f));
        return text;
    }

    private static void lines(Finding finding, StringBuilder text, Function<Seen, String> figures) {
        var lines = new ArrayList<String>();
        for (var each : finding.seen()) {
            lines.add(Tags.of(each.slot()) + ' ' + each.line().choice().key() + figures.apply(each));
        }
        lines.stream().sorted().forEach(l -> text.append('|').append(l));
    }
}
