package lowfield.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import lowfield.core.part.PartText;
import org.jooq.DSLContext;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tools.jackson.databind.JsonNode;

class ExchangeTest extends ExchangeCase {
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
}
