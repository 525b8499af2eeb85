package theriseed.server;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * Gives each application under test a new database with the demo farm in it: a copy of one that the first who needs it
 * makes for all tests in the cluster, in whichever program they run.
 */
public final class DemoDatabase implements ApplicationContextInitializer<ConfigurableApplicationContext> {
    /** Held by whoever makes the farm that is copied, while the others wait; any number that nobody else locks. */
    private static final int LOCK = 26_114;

    @Override
    public void initialize(ConfigurableApplicationContext context) {
        TestDatabase.use(context, fresh());
    }

    /** Makes a database with the demo farm and gives its name. */
    public static String fresh() {
        String name = TestDatabase.nextName();
        copyTo(name);
        return name;
    }

    /** Puts the demo farm in the place of what has become of it in a database. */
    static void again(String name) {
        TestDatabase.takeAway(name);
        TestDatabase.asAdmin("drop database " + name + " with (force)");
        copyTo(name);
    }

    private static void copyTo(String name) {
        try (Connection admin = TestDatabase.admin();
                Statement statement = admin.createStatement()) {
            statement.execute("select pg_advisory_lock(" + LOCK + ")");
            String made = "demo_farm" + System.getenv().getOrDefault("THERISEED_TEST_SOURCES", "");
            if (!exists(statement, made)) {
                String begun = made + "_begun";
                statement.execute("drop database if exists " + begun);
                statement.execute("create database " + begun);
                EmptyFarm.start("demo", begun).close();
                statement.execute("alter database " + begun + " rename to " + made);
            }
            statement.execute("create database " + name + " template " + made);
        } catch (SQLException failed) {
            throw new IllegalStateException(failed);
        }
    }

    private static boolean exists(Statement statement, String database) throws SQLException {
        try (ResultSet found = statement.executeQuery("select 1 from pg_database where datname = '" + database + "'")) {
            return found.next();
        }
    }
}
