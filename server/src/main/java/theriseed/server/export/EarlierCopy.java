package theriseed.server.export;

import java.io.IOException;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.UUID;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.postgresql.Driver;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.jdbc.autoconfigure.JdbcConnectionDetails;
import org.springframework.jdbc.datasource.SimpleDriverDataSource;

/**
 * A copy that an earlier version wrote, brought to what this version keeps: taken into tables of its own, as they were then,
 * which go through every migration since.
 */
final class EarlierCopy {
    private static final Logger LOG = LoggerFactory.getLogger(EarlierCopy.class);

    private final Flyway migrations;
    private final String aside = "copy_" + UUID.randomUUID().toString().replace("-", "");

    /**
     * Sees the tables aside only, so that no migration changes any of the farm's own; and lends nobody a connection that
     * does.
     */
    private final DataSource database;

    /** Tables as they were in that version, with nothing in them; they stay until {@link #away}. */
    EarlierCopy(JdbcConnectionDetails database, Flyway migrations, String version) {
        this.migrations = migrations;
        String url = database.getJdbcUrl();
        this.database = new SimpleDriverDataSource(
                new Driver(),
                url + (url.contains("?") ? "&" : "?") + "currentSchema=" + aside,
                database.getUsername(),
                database.getPassword());
        migrate(version);
    }

    /** Whether this version knows how tables were kept in that one. */
    static boolean isKnown(Flyway migrations, String version) {
        return Arrays.stream(migrations.info().applied())
                .map(MigrationInfo::getVersion)
                .anyMatch(known -> known != null && known.getVersion().equals(version));
    }

    /** What is done with tables of a version. */
    interface Taking {
        void into(FarmTables tables) throws SQLException, IOException;
    }

    void take(Taking taking) throws SQLException, IOException {
        try (Connection connection = database.getConnection()) {
            connection.setAutoCommit(false);
            try {
                taking.into(new FarmTables(connection));
                connection.commit();
            } catch (SQLException | IOException | RuntimeException wrong) {
                connection.rollback();
                throw wrong;
            }
        }
        migrate("latest");
    }

    /** Into the farm's own tables, which are of this version. */
    void into(FarmTables tables) throws SQLException {
        tables.run("set constraints all deferred");
        for (String table : tables.names()) {
            tables.takeOver(table, aside);
        }
        tables.run("set constraints all immediate");
    }

    private void migrate(String version) {
        Flyway.configure()
                .configuration(migrations.getConfiguration())
                .dataSource(database)
                .schemas(aside)
                .defaultSchema(aside)
                .createSchemas(true)
                .target(version)
                .load()
                .migrate();
    }

    /** Takes the tables away; not before whoever reads from them has done. */
    void away() {
        try (Connection connection = database.getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute("drop schema if exists " + aside + " cascade");
        } catch (SQLException notNow) {
            LOG.warn(
                    "The schema {} was made to take a copy in, and could not be dropped: {}",
                    aside,
                    notNow.getMessage());
        }
    }
}
