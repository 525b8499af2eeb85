package theriseed.server.export;

import java.io.Closeable;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import theriseed.server.base.Refused;

/**
 * A ZIP from outside. Only files of the names a farm's copy has are taken, none of them twice, and no more is unpacked
 * than a farm can be, whatever the file says of itself. Nothing is ever written under a name from the file.
 */
final class FarmZip implements Closeable {
    static final String ABOUT = "farm.json";
    static final String README = "README.txt";
    static final String COLUMNS = "columns.csv";
    static final String CROPS = "crops.csv";
    static final String GROUND = "ground.geojson";
    static final String TABLES = "tables/";
    static final String PHOTOS = "photos/";
    private static final Pattern NAMES =
            Pattern.compile("farm\\.json|ground\\.geojson|README\\.txt|(columns|crops)\\.csv|tables/[a-z_]{1,60}\\.csv"
                    + "|photos/[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}\\.jpg");
    private static final int MOST_FILES = 200_000;
    private static final long MOST_BYTES = 2_000_000_000;

    private final ZipFile zip;
    private long unpacked;

    FarmZip(Path file) throws IOException {
        try {
            zip = new ZipFile(file.toFile());
        } catch (ZipException notOne) {
            throw new Refused("file", "a file that is no ZIP", "copy.noZip");
        }
        if (zip.size() > MOST_FILES) {
            throw new Refused("file", zip.size(), "copy.tooManyFiles", "most", MOST_FILES);
        }
        Set<String> seen = new HashSet<>();
        for (ZipEntry entry : entries()) {
            if (!NAMES.matcher(entry.getName()).matches()) {
                throw new Refused("file", shown(entry.getName()), "copy.strangeFile");
            }
            if (!seen.add(entry.getName())) {
                throw new Refused("file", entry.getName(), "copy.twice");
            }
        }
    }

    private List<? extends ZipEntry> entries() {
        return Collections.list(zip.entries());
    }

    /** Names of its files that begin so. */
    List<String> names(String begin) {
        return entries().stream()
                .map(ZipEntry::getName)
                .filter(name -> name.startsWith(begin))
                .toList();
    }

    boolean has(String name) {
        return zip.getEntry(name) != null;
    }

    /** A file of it. */
    InputStream open(String name) throws IOException {
        ZipEntry entry = zip.getEntry(name);
        if (entry == null) {
            throw new Refused("file", name, "copy.lacks", "file", name);
        }
        return new Counted(zip.getInputStream(entry));
    }

    /** Without what a terminal or a page would choke on. */
    private static String shown(String name) {
        String plain = name.replaceAll("[^\\p{Print}]", "?");
        return plain.length() > 80 ? plain.substring(0, 80) + "…" : plain;
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }

    /** Stops where more comes out than a farm can be. */
    private final class Counted extends FilterInputStream {
        Counted(InputStream in) {
            super(in);
        }

        private int counted(int bytes) {
            unpacked += Math.max(0, bytes);
            if (unpacked > MOST_BYTES) {
                throw new Refused("file", "more than 2 GB", "copy.tooMuch");
            }
            return bytes;
        }

        @Override
        public int read() throws IOException {
            int read = super.read();
            counted(read < 0 ? 0 : 1);
            return read;
        }

        @Override
        public int read(byte[] into, int from, int length) throws IOException {
            return counted(super.read(into, from, length));
        }
    }
}
