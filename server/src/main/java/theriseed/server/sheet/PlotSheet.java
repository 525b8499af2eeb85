package theriseed.server.sheet;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import theriseed.core.ground.LocalPlane;
import theriseed.core.ground.Place;
import theriseed.core.measure.Range;
import theriseed.server.base.Refused;
import theriseed.server.ground.BedView;
import theriseed.server.ground.Ground;
import theriseed.server.ground.Metres;
import theriseed.server.ground.PlotView;

/**
 * Plots as rectangles with beds side by side, for a farm whose plots have names and sizes but no map. Shapes are drawn on
 * the map or read from a GeoJSON file; a plot that is there is not changed by a list.
 */
@Component
class PlotSheet implements Sheet {
    private static final Range BEDS = Range.of(0, 200, "beds");

    /** Between plots that are laid out because nobody said where they lie, metres. */
    private static final double APART = 5;

    /** Positions of plots that nobody measured are off by this, metres. */
    private static final double ERROR = 10;

    /** A bed's sides lie so far within its plot, that both may be rounded. */
    private static final double WITHIN = 0.01;

    private final Ground ground;

    PlotSheet(Ground ground) {
        this.ground = ground;
    }

    @Override
    public String name() {
        return "plots";
    }

    /** Each is held against all others. */
    @Override
    public int most() {
        return 500;
    }

    @Override
    public List<Column> columns() {
        return List.of(
                Column.needed("name", "of the plot").alike("plot", "field", "plot_name", "field_name", "place"),
                Column.numbers("length_m", "of a new one; of one that is drawn its longest side")
                        .alike("long"),
                Column.numbers("width_m", "of a new one; of one that is drawn its narrow side")
                        .alike("wide"),
                Column.numbers("east_m", "its middle, east of the farm's spot; nothing where nobody knows")
                        .alike("east", "x"),
                Column.numbers("north_m", "its middle, north of the farm's spot")
                        .alike("north", "y"),
                Column.numbers("turned", "degrees its length is turned clockwise from north; 0 where nothing stands"),
                Column.numbers("beds", "how many beds lie side by side in it").alike("number_of_beds"),
                Column.numbers("area_m2", "square metres; only written, not read")
                        .alike("area"));
    }

    @Override
    public Stream<List<Object>> lines() {
        LocalPlane plane = ground.plane();
        Map<UUID, Long> beds =
                ground.beds().stream().collect(Collectors.groupingBy(BedView::plotId, Collectors.counting()));
        return ground.plots().stream().map(plot -> {
            Metres middle = middle(plane, plot.place());
            return Arrays.asList(
                    plot.name(),
                    round(plot.place().length()),
                    round(plot.place().narrowSide()),
                    round(middle.east()),
                    round(middle.north()),
                    null,
                    beds.getOrDefault(plot.id(), 0L),
                    round(plot.area()));
        });
    }

    private static BigDecimal round(double number) {
        return BigDecimal.valueOf(number).setScale(1, RoundingMode.HALF_UP);
    }

    private static Metres middle(LocalPlane plane, Place place) {
        List<Metres> corners = Metres.of(plane, place);
        return new Metres(
                corners.stream().mapToDouble(Metres::east).average().orElseThrow(),
                corners.stream().mapToDouble(Metres::north).average().orElseThrow());
    }

    @Override
    public Taker taker(List<Line> lines, boolean keep) {
        return new Laying();
    }

    /** Lays plots out, those that nobody knows the place of in a row to the east of all others. */
    private final class Laying implements Taker {
        private final LocalPlane plane = ground.plane();
        private final Set<String> there = new HashSet<>();
        private int laid;
        private double east;

        Laying() {
            for (PlotView plot : ground.plots()) {
                there.add(small(plot.name()));
                reach(plot.place());
            }
        }

        private void reach(Place place) {
            Metres.of(plane, place).forEach(corner -> east = Math.max(east, corner.east()));
        }

        @Override
        public Effect take(Line line) {
            String name = line.needed("name", 60);
            if (!there.add(small(name))) {
                return Effect.SAME;
            }
            double length = line.decimal("length_m").doubleValue();
            double width = line.decimal("width_m").doubleValue();
            double turned = line.has("turned") ? line.decimal("turned").doubleValue() : 0;
            boolean known = line.has("east_m") && line.has("north_m");
            if (line.has("east_m") != line.has("north_m")) {
                throw Refused.missing(line.has("east_m") ? "north_m" : "east_m");
            }
            Metres middle = known
                    ? new Metres(
                            line.decimal("east_m").doubleValue(),
                            line.decimal("north_m").doubleValue())
                    : new Metres(east + APART + Math.max(length, width) / 2, 0);
            Place place = Place.rectangle(plane, middle.east(), middle.north(), width, length, turned);
            PlotView plot = ground.makePlot(name, place, known ? 3 : ERROR);
            if (!known) {
                laid++;
            }
            reach(place);
            int beds = line.has("beds") ? line.whole("beds") : 0;
            BEDS.check("beds", beds);
            for (int i = 0; i < beds; i++) {
                double across = ((i + 0.5) / beds - 0.5) * width;
                double angle = Math.toRadians(turned);
                ground.makeBed(
                        plot.id(),
                        "Bed " + (i + 1),
                        Place.rectangle(
                                plane,
                                middle.east() + across * Math.cos(angle),
                                middle.north() - across * Math.sin(angle),
                                width / beds - 2 * WITHIN,
                                length - 2 * WITHIN,
                                turned));
            }
            return Effect.NEW;
        }

        @Override
        public List<String> notes() {
            return laid == 0
                    ? List.of()
                    : List.of("Where " + laid + " of the plots lie is not said. They are laid out in a row east of"
                            + " the farm: put each in its place under Field. Until then distances between crops are"
                            + " wrong.");
        }
    }

    private static String small(String name) {
        return name.toLowerCase(Locale.ROOT);
    }
}
