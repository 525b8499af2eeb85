package theriseed.performance;

import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.crop.LifeCycle;

/**
 * How long the pages of a large season take, asked over HTTP of a demo farm that runs and may be spoilt: five hundred
 * plantings on thirty hectares, two thousand neighbours' crops round them, in a season far ahead.
 */
final class SeasonPage {
    private static final int SEASON = 2050;
    private static final int PLANTINGS = 500;
    private static final int NEIGHBOURS = 2000;
    private static final int BEDS_A_PLOT = 5;
    private static final int PLOTS_A_ROW = 10;
    private static final int ASKED = 200;
    private static final int CHANGED = 40;

    private final SignedIn grower;
    private final Random random = new Random(2050);
    private final List<Crop> crops = CropTable.shipped().all().stream()
            .filter(crop -> crop.lifeCycle() == LifeCycle.ANNUAL && crop.grownFromSeed())
            .limit(24)
            .toList();

    private SeasonPage(SignedIn grower) {
        this.grower = grower;
    }

    /** @param args the address of the farm, such as {@code http://localhost:8460} */
    public static void main(String[] args) throws IOException, InterruptedException {
        SeasonPage page = new SeasonPage(new SignedIn(args[0], "grower"));
        if (page.grower.get("/api/seasons/" + SEASON).contains("\"plantings\":[]")) {
            page.plant();
        }
        page.time();
    }

    private void plant() throws IOException, InterruptedException {
        List<String> varieties = new ArrayList<>();
        for (int i = 0; i < 3 * crops.size(); i++) {
            varieties.add(grower.variety(crops.get(i % crops.size()).key(), "Large " + i));
        }
        String plot = "";
        for (int i = 0; i < PLANTINGS; i++) {
            int number = i / BEDS_A_PLOT;
            double east = 800 + 52 * (number % PLOTS_A_ROW);
            double north = -1000 + 62 * Math.floorDiv(number, PLOTS_A_ROW);
            if (i % BEDS_A_PLOT == 0) {
                plot = SignedIn.id(grower.send(
                        "POST",
                        "/api/plots",
                        said(
                                "{'name': 'Large %d', 'positionError': 1, 'outline': %s}",
                                number, rectangle(east, north, 50, 60))));
            }
            String bed = SignedIn.id(grower.send(
                    "POST",
                    "/api/beds",
                    said(
                            "{'plotId': '%s', 'name': 'Bed %d', 'outline': %s}",
                            plot, i, rectangle(east - 20 + 10 * (i % BEDS_A_PLOT), north, 9, 58))));
            grower.send(
                    "POST",
                    "/api/plantings",
                    said(
                            "{'season': %d, 'varietyId': '%s', 'plotId': '%s',"
                                    + " 'stretches': [{'bedId': '%s', 'from': 0, 'to': 58}], 'purpose': 'SEED',"
                                    + " 'grade': 'MARKET', 'flowers': true, 'sownOn': '%s', 'plants': 200,"
                                    + " 'germination': 90}",
                            SEASON,
                            varieties.get(i % varieties.size()),
                            plot,
                            bed,
                            LocalDate.of(SEASON, 4, 1).plusDays(random.nextInt(50))));
        }
        for (int i = 0; i < NEIGHBOURS; i++) {
            note(i);
        }
    }

    private void note(int number) throws IOException, InterruptedException {
        double far = 300 + 1700 * random.nextDouble();
        double way = 2 * Math.PI * random.nextDouble();
        grower.send(
                "POST",
                "/api/neighbours",
                said(
                        "{'name': 'Garden %d', 'cropKey': '%s', 'outline': {'east': %.1f, 'north': %.1f}, 'area': 40,"
                                + " 'season': %d, 'bloomFirst': '%d-07-01', 'bloomLast': '%d-08-10',"
                                + " 'seenOn': '2026-08-01', 'sure': true}",
                        number,
                        crops.get(number % crops.size()).key(),
                        1040 + far * Math.cos(way),
                        -700 + far * Math.sin(way),
                        SEASON,
                        SEASON,
                        SEASON));
    }

    private void time() throws IOException, InterruptedException {
        for (String path : List.of(
                "/api/seasons/" + SEASON, "/api/seasons/" + SEASON + "/sites", "/api/ground?season=" + SEASON)) {
            double[] took = new double[ASKED];
            int length = 0;
            for (int i = 0; i < ASKED; i++) {
                long begun = System.nanoTime();
                length = grower.packed(path);
                took[i] = (System.nanoTime() - begun) / 1e6;
            }
            say(path, took, length);
        }
        double[] afterChange = new double[CHANGED];
        int length = 0;
        for (int i = 0; i < CHANGED; i++) {
            note(NEIGHBOURS + i);
            long begun = System.nanoTime();
            length = grower.packed("/api/seasons/" + SEASON);
            afterChange[i] = (System.nanoTime() - begun) / 1e6;
        }
        say("/api/seasons/" + SEASON + " after a change", afterChange, length);
    }

    private static void say(String what, double[] took, int length) {
        Arrays.sort(took);
        System.out.printf(
                Locale.ROOT,
                "%s: median %.0f ms, 95 of 100 within %.0f ms, %d kB%n",
                what,
                took[took.length / 2],
                took[(int) Math.ceil(took.length * 0.95) - 1],
                length / 1000);
    }

    private static String rectangle(double east, double north, double width, double length) {
        return said("{'east': %.1f, 'north': %.1f, 'width': %.1f, 'length': %.1f}", east, north, width, length);
    }

    private static String said(String body, Object... figures) {
        return String.format(Locale.ROOT, body, figures);
    }
}
