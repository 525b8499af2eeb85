package theriseed.performance;

import java.io.IOException;
import java.io.OutputStream;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import org.postgresql.PGConnection;
import org.postgresql.copy.CopyManager;

/**
 * How long every page of several farms takes, asked in turn in one run, packed as a browser asks; beside them the same
 * rows by bare SQL, the sales as a file, and Today asked by twenty readers at once. It prints what docs/performance.md
 * shows.
 */
final class Pages {
    private static final int ASKED = 22;
    private static final int NOT_COUNTED = 3;
    private static final int READERS = 20;
    private static final int READING_SECONDS = 20;
    private static final long AFTER_REFUSED_MS = 200;
    private static final int FILES_ASKED = 3;
    private static final double MS = 1e6;

    /** Those whose time hangs on what the farm has, by what they are called. */
    private static final Map<String, String> PAGES = new LinkedHashMap<>();

    static {
        PAGES.put("Today", "/api/today");
        PAGES.put("season", "/api/seasons/2026");
        PAGES.put("planting", "/api/plantings/{planting}");
        PAGES.put("its walks", "/api/plantings/{planting}/walks");
        PAGES.put("variety", "/api/varieties/{variety}");
        PAGES.put("ground", "/api/ground?season=2026");
        PAGES.put("sites", "/api/seasons/2026/sites");
        PAGES.put("calendar", "/api/calendar?season=2026");
        PAGES.put("bench", "/api/bench");
        PAGES.put("a lot at the bench", "/api/lots/{lot}/chain");
        PAGES.put("seed room", "/api/seed-room");
        PAGES.put("seed room, gone too", "/api/seed-room?gone=true");
        PAGES.put("tests", "/api/seed-room?size=200");
        PAGES.put("stall", "/api/stall");
        PAGES.put("stock-taking", "/api/seed-room/stocked");
        PAGES.put("lots to choose from", "/api/stocked");
        PAGES.put("lots", "/api/lots");
        PAGES.put("lot", "/api/lots/{lot}");
        PAGES.put("how it is stored", "/api/lots/{lot}/stored");
        PAGES.put("what it cost", "/api/lots/{lot}/money");
        PAGES.put("packed before", "/api/lots/{lot}/packed-before");
        PAGES.put("who has seed of it", "/api/lots/{lot}/family");
        PAGES.put("sales", "/api/sales");
        PAGES.put("orders open", "/api/orders");
        PAGES.put("orders", "/api/orders?open=false");
        PAGES.put("customers", "/api/customers");
        PAGES.put("stall days", "/api/stall-days");
        PAGES.put("counted before", "/api/stock-takings");
        PAGES.put("money", "/api/money?season=2026");
        PAGES.put("what to grow again", "/api/regeneration");
        PAGES.put("yields", "/api/yields?crop=pea");
        PAGES.put("found", "/api/search?q=pea");
    }

    /** The rows a page shows, as the database itself would answer them. */
    private static final Map<String, String> BARE = Map.of(
            "season",
            """
            select json_agg(json_build_object('planting', p, 'variety', v, 'plot', o.name))
            from planting p join variety v on v.id = p.variety_id join plot o on o.id = p.plot_id where p.season = 2026""",
            "lot",
            """
            select json_build_object('lot', l, 'planting', p,
                'picks', (select json_agg(x) from pick x where x.lot_id = l.id),
                'steps', (select json_agg(json_build_object('step', x,
                        'gone', (select json_agg(b) from step_by_product b where b.step_id = x.id),
                        'readings', (select json_agg(r) from reading r where r.step_id = x.id))
                    order by x.place) from step x where x.lot_id = l.id),
                'germination', (select json_agg(x) from germination_test x where x.lot_id = l.id),
                'weights', (select json_agg(x) from seed_weight_test x where x.lot_id = l.id),
                'packed', (select json_agg(x) from packing_run x where x.lot_id = l.id),
                'walks', (select json_agg(x) from walk x where x.planting_id = p.id),
                'taken', (select json_agg(x) from withdrawal x where x.lot_id = l.id),
                'sold', (select json_agg(x) from (select * from sale x where x.lot_id = l.id
                    order by x.sold_on desc limit 10) x))
            from lot l join planting p on p.id = l.planting_id where l.number = '{lot}'""",
            "sales",
            """
            select json_agg(json_build_object('sale', s, 'lot', l.number, 'customer', c.name))
            from (select * from sale order by sold_on desc, id desc limit 50) s
                join lot l on l.id = s.lot_id join customer c on c.id = s.customer_id""",
            "customers",
            "select json_agg(c order by lower(c.name)) from (select * from customer order by lower(name) limit 100) c");

    private static final String SALES = """
            copy (select s.*, l.number, c.name from sale s join lot l on l.id = s.lot_id
                join customer c on c.id = s.customer_id order by s.sold_on desc, s.id desc) to stdout csv""";

    private final List<Farm> farms = new ArrayList<>();

    /** One of the farms: its address and its database. */
    private record Farm(String name, SignedIn grower, Connection database, Map<String, String> known) {
        String filled(String text) {
            String filled = text;
            for (Map.Entry<String, String> one : known.entrySet()) {
                filled = filled.replace("{" + one.getKey() + "}", one.getValue());
            }
            return filled;
        }
    }

    /** Of so many times that something was asked. */
    private record Took(double median, double most, int bytes) {
        static Took of(double[] all, int bytes) {
            double[] sorted = all.clone();
            Arrays.sort(sorted);
            return new Took(sorted[sorted.length / 2], sorted[(int) Math.ceil(sorted.length * 0.95) - 1], bytes);
        }
    }

    private interface Asking {
        int once() throws IOException, InterruptedException, SQLException;
    }

    /** @param args of each farm its name, its address and its database, as {@code M http://localhost:8460 jdbc:...} */
    public static void main(String[] args) throws Exception {
        Pages pages = new Pages();
        for (int i = 0; i < args.length; i += 3) {
            pages.farms.add(farm(args[i], args[i + 1], args[i + 2]));
        }
        pages.sizes();
        pages.time();
        pages.files();
        pages.readers();
    }

    private static Farm farm(String name, String address, String url) throws Exception {
        Connection database = DriverManager.getConnection(
                url, System.getenv("SPRING_DATASOURCE_USERNAME"), System.getenv("SPRING_DATASOURCE_PASSWORD"));
        String[] known = answer(database, """
                        select l.number || ' ' || l.planting_id || ' ' || l.variety_id from lot l
                            join variety v on v.id = l.variety_id
                        where v.name = 'Ten years 3' and l.season = 2026
                            and not exists (select 1 from withdrawal t where t.lot_id = l.id)
                        order by l.recorded_at, l.number limit 1""").split(" ");
        return new Farm(
                name,
                new SignedIn(address, "grower"),
                database,
                Map.of("lot", known[0], "planting", known[1], "variety", known[2]));
    }

    private void sizes() throws SQLException {
        for (Farm farm : farms) {
            System.out.println(farm.name() + ": " + answer(farm.database(), """
                            select (select count(distinct season) from planting) || ' seasons, '
                                || (select count(*) from planting) || ' plantings, '
                                || (select count(*) from lot) || ' lots, '
                                || (select count(*) from step) || ' steps, '
                                || (select count(*) from reading) || ' readings, '
                                || (select count(*) from walk) || ' walks, '
                                || (select count(*) from sale) || ' sales, '
                                || (select count(*) from seed_order) || ' orders'"""));
        }
    }

    private void time() throws Exception {
        heading("page");
        for (Map.Entry<String, String> page : PAGES.entrySet()) {
            List<Asking> asked = new ArrayList<>();
            for (Farm farm : farms) {
                String path = farm.filled(page.getValue());
                asked.add(() -> farm.grower().packed(path));
            }
            print(page.getKey(), inTurn(ASKED, asked));
            if (BARE.containsKey(page.getKey())) {
                asked.clear();
                for (Farm farm : farms) {
                    PreparedStatement bare = farm.database().prepareStatement(farm.filled(BARE.get(page.getKey())));
                    asked.add(() -> answer(bare).length());
                }
                print(page.getKey() + ", bare SQL", inTurn(ASKED, asked));
            }
        }
    }

    private static List<Took> inTurn(int times, List<Asking> asked) throws Exception {
        double[][] took = new double[asked.size()][times];
        int[] bytes = new int[asked.size()];
        for (int round = times == ASKED ? -NOT_COUNTED : 0; round < times; round++) {
            for (int i = 0; i < asked.size(); i++) {
                long begun = System.nanoTime();
                bytes[i] = asked.get(i).once();
                took[i][Math.max(0, round)] = (System.nanoTime() - begun) / MS;
            }
        }
        List<Took> all = new ArrayList<>();
        for (int i = 0; i < asked.size(); i++) {
            all.add(Took.of(took[i], bytes[i]));
        }
        return all;
    }

    private void heading(String of) {
        StringBuilder line = new StringBuilder("\n| " + of);
        StringBuilder under = new StringBuilder("|---");
        for (int i = 0; i < farms.size(); i++) {
            line.append(" | ").append(farms.get(i).name()).append(", ms (95 of 100), kB");
            under.append("|---");
            if (i > 0) {
                line.append(" | to ").append(farms.get(i - 1).name());
                under.append("|---");
            }
        }
        System.out.println(line + " |\n" + under + "|");
    }

    private static void print(String what, List<Took> took) {
        StringBuilder line = new StringBuilder("| " + what);
        for (int i = 0; i < took.size(); i++) {
            Took one = took.get(i);
            line.append(
                    String.format(Locale.ROOT, " | %.1f (%.1f), %.0f", one.median(), one.most(), one.bytes() / 1000.0));
            if (i > 0) {
                line.append(String.format(
                        Locale.ROOT, " | %.2f", one.median() / took.get(i - 1).median()));
            }
        }
        System.out.println(line + " |");
    }

    /** All sales as CSV, against the same rows by the database's own way out. */
    private void files() throws Exception {
        System.out.println();
        for (Farm farm : farms) {
            CopyManager copies = farm.database().unwrap(PGConnection.class).getCopyAPI();
            List<Took> took = inTurn(FILES_ASKED, List.of(() -> farm.grower().packed("/api/sheets/sales.csv"), () ->
                    (int) copies.copyOut(SALES, OutputStream.nullOutputStream())));
            System.out.printf(
                    Locale.ROOT,
                    "%s: %d sales as CSV %.0f ms (%d kB), COPY %.0f ms, %.1f times%n",
                    farm.name(),
                    took.get(1).bytes(),
                    took.get(0).median(),
                    took.get(0).bytes() / 1000,
                    took.get(1).median(),
                    took.get(0).median() / took.get(1).median());
        }
    }

    private void readers() throws InterruptedException, ExecutionException {
        System.out.println();
        for (Farm farm : farms) {
            ExecutorService pool = Executors.newFixedThreadPool(READERS);
            try {
                System.out.printf(
                        Locale.ROOT,
                        "%s: Today asked by %d readers at once: %.0f a second%n",
                        farm.name(),
                        READERS,
                        answered(farm, pool) / (double) READING_SECONDS);
            } finally {
                pool.shutdownNow();
            }
        }
    }

    /** Answers in the time of reading; what is refused, as an overburdened server does, is none. */
    private static int answered(Farm farm, ExecutorService pool) throws InterruptedException, ExecutionException {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(READING_SECONDS);
        Callable<Integer> reading = () -> {
            int answers = 0;
            while (System.nanoTime() < end) {
                try {
                    farm.grower().packed("/api/today");
                    answers++;
                } catch (IllegalStateException refused) {
                    Thread.sleep(AFTER_REFUSED_MS);
                }
            }
            return answers;
        };
        int answers = 0;
        for (Future<Integer> one : pool.invokeAll(Collections.nCopies(READERS, reading))) {
            answers += one.get();
        }
        return answers;
    }

    private static String answer(Connection database, String query) throws SQLException {
        try (PreparedStatement statement = database.prepareStatement(query)) {
            return answer(statement);
        }
    }

    private static String answer(PreparedStatement statement) throws SQLException {
        try (ResultSet found = statement.executeQuery()) {
            found.next();
            return found.getString(1);
        }
    }
}
