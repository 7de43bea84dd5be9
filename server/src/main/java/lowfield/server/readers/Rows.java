package lowfield.server.readers;

import java.util.List;
import java.util.stream.Stream;
import lowfield.core.press.Publication;
import org.jspecify.annotations.Nullable;

/** What a reader's page shows, in words. */
final class Rows {
    private Rows() {}

    record Tab(String id, String name, String total) {}

    record Option(
            String label, String price, String difference, String note, List<String> trouble, OptionSentence said) {}

    /** The fit: its drawing, empty where nothing can be drawn, and the same in words. */
    record Fit(String drawing, List<FitWord> words, List<FitWord> sizes) {}

    /** One sentence of the fit; the sort says how it stands. */
    record FitWord(String sort, String subject, String said) {}

    /** What the author writes over and under something, as HTML; empty where nothing is written. */
    record Texts(String introduction, String verdict) {}

    /** The other of two parts that would both do. */
    record Either(String label, String price, String total, String seller, String link, String rule) {}

    /** What to do with more money, or less: a heading, what to change, and what it brings. */
    record Advice(String head, String what) {}

    record Line(
            String slot,
            String label,
            String detail,
            String reason,
            String price,
            String note,
            String seller,
            String link,
            String seen,
            String change,
            List<Option> alternatives,
            List<Option> upgrades,
            @Nullable Table compared,
            Publication.@Nullable Picture picture,
            @Nullable Either either,
            String anyOf,
            String reviews,
            List<String> own) {
        /** Alternatives first. */
        public List<Option> options() {
            return Stream.concat(alternatives.stream(), upgrades.stream()).toList();
        }
    }

    record Build(
            String id,
            String name,
            String total,
            String range,
            String standing,
            String today,
            String elsewhere,
            String rates,
            boolean inside,
            @Nullable Stake stake,
            String since,
            List<Group> groups,
            List<Line> named,
            String namedTotal,
            String tax,
            String shipping,
            String peak,
            List<Together> together,
            List<String> caveats,
            List<String> firstStart,
            Publication.@Nullable Picture picture,
            Texts texts,
            Fit fit,
            Shares shares,
            String yearly,
            List<String> own) {}

    /** Lines under a heading, which is empty for those of the build itself, and what else counts with them. */
    record Group(String head, List<Line> lines, List<Beyond> beyond) {}

    /** A price that is no line's own: a package with the parts in it, or a discount, surcharge or service. */
    record Beyond(String name, String what, String sum, String seller, String link, String seen) {}

    /** Goods that one seller sells together: what, and what it saves. */
    record Together(String what, String price, String saves, String seller, String link, String seen) {}

    record Tier(
            String id,
            String name,
            String promise,
            String audience,
            String band,
            @Nullable Table sideBySide,
            List<Build> builds,
            Texts texts,
            String step,
            List<Advice> advice) {}
}
