package theriseed.performance;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentSkipListMap;
import java.util.concurrent.ConcurrentSkipListSet;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/**
 * Many people at work on one demo farm at once: growers at the desk, hands in the rows, visitors who look; each opens a
 * page or writes something down every two to eight seconds, as people do who read in between. How long each answer took
 * and what was refused is told at the end.
 */
final class Users {
    private static final int STARTING_MS = 200;
    private static final int LEAST_PAUSE_MS = 2000;
    private static final int MORE_PAUSE_MS = 6000;

    private static final Pattern PLANTING =
            Pattern.compile("\"id\":\"([0-9a-f-]{36})\",\"version\":\\d+,\"season\":2026,\"variety\"");
    private static final Pattern LOT = Pattern.compile("\"number\":\"([0-9A-Z-]+)\"");
    private static final Pattern STAGE = Pattern.compile("\"stages\":\\[\\{\"stage\":\"([^\"]+)\"");

    /** One thing somebody does: its weight among all they do, and the request. */
    private record Act(int weight, String name, Doing doing) {}

    private interface Doing {
        void by(SignedIn who, Random random) throws IOException, InterruptedException;
    }

    private final String address;
    private final List<String> plantings;
    private final List<String> lots;
    private final String shelf;
    private final String customer;
    private final String variety;
    private final String walked;
    private final String stage;
    private final Map<String, List<Long>> took = new ConcurrentSkipListMap<>();
    private final Set<String> refused = new ConcurrentSkipListSet<>();
    private final AtomicInteger errors = new AtomicInteger();

    private Users(String address) throws IOException, InterruptedException {
        this.address = address;
        SignedIn grower = new SignedIn(address, "grower");
        String season = grower.get("/api/seasons/2026");
        plantings = all(PLANTING, season);
        lots = all(LOT, grower.get("/api/lots"));
        shelf = SignedIn.id(grower.get("/api/shelves"));
        customer = SignedIn.id(grower.get("/api/customers"));
        variety = SignedIn.id(grower.get("/api/varieties"));
        walked = plantings.get(plantings.size() - 1);
        stage = SignedIn.first(STAGE, grower.get("/api/plantings/" + walked + "/walks"))
                .orElseThrow();
    }

    /** @param args the address of the farm, how many people, and for how many seconds */
    public static void main(String[] args) throws IOException, InterruptedException {
        Users users = new Users(args[0]);
        int errors = users.work(Integer.parseInt(args[1]), Integer.parseInt(args[2]));
        System.exit(errors == 0 ? 0 : 1);
    }

    private int work(int people, int seconds) throws InterruptedException {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(seconds);
        ExecutorService all = Executors.newFixedThreadPool(people);
        for (int i = 0; i < people; i++) {
            int number = i;
            all.submit(() -> oneOf(number, end));
        }
        all.shutdown();
        if (!all.awaitTermination(seconds + 120L, TimeUnit.SECONDS)) {
            errors.incrementAndGet();
            refused.add("somebody still waits for an answer");
            all.shutdownNow();
        }
        took.forEach(this::say);
        say("all together", took.values().stream().flatMap(Collection::stream).toList());
        refused.forEach(System.out::println);
        System.out.println(errors + " errors");
        return errors.get();
    }

    /** Two of five are growers, two are hands, one is a visitor. */
    private void oneOf(int number, long end) {
        Random random = new Random(number);
        try {
            Thread.sleep((long) number * STARTING_MS);
            int fifth = number % 5;
            SignedIn who = new SignedIn(address, fifth < 2 ? "grower" : fifth < 4 ? "hand" : "visitor");
            List<Act> acts = fifth < 2 ? desk() : fifth < 4 ? rows() : looking();
            while (System.nanoTime() < end) {
                Thread.sleep(LEAST_PAUSE_MS + random.nextInt(MORE_PAUSE_MS));
                did(chosen(acts, random), who, random);
            }
        } catch (IOException | InterruptedException | RuntimeException e) {
            failed("somebody stopped", e);
        }
    }

    private void did(Act act, SignedIn who, Random random) throws InterruptedException {
        long begun = System.nanoTime();
        try {
            act.doing().by(who, random);
        } catch (IOException | RuntimeException e) {
            failed(act.name(), e);
        }
        took.computeIfAbsent(act.name(), name -> Collections.synchronizedList(new ArrayList<>()))
                .add((System.nanoTime() - begun) / 1000);
    }

    private void failed(String what, Exception why) {
        errors.incrementAndGet();
        refused.add(what + ": " + why.getMessage());
    }

    private List<Act> desk() {
        List<Act> acts = new ArrayList<>(looking());
        acts.addAll(List.of(
                new Act(20, "Today", asking("/api/today")),
                new Act(8, "bench", asking("/api/bench")),
                new Act(8, "seed room", asking("/api/seed-room")),
                new Act(5, "orders", asking("/api/orders")),
                new Act(5, "sales", asking("/api/sales")),
                new Act(3, "money", asking("/api/money?season=2026")),
                new Act(3, "yields", asking("/api/yields?season=2026")),
                new Act(3, "outlay written", this::outlay),
                new Act(2, "order written", this::order)));
        return acts;
    }

    private List<Act> rows() {
        return List.of(
                new Act(25, "Today", asking("/api/today")),
                new Act(15, "planting", this::planting),
                new Act(15, "walks", (who, random) -> who.packed("/api/plantings/" + of(plantings, random) + "/walks")),
                new Act(15, "bench", asking("/api/bench")),
                new Act(10, "lot", this::lot),
                new Act(12, "walk written", this::walk),
                new Act(8, "reading written", this::reading));
    }

    private List<Act> looking() {
        return List.of(
                new Act(12, "season", asking("/api/seasons/2026")),
                new Act(8, "ground", asking("/api/ground?season=2026")),
                new Act(10, "planting", this::planting),
                new Act(12, "lots", asking("/api/lots")),
                new Act(12, "lot", this::lot),
                new Act(6, "find", asking("/api/search?q=squash")));
    }

    private static Doing asking(String path) {
        return (who, random) -> who.packed(path);
    }

    private void planting(SignedIn who, Random random) throws IOException, InterruptedException {
        who.packed("/api/plantings/" + of(plantings, random));
    }

    private void lot(SignedIn who, Random random) throws IOException, InterruptedException {
        who.packed("/api/lots/" + of(lots, random));
    }

    private void outlay(SignedIn who, Random random) throws IOException, InterruptedException {
        who.send(
                "POST",
                "/api/money/outlays",
                "{'plantingId': '" + of(plantings, random)
                        + "', 'kind': 'MATERIALS', 'what': 'twine', 'spentOn': '2026-08-10', 'amount': 1.25}");
    }

    private void order(SignedIn who, Random random) throws IOException, InterruptedException {
        who.send(
                "POST",
                "/api/orders",
                "{'customerId': '" + customer
                        + "', 'kind': 'SALE', 'orderedOn': '2026-08-14', 'wantedOn': '2026-09-01',"
                        + " 'note': '', 'lines': [{'varietyId': '" + variety
                        + "', 'packets': 1, 'seeds': 50, 'price': 3}]}");
    }

    private void walk(SignedIn who, Random random) throws IOException, InterruptedException {
        who.send(
                "POST",
                "/api/plantings/" + walked + "/walks",
                "{'id': '" + UUID.randomUUID() + "', 'stage': '" + stage + "', 'walkedOn': '2026-08-14', 'lookedAt': "
                        + (20 + random.nextInt(80))
                        + ", 'rows': [], 'offTypes': [], 'sick': 0, 'stressed': 0, 'bolted': 0, 'note': ''}");
    }

    private void reading(SignedIn who, Random random) throws IOException, InterruptedException {
        who.send("POST", "/api/shelves/" + shelf + "/readings", "{}");
    }

    private static Act chosen(List<Act> acts, Random random) {
        int left = random.nextInt(acts.stream().mapToInt(Act::weight).sum());
        for (Act act : acts) {
            left -= act.weight();
            if (left < 0) {
                return act;
            }
        }
        throw new IllegalStateException("no weight is negative");
    }

    private static String of(List<String> some, Random random) {
        return some.get(random.nextInt(some.size()));
    }

    private static List<String> all(Pattern pattern, String answer) {
        return pattern.matcher(answer)
                .results()
                .map((MatchResult found) -> found.group(1))
                .distinct()
                .toList();
    }

    private void say(String name, List<Long> micros) {
        long[] sorted = micros.stream().mapToLong(Long::longValue).sorted().toArray();
        System.out.printf(
                Locale.ROOT,
                "  %-16s %6d asked, median %4.0f ms, 95 of 100 within %4.0f ms, 99 within %4.0f ms, longest %4.0f ms%n",
                name,
                sorted.length,
                share(sorted, 0.5),
                share(sorted, 0.95),
                share(sorted, 0.99),
                share(sorted, 1));
    }

    private static double share(long[] sorted, double share) {
        return sorted[Math.max(0, (int) Math.ceil(sorted.length * share) - 1)] / 1000.0;
    }
}
