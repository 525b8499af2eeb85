package theriseed.server.export;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import theriseed.core.crop.CropTable;

/** What a copy says of itself to whoever opens it without the program: what is where, and in which unit. */
final class Description {
    private static final CSVFormat READ =
            CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get();

    /** Every column of the farm's tables, and which it points to. */
    private static final String COLUMNS = """
            select c.table_name, c.column_name, c.data_type, c.is_nullable = 'YES' as may_be_empty, (
                select t.relname from pg_constraint p join pg_class t on t.oid = p.confrelid
                where p.contype = 'f' and p.conrelid = format('%I', c.table_name)::regclass and p.conkey = array[(
                    select attnum from pg_attribute a
                    where a.attrelid = p.conrelid and a.attname = c.column_name)]
                limit 1) as points_to
            from information_schema.columns c
            where c.table_schema = current_schema()
            order by c.table_name, c.ordinal_position""";

    private static final Map<String, String> KINDS = Map.of(
            "uuid", "key",
            "character varying", "text",
            "integer", "whole number",
            "bigint", "whole number",
            "numeric", "number",
            "double precision", "number",
            "timestamp with time zone", "moment",
            "date", "day",
            "boolean", "t or f",
            "ARRAY", "list of numbers");

    private final Connection connection;
    private final Map<String, String> holds = pairs("tables.csv");
    private final Map<String, String> units = pairs("units.csv");

    Description(Connection connection) {
        this.connection = connection;
    }

    /** A line for each column of the tables. */
    byte[] columns(FarmTables tables) throws SQLException, IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (Writer writer = new OutputStreamWriter(bytes, StandardCharsets.UTF_8);
                CSVPrinter lines = new CSVPrinter(
                        writer,
                        CSVFormat.RFC4180
                                .builder()
                                .setHeader("file", "what it holds", "column", "kind", "unit", "may be empty", "key in")
                                .get());
                Statement statement = connection.createStatement();
                ResultSet found = statement.executeQuery(COLUMNS)) {
            while (found.next()) {
                String table = found.getString("table_name");
                String column = found.getString("column_name");
                if (tables.names().contains(table) && tables.columns(table).contains(column)) {
                    lines.printRecord(
                            FarmZip.TABLES + table + ".csv",
                            holds.get(table),
                            column,
                            KINDS.getOrDefault(found.getString("data_type"), found.getString("data_type")),
                            unit(table, column),
                            found.getBoolean("may_be_empty") ? "yes" : "",
                            found.getString("points_to"));
                }
            }
        }
        return bytes.toByteArray();
    }

    private String unit(String table, String column) {
        return units.getOrDefault(table + "." + column, units.getOrDefault(column, ""));
    }

    /** The crops as this version knows them, with their names and figures: in the tables they stand by their keys. */
    static byte[] crops() throws IOException {
        try (InputStream crops = CropTable.class.getResourceAsStream("crops.csv")) {
            return crops.readAllBytes();
        }
    }

    static byte[] readme(String farm, String version) {
        return """
                %s
                A whole farm, written by Theriseed %s.

                tables/       what is recorded, one CSV file (UTF-8, commas, decimal points) for each kind of record
                columns.csv   what each of these files holds, and each of their columns: kind, unit, and which file's "id" it names
                crops.csv     the crops by the keys that stand in "crop_key", with their names and usual figures
                ground.geojson  plots, beds, barriers and neighbours on the map (longitude and latitude, WGS 84)
                photos/       pictures, named by the "id" in tables/photo.csv
                farm.json     which version wrote this, and when

                How to read the tables
                - Nothing between two commas is no value; two quotes are an empty text.
                - Days are written 2026-08-14, moments with their offset from UTC, yes and no as t and f.
                - Money is in the currency that stands in tables/farm.csv.
                - Corners and stretches on the map are lists of latitude and longitude, in JSON.
                - In a spreadsheet, bring the files in as data and take every column as text: opened by a double click, some
                  programs turn numbers of lots into days.
                - Passwords, links, sessions and secret addresses are not in here; the names of those who recorded are.

                A Theriseed of this version or a newer one takes the whole file into an empty farm.
                """.formatted(farm, version).getBytes(StandardCharsets.UTF_8);
    }

    private static Map<String, String> pairs(String file) {
        try (Reader reader =
                new InputStreamReader(Description.class.getResourceAsStream(file), StandardCharsets.UTF_8)) {
            return READ.parse(reader).stream()
                    .collect(Collectors.toMap((CSVRecord line) -> line.get(0), line -> line.get(1)));
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
