package lowfield.measure;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * A large catalogue grown from the demo's: its parts many times over, under names of their own and each a little longer,
 * higher or heavier than the last, as in life hardly two parts have all figures in common. Variants of one product stay
 * together.
 */
final class Grown {
    private static final CSVFormat READ =
            CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get();

    private static final List<String> GROWS = List.of("length [", "height [", "thickness [", "weight [", "noise [");

    private Grown() {}

    /** A file of so many rows of a kind; the mark keeps the names of two files apart. */
    static byte[] file(Client client, String kind, int rows, String mark) throws IOException, InterruptedException {
        var demo = client.get("/api/kinds/" + kind + "/file?form=CSV");
        try (var parser = CSVParser.parse(new StringReader(demo), READ)) {
            var header = parser.getHeaderNames();
            var records = parser.getRecords().stream()
                    .filter(r -> !r.get("product").contains(" no "))
                    .toList();
            var out = new StringWriter();
            try (var printer = CSVFormat.RFC4180
                    .builder()
                    .setHeader(header.toArray(String[]::new))
                    .get()
                    .print(out)) {
                for (int i = 0; i < rows; i++) {
                    var grown = i / records.size();
                    printer.printRecord(cells(header, records.get(i % records.size()), " no " + mark + grown, grown));
                }
            }
            return out.toString().getBytes(StandardCharsets.UTF_8);
        }
    }

    private static List<String> cells(List<String> header, CSVRecord record, String suffix, int grown) {
        var cells = new ArrayList<String>();
        for (var column : header) {
            cells.add(
                    switch (column) {
                        case "product" -> record.get(column) + suffix;
                        case "gtin", "maker_number" -> "";
                        default -> varied(column, record.get(column), grown);
                    });
        }
        return cells;
    }

    private static String varied(String column, String cell, int grown) {
        var varies = GROWS.stream().anyMatch(column::startsWith) && cell.matches("[0-9]{2,5}");
        return varies ? String.valueOf(Integer.parseInt(cell) + grown * column.length() % 31) : cell;
    }
}
