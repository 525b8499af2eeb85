package theriseed.server.export;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import theriseed.server.Client;
import theriseed.server.EmptyFarm;
import theriseed.server.TestDatabase;

/** A copy that was written when a farm was kept in other tables than now. */
class EarlierCopyTest {
    private static final String SCHEMA = "27";

    String then;
    EmptyFarm empty;

    @BeforeEach
    void keptThen() {
        then = TestDatabase.ofSchema27();
        empty = new EmptyFarm();
    }

    @AfterEach
    void gone() {
        empty.close();
    }

    private static Connection connect(String database) throws SQLException {
        return DriverManager.getConnection(TestDatabase.url(database), TestDatabase.USER, TestDatabase.password());
    }

    private static List<String> rows(String database, String query) throws SQLException {
        List<String> rows = new ArrayList<>();
        try (Connection connection = connect(database);
                Statement statement = connection.createStatement();
                ResultSet found = statement.executeQuery(query)) {
            while (found.next()) {
                rows.add(found.getString(1));
            }
        }
        return rows;
    }

    /** As the program of then wrote it; one of its files may be otherwise. */
    private byte[] copy(String otherwise, UnaryOperator<String> how) throws SQLException, IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (Connection connection = connect(then);
                ZipOutputStream zip = new ZipOutputStream(bytes)) {
            connection.setAutoCommit(false);
            try (Statement statement = connection.createStatement()) {
                statement.execute("set search_path to public");
            }
            FarmTables tables = new FarmTables(connection);
            zip.putNextEntry(new ZipEntry(FarmZip.ABOUT));
            zip.write(("{\"format\":\"theriseed farm\",\"schema\":\"" + tables.version()
                            + "\",\"made\":\"2026-08-14T07:10:00Z\",\"farm\":\"Skerrow Farm\"}")
                    .getBytes(StandardCharsets.UTF_8));
            for (String table : tables.names()) {
                zip.putNextEntry(new ZipEntry(FarmZip.TABLES + table + ".csv"));
                ByteArrayOutputStream csv = new ByteArrayOutputStream();
                tables.write(table, new FilterOutputStream(csv));
                String text = csv.toString(StandardCharsets.UTF_8);
                zip.write((table.equals(otherwise) ? how.apply(text) : text).getBytes(StandardCharsets.UTF_8));
            }
        }
        return bytes.toByteArray();
    }

    @Test
    void goesIntoAnEmptyFarmOfThisVersionWholeOrNotAtAll() throws Exception {
        assertThat(rows(then, "select max(version::int) from flyway_schema_history"))
                .containsExactly(SCHEMA);
        Client.Answer refused = empty.grower.put(
                "/api/farm/copy", copy("sale", sales -> sales.replaceFirst("(?m)^([0-9a-f-]{36}),", "no key at all,")));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.detail()).contains("COPY sale, line 2");
        assertThat(rows(empty.database, "select 1 from lot")).isEmpty();
        assertThat(aside()).isEmpty();

        Client.Answer taken = empty.grower.put("/api/farm/copy", copy("", UnaryOperator.identity()));
        assertThat(taken.ok().get("name").asString()).isEqualTo("Skerrow Farm");
        for (String query : List.of(
                "select number || ' ' || season || ' ' || grade from lot order by 1",
                "select id || ' ' || season || ' ' || plants from planting order by 1",
                "select id || ' ' || looked_at || ' ' || walked_on from walk order by 1",
                "select id || ' ' || mass_in || ' ' || coalesce(mass_out, 0) from step order by 1",
                "select id || ' ' || price || ' ' || sold_on from sale order by 1")) {
            assertThat(rows(empty.database, query)).as(query).isNotEmpty().isEqualTo(rows(then, query));
        }
        assertThat(empty.grower.get("/api/seed-room").ok().at("/lots/items").size())
                .isPositive();
        assertThat(aside()).isEmpty();
    }

    /** Tables that were made for taking it in. */
    private List<String> aside() throws SQLException {
        return rows(empty.database, "select nspname from pg_namespace where nspname like 'copy%'");
    }
}
