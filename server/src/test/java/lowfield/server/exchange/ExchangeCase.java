package lowfield.server.exchange;

import java.nio.charset.StandardCharsets;
import java.util.UUID;
import lowfield.server.kit.Caller;
import lowfield.server.kit.World;
import tools.jackson.databind.JsonNode;

/** Sends files of parts to a world and reads what came of them. */
abstract class ExchangeCase {
    enum Form {
        CSV,
        JSON
    }

    final World world = new World();

    /** Names of its own for each test, since the catalogue is one. */
    final String own = UUID.randomUUID().toString().substring(0, 8);

    Caller.Answer send(String kind, Form form, boolean dry, byte[] file) {
        return world.ines.file("/api/kinds/" + kind + "/file?form=" + form + "&dry=" + dry, file);
    }

    Caller.Answer csv(boolean dry, String text) {
        return send("CASE", Form.CSV, dry, text.replace("@", own).getBytes(StandardCharsets.UTF_8));
    }

    static String fault(JsonNode report) {
        var f = report.path("faults").get(0);
        return f.path("line").asInt() + " " + f.path("column").asString() + " "
                + f.path("value").asString() + ": " + f.path("rule").asString();
    }

    JsonNode part(String name) {
        return world.ines
                .get("/api/parts?kind=CASE&q=" + name.replace("@", own).replace(" ", "+"))
                .json()
                .path("parts")
                .get(0);
    }

    /** More than is written at once; the names are long so that it is. */
    String many(int rows) {
        var lines = new StringBuilder("maker,product_family,product,variant,volume [l]\n");
        for (int i = 0; i < rows; i++) {
            lines.append("Test %d @,Sheds %d,%s %d,%s,%d\n"
                    .formatted(
                            i % 3, i % 7, "Long shed @".repeat(7), i / 2, i % 2 == 0 ? "black" : "white", 20 + i % 40));
        }
        return lines.toString();
    }
}
