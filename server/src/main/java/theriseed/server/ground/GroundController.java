package theriseed.server.ground;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.locationtech.jts.geom.Coordinate;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import theriseed.core.ground.LocalPlane;
import theriseed.core.ground.Place;
import theriseed.server.base.Maybe;

/** Plots and neighbours, drawn in metres from the farm's own spot. */
@RestController
class GroundController {
    private final Ground ground;

    GroundController(Ground ground) {
        this.ground = ground;
    }

    /** Metres east and north of the farm's spot. */
    record Metres(double east, double north) {}

    record PlotShape(PlotView plot, List<Metres> corners) {}

    record NeighbourSpot(NeighbourView neighbour, Metres spot) {}

    record GroundView(List<PlotShape> plots, List<NeighbourSpot> neighbours) {}

    record PlotRequest(
            @NotBlank @Size(max = 60) String name,
            @NotNull Double east,
            @NotNull Double north,
            @NotNull Double width,
            @NotNull Double length,
            @NotNull Double turned,
            @NotNull Double positionError,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        Ground.Rectangle shape() {
            return new Ground.Rectangle(east, north, width, length, turned);
        }
    }

    record NeighbourRequest(
            @NotBlank @Size(max = 60) String name,
            @NotBlank String cropKey,
            @NotNull Double east,
            @NotNull Double north,
            @NotNull Double area,
            @NotNull Integer season,
            @Maybe LocalDate bloomFirst,
            @Maybe LocalDate bloomLast,
            @NotNull LocalDate seenOn,
            @NotNull Boolean sure) {}

    /** How far a spot pointed at over a fence may be off, metres. */
    private static final double NEIGHBOUR_ERROR = 10;

    @GetMapping("/api/ground")
    GroundView ground(@RequestParam int season) {
        LocalPlane plane = ground.plane();
        return new GroundView(
                ground.plots().stream()
                        .map(plot -> new PlotShape(plot, metres(plane, plot.place())))
                        .toList(),
                ground.neighbours(List.of(season)).stream()
                        .map(seen -> new NeighbourSpot(
                                seen, metres(plane, seen.place()).get(0)))
                        .toList());
    }

    @PostMapping("/api/plots")
    PlotView make(@Valid @RequestBody PlotRequest request) {
        return ground.make(request.name(), request.shape(), request.positionError());
    }

    @PutMapping("/api/plots/{id}")
    PlotView correct(@PathVariable UUID id, @Valid @RequestBody PlotRequest request) {
        return ground.correct(
                id,
                request.version() == null ? -1 : request.version(),
                request.reason() == null ? "" : request.reason(),
                request.name(),
                request.shape(),
                request.positionError());
    }

    @PostMapping("/api/neighbours")
    NeighbourView note(@Valid @RequestBody NeighbourRequest request) {
        return ground.note(new Ground.Seen(
                request.name(),
                request.cropKey(),
                request.east(),
                request.north(),
                NEIGHBOUR_ERROR,
                request.area(),
                request.season(),
                request.bloomFirst(),
                request.bloomLast(),
                request.seenOn(),
                request.sure()));
    }

    private static List<Metres> metres(LocalPlane plane, Place place) {
        return place.corners().stream()
                .map(corner -> {
                    Coordinate at = plane.metres(corner);
                    return new Metres(at.getX(), at.getY());
                })
                .toList();
    }
}
