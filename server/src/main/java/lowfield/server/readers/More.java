package lowfield.server.readers;

import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.Text;
import lowfield.core.fit.FitDrawing;
import lowfield.core.press.Publication;
import lowfield.core.press.PublishedAdvice;
import lowfield.core.press.PublishedEither;
import lowfield.core.press.PublishedOwn;
import lowfield.core.press.PublishedTexts;

/** Single things that a document tells, in the words of a page. */
final class More {
    private More() {}

    static Rows.Texts texts(PublishedTexts texts) {
        return new Rows.Texts(html(texts.introduction()), html(texts.verdict()));
    }

    private static String html(String markdown) {
        return markdown.isBlank() ? "" : Markdown.html(markdown);
    }

    static Rows.Fit fit(FitDrawing fit) {
        return new Rows.Fit(FitSvg.of(fit), words(fit.words()), words(fit.sizes()));
    }

    private static List<Rows.FitWord> words(List<FitDrawing.Sentence> sentences) {
        return sentences.stream()
                .map(s -> new Rows.FitWord(FitSvg.word(s.verdict()), s.subject(), s.said()))
                .toList();
    }

    static List<String> own(PublishedOwn own) {
        return Stream.concat(Stream.of(own.handled()).filter(h -> !h.isEmpty()), own.disclosures().stream())
                .toList();
    }

    static Rows.Either either(PublishedEither either, Wording words) {
        return new Rows.Either(
                either.label(),
                words.whole(either.price()),
                words.whole(either.total()),
                either.source().map(Publication.Source::seller).orElse(""),
                either.source()
                        .filter(Publication.Source::hasPage)
                        .map(Publication.Source::link)
                        .orElse(""),
                either.rule());
    }

    /** "Any of these would do: A, B or C. The one that is cheapest in stock counts." */
    static String anyOf(Publication.Line line) {
        var all = line.anyOf();
        return all.size() < 2
                ? ""
                : "Any of these would do: %s. The cheapest in stock counts.".formatted(Text.listed(all, "or"));
    }

    static Rows.Advice advice(PublishedAdvice advice, Wording words) {
        var limit = words.round(advice.limit());
        var what = String.join("; ", advice.changes());
        var by = words.byHowMuch(advice.difference());
        var told = gainsAndLosses(advice);
        return new Rows.Advice(
                advice.limit().isNegative() ? "To save %s".formatted(limit) : "With %s more".formatted(limit),
                "%s%s.%s"
                        .formatted(
                                what.substring(0, 1).toUpperCase(Locale.ROOT) + what.substring(1),
                                by.isEmpty() ? "" : " (" + by + ")",
                                told.isEmpty() ? "" : " " + told + "."));
    }

    /** "8 cores instead of 6, but 4000 MHz instead of 5000 MHz"; where money is saved, what is given up. */
    private static String gainsAndLosses(PublishedAdvice advice) {
        var gains = String.join(", ", advice.gains());
        var losses = String.join(", ", advice.losses());
        if (losses.isEmpty() || advice.limit().isNegative()) {
            return gains + losses;
        }
        return gains.isEmpty() ? "But " + losses : gains + ", but " + losses;
    }

    /** What readers of other regions pay, each in their own currency. */
    static String elsewhere(Publication.Build build, Wording words) {
        return build.regions().stream()
                .map(t -> "%s, with its tax: %s %s"
                        .formatted(
                                t.region(), words.money(t.minor(), Currency.getInstance(t.currency())), t.currency()))
                .collect(Collectors.joining("; "));
    }

    static String rates(Publication.Build build) {
        return build.regions().stream().map(Publication.RegionTotal::rate).collect(Collectors.joining("; "));
    }
}
