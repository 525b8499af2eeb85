package theriseed.server.ground;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Predicate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import theriseed.core.ground.LocalPlane;
import theriseed.core.ground.LonLat;
import theriseed.core.ground.Place;
import theriseed.core.isolation.Barrier;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Refusal;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.Maybe;
import theriseed.server.base.NotFound;
import theriseed.server.base.Refused;
import theriseed.server.words.Reader;
import theriseed.server.words.Readers;
import theriseed.server.words.Refusals;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The farm's ground as a GeoJSON file (RFC 7946): polygons for plots, beds and barriers, points or polygons for
 * neighbours, in longitude and latitude with all their digits, so that what is written and read again is the same.
 */
@Component
public class GroundFile {
    static final int LARGEST_BYTES = 10_000_000;

    private static final String REASON = "read from a file";
    private static final List<OnMap> ORDER = List.of(OnMap.PLOT, OnMap.BARRIER, OnMap.BED, OnMap.NEIGHBOUR);

    private final Ground ground;
    private final TransactionTemplate transaction;
    private final Readers readers;
    private final JsonMapper json = JsonMapper.shared();

    GroundFile(Ground ground, PlatformTransactionManager transactions, Readers readers) {
        this.readers = readers;
        this.ground = ground;
        this.transaction = new TransactionTemplate(transactions);
    }

    /** What reading a shape does to the farm. */
    enum Effect {
        NEW,
        CHANGED,
        SAME,
        REFUSED
    }

    /**
     * One shape of the file.
     *
     * @param place its place in the file, from 1
     * @param why it is refused
     */
    record GroundLine(
            int place,
            String kind,
            String name,
            Effect effect,
            @Maybe String why) {}

    /**
     * What a file does.
     *
     * @param kept whether it was done; never when a shape is refused
     */
    record GroundRead(List<GroundLine> lines, boolean kept) {}

    public String write() {
        ObjectNode file = json.createObjectNode().put("type", "FeatureCollection");
        ArrayNode features = file.putArray("features");
        ground.plots().forEach(plot -> {
            ObjectNode about = feature(features, OnMap.PLOT, plot.id(), plot.name(), plot.place());
            about.put("positionError", plot.positionError());
        });
        ground.barriers().forEach(barrier -> {
            ObjectNode about = feature(features, OnMap.BARRIER, barrier.id(), barrier.name(), barrier.place());
            about.put("barrier", barrier.kind().name().toLowerCase(Locale.ROOT));
            about.put("height", barrier.height()).put("held", barrier.held());
        });
        Map<UUID, PlotView> plots = ground.plotsById();
        ground.beds().forEach(bed -> {
            ObjectNode about = feature(features, OnMap.BED, bed.id(), bed.name(), bed.place());
            about.put("plot", plots.get(bed.plotId()).name());
        });
        ground.everyNeighbour().forEach(seen -> {
            ObjectNode about = feature(features, OnMap.NEIGHBOUR, seen.id(), seen.name(), seen.place());
            about.put("crop", seen.cropKey()).put("season", seen.season());
            about.put("positionError", seen.positionError()).put("area", seen.area());
            about.put("seenOn", seen.seenOn().toString()).put("sure", seen.sure());
            put(about, "bloomFirst", seen.bloomFirst());
            put(about, "bloomLast", seen.bloomLast());
            put(about, "agreedBy", seen.agreedBy());
        });
        return json.writerWithDefaultPrettyPrinter().writeValueAsString(file);
    }

    /**
     * Reads a file shape by shape, as if each were drawn by hand. Nothing is kept when it is only asked for, nor when a
     * single shape is refused.
     */
    @GrowersWork
    GroundRead read(String text, boolean keep) {
        List<JsonNode> features = features(text);
        return transaction.execute(status -> {
            List<GroundLine> lines = new ArrayList<>();
            LocalPlane plane = ground.plane();
            Reader reader = readers.now();
            for (OnMap kind : ORDER) {
                Standing standing = Standing.on(ground, kind);
                for (int i = 0; i < features.size(); i++) {
                    if (kind.word().equals(kindOf(features.get(i)))) {
                        lines.add(line(i + 1, kind, features.get(i), plane, standing, reader));
                    }
                }
            }
            for (int i = 0; i < features.size(); i++) {
                String kind = kindOf(features.get(i));
                if (ORDER.stream().noneMatch(known -> known.word().equals(kind))) {
                    lines.add(new GroundLine(
                            i + 1,
                            kind,
                            nameOf(features.get(i)),
                            Effect.REFUSED,
                            Refusals.say(
                                    reader,
                                    "properties.kind",
                                    kind.isEmpty() ? "nothing" : kind,
                                    Refusal.AgainstRule.of("notA.oneOf", "words", "plot, bed, barrier, neighbour"))));
                }
            }
            boolean refused = lines.stream().anyMatch(line -> line.effect() == Effect.REFUSED);
            if (!keep || refused) {
                status.setRollbackOnly();
            }
            lines.sort(Comparator.comparingInt(GroundLine::place));
            return new GroundRead(lines, keep && !refused);
        });
    }

    private List<JsonNode> features(String text) {
        JsonNode file;
        try {
            file = json.readTree(text);
        } catch (JacksonException broken) {
            throw new Refused(
                    "file",
                    "broken at line " + broken.getLocation().getLineNr(),
                    "groundFile.noJson",
                    "line",
                    broken.getLocation().getLineNr());
        }
        String type = file.path("type").asString("");
        if (!type.equals("FeatureCollection") || !file.path("features").isArray()) {
            throw new Refused(
                    "file",
                    type.isEmpty() ? "no type" : type,
                    "groundFile.noCollection",
                    "type",
                    type.isEmpty() ? null : type);
        }
        List<JsonNode> features = new ArrayList<>();
        file.get("features").forEach(features::add);
        return features;
    }

    /** What stands before the shapes of one kind are read. */
    private record Standing(
            List<PlotView> plots, List<BedView> beds, List<BarrierView> barriers, List<NeighbourView> neighbours) {
        static Standing on(Ground ground, OnMap kind) {
            return new Standing(
                    ground.plots(),
                    kind == OnMap.BED ? ground.beds() : List.of(),
                    kind == OnMap.BARRIER ? ground.barriers() : List.of(),
                    kind == OnMap.NEIGHBOUR ? ground.everyNeighbour() : List.of());
        }
    }

    private GroundLine line(
            int number, OnMap kind, JsonNode feature, LocalPlane plane, Standing standing, Reader reader) {
        String name = nameOf(feature);
        try {
            Effect effect = take(kind, name, feature, plane, standing);
            return new GroundLine(number, kind.word(), name, effect, null);
        } catch (Refused | OutOfRange wrong) {
            return new GroundLine(number, kind.word(), name, Effect.REFUSED, Refusals.say(reader, wrong));
        } catch (NotFound missing) {
            return new GroundLine(number, kind.word(), name, Effect.REFUSED, missing.getMessage());
        }
    }

    private Effect take(OnMap kind, String name, JsonNode feature, LocalPlane plane, Standing standing) {
        if (name.isBlank() || name.length() > 60) {
            throw new Refused("name", name, "groundFile.name");
        }
        Place place = place(feature.path("geometry"), kind).checkNear("coordinates", plane);
        JsonNode about = feature.path("properties");
        return switch (kind) {
            case PLOT -> takePlot(name, place, about, standing);
            case BARRIER -> takeBarrier(name, place, about, standing);
            case BED -> takeBed(name, place, about, standing);
            case NEIGHBOUR -> takeNeighbour(name, place, about, standing);
        };
    }

    private Effect takePlot(String name, Place place, JsonNode about, Standing standing) {
        double error = about.path("positionError").asDouble(3);
        PlotView known =
                known(standing.plots(), about, PlotView::id, plot -> plot.name().equalsIgnoreCase(name));
        if (known == null) {
            ground.makePlot(name, place, error);
            return Effect.NEW;
        }
        if (known.name().equals(name) && known.place().equals(place) && known.positionError() == error) {
            return Effect.SAME;
        }
        ground.correctPlot(known.id(), known.version(), REASON, name, place, error);
        return Effect.CHANGED;
    }

    private Effect takeBarrier(String name, Place place, JsonNode about, Standing standing) {
        Barrier.Kind kind = choice("barrier", about, Barrier.Kind.values());
        double height = about.path("height").asDouble(3);
        double held = about.path("held").asDouble(kind.usuallyHeld());
        BarrierView known = known(
                standing.barriers(),
                about,
                BarrierView::id,
                barrier -> barrier.name().equalsIgnoreCase(name));
        if (known == null) {
            ground.makeBarrier(name, place, kind, height, held);
            return Effect.NEW;
        }
        if (known.equals(new BarrierView(known.id(), known.version(), name, place, kind, height, held))) {
            return Effect.SAME;
        }
        ground.correctBarrier(known.id(), known.version(), REASON, name, place, kind, height, held);
        return Effect.CHANGED;
    }

    private Effect takeBed(String name, Place place, JsonNode about, Standing standing) {
        String plotName = about.path("plot").asString("");
        PlotView plot = standing.plots().stream()
                .filter(one -> one.name().equalsIgnoreCase(plotName))
                .findFirst()
                .orElseThrow(() -> new Refused("plot", plotName, "groundFile.plot", "plot", plotName));
        BedView known = known(
                standing.beds(),
                about,
                BedView::id,
                bed -> bed.plotId().equals(plot.id()) && bed.name().equalsIgnoreCase(name));
        if (known == null) {
            ground.makeBed(plot.id(), name, place);
            return Effect.NEW;
        }
        if (known.name().equals(name) && known.place().equals(place)) {
            return Effect.SAME;
        }
        ground.correctBed(known.id(), known.version(), REASON, name, place);
        return Effect.CHANGED;
    }

    private Effect takeNeighbour(String name, Place place, JsonNode about, Standing standing) {
        Seen seen = new Seen(
                name,
                about.path("crop").asString(""),
                place,
                about.path("positionError").asDouble(10),
                about.path("area").asDouble(place.squareMetres()),
                about.path("season").asInt(0),
                day(about, "bloomFirst"),
                day(about, "bloomLast"),
                needed("seenOn", day(about, "seenOn")),
                about.path("sure").asBoolean(false),
                day(about, "agreedBy"));
        NeighbourView known = known(
                standing.neighbours(),
                about,
                NeighbourView::id,
                other -> other.name().equalsIgnoreCase(name)
                        && other.season() == seen.season()
                        && other.cropKey().equals(seen.cropKey()));
        if (known == null) {
            ground.note(seen);
            return Effect.NEW;
        }
        if (known.seen().equals(seen)) {
            return Effect.SAME;
        }
        ground.correctNeighbour(known.id(), known.version(), REASON, seen);
        return Effect.CHANGED;
    }

    /** The shape that stands already: the one of the same id, or else of the same name. */
    private static <T> T known(List<T> all, JsonNode about, Function<T, UUID> id, Predicate<T> alike) {
        String wanted = about.path("id").asString("");
        return all.stream()
                .filter(one -> id.apply(one).toString().equals(wanted))
                .findFirst()
                .or(() -> all.stream().filter(alike).findFirst())
                .orElse(null);
    }

    private static Place place(JsonNode geometry, OnMap kind) {
        String type = geometry.path("type").asString("nothing");
        JsonNode coordinates = geometry.path("coordinates");
        if (type.equals("Point") && kind == OnMap.NEIGHBOUR) {
            return Place.spot(spot("coordinates", coordinates));
        }
        if (!type.equals("Polygon")) {
            throw new Refused(
                    "geometry", type, kind == OnMap.NEIGHBOUR ? "groundFile.polygonOrPoint" : "groundFile.polygon");
        }
        if (coordinates.size() != 1) {
            throw new Refused(
                    "geometry", coordinates.size() + " rings", "groundFile.holes", "rings", coordinates.size());
        }
        List<LonLat> corners = new ArrayList<>();
        for (int i = 0; i < coordinates.get(0).size(); i++) {
            corners.add(spot("coordinates[" + i + "]", coordinates.get(0).get(i)));
        }
        if (corners.size() < 4 || !corners.get(0).equals(corners.get(corners.size() - 1))) {
            throw new Refused("geometry", corners.size() + " positions", "groundFile.ring");
        }
        return new Place(corners.subList(0, corners.size() - 1));
    }

    private static LonLat spot(String field, JsonNode position) {
        if (position.size() < 2
                || !position.get(0).isNumber()
                || !position.get(1).isNumber()) {
            throw new Refused(field, position, "groundFile.position");
        }
        try {
            return LonLat.of(
                    field, position.get(0).doubleValue(), position.get(1).doubleValue());
        } catch (OutOfRange outside) {
            throw new Refused(field, outside.value(), "groundFile.degrees");
        }
    }

    private static ObjectNode feature(ArrayNode features, OnMap kind, UUID id, String name, Place place) {
        ObjectNode feature = features.addObject().put("type", "Feature");
        ObjectNode geometry = feature.putObject("geometry").put("type", place.isSpot() ? "Point" : "Polygon");
        ArrayNode coordinates = geometry.putArray("coordinates");
        if (place.isSpot()) {
            coordinates
                    .add(place.corners().get(0).lon())
                    .add(place.corners().get(0).lat());
        } else {
            ArrayNode ring = coordinates.addArray();
            place.corners().forEach(corner -> ring.addArray().add(corner.lon()).add(corner.lat()));
            ring.addArray()
                    .add(place.corners().get(0).lon())
                    .add(place.corners().get(0).lat());
        }
        return feature.putObject("properties")
                .put("kind", kind.word())
                .put("id", id.toString())
                .put("name", name);
    }

    private static void put(ObjectNode about, String field, LocalDate day) {
        if (day != null) {
            about.put(field, day.toString());
        }
    }

    private static LocalDate day(JsonNode about, String field) {
        String text = about.path(field).asString("");
        try {
            return text.isEmpty() ? null : LocalDate.parse(text);
        } catch (DateTimeParseException bad) {
            throw new Refused(field, text, "groundFile.date");
        }
    }

    private static <T> T needed(String field, T value) {
        if (value == null) {
            throw new Refused(field, "nothing", "groundFile.needed");
        }
        return value;
    }

    private static <E extends Enum<E>> E choice(String field, JsonNode about, E[] values) {
        String text = about.path(field).asString("");
        for (E value : values) {
            if (value.name().equalsIgnoreCase(text)) {
                return value;
            }
        }
        throw new Refused(field, text, "groundFile.kind");
    }

    private static String kindOf(JsonNode feature) {
        return feature.path("properties").path("kind").asString("");
    }

    private static String nameOf(JsonNode feature) {
        return feature.path("properties").path("name").asString("");
    }
}
