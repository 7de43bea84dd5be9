package lowfield.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lowfield.core.part.PartText;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import org.jooq.DSLContext;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import tools.jackson.databind.JsonNode;

class ExchangeTest {
    private enum Form {
        CSV,
        JSON
    }

    private final World world = new World();
    /** Names of its own for each test, since the catalogue is one. */
    private final String own = UUID.randomUUID().toString().substring(0, 8);

    private Caller.Answer send(String kind, Form form, boolean dry, byte[] file) {
        return world.ines.file("/api/kinds/" + kind + "/file?form=" + form + "&dry=" + dry, file);
    }

    private Caller.Answer csv(boolean dry, String text) {
        return send("CASE", Form.CSV, dry, text.replace("@", own).getBytes(StandardCharsets.UTF_8));
    }

    private static String fault(JsonNode report) {
        var f = report.path("faults").get(0);
        return f.path("line").asInt() + " " + f.path("column").asString() + " "
                + f.path("value").asString() + ": " + f.path("rule").asString();
    }

    private JsonNode part(String name) {
        return world.ines
                .get("/api/parts?kind=CASE&q=" + name.replace("@", own).replace(" ", "+"))
                .json()
                .path("parts")
                .get(0);
    }

    @Test
    void aDryRunTellsAndChangesNothingThenAllIsTaken() {
        var file = "maker,product,variant,cardLength [mm],formats,frontUsbC\n"
                + "Test,Shed @,black,310,micro-ATX; mini-ITX,yes\nTest,Shed @,white,n/a,,no\n";
        var dry = csv(true, file).json();
        assertThat(dry.path("added").asInt()).isEqualTo(2);
        assertThat(part("Shed @")).isNull();
        assertThat(csv(false, file).json().path("added").asInt()).isEqualTo(2);
        assertThat(part("Shed @ black")
                        .path("spec")
                        .path("formats")
                        .valueStream()
                        .map(JsonNode::asString))
                .containsExactlyInAnyOrder("micro-ATX", "mini-ITX");
        assertThat(part("Shed @ white").path("spec").path("cardLength").asString())
                .isEqualTo("n/a");
        var again = csv(false, file).json();
        assertThat(again.path("added").asInt() + again.path("changed").asInt()).isZero();
        assertThat(again.path("unchanged").asInt()).isEqualTo(2);
    }

    @Test
    void anEmptyCellLeavesWhatIsThereAndANewFigureChangesIt() {
        csv(false, "maker,product,cardLength [mm],coolerHeight [mm]\nTest,Barrow @,310,160\n");
        var changed = csv(false, "maker,product,cardLength [mm],coolerHeight [mm]\nTest,Barrow @,,165\n")
                .json();
        assertThat(changed.path("changed").asInt()).isEqualTo(1);
        assertThat(part("Barrow @").path("spec").path("cardLength").asInt()).isEqualTo(310);
        assertThat(part("Barrow @").path("spec").path("coolerHeight").asInt()).isEqualTo(165);
    }

    @Test
    void partsAreMatchedByGtinThenByMakersNumber() {
        var gtin = String.valueOf(10_000_000_000_000L + (long) (Integer.parseUnsignedInt(own, 16)));
        csv(false, "maker,product,gtin,maker_number\nTest,Crib @," + gtin + ",N-@\n");
        var byGtin = csv(false, "maker,product,gtin,volume [l]\nOther,Another name,%s,30\n".formatted(gtin))
                .json();
        assertThat(byGtin.path("changed").asInt()).isEqualTo(1);
        var byNumber = csv(false, "maker,product,maker_number,volume [l]\nTest,Third name,N-@,31\n")
                .json();
        assertThat(byNumber.path("changed").asInt()).isEqualTo(1);
        assertThat(part("Crib @").path("spec").path("volume").asInt()).isEqualTo(31);
    }

    @Test
    void aGtinIsTheSameInEachOfItsLengths() {
        var gtin = String.valueOf(10_000_000_000L + (long) (Integer.parseUnsignedInt(own, 16)));
        csv(false, "maker,product,gtin\nTest,Croft @," + gtin + "\n");
        var file = "maker,product,gtin,volume [l]\nTest,Croft @,00%s,%s\n";
        assertThat(csv(false, file.formatted(gtin, "")).json().path("unchanged").asInt())
                .isOne();
        assertThat(csv(false, file.formatted(gtin, "28")).json().path("changed").asInt())
                .isOne();
        var twice = csv(true, "maker,product,gtin\nTest,Croft @,%s\nTest,Toft @,0%s\n".formatted(gtin, gtin));
        assertThat(fault(twice.json())).endsWith("a part that stands in the file once");
    }

    @Test
    void rowsThatTheCatalogueKnowsOtherwiseAreFaults() {
        var gtin = String.valueOf(6_000_000_000_000L + (long) (Integer.parseUnsignedInt(own, 16)));
        csv(false, "maker,product,gtin,maker_number\nTest,Barn @," + gtin + ",B-@\n");
        var twice = csv(false, "maker,product,gtin,maker_number\nTest,Barn @,,\nTest,Other @," + gtin + ",\n");
        assertThat(fault(twice.json()))
                .startsWith("3 product Other " + own)
                .endsWith("one row for one part; line 2 is the same part of the catalogue");
        var fan = send(
                "FAN",
                Form.CSV,
                false,
                ("maker,product,gtin\nTest,Vane " + own + "," + gtin + "\n").getBytes(StandardCharsets.UTF_8));
        assertThat(fault(fan.json())).endsWith("a case fan; in the catalogue it is of the kind case");
    }

    @Test
    void aSuggestedPriceComesWithItsCurrency() {
        csv(false, "maker,product\nTest,Stall @\n");
        var priced = "maker,product,suggested_price,suggested_currency\nTest,Stall @,89.00,USD\n";
        assertThat(csv(false, priced).json().path("changed").asInt()).isOne();
        var sheet = world.ines.get("/api/parts/" + part("Stall @").path("id").asString());
        assertThat(sheet.json().path("suggestedCurrency").asString()).isEqualTo("USD");
        assertThat(csv(false, priced).json().path("unchanged").asInt()).isOne();
        assertThat(csv(false, priced.replace("USD", "EUR"))
                        .json()
                        .path("changed")
                        .asInt())
                .isOne();
    }

    /** More than is written at once; the names are long so that it is. */
    private String many(int rows) {
        var lines = new StringBuilder("maker,product_family,product,variant,volume [l]\n");
        for (int i = 0; i < rows; i++) {
            lines.append("Test %d @,Sheds %d,%s %d,%s,%d\n"
                    .formatted(
                            i % 3, i % 7, "Long shed @".repeat(7), i / 2, i % 2 == 0 ? "black" : "white", 20 + i % 40));
        }
        return lines.toString();
    }

    @Test
    void aLongFileIsTakenInAsAWholeOrNotAtAll() {
        var file = many(6_000);
        var broken = csv(false, file + "Test 1 @,,Last shed,,99999\n").json();
        assertThat(fault(broken)).startsWith("6002 volume");
        assertThat(csv(true, file).json().path("added").asInt()).isEqualTo(6_000);
        assertThat(csv(false, file).json().path("added").asInt()).isEqualTo(6_000);
        var again = csv(false, file).json();
        assertThat(again.path("unchanged").asInt()).isEqualTo(6_000);
        assertThat(again.path("added").asInt() + again.path("changed").asInt()).isZero();
        takeOut();
    }

    /** The tests' catalogue is one, and should not grow by so many. */
    private void takeOut() {
        var db = world.stage.bean(DSLContext.class);
        var long_ = "product where name like 'Long shed " + own + "%'";
        db.query("delete from variant where product_id in (select id from " + long_ + ")")
                .execute();
        db.query("delete from " + long_).execute();
    }

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

    @Test
    void marksMixedLineEndsAndQuotesInQuotesAreRead() {
        var report = csv(
                        false,
                        "\uFEFFmaker,product,variant\r\nTest,\"Lodge @ \"\"big\"\"\",\"a, b\"\nTest,Lodge @ two,\r\n")
                .json();
        assertThat(report.path("added").asInt()).isEqualTo(2);
        assertThat(part("Lodge @ big").path("variant").asString()).isEqualTo("a, b");
    }

    /** What a spreadsheet would run is written so that it does not, and read back as it was. */
    @Test
    void formulasAreDefusedOnTheWayOutAndComeBackAsTheyWere() {
        csv(false, "maker,product,colour\nTest,Loft @,'=1+1\n");
        assertThat(part("Loft @").path("spec").path("colour").asString()).isEqualTo("=1+1");
        var out = world.ines.get("/api/kinds/CASE/file?form=CSV").text();
        assertThat(out.lines()
                        .filter(l -> l.contains("Loft " + own))
                        .findFirst()
                        .orElseThrow())
                .contains(",'=1+1,");
        assertThat(send("CASE", Form.CSV, true, out.getBytes(StandardCharsets.UTF_8))
                        .json()
                        .path("changed")
                        .asInt())
                .isZero();
    }

    @ParameterizedTest
    @EnumSource(Form.class)
    void whatGoesOutComesInUnchanged(Form form) {
        for (var kind : new String[] {"MOTHERBOARD", "CASE", "COOLER", "GRAPHICS_CARD", "PROCESSOR"}) {
            var out =
                    world.ines.get("/api/kinds/" + kind + "/file?form=" + form).text();
            var report = send(kind, form, false, out.getBytes(StandardCharsets.UTF_8))
                    .json();
            assertThat(report.path("rows").asInt()).as(kind).isPositive();
            assertThat(report.path("unchanged").asInt())
                    .as(report.toString())
                    .isEqualTo(report.path("rows").asInt());
        }
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

    /** A text is the same with space around it, and of nothing but space it is none; as in a table. */
    @Test
    void spaceAroundATextOfJsonSaysNothing() {
        var file =
                "[{'maker': 'Test', 'product': 'Yard %1$s'}, {'maker': ' Test ', 'product': 'Yard %1$s ', 'gtin': ' '},"
                        + " {'maker': '  ', 'product': 'Lane %1$s'}]";
        var answer = send(
                "CASE", Form.JSON, false, file.formatted(own).replace('\'', '"').getBytes(StandardCharsets.UTF_8));
        assertThat(answer.json()
                        .path("faults")
                        .valueStream()
                        .map(f ->
                                f.path("line").asInt() + " " + f.path("column").asString() + ": "
                                        + f.path("rule").asString()))
                .containsExactly("2 product: a part that stands in the file once", "3 maker: 1 to 80 letters");
    }

    /** The longest names that are allowed make the longest name of a part; the catalogue must hold it. */
    @Test
    void theLongestNamesAreTakenInAndTheCatalogueStaysWhole() {
        var maker = "M".repeat(PartText.MAKER.most());
        var product = own + "p".repeat(PartText.PRODUCT.most() - own.length());
        var report =
                csv(false, "maker,product\n%s,%s\n".formatted(maker, product)).json();
        assertThat(report.path("added").asInt()).isOne();
        assertThat(world.ines
                        .get("/api/parts?kind=CASE&q=" + own)
                        .json()
                        .path("parts")
                        .get(0)
                        .path("name")
                        .asString())
                .isEqualTo(maker + " " + product);
    }

    @Test
    void deepJsonIsRefused() {
        var deep = "[{\"maker\":\"T\",\"product\":\"X\",\"spec\":{\"formats\":" + "[".repeat(100_000) + "]}}]";
        var answer = send("CASE", Form.JSON, false, deep.getBytes(StandardCharsets.UTF_8));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).contains("no JSON");
    }
}
