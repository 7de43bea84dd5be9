package lowfield.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import lowfield.server.kit.Forms;
import lowfield.server.kit.World;
import org.junit.jupiter.api.Test;

/** Addresses put together from the ids of two guides lead nowhere, whatever is asked there. */
class WrongAddressTest {
    private static final Pattern VARIABLE = Pattern.compile("\\{(\\w+)}");
    private static final List<String> METHODS = List.of("get", "put", "post", "patch", "delete");
    /** What stands under an id without being one of another guide: names, and marks of what was read. */
    private static final Set<String> NO_IDS = Set.of("gate", "fingerprint", "key");

    private final World ours = new World();
    private final World theirs = new World();

    /** The ids of one guide by the name they have in addresses. */
    private static Map<String, String> ids(World world) {
        var line = world.line("CASE");
        world.edit(world.ines, line, Map.of("note", "so that there is a step"));
        var history = world.ines
                .get("/api/editions/" + world.edition + "/builds/" + world.build + "/history")
                .json();
        var ids = new HashMap<>(world.ids());
        ids.put("step", history.get(0).path("id").asString());
        return ids;
    }

    @Test
    void everyIdIsCheckedAgainstTheOneBeforeIt() {
        var mine = ids(ours);
        var other = ids(theirs);
        var tried = new TreeSet<String>();
        var paths = ours.ines.get("/api/openapi").json().path("paths");
        paths.propertyStream()
                .forEach(path -> VARIABLE.matcher(path.getKey())
                        .results()
                        .map(r -> r.group(1))
                        .skip(1)
                        .filter(v -> !NO_IDS.contains(v))
                        .forEach(inner -> {
                            METHODS.stream().filter(path.getValue()::has).forEach(method -> {
                                var address = mixed(path.getKey(), inner, mine, other);
                                var answer =
                                        ours.ines.call(method.toUpperCase(java.util.Locale.ROOT), address, Map.of(), 1);
                                assertThat(answer.status())
                                        .as(
                                                "%s %s with another guide's %s: %s",
                                                method, path.getKey(), inner, answer.detail())
                                        .isEqualTo(404);
                                tried.add(method + " " + path.getKey());
                            });
                        }));
        assertThat(tried)
                .contains(
                        "post /api/guides/{slug}/editions/{edition}/tiers",
                        "patch /api/editions/{edition}/lines/{line}")
                .hasSizeGreaterThan(15);
    }

    private static String mixed(String path, String inner, Map<String, String> mine, Map<String, String> other) {
        return VARIABLE.matcher(path).replaceAll(r -> {
            var name = r.group(1);
            return name.equals(inner)
                    ? other.getOrDefault(name, "424242")
                    : mine.getOrDefault(name, "00000000-0000-4000-8000-000000000000");
        });
    }

    @Test
    void aTierIsNotAddedToAnotherGuidesEdition() {
        var before = theirs.desk().path("cards").size();
        var answer = ours.ines.post(
                "/api/guides/" + ours.slug + "/editions/" + theirs.edition + "/tiers", Forms.tier("Mate", 100, 200));
        assertThat(answer.status()).isEqualTo(404);
        assertThat(theirs.desk().path("cards").size()).isEqualTo(before);
    }

    @Test
    void aBuildOpensNoLineOfAnother() {
        var line = theirs.line("CASE").path("id").asString();
        var answer = ours.ines.get("/api/editions/" + ours.edition + "/builds/" + ours.build + "/bench?open=" + line);
        assertThat(answer.status()).isIn(200, 404);
        assertThat(answer.text()).doesNotContain(line);
    }

    /** What was let through when an edition went out stays on record as it was. */
    @Test
    void exceptionsOfAPublishedEditionStayAsTheyAre() {
        // With nothing chosen some checks fail, whatever other tests did to prices.
        ours.publish();
        var out = published();
        var db = ours.stage.bean(org.jooq.DSLContext.class);
        var kept = "select * from publish_exception where edition_id = ?::uuid order by problem";
        var before = db.fetch(kept, out);
        var problem = before.get(0).get("problem", String.class);
        var path = "/api/editions/" + out + "/exceptions";
        assertThat(ours.ines.call("DELETE", path + "/" + problem, null, null).status())
                .isEqualTo(409);
        assertThat(ours.ines
                        .post(path, Map.of("problems", List.of(problem), "reason", "on second thoughts", "shown", true))
                        .status())
                .isEqualTo(409);
        assertThat(db.fetch(kept, out)).isEqualTo(before);
    }

    private String published() {
        return ours.stage
                .bean(org.jooq.DSLContext.class)
                .fetchSingle(
                        "select e.id from edition e join guide g on g.id = e.guide_id where g.slug = ? and e.state = 'PUBLISHED'",
                        ours.slug)
                .get(0, String.class);
    }
}
