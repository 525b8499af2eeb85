package theriseed.server.ground;

import java.time.LocalDate;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.ground.LocalPlane;
import theriseed.core.ground.LonLat;
import theriseed.core.ground.Place;
import theriseed.core.isolation.Barrier;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.Changes;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.HandsWork;
import theriseed.server.base.Kept;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.farm.Farms;
import theriseed.server.handbook.Crops;

/** The farm's plots and beds, what stands between them, and what the neighbours grow. */
@Service
public class Ground {
    private static final int MOST_SEASONS = 12;

    private final PlotRepository plots;
    private final BedRepository beds;
    private final BarrierRepository barriers;
    private final NeighbourRepository neighbours;
    private final Farms farms;
    private final Crops crops;
    private final Corrections corrections;
    private final ApplicationEventPublisher events;
    private final Stamps stamps;
    private final FarmTime time;
    private final Changes.Kinds drawn;
    private final Kept<Integer, List<NeighbourView>> seen;

    Ground(
            PlotRepository plots,
            BedRepository beds,
            BarrierRepository barriers,
            NeighbourRepository neighbours,
            Farms farms,
            Crops crops,
            Corrections corrections,
            ApplicationEventPublisher events,
            Stamps stamps,
            FarmTime time,
            Changes changes) {
        this.plots = plots;
        this.beds = beds;
        this.barriers = barriers;
        this.neighbours = neighbours;
        this.farms = farms;
        this.crops = crops;
        this.corrections = corrections;
        this.events = events;
        this.stamps = stamps;
        this.time = time;
        this.drawn = changes.of(Drawn.class);
        this.seen = new Kept<>(drawn, MOST_SEASONS);
    }

    @ReadsOnly
    public List<PlotView> plots() {
        return plots.findAllInOrder().stream().map(Plot::view).toList();
    }

    @ReadsOnly
    public PlotView plot(UUID id) {
        return found(plots, "plot", id).view();
    }

    /** Every plot there ever was, by its id. */
    @ReadsOnly
    public Map<UUID, PlotView> plotsById() {
        return plots.findEvery().stream().map(Plot::view).collect(Collectors.toMap(PlotView::id, Function.identity()));
    }

    @ReadsOnly
    public List<BedView> beds() {
        return beds.findAllInOrder().stream().map(Bed::view).toList();
    }

    /** Every bed there ever was, by its id. */
    @ReadsOnly
    public Map<UUID, BedView> bedsById() {
        return beds.findAll().stream().map(Bed::view).collect(Collectors.toMap(BedView::id, Function.identity()));
    }

    @ReadsOnly
    public List<BarrierView> barriers() {
        return barriers.findByRemovedFalseOrderByName().stream()
                .map(BarrierOnGround::view)
                .toList();
    }

    /** What neighbours grow in each of these seasons. */
    @ReadsOnly
    public Map<Integer, List<NeighbourView>> neighbours(Collection<Integer> seasons) {
        return seen.of(seasons, this::seenIn);
    }

    private Map<Integer, List<NeighbourView>> seenIn(Collection<Integer> seasons) {
        Map<Integer, List<NeighbourView>> found = neighbours.findBySeasonInAndRemovedFalseOrderByName(seasons).stream()
                .map(Neighbour::view)
                .collect(Collectors.groupingBy(NeighbourView::season));
        seasons.forEach(season -> found.putIfAbsent(season, List.of()));
        return found;
    }

    /** The records of everything on the map. */
    public Changes.Kinds records() {
        return drawn;
    }

    @ReadsOnly
    public List<NeighbourView> everyNeighbour() {
        return neighbours.findByRemovedFalseOrderBySeasonAscNameAsc().stream()
                .map(Neighbour::view)
                .toList();
    }

    @ReadsOnly
    public NeighbourView neighbour(UUID id) {
        return found(neighbours, "neighbour", id).view();
    }

    @GrowersWork
    @Transactional
    public PlotView makePlot(String name, Place place, double positionError) {
        checkPlotFree(null, name, place);
        return plots.saveAndFlush(new Plot(name, place, positionError, stamps.now()))
                .view();
    }

    /** Draws a plot otherwise; its beds go along when it is moved or turned, and must lie inside when it is reshaped. */
    @GrowersWork
    @Transactional
    public PlotView correctPlot(UUID id, int version, String reason, String name, Place place, double positionError) {
        Plot plot = found(plots, "plot", id);
        Clash.check(plot, version, plot.view());
        checkPlotFree(id, name, place);
        Place was = plot.place();
        for (Bed bed : beds.findByPlotIdAndRemovedFalse(id)) {
            Place carried = bed.place().carried(was, place);
            if (!carried.equals(bed.place())) {
                checkInside(bed.name(), carried, name, place);
                correct(bed, "bed", reason, () -> bed.draw(bed.name(), carried));
            }
        }
        correct(plot, "plot", reason, () -> plot.change(name, place, positionError));
        return plots.saveAndFlush(plot).view();
    }

    @GrowersWork
    @Transactional
    public BedView makeBed(UUID plotId, String name, Place place) {
        checkBedFree(null, found(plots, "plot", plotId), name, place);
        return beds.saveAndFlush(new Bed(plotId, name, place, stamps.now())).view();
    }

    @GrowersWork
    @Transactional
    public BedView correctBed(UUID id, int version, String reason, String name, Place place) {
        Bed bed = found(beds, "bed", id);
        Clash.check(bed, version, bed.view());
        checkBedFree(id, found(plots, "plot", bed.plotId()), name, place);
        events.publishEvent(new ShapeChanged(id, bed.name(), place.length()));
        correct(bed, "bed", reason, () -> bed.draw(name, place));
        return beds.saveAndFlush(bed).view();
    }

    @GrowersWork
    @Transactional
    public BarrierView makeBarrier(String name, Place place, Barrier.Kind kind, double height, double held) {
        return barriers.saveAndFlush(new BarrierOnGround(name, place, kind, height, held, stamps.now()))
                .view();
    }

    @GrowersWork
    @Transactional
    public BarrierView correctBarrier(
            UUID id,
            int version,
            String reason,
            String name,
            Place place,
            Barrier.Kind kind,
            double height,
            double held) {
        BarrierOnGround barrier = found(barriers, "barrier", id);
        Clash.check(barrier, version, barrier.view());
        correct(barrier, "barrier", reason, () -> barrier.change(name, place, kind, height, held));
        return barriers.saveAndFlush(barrier).view();
    }

    @HandsWork
    @Transactional
    public NeighbourView note(Seen seen) {
        checkSeen(seen);
        return neighbours.saveAndFlush(new Neighbour(seen, stamps.now())).view();
    }

    @HandsWork
    @Transactional
    public NeighbourView correctNeighbour(UUID id, int version, String reason, Seen seen) {
        Neighbour neighbour = found(neighbours, "neighbour", id);
        Clash.check(neighbour, version, neighbour.view());
        checkSeen(seen);
        correct(neighbour, "neighbour", reason, () -> neighbour.change(seen));
        return neighbours.saveAndFlush(neighbour).view();
    }

    /**
     * Notes by when what threatens is to be cut, as its owner agreed or as the grower means to, and the day it was seen
     * done.
     *
     * @param by null takes it back
     * @param kept null while nobody saw it
     */
    @HandsWork
    @Transactional
    public NeighbourView agree(UUID id, int version, LocalDate by, LocalDate kept) {
        Seen seen = found(neighbours, "neighbour", id).seen();
        if (kept != null) {
            SeasonDates.check("kept", kept, LocalDate.of(seen.season() - 1, 1, 1), time.today());
        }
        String reason = kept != null ? "seen done" : by == null ? "the agreement is off" : "to be cut";
        return correctNeighbour(id, version, reason, seen.agreed(by, kept));
    }

    /** Names of plots that lie so far from a spot that no farm there can hold them. */
    @ReadsOnly
    public List<String> tooFarFrom(LonLat spot) {
        LocalPlane plane = LocalPlane.at(spot);
        return plots().stream()
                .filter(plot -> !plot.place().isNear(plane))
                .map(PlotView::name)
                .toList();
    }

    /** Carries everything on the map along, as the farm lies elsewhere than was said: its metres stay. */
    @GrowersWork
    @Transactional
    public void carry(LonLat from, LonLat to, String reason) {
        LocalPlane before = LocalPlane.at(from);
        LocalPlane after = LocalPlane.at(to);
        Map<OnMap, JpaRepository<? extends Drawn, UUID>> all =
                Map.of(OnMap.PLOT, plots, OnMap.BED, beds, OnMap.BARRIER, barriers, OnMap.NEIGHBOUR, neighbours);
        all.forEach((kind, shapes) -> shapes.findAll().forEach(shape -> {
            Place carried = shape.place().carried(before, after);
            correct(shape, kind.word(), reason, () -> shape.draw(shape.name(), carried));
        }));
        events.publishEvent(new GroundCarried(before, after));
    }

    /** Takes something off the map, or puts it back. */
    @GrowersWork
    @Transactional
    public void remove(OnMap kind, UUID id, int version, boolean removed) {
        switch (kind) {
            case PLOT -> remove(plots, kind, id, version, removed);
            case BED -> remove(beds, kind, id, version, removed);
            case BARRIER -> remove(barriers, kind, id, version, removed);
            case NEIGHBOUR -> remove(neighbours, kind, id, version, removed);
        }
    }

    /** The plane the farm is drawn on: metres from its own spot. */
    @ReadsOnly
    public LocalPlane plane() {
        return LocalPlane.at(farms.get().spot());
    }

    private <T extends Drawn> void remove(
            JpaRepository<T, UUID> shapes, OnMap kind, UUID id, int version, boolean removed) {
        T shape = found(shapes, kind.word(), id);
        Clash.check(shape, version, shape.view());
        if (removed) {
            events.publishEvent(new ShapeChanged(id, shape.name(), 0));
            checkBedsGone(kind, id, shape.name());
        } else {
            checkStillFree(shape);
        }
        correct(shape, kind.word(), removed ? "taken off the map" : "put back", () -> shape.remove(removed));
        shapes.saveAndFlush(shape);
    }

    private void checkBedsGone(OnMap kind, UUID id, String name) {
        if (kind == OnMap.PLOT && !beds.findByPlotIdAndRemovedFalse(id).isEmpty()) {
            throw new Refused("id", name, "ground.hasBeds", "plot", name);
        }
    }

    private void checkStillFree(Drawn shape) {
        if (shape instanceof Plot plot) {
            checkPlotFree(plot.id(), plot.name(), plot.place());
        } else if (shape instanceof Bed bed) {
            checkBedFree(bed.id(), found(plots, "plot", bed.plotId()), bed.name(), bed.place());
        }
    }

    private void correct(Drawn shape, String subject, String reason, Runnable change) {
        Map<String, Object> before = new LinkedHashMap<>(shape.facts());
        change.run();
        corrections.keep(subject, shape.id(), before, shape.facts(), reason);
    }

    private static <T> T found(JpaRepository<T, UUID> shapes, String word, UUID id) {
        return shapes.findById(id).orElseThrow(NotFound.of(word));
    }

    private void checkSeen(Seen seen) {
        if (seen.cropKey() != null) {
            crops.get(seen.cropKey());
        }
        SeasonDates.check("seenOn", seen.seenOn(), LocalDate.of(2000, 1, 1), time.today());
    }

    private void checkPlotFree(UUID id, String name, Place place) {
        checkArea(place);
        for (PlotView other : plots()) {
            if (!other.id().equals(id)) {
                checkApart("plot", name, place, other.name(), other.place());
            }
        }
    }

    private void checkBedFree(UUID id, Plot plot, String name, Place place) {
        checkArea(place);
        checkInside(name, place, plot.name(), plot.place());
        for (Bed other : beds.findByPlotIdAndRemovedFalse(plot.id())) {
            if (!other.id().equals(id)) {
                checkApart("bed", name, place, other.name(), other.place());
            }
        }
    }

    private static void checkArea(Place place) {
        if (place.isSpot()) {
            throw new Refused("corners", "1 corner", "ground.spot");
        }
    }

    private static void checkInside(String bed, Place place, String plot, Place ground) {
        if (!ground.holds(place)) {
            throw new Refused("corners", bed, "ground.partlyOutside", "bed", bed, "plot", plot);
        }
    }

    private static void checkApart(String kind, String name, Place place, String otherName, Place other) {
        if (otherName.equalsIgnoreCase(name.strip())) {
            throw new Refused("name", name, "ground.nameTaken", "other", otherName);
        }
        if (other.overlaps(place)) {
            throw new Refused("corners", name, "ground.overlaps", "shape", kind, "other", otherName);
        }
    }
}
