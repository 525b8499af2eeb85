package theriseed.server.ground;

import java.time.LocalDate;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.ground.LocalPlane;
import theriseed.core.ground.Place;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.farm.Farms;
import theriseed.server.handbook.Crops;

/** The farm's plots and what the neighbours grow. */
@Service
public class Ground {
    private final PlotRepository plots;
    private final NeighbourRepository neighbours;
    private final Farms farms;
    private final Crops crops;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;

    Ground(
            PlotRepository plots,
            NeighbourRepository neighbours,
            Farms farms,
            Crops crops,
            Corrections corrections,
            Stamps stamps,
            FarmTime time) {
        this.plots = plots;
        this.neighbours = neighbours;
        this.farms = farms;
        this.crops = crops;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
    }

    /** A rectangle in metres from the farm's own spot. */
    public record Rectangle(double east, double north, double width, double length, double turned) {}

    /** What was seen over the fence. */
    public record Seen(
            String name,
            String cropKey,
            double east,
            double north,
            double positionError,
            double area,
            int season,
            LocalDate bloomFirst,
            LocalDate bloomLast,
            LocalDate seenOn,
            boolean sure) {}

    @Transactional(readOnly = true)
    public List<PlotView> plots() {
        return plots.findAllInOrder().stream().map(Plot::view).toList();
    }

    @Transactional(readOnly = true)
    public PlotView plot(UUID id) {
        return plots.findById(id).map(Plot::view).orElseThrow(NotFound.of("plot"));
    }

    @Transactional(readOnly = true)
    public Map<UUID, PlotView> plotsById() {
        Map<UUID, PlotView> byId = new LinkedHashMap<>();
        plots().forEach(plot -> byId.put(plot.id(), plot));
        return byId;
    }

    @Transactional(readOnly = true)
    public List<NeighbourView> neighbours(Collection<Integer> seasons) {
        return neighbours.findBySeasonInOrderByName(seasons).stream()
                .map(Neighbour::view)
                .toList();
    }

    @GrowersWork
    @Transactional
    public PlotView make(String name, Rectangle shape, double positionError) {
        Place place = place(shape);
        checkFree(null, name, place);
        return plots.saveAndFlush(new Plot(name, place, positionError, stamps.now()))
                .view();
    }

    @GrowersWork
    @Transactional
    public PlotView correct(UUID id, int version, String reason, String name, Rectangle shape, double positionError) {
        Plot plot = plots.findById(id).orElseThrow(NotFound.of("plot"));
        Clash.check(plot, version, plot.view());
        Place place = place(shape);
        checkFree(id, name, place);
        Map<String, Object> before = plot.facts();
        plot.change(name, place, positionError);
        corrections.keep("plot", id, before, plot.facts(), reason);
        return plots.saveAndFlush(plot).view();
    }

    @HandsWork
    @Transactional
    public NeighbourView note(Seen seen) {
        crops.get(seen.cropKey());
        SeasonDates.check("seenOn", seen.seenOn(), LocalDate.of(2000, 1, 1), time.today());
        if ((seen.bloomFirst() == null) != (seen.bloomLast() == null)) {
            throw new Refused(
                    "bloomLast", seen.bloomLast(), "both days or neither", "Give first and last bloom, or neither.");
        }
        BloomWindow bloom = seen.bloomFirst() == null ? null : new BloomWindow(seen.bloomFirst(), seen.bloomLast());
        return neighbours
                .save(new Neighbour(
                        seen.name(),
                        seen.cropKey(),
                        Place.spot(plane().spot(seen.east(), seen.north())),
                        seen.positionError(),
                        seen.area(),
                        seen.season(),
                        bloom,
                        seen.seenOn(),
                        seen.sure(),
                        stamps.now()))
                .view();
    }

    /** The plane the farm is drawn on: metres from its own spot. */
    @Transactional(readOnly = true)
    public LocalPlane plane() {
        return LocalPlane.at(farms.get().spot());
    }

    private Place place(Rectangle shape) {
        return Place.rectangle(plane(), shape.east(), shape.north(), shape.width(), shape.length(), shape.turned());
    }

    private void checkFree(UUID id, String name, Place place) {
        for (PlotView other : plots()) {
            if (other.id().equals(id)) {
                continue;
            }
            if (other.name().equalsIgnoreCase(name.strip())) {
                throw new Refused("name", name, "a name not yet taken", other.name() + " stands already.");
            }
            if (other.place().overlaps(place)) {
                throw new Refused(
                        "east", place.squareMetres(), "ground that is free", "It would lie on " + other.name() + ".");
            }
        }
    }
}
