package lowfield.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Files of parts that are faulty or hostile. */
class FaultyFilesTest extends ExchangeCase {
    @Test
    void everyFaultIsToldWithItsPlaceAndNothingIsTaken() {
        var answer = csv(
                false,
                "maker,product,cardLength [mm],frontUsbC,release\nTest,Hut @,310,yes,\nTest,Hut @ two,99999,maybe,SOON\n,Hut @ three,1,no,\n");
        assertThat(answer.status()).isEqualTo(422);
        var report = answer.json();
        assertThat(report.path("faults")
                        .valueStream()
                        .map(f -> f.path("line").asInt() + f.path("column").asString()))
                .containsExactlyInAnyOrder("3cardLength", "3frontUsbC", "3release", "4maker");
        assertThat(report.path("faults").valueStream().map(f -> f.path("rule").asString()))
                .contains("a whole number from 0 to 2,000 mm", "yes or no");
        assertThat(part("Hut @")).isNull();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "maker,product,wheels\\nTest,X,4; 1 wheels wheels: a column of a case",
                "maker,product,cardLength [cm]\\nTest,X,31; 1 cardLength [cm] cardLength [cm]: a column of a case",
                "maker,product,cardLength,cardLength [mm]\\nTest,X,310,320; 1 cardLength [mm] cardLength [mm]: one column for one figure",
                "product\\nX; 1 maker : there must be a column \"maker\"",
                "maker,product\\nTest,X,more; 2  3 cells: as many cells as the header has",
                "maker,product,gtin\\nTest,X,12; 2 gtin 12: 8 to 14 digits, not all of them zero",
                "maker,product,gtin\\nTest,X,00000000; 2 gtin 00000000: 8 to 14 digits, not all of them zero",
                "maker,product\\nTest,X\\nTest,X; 3 product X: a part that stands in the file once",
                "maker,product,maker_number\\nTest,X,N\\nTest,Y,N; 3 product Y: a part that stands in the file once",
                "maker,product,avoid\\nTest,X,no; 2 avoid no: 3 to 500 letters",
                "maker,product,suggested_price\\nTest,X,cheap; 2 suggested_price cheap: a price such as",
                "maker,product,suggested_price\\nTest,X,0; 2 suggested_price 0: a price such as",
                "maker,product,suggested_price\\nTest,X,10000001; 2 suggested_price 10000001: a price such as",
                "maker,product,suggested_price,suggested_currency\\nTest,X,309,QQQ; 2 suggested_price 309 QQQ: a price such as",
                "maker,product,radiators\\nTest,X,top; 2 radiators top: a list of up to 200 rows"
            })
    void faultsOfTheTable(String file, String fault) {
        var report = csv(true, file.replace("\\n", "\n")).json();
        assertThat(fault(report)).startsWith(fault);
    }

    private void refused(byte[] file, String why) {
        var answer = send("CASE", Form.CSV, false, file);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).contains(why);
    }

    @Test
    void hostileFilesAreRefusedWithASentence() {
        refused("maker,product\nTest,Häuschen\n".getBytes(Charset.forName("ISO-8859-1")), "not in UTF-8");
        refused("maker,product\n".getBytes(StandardCharsets.UTF_16), "UTF-16");
        refused(new byte[] {'P', 'K', 3, 4, 20, 0, 0, 0}, "zipped");
        refused(new byte[0], "empty");
        refused("maker,maker,product\nA,B,C\n".getBytes(StandardCharsets.UTF_8), "no header of columns");
        refused("maker,product\nTest,\"half".getBytes(StandardCharsets.UTF_8), "no CSV");
        refused("maker,product\nTest,Ho\0use\n".getBytes(StandardCharsets.UTF_8), "no text");
        refused(("maker,product" + ",x".repeat(10_000_000)).getBytes(StandardCharsets.UTF_8), "longer than 200,000");
        refused(("maker,product\nTest," + "x".repeat(300_000)).getBytes(StandardCharsets.UTF_8), "longer than 200,000");
    }

    @Test
    void twoHundredForeignColumnsAreAllTold() {
        var header = IntStream.range(0, 199).mapToObj(i -> "c" + i).collect(Collectors.joining(","));
        var report = csv(true, "maker,product," + header + "\n").json();
        assertThat(report.path("faults")).hasSize(199);
        assertThat(report.path("moreFaults").asBoolean()).isFalse();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "{\"maker\":1}; holds no list",
                "[{\"maker\":\"Test\",; no JSON",
                "[{\"wheels\":4}]; no JSON",
                "hello; no JSON"
            })
    void jsonThatIsNoneIsTold(String file, String why) {
        var answer = send("CASE", Form.JSON, false, file.getBytes(StandardCharsets.UTF_8));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).contains(why);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            quoteCharacter = '~',
            value = {
                "`suggested`: {`minor`: 100, `currency`: `QQQ`}; suggested_price 100 QQQ: a price such as",
                "`suggested`: {`minor`: 100, `currency`: `EURO`}; suggested_price 100 EURO: a price such as",
                "`suggested`: {`minor`: 0, `currency`: `EUR`}; suggested_price 0 EUR: a price such as",
                "`suggested`: {`minor`: 9223372036854775807, `currency`: `EUR`}; suggested_price 9223372036854775807 EUR: a price such as",
                "`variant`: `a\\u0000b`; only characters that are text",
                "`spec`: {`formats`: [null]}; formats",
                "`spec`: {`formats`: [`a\\u0000b`]}; formats",
                "`spec`: {`formats`: {`a`: null}}; formats"
            })
    void faultsOfJsonAreToldAndTheCatalogueStaysWhole(String field, String fault) {
        var file = "[{'maker': 'Test', 'product': 'X', %s}]"
                .formatted(field)
                .replace('\'', '"')
                .replace('`', '"');
        var answer = send("CASE", Form.JSON, false, file.getBytes(StandardCharsets.UTF_8));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(fault(answer.json())).contains(fault);
        assertThat(world.ines.get("/api/parts?kind=CASE").status()).isEqualTo(200);
    }

    @Test
    void deepJsonIsRefused() {
        var deep = "[{\"maker\":\"T\",\"product\":\"X\",\"spec\":{\"formats\":" + "[".repeat(100_000) + "]}}]";
        var answer = send("CASE", Form.JSON, false, deep.getBytes(StandardCharsets.UTF_8));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).contains("no JSON");
    }
}
