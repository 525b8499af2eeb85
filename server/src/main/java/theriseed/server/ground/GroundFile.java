package theriseed.server.ground;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Predicate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import theriseed.core.ground.LocalPlane;
import theriseed.core.ground.Place;
import theriseed.core.isolation.Barrier;
import theriseed.core.isolation.NeighbourReport;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Refusal;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.Maybe;
import theriseed.server.base.NotFound;
import theriseed.server.base.Refused;
import theriseed.server.words.Reader;
import theriseed.server.words.Readers;
import theriseed.server.words.Refusals;
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
     * @param notes what was taken otherwise than it stands there
     */
    record GroundLine(
            int place,
            String kind,
            String name,
            Effect effect,
            @Maybe String why,
            List<String> notes) {}

    /**
     * How a file is read, so that it can be said otherwise.
     *
     * @param withoutKind shapes that do not say what they are
     * @param named property that names them; empty where none does
     * @param properties that could
     * @param grid EPSG code of the grid its positions are in; absent for degrees
     * @param gridGuessed whether nobody said which, so that it is taken to be the farm's own zone
     */
    record GroundHow(
            long withoutKind,
            String named,
            Set<String> properties,
            @Maybe String grid,
            boolean gridGuessed) {}

    /**
     * What a file does.
     *
     * @param kept whether it was done; never when a shape is refused
     */
    record GroundRead(List<GroundLine> lines, boolean kept, GroundHow how) {}

    public String write() {
        ObjectNode file = json.createObjectNode().put("type", "FeatureCollection");
        ArrayNode features = file.putArray("features");
        ground.plots().forEach(plot -> {
            ObjectNode about = GroundFeature.add(features, OnMap.PLOT, plot.id(), plot.name(), plot.place());
            about.put("positionError", plot.positionError());
        });
        ground.barriers().forEach(barrier -> {
            ObjectNode about =
                    GroundFeature.add(features, OnMap.BARRIER, barrier.id(), barrier.name(), barrier.place());
            about.put("barrier", barrier.kind().name().toLowerCase(Locale.ROOT));
            about.put("height", barrier.height()).put("held", barrier.held());
        });
        Map<UUID, PlotView> plots = ground.plotsById();
        ground.beds().forEach(bed -> {
            ObjectNode about = GroundFeature.add(features, OnMap.BED, bed.id(), bed.name(), bed.place());
            about.put("plot", plots.get(bed.plotId()).name());
        });
        ground.everyNeighbour().forEach(seen -> {
            ObjectNode about = GroundFeature.add(features, OnMap.NEIGHBOUR, seen.id(), seen.name(), seen.place());
            about.put("neighbour", seen.kind().name().toLowerCase(Locale.ROOT));
            about.put("crop", seen.cropKey()).put("season", seen.season());
            about.put("positionError", seen.positionError()).put("area", seen.area());
            about.put("seenOn", seen.seenOn().toString()).put("sure", seen.sure());
            GroundFeature.put(about, "bloomFirst", seen.bloomFirst());
            GroundFeature.put(about, "bloomLast", seen.bloomLast());
            GroundFeature.put(about, "agreedBy", seen.agreedBy());
            GroundFeature.put(about, "keptOn", seen.keptOn());
        });
        return json.writerWithDefaultPrettyPrinter().writeValueAsString(file);
    }

    /**
     * Reads a file shape by shape, as if each were drawn by hand. Nothing is kept when it is only asked for, nor when a
     * single shape is refused.
     */
    @GrowersWork
    GroundRead read(String text, GroundTold told, boolean keep) {
        LocalPlane plane = ground.plane();
        GisFile file = new GisFile(text, told, plane.origin());
        List<GisShape> shapes = file.shapes();
        return transaction.execute(status -> {
            List<GroundLine> lines = new ArrayList<>();
            Reader reader = readers.now();
            for (OnMap kind : ORDER) {
                Standing standing = Standing.on(ground, kind);
                shapes.stream()
                        .filter(shape -> kind.word().equals(shape.kind()))
                        .forEach(shape -> lines.add(line(shape, kind, plane, standing, reader)));
            }
            shapes.stream()
                    .filter(shape ->
                            ORDER.stream().noneMatch(known -> known.word().equals(shape.kind())))
                    .forEach(shape -> lines.add(unknown(shape, reader)));
            boolean refused = lines.stream().anyMatch(line -> line.effect() == Effect.REFUSED);
            if (!keep || refused) {
                status.setRollbackOnly();
            }
            lines.sort(Comparator.comparingInt(GroundLine::place));
            return new GroundRead(
                    lines,
                    keep && !refused,
                    new GroundHow(
                            file.withoutKind(),
                            file.named(),
                            file.properties(),
                            file.grid().orElse(null),
                            file.guessed()));
        });
    }

    private static GroundLine unknown(GisShape shape, Reader reader) {
        String why = Refusals.say(
                reader,
                "properties.kind",
                shape.kind().isEmpty() ? "nothing" : shape.kind(),
                Refusal.AgainstRule.of("notA.oneOf", "words", "plot, bed, barrier, neighbour"));
        return new GroundLine(shape.number(), shape.kind(), shape.name(), Effect.REFUSED, why, shape.notes());
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

    private GroundLine line(GisShape shape, OnMap kind, LocalPlane plane, Standing standing, Reader reader) {
        String why;
        try {
            Effect effect = take(kind, shape, plane, standing);
            return new GroundLine(shape.number(), kind.word(), shape.name(), effect, null, shape.notes());
        } catch (Refused | OutOfRange wrong) {
            why = Refusals.say(reader, wrong);
        } catch (NotFound missing) {
            why = missing.getMessage();
        }
        return new GroundLine(shape.number(), kind.word(), shape.name(), Effect.REFUSED, why, shape.notes());
    }

    private Effect take(OnMap kind, GisShape shape, LocalPlane plane, Standing standing) {
        String name = shape.name();
        if (name.isBlank() || name.length() > 60) {
            throw new Refused("name", name, "groundFile.name");
        }
        if (shape.wrong() != null) {
            throw shape.wrong();
        }
        Place place = shape.place().checkNear("coordinates", plane);
        JsonNode about = shape.about();
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
        Barrier.Kind kind = GroundFeature.choice("barrier", about, Barrier.Kind.values());
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
                .filter(one -> plotName.isEmpty()
                        ? one.place().holds(place)
                        : one.name().equalsIgnoreCase(plotName))
                .findFirst()
                .orElseThrow(() -> plotName.isEmpty()
                        ? new Refused("plot", "nothing", "groundFile.plotAround")
                        : new Refused("plot", plotName, "groundFile.plot", "plot", plotName));
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
        NeighbourReport.Kind kind = about.has("neighbour")
                ? GroundFeature.choice("neighbour", about, NeighbourReport.Kind.values())
                : NeighbourReport.Kind.TENDED;
        Seen seen = new Seen(
                name,
                kind,
                kind.cropKnown() ? about.path("crop").asString("") : null,
                place,
                about.path("positionError").asDouble(10),
                about.path("area").asDouble(place.squareMetres()),
                about.path("season").asInt(0),
                GroundFeature.day(about, "bloomFirst"),
                GroundFeature.day(about, "bloomLast"),
                GroundFeature.needed("seenOn", GroundFeature.day(about, "seenOn")),
                about.path("sure").asBoolean(false),
                GroundFeature.day(about, "agreedBy"),
                GroundFeature.day(about, "keptOn"));
        NeighbourView known = known(
                standing.neighbours(),
                about,
                NeighbourView::id,
                other -> other.name().equalsIgnoreCase(name)
                        && other.season() == seen.season()
                        && Objects.equals(other.cropKey(), seen.cropKey()));
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

    /** The shape that already exists: the one of the same id, or else of the same name. */
    private static <T> T known(List<T> all, JsonNode about, Function<T, UUID> id, Predicate<T> alike) {
        String wanted = about.path("id").asString("");
        return all.stream()
                .filter(one -> id.apply(one).toString().equals(wanted))
                .findFirst()
                .or(() -> all.stream().filter(alike).findFirst())
                .orElse(null);
    }
}
