package theriseed.server.copy;

import jakarta.persistence.EntityManager;
import java.io.BufferedInputStream;
import java.io.ByteArrayOutputStream;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.hibernate.Session;
import org.postgresql.util.PSQLException;
import org.postgresql.util.ServerErrorMessage;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import theriseed.server.base.Changes;
import theriseed.server.base.FarmTakenIn;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.Maybe;
import theriseed.server.base.Refused;
import theriseed.server.farm.FarmClock;
import theriseed.server.farm.FarmView;
import theriseed.server.farm.Farms;
import theriseed.server.ground.GroundFile;
import theriseed.server.photo.Photos;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Writes the whole farm into one ZIP: its tables as CSV, its ground as GeoJSON, its pictures as they are; and takes such a
 * file into an empty farm, all of it or nothing. What was kept is the same to the last digit. Accounts are not in it: who
 * takes it in keeps theirs, and the names in the records stay names.
 */
@Service
public class FarmCopies {
    private static final String FORMAT = "theriseed farm";
    private static final int LONGEST_HEADER = 10_000;
    private static final int LARGEST_PICTURE = 5_000_000;

    /** Made with the farm, or by the simulated station before anything is recorded. */
    private static final Set<String> ON_AN_EMPTY_FARM = Set.of(FarmTables.FARM, "weather_day");

    private final EntityManager records;
    private final Farms farms;
    private final GroundFile ground;
    private final Photos photos;
    private final FarmClock time;
    private final Changes changes;
    private final ApplicationEventPublisher events;
    private final String version;
    private final JsonMapper json = JsonMapper.shared();

    FarmCopies(
            EntityManager records,
            Farms farms,
            GroundFile ground,
            Photos photos,
            FarmClock time,
            Changes changes,
            ApplicationEventPublisher events,
            @Value("${theriseed.version}") String version) {
        this.records = records;
        this.farms = farms;
        this.ground = ground;
        this.photos = photos;
        this.time = time;
        this.changes = changes;
        this.events = events;
        this.version = version;
    }

    /**
     * What a copy says of itself.
     *
     * @param schema version of the tables
     * @param version of the program that wrote it; absent in copies from before 1.1
     */
    record About(String format, String schema, @Maybe String version, Instant made, String farm) {}

    /** Writes the farm as it stands at one moment. */
    @GrowersWork
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    public void write(OutputStream to) {
        FarmView farm = farms.get();
        records.unwrap(Session.class).doWork(connection -> {
            try (ZipOutputStream zip = new ZipOutputStream(to)) {
                FarmTables tables = new FarmTables(connection);
                put(
                        zip,
                        FarmZip.ABOUT,
                        json.writeValueAsBytes(new About(FORMAT, tables.version(), version, time.now(), farm.name())));
                put(zip, FarmZip.GROUND, ground.write().getBytes(StandardCharsets.UTF_8));
                for (String table : tables.names()) {
                    zip.putNextEntry(new ZipEntry(FarmZip.TABLES + table + ".csv"));
                    tables.write(table, unclosed(zip));
                    zip.closeEntry();
                }
                for (UUID photo : photos.all()) {
                    put(zip, FarmZip.PHOTOS + photo + ".jpg", photos.jpeg(photo));
                    records.clear();
                }
            } catch (IOException failed) {
                throw new UncheckedIOException(failed);
            }
        });
    }

    private static void put(ZipOutputStream zip, String name, byte[] content) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(content);
        zip.closeEntry();
    }

    /** The database closes what it wrote to; the next file follows. */
    private static OutputStream unclosed(OutputStream to) {
        return new FilterOutputStream(to) {
            @Override
            public void write(byte[] bytes, int from, int length) throws IOException {
                out.write(bytes, from, length);
            }

            @Override
            public void close() throws IOException {
                flush();
            }
        };
    }

    /**
     * Takes a copy in.
     *
     * @throws Refused when this farm is not empty, or the file is no whole copy of the same version; nothing is taken then
     */
    @GrowersWork
    @Transactional
    public FarmView read(Path file) {
        changes.notePast();
        records.unwrap(Session.class).doWork(connection -> {
            try (FarmZip zip = new FarmZip(file)) {
                FarmTables tables = new FarmTables(connection);
                tables.run("lock table farm in share row exclusive mode");
                checkEmpty(tables);
                checkAbout(zip, tables);
                for (String table : ON_AN_EMPTY_FARM) {
                    tables.run("delete from " + table);
                }
                tables.run("set constraints all deferred");
                for (String table : tables.names()) {
                    read(zip, table, tables);
                }
                pictures(zip, tables);
                said("the tables", () -> tables.run("set constraints all immediate"));
                tables.run("update farm set demo = false, clock = null");
                if (tables.empty(FarmTables.FARM)) {
                    throw new Refused("file", "tables/farm.csv", "copy.noFarm");
                }
                records.clear();
                time.lookAgain();
                new RowsReadable(records, zip, tables).check();
                opens();
            } catch (IOException damaged) {
                throw new Refused("file", "a damaged file", "copy.damaged");
            }
        });
        records.clear();
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                time.lookAgain();
            }
        });
        return farms.get();
    }

    /** All that is calculated from records is, once. */
    private void opens() {
        try {
            events.publishEvent(new FarmTakenIn());
        } catch (RuntimeException shut) {
            throw new Refused("file", "the farm", "copy.doesNotOpen", "why", String.valueOf(shut.getMessage()));
        }
    }

    private static void checkEmpty(FarmTables tables) throws SQLException {
        for (String table : tables.names()) {
            if (!ON_AN_EMPTY_FARM.contains(table) && !tables.empty(table)) {
                throw new Refused("file", table, "copy.notEmpty");
            }
        }
    }

    private void checkAbout(FarmZip zip, FarmTables tables) throws IOException, SQLException {
        About about;
        try (InputStream in = zip.open(FarmZip.ABOUT)) {
            about = json.readValue(in.readNBytes(LONGEST_HEADER), About.class);
        } catch (JacksonException notOurs) {
            throw new Refused("file", FarmZip.ABOUT, "copy.saysNothing");
        }
        if (!FORMAT.equals(about.format())) {
            throw new Refused("file", about.format(), "copy.noCopy");
        }
        if (!tables.version().equals(about.schema())) {
            throw new Refused(
                    "file", about.schema(), "copy.otherVersion", "its", about.schema(), "here", tables.version());
        }
        for (String name : zip.names(FarmZip.TABLES)) {
            String table = name.substring(FarmZip.TABLES.length(), name.length() - ".csv".length());
            if (!tables.names().contains(table)) {
                throw new Refused("file", name, "copy.strangeTable");
            }
        }
    }

    private static void read(FarmZip zip, String table, FarmTables tables) throws SQLException, IOException {
        String name = FarmZip.TABLES + table + ".csv";
        List<String> header = header(zip, name);
        Set<String> unknown = new HashSet<>(header);
        tables.columns(table).forEach(unknown::remove);
        if (!unknown.isEmpty() || header.size() != tables.columns(table).size()) {
            throw new Refused("file", name, "copy.otherColumns", "columns", String.join(",", tables.columns(table)));
        }
        try (InputStream csv = zip.open(name)) {
            said(name, () -> {
                if (table.equals(FarmTables.PHOTO)) {
                    tables.readPhotos(csv, header);
                } else {
                    tables.read(table, header, csv);
                }
            });
        }
    }

    /** Something done to the database. */
    private interface Act {
        void run() throws SQLException, IOException;
    }

    /** Does it; what the database refuses is said in its words. */
    private static void said(String name, Act act) throws SQLException, IOException {
        try {
            act.run();
        } catch (PSQLException wrong) {
            ServerErrorMessage says = wrong.getServerErrorMessage();
            throw new Refused(
                    "file",
                    name,
                    "copy.rowsDoNotFit",
                    "why",
                    says == null ? null : says.getMessage(),
                    "where",
                    says == null ? null : says.getWhere());
        }
    }

    private static List<String> header(FarmZip zip, String name) throws IOException {
        try (InputStream csv = new BufferedInputStream(zip.open(name))) {
            ByteArrayOutputStream line = new ByteArrayOutputStream();
            int next = csv.read();
            while (next >= 0 && next != '\n' && line.size() < LONGEST_HEADER) {
                line.write(next);
                next = csv.read();
            }
            return new ArrayList<>(
                    List.of(line.toString(StandardCharsets.UTF_8).strip().split(",")));
        }
    }

    private void pictures(FarmZip zip, FarmTables tables) throws SQLException, IOException {
        for (String name : zip.names(FarmZip.PHOTOS)) {
            try (InputStream in = zip.open(name)) {
                byte[] jpeg = in.readNBytes(LARGEST_PICTURE + 1);
                if (jpeg.length > LARGEST_PICTURE || !Photos.isPicture(jpeg)) {
                    throw new Refused("file", name, "copy.noPicture");
                }
                UUID id = UUID.fromString(name.substring(FarmZip.PHOTOS.length(), name.length() - ".jpg".length()));
                if (tables.readPicture(id, jpeg) == 0) {
                    throw new Refused("file", name, "copy.pictureOfNothing");
                }
            }
        }
        int missing = tables.photosMissing();
        if (missing > 0) {
            throw new Refused("file", missing, "copy.picturesMissing", "missing", missing);
        }
    }
}
