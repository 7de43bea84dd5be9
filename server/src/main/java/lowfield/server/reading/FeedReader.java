package lowfield.server.reading;

import java.io.Reader;
import java.math.BigDecimal;
import java.net.URI;
import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import lowfield.core.RuleBroken;
import lowfield.core.Text;
import lowfield.core.money.Money;
import lowfield.core.money.PriceText;
import lowfield.core.offer.Condition;
import lowfield.core.offer.Stock;
import lowfield.core.part.Gtin;

/** Reads a shop's whole list. A line that cannot count is told and left out; a file that is none is refused as a whole. */
public final class FeedReader {
    private static final int MOST_SENTENCES = 20;
    private static final int MOST_LINES = 500_000;
    private static final int LONGEST_CELL = 2_000;

    /** What became of a list: how many lines it has, and what was wrong with which of them, shortened. */
    public record Outcome(int lines, int refused, Map<String, Integer> sentences) {
        /** In one sentence; empty when every line counts. */
        public String sentence() {
            var text = new StringBuilder();
            sentences.forEach((s, n) -> text.append(text.isEmpty() ? "" : "; ")
                    .append(n > 1 ? n + " times: " : "")
                    .append(s));
            return text.toString();
        }
    }

    private final String shop;
    private final String host;
    private final Currency currency;
    private final FeedForm form;

    public FeedReader(String shop, String host, Currency currency, FeedForm form) {
        this.shop = shop;
        this.host = host;
        this.currency = currency;
        this.form = form;
    }

    /** Gives each line that counts to the sink, one after the other; no more of the list is held than the line at hand. */
    public Outcome read(Reader text, Consumer<FeedLine> sink) {
        var counted = new Counted(sink);
        try {
            if (form.format() == FeedForm.Format.JSON) {
                new JsonLines(
                                Optional.ofNullable(form.items()).orElse(""),
                                Set.copyOf(form.columns().values()))
                        .read(text, counted::line);
            } else if (form.format() == FeedForm.Format.XML) {
                new XmlLines(
                                Optional.ofNullable(form.items()).orElse(""),
                                Set.copyOf(form.columns().values()))
                        .read(text, counted::line);
            } else {
                new TableLines(form.format().delimiter, form.columns().values()).read(text, counted::line);
            }
        } catch (TooManyLines enough) {
            counted.note("the list has more than %,d lines; the rest was not read".formatted(MOST_LINES));
        }
        RuleBroken.unless(counted.lines > 0, "the list has no lines");
        return new Outcome(counted.lines, counted.refused, counted.sentences);
    }

    /** Ends the reading of a list that has no end. */
    private static final class TooManyLines extends RuntimeException {
        private static final long serialVersionUID = 1L;

        TooManyLines() {
            super("", null, false, false);
        }
    }

    private final class Counted {
        private final Consumer<FeedLine> sink;
        private final Map<String, Integer> sentences = new LinkedHashMap<>();
        private int lines;
        private int refused;

        Counted(Consumer<FeedLine> sink) {
            this.sink = sink;
        }

        void line(Function<String, Optional<String>> cells) {
            if (lines == MOST_LINES) {
                throw new TooManyLines();
            }
            lines++;
            try {
                sink.accept(
                        FeedReader.this.line(f -> form.column(f).flatMap(cells).map(FeedReader::text), lines));
            } catch (RuleBroken wrong) {
                refused++;
                note(wrong.getMessage());
            }
        }

        void note(String sentence) {
            if (sentences.size() < MOST_SENTENCES || sentences.containsKey(sentence)) {
                sentences.merge(sentence, 1, Integer::sum);
            }
        }
    }

    private static String text(String cell) {
        RuleBroken.unless(cell.length() <= LONGEST_CELL, "a field of a line has more than %,d letters", LONGEST_CELL);
        RuleBroken.unless(Text.isOne(cell), "a line holds more than text");
        return cell;
    }

    private FeedLine line(Function<FeedForm.Field, Optional<String>> cell, int number) {
        var stated = cell.apply(FeedForm.Field.CURRENCY);
        RuleBroken.unless(
                stated.isEmpty() || stated.get().equals(currency.getCurrencyCode()),
                "a price is in %s; this shop's are in %s",
                Nodes.shortened(stated.orElse("")),
                currency.getCurrencyCode());
        var stock = cell.apply(FeedForm.Field.STOCK).map(FeedReader::stock).orElse(Stock.NOT_STATED);
        var price = cell.apply(FeedForm.Field.PRICE).map(this::money);
        RuleBroken.unless(
                price.isPresent() || stock == Stock.OUT_OF_STOCK || stock == Stock.GONE, "an offer has no price");
        price.ifPresent(p -> RuleBroken.unless(p.minor() > 0, "a price is %s", p.minor() == 0 ? "zero" : "negative"));
        var seller = cell.apply(FeedForm.Field.SELLER)
                .map(Nodes::plain)
                .filter(s -> !s.isEmpty())
                .orElse(shop);
        return new FeedLine(
                new Identity(cell.apply(FeedForm.Field.GTIN).map(Gtin::new), cell.apply(FeedForm.Field.MAKER_NUMBER)),
                cell.apply(FeedForm.Field.NAME).map(Nodes::plain).orElse(""),
                path(cell.apply(FeedForm.Field.LINK)),
                new SeenOffer(
                        seller.length() > 100 ? seller.substring(0, 100) : seller,
                        cell.apply(FeedForm.Field.CONDITION)
                                .map(FeedReader::condition)
                                .orElse(Condition.NEW),
                        price,
                        cell.apply(FeedForm.Field.SHIPPING).map(this::money).filter(m -> !m.isNegative()),
                        stock,
                        cell.apply(FeedForm.Field.MEMBERS)
                                .filter(FeedReader::isYes)
                                .isPresent(),
                        "line " + number));
    }

    private String path(Optional<String> link) {
        RuleBroken.unless(link.isPresent(), "a line has no link");
        try {
            var uri = URI.create(link.get());
            RuleBroken.unless(
                    uri.getHost() == null || host.equals(uri.getHost()),
                    "a link leads to another host (%s)",
                    Nodes.shortened(String.valueOf(uri.getHost())));
            var path = uri.getRawPath() + (uri.getRawQuery() == null ? "" : "?" + uri.getRawQuery());
            RuleBroken.unless(path.startsWith("/") && path.length() <= 500, "a link is none");
            return path;
        } catch (IllegalArgumentException malformed) {
            throw new RuleBroken("a link is none");
        }
    }

    private Money money(String text) {
        var figure = text.matches("-?[0-9]{1,20}(\\.[0-9]{1,20})?")
                ? new BigDecimal(text)
                : PriceText.parse(text, currency)
                        .orElseThrow(() -> new RuleBroken(
                                "a price reads \"%s\", which is no figure".formatted(Nodes.shortened(text))));
        return Money.ofMajor(figure, currency);
    }

    private static boolean isYes(String text) {
        return text.toLowerCase(Locale.ROOT).matches("yes|y|true|1");
    }

    private static Stock stock(String text) {
        var word = text.toLowerCase(Locale.ROOT);
        if (word.matches("[0-9]{1,9}")) {
            return word.matches("0+") ? Stock.OUT_OF_STOCK : Stock.IN_STOCK;
        }
        return switch (word.replaceAll("[ _-]", "")) {
            case "yes", "y", "true", "instock", "available" -> Stock.IN_STOCK;
            case "few", "low", "limited", "fewleft" -> Stock.LIMITED;
            case "no", "n", "false", "outofstock", "soldout" -> Stock.OUT_OF_STOCK;
            case "backorder" -> Stock.BACK_ORDER;
            case "preorder" -> Stock.PRE_ORDER;
            case "discontinued", "gone" -> Stock.GONE;
            default -> OfferReader.stock(text);
        };
    }

    private static Condition condition(String text) {
        return switch (text.toLowerCase(Locale.ROOT).replaceAll("[ _-]", "")) {
            case "refurbished", "renewed" -> Condition.REFURBISHED;
            case "used", "secondhand" -> Condition.USED;
            case "opened", "openbox", "bstock" -> Condition.OPENED;
            default -> Condition.NEW;
        };
    }
}
