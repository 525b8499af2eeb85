package theriseed.server.export;

import jakarta.persistence.EntityManager;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Instant;
import java.util.Set;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.flywaydb.core.Flyway;
import org.hibernate.Session;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.jdbc.autoconfigure.JdbcConnectionDetails;
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

    /** Made with the farm, or by the simulated station before anything is recorded. */
    private static final Set<String> ON_AN_EMPTY_FARM = Set.of(FarmTables.FARM, "weather_day");

    private final EntityManager records;
    private final Farms farms;
    private final GroundFile ground;
    private final Photos photos;
    private final FarmClock time;
    private final Changes changes;
    private final ApplicationEventPublisher events;
    private final JdbcConnectionDetails database;
    private final Flyway migrations;
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
            JdbcConnectionDetails database,
            Flyway migrations,
            @Value("${theriseed.version}") String version) {
        this.records = records;
        this.farms = farms;
        this.ground = ground;
        this.photos = photos;
        this.time = time;
        this.changes = changes;
        this.events = events;
        this.database = database;
        this.migrations = migrations;
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
                put(zip, FarmZip.README, Description.readme(farm.name(), version));
                put(zip, FarmZip.COLUMNS, new Description(connection).columns(tables));
                put(zip, FarmZip.CROPS, Description.crops());
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
     * @throws Refused when this farm is not empty, or the file is no whole copy of this version or an earlier one; nothing is
     *     taken then
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
                String schema = schemaOf(zip);
                for (String table : ON_AN_EMPTY_FARM) {
                    tables.run("delete from " + table);
                }
                if (schema.equals(tables.version())) {
                    CopiedRows.load(zip, tables);
                } else {
                    EarlierCopy earlier = new EarlierCopy(database, migrations, schema);
                    afterwards(earlier::away);
                    earlier.take(as -> CopiedRows.load(zip, as));
                    earlier.into(tables);
                }
                tables.run("update farm set demo = false, sample = false, clock = null");
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
        afterwards(time::lookAgain);
        return farms.get();
    }

    /** Leaves nothing of the farm, nor of its people. */
    @GrowersWork
    @Transactional
    public void takeOutAll() {
        changes.notePast();
        records.flush();
        records.unwrap(Session.class).doWork(connection -> new FarmTables(connection).takeOutAll());
        records.clear();
        afterwards(time::lookAgain);
    }

    /** When it is taken in, or is not. */
    private static void afterwards(Runnable act) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                act.run();
            }
        });
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

    /** The version of the tables that the copy is of. */
    private String schemaOf(FarmZip zip) throws IOException {
        About about;
        try (InputStream in = zip.open(FarmZip.ABOUT)) {
            about = json.readValue(in.readNBytes(LONGEST_HEADER), About.class);
        } catch (JacksonException notOurs) {
            throw new Refused("file", FarmZip.ABOUT, "copy.saysNothing");
        }
        if (!FORMAT.equals(about.format())) {
            throw new Refused("file", about.format(), "copy.noCopy");
        }
        if (!EarlierCopy.isKnown(migrations, about.schema())) {
            throw new Refused(
                    "file",
                    about.schema(),
                    "copy.otherVersion",
                    "its",
                    about.schema(),
                    "here",
                    migrations.info().current().getVersion().getVersion());
        }
        return about.schema();
    }
}
