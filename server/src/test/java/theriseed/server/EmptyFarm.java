package theriseed.server;

import java.util.Map;
import java.util.stream.Stream;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;

/** A second server on a database of its own, with a farm that its first grower has just made. */
public final class EmptyFarm implements AutoCloseable {
    public static final Map<String, Object> FARM = Season.record(
            "farm",
            "Test Farm",
            "lat",
            54.0,
            "lon",
            -20.0,
            "timeZone",
            "UTC",
            "currency",
            "EUR",
            "coldestMonth",
            3,
            "warmestMonth",
            17,
            "units",
            "METRIC",
            "locale",
            "en-GB",
            "name",
            "ann",
            "password",
            "long enough to keep");

    public final String database = TestDatabase.fresh();
    public final ServletWebServerApplicationContext app = start("farm", database);
    public final Client grower = new Client(port());

    public EmptyFarm() {
        grower.get("/api/session");
        grower.post("/api/first-run", FARM).ok();
        grower.get("/api/session");
    }

    public int port() {
        return app.getWebServer().getPort();
    }

    /** A server in this mode on this database. */
    public static ServletWebServerApplicationContext start(String mode, String database, String... more) {
        Stream<String> settings = Stream.of(
                "--server.port=0",
                "--theriseed.mode=" + mode,
                "--spring.datasource.url=" + TestDatabase.url(database),
                "--spring.datasource.username=" + TestDatabase.USER,
                "--spring.datasource.password=" + TestDatabase.password());
        return (ServletWebServerApplicationContext) new SpringApplicationBuilder(Theriseed.class)
                .run(Stream.concat(settings, Stream.of(more)).toArray(String[]::new));
    }

    @Override
    public void close() {
        app.close();
    }
}
