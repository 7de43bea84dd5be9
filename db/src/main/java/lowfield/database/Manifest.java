package lowfield.database;

import java.util.Optional;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * What a backup says of itself (docs/formats/backup.md).
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

    byte[] written() {
        return JSON.writeValueAsBytes(this);
    }

    static Manifest read(byte[] bytes) {
        var format = Optional.ofNullable(JSON.readTree(bytes).get("format")).orElseThrow(BackupFile::damaged);
        if (format.asInt() > FORMAT) {
            throw new Refusal(
                    "This backup has format %d and was made by a newer Lowfield; this one reads up to %d. Upgrade first.",
                    format.asInt(), FORMAT);
        }
        return JSON.readValue(bytes, Manifest.class);
    }
}
