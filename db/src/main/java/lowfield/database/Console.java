package lowfield.database;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * The console's way to the database, as the role that owns it: {@code migrate}, {@code backup FILE},
 * {@code restore FILE [--replace NAME] [--trust] [--yes]}, {@code verify FILE} into a database that nobody needs, {@code name}. Ends with 1 and a sentence where something is refused.
 */
public final class Console {
    private static final String USAGE =
            "migrate | backup FILE | restore FILE [--replace NAME] [--trust] [--yes] | verify FILE | name";

    private static final BufferedReader TYPED =
            new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));

    private final Map<String, String> environment;

    private Console(Map<String, String> environment) {
        this.environment = environment;
    }

    public static void main(String[] arguments) {
        try {
            new Console(System.getenv()).run(new ArrayList<>(Arrays.asList(arguments)));
        } catch (Refusal refused) {
            tell(refused.getMessage());
            System.exit(1);
        } catch (SQLException failed) {
            tell("The database could not be asked: " + failed.getMessage());
            System.exit(1);
        }
    }

    /** What a file or a database says may steer a terminal; it is shown without. */
    private static void tell(String sentence) {
        System.err.println("Lowfield: " + sentence.replaceAll("\\p{Cntrl}", " "));
    }

    private void run(List<String> words) throws SQLException {
        var what = words.isEmpty() ? "" : words.remove(0);
        switch (what) {
            case "migrate" -> new Migration(owner(), setting("LOWFIELD_DB_USER"), backups()).run(Instant.now());
            case "backup" ->
                System.out.println("Backed up: " + Backup.write(owner(), key(), file(words), Instant.now()));
            case "restore" -> System.out.println(restore(words));
            case "verify" -> System.out.println(Verification.of(owner(), key(), file(words)));
            case "name" -> name();
            default -> throw new Refusal(USAGE);
        }
    }

    private String restore(List<String> words) {
        var isSure = words.remove("--yes");
        var trust = Optional.<Predicate<String>>of(Console::isYes).filter(asked -> words.remove("--trust"));
        var at = words.indexOf("--replace");
        Optional<String> replace = Optional.empty();
        if (at >= 0) {
            if (at + 1 == words.size()) {
                throw new Refusal("--replace needs the name of the desk whose place is taken.");
            }
            replace = Optional.of(words.remove(at + 1));
            words.remove(at);
        }
        var answers = new Restore.Answers(replace, trust, question -> isSure || isYes(question));
        return new Restore(owner(), key(), file(words), answers, backups(), Instant.now()).run();
    }

    private void name() throws SQLException {
        try (var connection = owner().open()) {
            System.out.println(Desk.of(connection).name());
        }
    }

    private static Path file(List<String> words) {
        if (words.size() != 1) {
            throw new Refusal("Name one file.");
        }
        return Path.of(words.get(0)).toAbsolutePath();
    }

    private static boolean isYes(String question) {
        System.out.print(question);
        System.out.flush();
        try {
            return "yes".equals(Optional.ofNullable(TYPED.readLine()).orElse("").strip());
        } catch (IOException closed) {
            return false;
        }
    }

    private Access owner() {
        return new Access(
                setting("LOWFIELD_DB_URL"), setting("LOWFIELD_DB_OWNER"), setting("LOWFIELD_DB_OWNER_PASSWORD"));
    }

    private BackupKey key() {
        return BackupKey.of(setting("LOWFIELD_BACKUP_KEY"));
    }

    private Optional<BackupFolder> backups() {
        return Optional.ofNullable(environment.get("LOWFIELD_BACKUPS"))
                .map(Path::of)
                .map(folder -> new BackupFolder(folder, key()));
    }

    private String setting(String name) {
        return Optional.ofNullable(environment.get(name))
                .filter(value -> !value.isBlank())
                .orElseThrow(() -> new Refusal("%s is not set.", name));
    }
}
