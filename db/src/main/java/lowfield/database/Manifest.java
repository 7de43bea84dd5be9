package lowfield.database;

import java.time.DateTimeException;
import java.time.Instant;
import java.util.Optional;
import java.util.regex.Pattern;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * What a backup says of itself (docs/formats/backup.md). One that was read is of the forms said here, whoever wrote it.
 *
 * @param format the version of the backup's own form
 * @param desk the name of the desk it is of; empty when that had none yet
 * @param schema the last migration, such as {@code 013}
 * @param made when, as ISO 8601 in UTC
 * @param dumpBytes the length of the dump
 * @param dumpSha256 its hash
 */
record Manifest(
        int format,
        String desk,
        String schema,
        String application,
        String postgres,
        String made,
        long dumpBytes,
        String dumpSha256,
        Contents contents) {
    static final int FORMAT = 1;

    private static final JsonMapper JSON =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
    private static final Pattern DESK = Pattern.compile("(?:[a-z0-9][a-z0-9-]{1,39})?");
    private static final Pattern SCHEMA = Pattern.compile("[0-9]{3}");
    private static final Pattern PROGRAM = Pattern.compile("[\\x20-\\x7e]{1,100}");
    private static final Pattern HASH = Pattern.compile("[0-9a-f]{64}");
    private static final Pattern TABLE = Pattern.compile("[a-z_][a-z0-9_]{0,62}");

    byte[] written() {
        return JSON.writeValueAsBytes(this);
    }

    /** A newer format is refused by name; whatever else is not of the form is a damaged file. */
    static Manifest read(byte[] bytes) {
        try {
            var format = Optional.ofNullable(JSON.readTree(bytes).get("format")).orElseThrow(BackupFile::damaged);
            if (format.asInt() > FORMAT) {
                throw new Refusal(
                        "This backup has format %d and was made by a newer Lowfield; this one reads up to %d. Upgrade first.",
                        format.asInt(), FORMAT);
            }
            var manifest = JSON.readValue(bytes, Manifest.class);
            if (!manifest.isOfItsForm()) {
                throw BackupFile.damaged();
            }
            return manifest;
        } catch (JacksonException | NullPointerException | DateTimeException broken) {
            throw BackupFile.damaged();
        }
    }

    private boolean isOfItsForm() {
        return format == FORMAT
                && DESK.matcher(desk).matches()
                && SCHEMA.matcher(schema).matches()
                && PROGRAM.matcher(application).matches()
                && PROGRAM.matcher(postgres).matches()
                && Instant.parse(made).toString().equals(made)
                && HASH.matcher(dumpSha256).matches()
                && contents.rows().keySet().stream()
                        .allMatch(table -> TABLE.matcher(table).matches())
                && contents.rows().values().stream().allMatch(many -> many >= 0)
                && contents.hashes().values().stream()
                        .allMatch(hash ->
                                hash.equals("none") || HASH.matcher(hash).matches());
    }
}
