package lowfield.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** docs/checks.md is what the declarations say; LOWFIELD_WRITE_DOCS=1 writes it anew. */
class CheckPageTest {
    @Test
    void thePageIsUpToDate() throws IOException {
        var page = Path.of("..", "docs", "checks.md");
        if (System.getenv("LOWFIELD_WRITE_DOCS") != null) {
            Files.writeString(page, CheckPage.markdown());
        }
        assertThat(page).hasContent(CheckPage.markdown());
        assertThat(Checks.all())
                .allSatisfy(c -> assertThat(CheckPage.markdown()).contains("`" + c.id() + "`", c.rule()));
    }
}
