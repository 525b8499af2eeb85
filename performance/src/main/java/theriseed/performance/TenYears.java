package theriseed.performance;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import theriseed.core.lot.LotNumber;

/**
 * Makes a farm of ten years out of the one that {@link WholeYear} made: its rows are copied in the database, into earlier
 * years, into more lots of the same plantings, and into more sales of the same packets, each under ids, numbers and dates
 * of its own. Nothing else is made up, so every figure is one the program itself has taken.
 */
final class TenYears {
    /** Lots with seed left are of the newest four seasons. */
    private static final int SEASONS_IN_STOCK = 4;

    /** Days over which what was packed of a lot is sold. */
    private static final int SELLING = 250;

    /**
     * How large a farm is.
     *
     * @param seasons that it looks back on
     * @param lots beside those of the demo farm
     * @param inStock of them with seed left
     * @param sales of each lot
     * @param readings so many for each that was taken of a lot by hand
     * @param customers who buy it
     */
    private enum Size {
        S(1, 250, 150, 10, 9, 60),
        M(10, 2_050, 150, 14, 9, 500),
        L(10, 20_050, 2_000, 50, 2, 3_000);

        private final int seasons;
        private final int lots;
        private final int inStock;
        private final int sales;
        private final int readings;
        private final int customers;

        Size(int seasons, int lots, int inStock, int sales, int readings, int customers) {
            this.seasons = seasons;
            this.lots = lots;
            this.inStock = inStock;
            this.sales = sales;
            this.readings = readings;
            this.customers = customers;
        }
    }

    /** Rows that are copied with what they hang on. @param from the table as t, and the copies as c */
    private record Part(String table, String from, Map<String, String> otherwise) {
        Part(String table, String from) {
            this(table, from, Map.of());
        }

        static Part ofLot(String table) {
            return new Part(table, table + " t join copy c on c.lot = t.lot_id");
        }
    }

    private final Connection database;
    private final Size size;

    private TenYears(Connection database, Size size) {
        this.database = database;
        this.size = size;
    }

    /** @param args S, M or L; the database is the one the server would be given */
    public static void main(String[] args) throws SQLException {
        try (Connection database = connect()) {
            database.setAutoCommit(false);
            new TenYears(database, Size.valueOf(args[0])).make();
            database.commit();
            database.setAutoCommit(true);
            run(database, "vacuum analyze");
        }
    }

    /** To the database whose address, user and password the environment has as the server reads them. */
    static Connection connect() throws SQLException {
        return DriverManager.getConnection(
                System.getenv("SPRING_DATASOURCE_URL"),
                System.getenv("SPRING_DATASOURCE_USERNAME"),
                System.getenv("SPRING_DATASOURCE_PASSWORD"));
    }

    private void make() throws SQLException {
        run(database, "create temp table copy (k int, lot uuid, years int, number text, folded text, ordered text)");
        run(database, "create temp table past (years int, k text)");
        run(
                database,
                "insert into past select n, 'past' || n from generate_series(1, %d) n".formatted(size.seasons - 1));
        plan();
        run(database, "analyze copy");
        run(database, """
                create temp table buyer as select md5('buyer' || n)::uuid as id, 'buyer' || n as k, n, 0 as years
                    from generate_series(0, %d) n""".formatted(size.customers - 1));
        copy(new Part(
                "customer",
                "customer t join buyer c on t.name = 'Market, ten years'",
                Map.of("id", "c.id", "name", "t.name || ' ' || c.n")));
        for (Part part : parts()) {
            copy(part);
        }
        run(database, """
                insert into lot_serial select 2000 + left(number, 2)::int, split_part(number, '-', 2),
                        max(split_part(number, '-', 3)::int) from lot group by 1, 2
                    on conflict (year, crop_code) do update set last = excluded.last""");
        run(database, """
                insert into order_serial select 2000 + left(number, 2)::int, max(right(number, -3)::int)
                    from seed_order group by 1
                    on conflict (year) do update set last = excluded.last""");
    }

    private List<Part> parts() {
        Map<String, String> together = Map.of(
                "id", "md5(c.k || '-' || i || t.id)::uuid",
                "taken_at", "t.taken_at - make_interval(years => c.years) + make_interval(mins => i)");
        String share = "(t.packets * i / %1$d - t.packets * (i - 1) / %1$d)".formatted(size.sales);
        Map<String, String> singly = Map.of(
                "id", "md5(c.k || '-' || i || t.id)::uuid",
                "customer_id", "md5('buyer' || (c.k * %d + i) %% %d)::uuid".formatted(size.sales, size.customers),
                "packets", share,
                "price", "round(t.price * %s / t.packets, 2)".formatted(share),
                "sold_on", """
                        (t.sold_on - make_interval(years => c.years)
                            + make_interval(days => case when c.years = 0 then 0 else i * %d / %d end))::date""".formatted(SELLING, size.sales));
        return List.of(
                new Part(
                        "planting",
                        "planting t join past c on t.variety_id in (select id from variety where name like 'Ten years%')"),
                new Part("walk", """
                        walk t join planting p on p.id = t.planting_id
                            join past c on p.season = 2026
                                and p.variety_id in (select id from variety where name like 'Ten years%')"""),
                new Part(
                        "lot", "lot t join copy c on c.lot = t.id", Map.of("number", "c.number", "folded", "c.folded")),
                Part.ofLot("pick"),
                Part.ofLot("step"),
                new Part(
                        "step_by_product",
                        "step_by_product t join step s on s.id = t.step_id join copy c on c.lot = s.lot_id"),
                new Part("reading", """
                        reading t join step s on s.id = t.step_id join copy c on c.lot = s.lot_id
                            cross join generate_series(1, %d) i""".formatted(size.readings), together),
                Part.ofLot("germination_test"),
                Part.ofLot("seed_weight_test"),
                Part.ofLot("container"),
                new Part(
                        "container_stay",
                        "container_stay t join container b on b.id = t.container_id join copy c on c.lot = b.lot_id"),
                Part.ofLot("packing_run"),
                Part.ofLot("withdrawal"),
                new Part("sale", "sale t join copy c on c.lot = t.lot_id and t.delivery is not null"),
                new Part(
                        "sale",
                        "sale t join copy c on c.lot = t.lot_id and t.delivery is null cross join generate_series(1, %d) i"
                                .formatted(size.sales),
                        singly),
                new Part("seed_order", """
                        seed_order t join order_line l on l.seed_order_id = t.id
                            join allocation a on a.order_line_id = l.id join copy c on c.lot = a.lot_id""", Map.of("number", "c.ordered")),
                new Part(
                        "order_line",
                        "order_line t join allocation a on a.order_line_id = t.id join copy c on c.lot = a.lot_id"),
                Part.ofLot("allocation"));
    }

    /** Which lots are copied into which years, and under what numbers. */
    private void plan() throws SQLException {
        List<String> gone = lots("goes");
        List<String> left = lots("stays");
        Map<String, Integer> serials = new HashMap<>();
        Map<Integer, Integer> orders = new HashMap<>();
        try (PreparedStatement copy = database.prepareStatement("insert into copy values (?, ?::uuid, ?, ?, ?, ?)")) {
            int stays = size.inStock - left.size();
            int goes = size.lots - size.inStock - gone.size();
            for (int k = 1; k <= stays + goes; k++) {
                List<String> of = k <= stays ? left : gone;
                int years = (k / of.size()) % (k <= stays ? Math.min(size.seasons, SEASONS_IN_STOCK) : size.seasons);
                String[] lot = of.get(k % of.size()).split(" ");
                String number = next(serials, 2026 - years, lot[1]);
                copy.setInt(1, k);
                copy.setString(2, lot[0]);
                copy.setInt(3, years);
                copy.setString(4, number);
                copy.setString(5, LotNumber.folded(number));
                copy.setString(6, "%02d-%04d".formatted(26 - years, 1000 + orders.merge(years, 1, Integer::sum)));
                copy.addBatch();
            }
            copy.executeBatch();
        }
    }

    /** Ids of the lots done over HTTP, with the letters of their crop. @param which those that a sowing emptied, or not */
    private List<String> lots(String which) throws SQLException {
        return column("""
                select l.id || ' ' || split_part(l.number, '-', 2) from lot l join variety v on v.id = l.variety_id
                where v.name like 'Ten years%%'
                    and %s exists (select 1 from withdrawal t where t.lot_id = l.id) order by l.number""".formatted(which.equals("goes") ? "" : "not"));
    }

    private static String next(Map<String, Integer> serials, int year, String crop) {
        return Stream.generate(() -> LotNumber.issue(year, crop, 100 + serials.merge(crop + year, 1, Integer::sum)))
                .flatMap(number -> number.stream())
                .findFirst()
                .orElseThrow()
                .text();
    }

    private void copy(Part part) throws SQLException {
        List<String> columns = new ArrayList<>();
        List<String> values = new ArrayList<>();
        for (String column : column("""
                select column_name || ' ' || data_type from information_schema.columns
                where table_schema = 'public' and table_name = '%s' and is_generated = 'NEVER' order by ordinal_position""".formatted(part.table()))) {
            String name = column.substring(0, column.indexOf(' '));
            columns.add(name);
            values.add(part.otherwise().getOrDefault(name, copied(name, column.substring(name.length() + 1))));
        }
        run(
                database,
                "insert into %s (%s) select %s from %s"
                        .formatted(part.table(), String.join(", ", columns), String.join(", ", values), part.from()));
    }

    /** A column of a copy: its own id, what hangs on copies, and days so many years earlier; all else as it is. */
    private static String copied(String name, String type) {
        return switch (name) {
            case "planting_id" ->
                "case when c.years = 0 then t.planting_id else md5('past' || c.years || '-' || t.planting_id)::uuid end";
            case "season", "sow_by" -> "t." + name + " - c.years";
            case "variety_id", "plot_id", "customer_id", "shelf_id", "price_list_id" -> "t." + name;
            default ->
                switch (type) {
                    case "uuid" -> "md5(c.k || '-' || t." + name + ")::uuid";
                    case "date" -> "(t." + name + " - make_interval(years => c.years))::date";
                    case "timestamp with time zone" -> "t." + name + " - make_interval(years => c.years)";
                    default -> "t." + name;
                };
        };
    }

    private List<String> column(String query) throws SQLException {
        try (Statement statement = database.createStatement();
                ResultSet found = statement.executeQuery(query)) {
            List<String> all = new ArrayList<>();
            while (found.next()) {
                all.add(found.getString(1));
            }
            return all;
        }
    }

    private static void run(Connection database, String statement) throws SQLException {
        try (Statement running = database.createStatement()) {
            running.execute(statement);
        }
    }
}
