package theriseed.server.sheet;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import theriseed.core.measure.OutOfRange;
import theriseed.server.base.ByItself;
import theriseed.server.base.FarmTime;
import theriseed.server.base.Maybe;
import theriseed.server.base.Refused;
import theriseed.server.farm.Farms;
import theriseed.server.words.Readers;
import theriseed.server.words.Refusals;

/**
 * A folder that a weather station writes its files into: whatever is new there is read in, again whenever it has grown. What
 * a file says twice is nothing new, so after a start all of them are looked at once.
 */
@Component
public class WeatherFolder {
    private static final Logger LOG = LoggerFactory.getLogger(WeatherFolder.class);
    private static final String BY = "weather folder";
    private static final Pattern TABLES = Pattern.compile("(?i)[^.].*\\.(csv|txt|tsv|xlsx)");
    private static final long LARGEST_BYTES = 30_000_000;
    private static final int MOST_FILES = 20;
    private static final int LONGEST_SOURCE = 60;

    private final Path folder;
    private final Sheets sheets;
    private final Farms farms;
    private final Readers readers;
    private final FarmTime time;
    private final Map<Path, Seen> before = new HashMap<>();
    private final Map<String, FolderFile> told = new TreeMap<>();

    WeatherFolder(
            @Value("${theriseed.weather.folder}") Path folder,
            Sheets sheets,
            Farms farms,
            Readers readers,
            FarmTime time) {
        this.folder = folder.toAbsolutePath();
        this.sheets = sheets;
        this.farms = farms;
        this.readers = readers;
        this.time = time;
    }

    /** How a file looked. @param read whether it was read like that */
    private record Seen(long bytes, FileTime changed, boolean read) {
        boolean same(Seen other) {
            return other != null && bytes == other.bytes && changed.equals(other.changed);
        }
    }

    /**
     * A file of the folder.
     *
     * @param made days that were new, {@code changed} ones that were known otherwise
     * @param why it was not read; absent where it was
     */
    public record FolderFile(
            String name,
            Instant readAt,
            int made,
            int changed,
            @Maybe String why) {}

    /** @param there whether there is such a folder */
    public record FolderView(String folder, boolean there, List<FolderFile> files) {}

    /** What became of the files, by name. */
    public synchronized FolderView view() {
        return new FolderView(folder.toString(), Files.isDirectory(folder), List.copyOf(told.values()));
    }

    /** Reads what is new. A file that still grows between two looks is left to the next. */
    @Scheduled(initialDelay = 20_000, fixedDelay = 30_000)
    public synchronized void look() {
        if (!Files.isDirectory(folder) || farms.find().isEmpty()) {
            return;
        }
        try (Stream<Path> all = Files.list(folder)) {
            for (Path file : all.filter(
                            one -> TABLES.matcher(one.getFileName().toString()).matches())
                    .sorted(Comparator.naturalOrder())
                    .limit(MOST_FILES)
                    .toList()) {
                look(file);
            }
        } catch (IOException unreadable) {
            LOG.warn("The folder of the weather cannot be read: {}", unreadable.toString());
        }
    }

    private void look(Path file) throws IOException {
        Seen now = new Seen(Files.size(file), Files.getLastModifiedTime(file), false);
        Seen last = before.put(file, now);
        if (!now.same(last)) {
            return;
        }
        before.put(file, new Seen(now.bytes(), now.changed(), true));
        if (!last.read()) {
            FolderFile read = read(file, now.bytes());
            told.put(read.name(), read);
        }
    }

    private FolderFile read(Path file, long bytes) throws IOException {
        String name = file.getFileName().toString();
        if (bytes > LARGEST_BYTES) {
            return new FolderFile(name, time.now(), 0, 0, "It is larger than 30 MB.");
        }
        byte[] table = Files.readAllBytes(file);
        return ByItself.as(BY, () -> read(name, table));
    }

    private FolderFile read(String name, byte[] table) {
        try {
            Told source = Told.NOTHING.forAll(
                    Map.of("source", name.length() > LONGEST_SOURCE ? name.substring(0, LONGEST_SOURCE) : name));
            SheetRead read = sheets.read("weather", table, source, true);
            return read.kept()
                    ? new FolderFile(name, time.now(), read.made(), read.changed(), null)
                    : new FolderFile(name, time.now(), 0, 0, read.lines().get(0).why());
        } catch (Refused | OutOfRange wrong) {
            return new FolderFile(name, time.now(), 0, 0, Refusals.say(readers.now(), wrong));
        }
    }
}
