package theriseed.server;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.zip.GZIPInputStream;
import org.springframework.boot.test.util.TestPropertyValues;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;

/** Gives each application under test a new, empty database in the cluster that the script which runs the tests started. */
public final class TestDatabase implements ApplicationContextInitializer<ConfigurableApplicationContext> {
    public static final String USER = "theriseed";

    private static final AtomicInteger COUNT = new AtomicInteger();

    @Override
    public void initialize(ConfigurableApplicationContext context) {
        use(context, fresh());
    }

    static void use(ConfigurableApplicationContext context, String name) {
        TestPropertyValues.of(
                        "spring.datasource.url=" + url(name),
                        "spring.datasource.username=" + USER,
                        "spring.datasource.password=" + password(),
                        "test.database=" + name)
                .applyTo(context);
    }

    /** Makes an empty database and gives its name. */
    public static String fresh() {
        String name = nextName();
        asAdmin("create database " + name);
        return name;
    }

    /** One that holds the demo farm as version 27 of the tables kept it, with all overruled that may be. */
    public static String ofSchema27() {
        String database = fresh();
        try (InputStream kept = new GZIPInputStream(
                        TestDatabase.class.getResourceAsStream("/theriseed/server/farm-of-schema-27.sql.gz"));
                Connection connection = DriverManager.getConnection(url(database), USER, password());
                Statement statement = connection.createStatement()) {
            statement.execute(new String(kept.readAllBytes(), StandardCharsets.UTF_8));
            return database;
        } catch (IOException | SQLException wrong) {
            throw new IllegalStateException(wrong);
        }
    }

    static String nextName() {
        return "test_" + ProcessHandle.current().pid() + "_" + COUNT.incrementAndGet();
    }

    public static String url(String name) {
        String cluster = needed("THERISEED_TEST_DB");
        return cluster.substring(0, cluster.lastIndexOf('/') + 1) + name;
    }

    public static String password() {
        return needed("THERISEED_TEST_DB_PASSWORD");
    }

    /** Runs statements beside the application, as the cluster's own user. */
    public static void asAdmin(String... statements) {
        try (Connection connection = admin();
                Statement statement = connection.createStatement()) {
            for (String sql : statements) {
                statement.execute(sql);
            }
        } catch (SQLException failed) {
            throw new IllegalStateException(failed);
        }
    }

    static Connection admin() throws SQLException {
        return DriverManager.getConnection(needed("THERISEED_TEST_DB"), USER, password());
    }

    /** Takes a database away from whoever uses it, in the middle of what they do, as a stopped server would. */
    public static void takeAway(String name) {
        asAdmin(
                "alter database " + name + " with allow_connections false",
                "select pg_terminate_backend(pid) from pg_stat_activity where datname = '" + name + "'");
    }

    public static void giveBack(String name) {
        asAdmin("alter database " + name + " with allow_connections true");
    }

    private static String needed(String variable) {
        String value = System.getenv(variable);
        if (value == null) {
            throw new IllegalStateException(variable + " is not set: run the tests through ./check or bin/test");
        }
        return value;
    }
}
