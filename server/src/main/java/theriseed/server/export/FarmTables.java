package theriseed.server.export;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.postgresql.PGConnection;
import org.postgresql.copy.CopyManager;

/**
 * The tables a farm is kept in, as the database itself describes them: whatever a later version adds is copied too. Who
 * may sign in, and the secret addresses of calendars, stay where they are.
 */
final class FarmTables {
    static final String FARM = "farm";
    static final String PHOTO = "photo";
    private static final String PICTURE = "jpeg";
    private static final Set<String> STAY = Set.of(
            "account",
            "entry_link",
            "door_try",
            "known_device",
            "kept_answer",
            "lot_kept",
            "record_change",
            "backup_plan",
            "backup_event",
            "spring_session",
            "spring_session_attributes",
            "calendar_feed",
            "mail_server",
            "morning_list",
            "flyway_schema_history");

    /** Of the database, whatever farm is in it. */
    private static final Set<String> OF_NO_FARM = Set.of("flyway_schema_history", "record_change");

    private final Connection connection;
    private final CopyManager copies;

    /** Columns of each table, without pictures; a table comes after those it points to. */
    private final Map<String, List<String>> columns;

    FarmTables(Connection connection) throws SQLException {
        this.connection = connection;
        this.copies = connection.unwrap(PGConnection.class).getCopyAPI();
        this.columns = inOrder(described(STAY), pointers());
    }

    Set<String> names() {
        return columns.keySet();
    }

    /** The version of the schema. */
    String version() throws SQLException {
        return one("select version from flyway_schema_history where success order by installed_rank desc limit 1");
    }

    /** The table as CSV: a header, empty for nothing, two quotes for an empty text. */
    void write(String table, OutputStream to) throws SQLException, IOException {
        copies.copyOut(
                "copy (select " + list(columns.get(table)) + " from " + quoted(table) + " order by "
                        + ordinals(columns.get(table).size()) + ") to stdout (format csv, header)",
                to);
    }

    /** The same back; the header says which columns there are. */
    void read(String table, List<String> header, InputStream csv) throws SQLException, IOException {
        copies.copyIn("copy " + quoted(table) + " (" + list(header) + ") from stdin (format csv, header)", csv);
    }

    List<String> columns(String table) {
        return columns.get(table);
    }

    /** All rows of the same table in another schema, pictures with them. */
    void takeOver(String table, String schema) throws SQLException {
        String all = list(columns.get(table)) + (table.equals(PHOTO) ? ", " + PICTURE : "");
        run("insert into " + quoted(table) + " (" + all + ") select " + all + " from " + quoted(schema) + "."
                + quoted(table));
    }

    /** Takes pictures in beside the rows that tell of them. */
    void readPhotos(InputStream csv, List<String> header) throws SQLException, IOException {
        run("create temporary table photo_row (like photo) on commit drop");
        run("alter table photo_row alter jpeg drop not null");
        copies.copyIn("copy photo_row (" + list(header) + ") from stdin (format csv, header)", csv);
    }

    /** @return 0 when no row tells of it */
    int readPicture(UUID id, byte[] jpeg) throws SQLException {
        try (PreparedStatement statement = connection.prepareStatement("insert into photo (" + list(columns.get(PHOTO))
                + ", jpeg) select " + list(columns.get(PHOTO)) + ", ? from photo_row where id = ?")) {
            statement.setBytes(1, jpeg);
            statement.setObject(2, id);
            return statement.executeUpdate();
        }
    }

    /** The id of a row whose version nobody can have, if there is one. */
    Optional<UUID> withImpossibleVersion(String table) throws SQLException {
        if (!columns.get(table).containsAll(List.of("id", "version"))) {
            return Optional.empty();
        }
        try (Statement statement = connection.createStatement();
                ResultSet found =
                        statement.executeQuery("select id from " + quoted(table) + " where version < 0 limit 1")) {
            return found.next() ? Optional.of(found.getObject(1, UUID.class)) : Optional.empty();
        }
    }

    /** Photos that a row tells of, though no picture came. */
    int photosMissing() throws SQLException {
        return Integer.parseInt(one("select count(*) from photo_row where id not in (select id from photo)"));
    }

    /**
     * Takes out every row there is, also of what stays where it is. Row by row, for whoever reads at the moment holds a whole
     * table against being cut off.
     */
    void takeOutAll() throws SQLException {
        List<String> all =
                new ArrayList<>(inOrder(described(OF_NO_FARM), pointers()).keySet());
        Collections.reverse(all);
        for (String table : all) {
            run("delete from " + quoted(table));
        }
    }

    boolean empty(String table) throws SQLException {
        return one("select exists (select from " + quoted(table) + ")").equals("f");
    }

    void run(String sql) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.execute(sql);
        }
    }

    private String one(String sql) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet found = statement.executeQuery(sql)) {
            found.next();
            return found.getString(1);
        }
    }

    private Map<String, List<String>> described(Set<String> without) throws SQLException {
        Map<String, List<String>> tables = new TreeMap<>();
        try (Statement statement = connection.createStatement();
                ResultSet found = statement.executeQuery(
                        "select table_name, column_name from information_schema.columns"
                                + " join information_schema.tables using (table_schema, table_name)"
                                + " where table_schema = current_schema() and table_type = 'BASE TABLE' order by table_name, ordinal_position")) {
            while (found.next()) {
                String table = found.getString(1);
                String column = found.getString(2);
                if (!without.contains(table) && !(table.equals(PHOTO) && column.equals(PICTURE))) {
                    tables.computeIfAbsent(table, name -> new ArrayList<>()).add(column);
                }
            }
        }
        return tables;
    }

    /** For each table the others it points to and that must be there before it. */
    private Map<String, Set<String>> pointers() throws SQLException {
        Map<String, Set<String>> pointers = new TreeMap<>();
        try (Statement statement = connection.createStatement();
                ResultSet found = statement.executeQuery("select f.relname, t.relname from pg_constraint c"
                        + " join pg_class f on f.oid = c.conrelid join pg_class t on t.oid = c.confrelid"
                        + " where c.contype = 'f' and not c.condeferrable and f.oid <> t.oid"
                        + " and f.relnamespace = current_schema()::regnamespace")) {
            while (found.next()) {
                pointers.computeIfAbsent(found.getString(1), name -> new TreeSet<>())
                        .add(found.getString(2));
            }
        }
        return pointers;
    }

    private static Map<String, List<String>> inOrder(
            Map<String, List<String>> described, Map<String, Set<String>> pointers) {
        Map<String, List<String>> ordered = new LinkedHashMap<>();
        described.keySet().forEach(table -> add(table, described, pointers, ordered));
        return ordered;
    }

    private static void add(
            String table,
            Map<String, List<String>> described,
            Map<String, Set<String>> pointers,
            Map<String, List<String>> ordered) {
        if (described.containsKey(table) && !ordered.containsKey(table)) {
            pointers.getOrDefault(table, Set.of()).forEach(other -> add(other, described, pointers, ordered));
            ordered.put(table, described.get(table));
        }
    }

    /** All columns, so that the same rows are always written in the same order. */
    private static String ordinals(int count) {
        return IntStream.rangeClosed(1, count).mapToObj(String::valueOf).collect(Collectors.joining(", "));
    }

    private static String list(List<String> names) {
        return names.stream().map(FarmTables::quoted).collect(Collectors.joining(", "));
    }

    private static String quoted(String name) {
        return '"' + name.replace("\"", "\"\"") + '"';
    }
}
