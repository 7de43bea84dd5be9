package lowfield.database;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import tools.jackson.core.JacksonException;

/** A backup on disk: a zip with the dump, in pg_dump's custom format, and its manifest. */
final class BackupFile implements AutoCloseable {
    static final String DUMP = "database.dump";
    static final String MANIFEST = "manifest.json";
    static final String MARK = "manifest.mark";

    private static final int LONGEST_MANIFEST = 1 << 20;
    private static final int LONGEST_MARK = 1 << 10;
    private static final int BUFFER = 1 << 17;

    private final ZipFile zip;
    private final byte[] written;
    private final Manifest manifest;

    private BackupFile(ZipFile zip) throws IOException {
        this.zip = zip;
        try (var in = entry(MANIFEST)) {
            written = in.readNBytes(LONGEST_MANIFEST);
            manifest = Manifest.read(written);
        }
    }

    /** Opens and checks a file to its last byte; one that is cut short, altered or of a newer format is refused. */
    static BackupFile open(Path file) throws IOException {
        ZipFile zip;
        try {
            zip = new ZipFile(file.toFile());
        } catch (ZipException broken) {
            throw damaged();
        } catch (IOException unreadable) {
            throw new Refusal("%s cannot be read: %s", file, unreadable.getMessage());
        }
        try {
            var backup = new BackupFile(zip);
            backup.checkDump();
            return backup;
        } catch (ZipException | java.io.EOFException | JacksonException broken) {
            zip.close();
            throw damaged();
        } catch (IOException | RuntimeException refused) {
            zip.close();
            throw refused;
        }
    }

    static Refusal damaged() {
        return new Refusal("This is no whole backup of Lowfield: it is damaged, or was cut short. Take another.");
    }

    Manifest manifest() {
        return manifest;
    }

    /** Whether the desk with this key made it. Backups of before had no mark. */
    boolean isMadeBy(BackupKey key) throws IOException {
        var entry = zip.getEntry(MARK);
        if (entry == null) {
            return false;
        }
        try (var in = zip.getInputStream(entry)) {
            return key.isMark(in.readNBytes(LONGEST_MARK), written);
        }
    }

    InputStream dump() throws IOException {
        return entry(DUMP);
    }

    private InputStream entry(String name) throws IOException {
        var entry = zip.getEntry(name);
        if (entry == null) {
            throw damaged();
        }
        return zip.getInputStream(entry);
    }

    private void checkDump() throws IOException {
        try (var in = new Hashed(dump())) {
            var buffer = new byte[BUFFER];
            while (in.bytes <= manifest.dumpBytes() && in.read(buffer, 0, BUFFER) >= 0) {}
            if (in.bytes != manifest.dumpBytes() || !in.hash().equals(manifest.dumpSha256())) {
                throw damaged();
            }
        }
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }

    /** A stream that knows how much went through it, and its SHA-256. */
    static final class Hashed extends FilterInputStream {
        private final MessageDigest digest;
        private long bytes;

        Hashed(InputStream in) {
            super(in);
            try {
                digest = MessageDigest.getInstance("SHA-256");
            } catch (NoSuchAlgorithmException none) {
                throw new IllegalStateException(none);
            }
        }

        @Override
        public int read() throws IOException {
            var one = new byte[1];
            return read(one, 0, 1) < 0 ? -1 : one[0] & 0xff;
        }

        @Override
        public int read(byte[] buffer, int from, int length) throws IOException {
            var n = super.read(buffer, from, length);
            if (n > 0) {
                digest.update(buffer, from, n);
                bytes += n;
            }
            return n;
        }

        long bytes() {
            return bytes;
        }

        String hash() {
            return HexFormat.of().formatHex(digest.digest());
        }
    }
}
