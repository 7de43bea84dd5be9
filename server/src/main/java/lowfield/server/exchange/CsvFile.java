package lowfield.server.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import lowfield.core.RuleBroken;
import lowfield.core.money.Money;
import lowfield.core.money.PriceText;
import lowfield.core.part.Field;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.apache.commons.csv.DuplicateHeaderMode;

/** One kind's parts as CSV (RFC 4180, UTF-8, a byte order mark is allowed). */
final class CsvFile {
    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreEmptyLines(true)
            .setTrim(true)
            .setDuplicateHeaderMode(DuplicateHeaderMode.DISALLOW)
            .get();

    private CsvFile() {}

    /** Gives each row to the sink, and tells what is wrong with the cells; a file that is none is refused as a whole. */
    static void read(Kind kind, InputStream in, Report.Faults faults, Consumer<FileRow> sink) {
        var decoder = StandardCharsets.UTF_8
                .newDecoder()
                .onMalformedInput(CodingErrorAction.REPORT)
                .onUnmappableCharacter(CodingErrorAction.REPORT);
        try (var parser = CSVParser.parse(new Bounded(new InputStreamReader(Marks.skipped(in), decoder)), FORMAT)) {
            var columns = columns(kind, parser.getHeaderNames(), faults);
            if (faults.any()) {
                return;
            }
            for (var csv : parser) {
                row(csv, parser.getCurrentLineNumber(), columns, faults).ifPresent(sink);
                if (faults.isFull()) {
                    return;
                }
            }
        } catch (CharacterCodingException other) {
            throw notUtf8();
        } catch (UncheckedIOException | IllegalStateException | IOException broken) {
            if (broken.getCause() instanceof CharacterCodingException) {
                throw notUtf8();
            }
            throw new RuleBroken("The file is no CSV: " + broken.getMessage());
        } catch (IllegalArgumentException header) {
            throw new RuleBroken("The first line is no header of columns: " + shortened(header.getMessage()));
        }
    }

    private static RuleBroken notUtf8() {
        return new RuleBroken("The file is not in UTF-8; save it as \"CSV UTF-8\" and try again.");
    }

    private static String shortened(String text) {
        return text.length() > 200 ? text.substring(0, 200) + "…" : text;
    }

    /** A figure's place in each line. */
    private record Column(int at, Field field) {}

    private static List<Column> columns(Kind kind, List<String> header, Report.Faults faults) {
        var columns = new ArrayList<Column>();
        var named = new HashSet<Field>();
        for (int i = 0; i < header.size(); i++) {
            var heading = header.get(i);
            if (!Columns.NAMES.contains(heading)) {
                var field = Columns.field(kind, heading);
                if (field.isEmpty()) {
                    faults.add(
                            1,
                            heading,
                            heading,
                            "a column of a " + kind.label() + "; docs/formats names them, each with its unit");
                } else if (!named.add(field.get())) {
                    faults.add(1, heading, heading, "one column for one figure; another gives it already");
                } else {
                    columns.add(new Column(i, field.get()));
                }
            }
        }
        for (var needed : List.of("maker", "product")) {
            if (!header.contains(needed)) {
                faults.add(1, needed, "", "there must be a column \"" + needed + "\"");
            }
        }
        return columns;
    }

    private static Optional<FileRow> row(CSVRecord csv, long line, List<Column> columns, Report.Faults faults) {
        if (!csv.isConsistent()) {
            faults.add(line, "", csv.size() + " cells", "as many cells as the header has");
            return Optional.empty();
        }
        var spec = new HashMap<String, Object>(2 * columns.size());
        for (var column : columns) {
            var cell = Columns.fused(csv.get(column.at()));
            if (!cell.isEmpty()) {
                spec.put(column.field().name(), Columns.value(column.field(), cell));
            }
        }
        return Optional.of(new FileRow(
                line,
                text(csv, "maker").orElse(""),
                text(csv, "product_family").orElse(""),
                text(csv, "product").orElse(""),
                text(csv, "variant").orElse(""),
                text(csv, "gtin").orElse(null),
                text(csv, "maker_number").orElse(null),
                text(csv, "release").orElse(null),
                text(csv, "suggested_price")
                        .flatMap(t -> suggested(line, t, text(csv, "suggested_currency"), faults))
                        .orElse(null),
                text(csv, "avoid").orElse(null),
                spec));
    }

    private static Optional<Money> suggested(long line, String text, Optional<String> named, Report.Faults faults) {
        var currency = named.orElse(Part.SUGGESTED_IN);
        return SuggestedPrice.of(
                line,
                named.map(c -> text + " " + c).orElse(text),
                () -> Money.price(
                        PriceText.parse(text, Money.of(0, currency).currency())
                                .orElseThrow(() -> new RuleBroken("That is no price.")),
                        currency),
                faults);
    }

    private static Optional<String> text(CSVRecord csv, String column) {
        return csv.isMapped(column)
                ? Optional.of(Columns.fused(csv.get(column))).filter(c -> !c.isEmpty())
                : Optional.empty();
    }

    static void write(Kind kind, List<Part> parts, Map<java.util.UUID, Names> names, Writer out) throws IOException {
        var header = Columns.header(kind);
        var format = CSVFormat.RFC4180
                .builder()
                .setHeader(header.toArray(String[]::new))
                .get();
        try (var printer = format.print(out)) {
            for (var part : parts) {
                printer.printRecord(cells(kind, part, names.get(part.id())));
            }
        }
    }

    private static List<String> cells(Kind kind, Part part, Names of) {
        var cells = new ArrayList<String>();
        cells.addAll(List.of(
                part.maker(),
                of.family(),
                of.product(),
                part.variant(),
                of.gtin(),
                of.makerNumber(),
                part.release().name(),
                part.suggestedPrice().map(m -> m.major().toPlainString()).orElse(""),
                part.suggestedPrice().map(m -> m.currency().getCurrencyCode()).orElse(""),
                part.avoid().orElse("")));
        var spec = kind.schema().write(part.spec());
        kind.schema().fields().forEach(f -> cells.add(Columns.cell(f, spec.get(f.name()))));
        return cells.stream().map(Columns::defused).toList();
    }
}
