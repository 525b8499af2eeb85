package theriseed.server.ground;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.locationtech.jts.geom.Coordinate;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import theriseed.core.crop.Crop;
import theriseed.core.ground.LocalPlane;
import theriseed.core.ground.Place;
import theriseed.core.isolation.Barrier;
import theriseed.core.isolation.NeighbourReport;
import theriseed.server.base.Changed;
import theriseed.server.base.Maybe;
import theriseed.server.base.Refused;
import theriseed.server.base.SentFile;
import theriseed.server.handbook.Crops;

/** Plots, beds, barriers and neighbours, drawn in metres from the farm's own spot. */
@RestController
class GroundController {
    private static final MediaType GEOJSON = MediaType.parseMediaType("application/geo+json");

    private final Ground ground;
    private final GroundFile file;
    private final Crops crops;

    GroundController(Ground ground, GroundFile file, Crops crops) {
        this.crops = crops;
        this.ground = ground;
        this.file = file;
    }

    record PlotShape(PlotView plot, List<Metres> corners) {}

    record BedShape(BedView bed, List<Metres> corners) {}

    record BarrierShape(BarrierView barrier, List<Metres> corners) {}

    /** @param group what crosses with what: the crop's crossing group */
    record NeighbourShape(
            NeighbourView neighbour,
            @Maybe String cropName,
            @Maybe String group,
            List<Metres> corners) {}

    record GroundView(
            List<PlotShape> plots, List<BedShape> beds, List<BarrierShape> barriers, List<NeighbourShape> neighbours) {}

    /** A rectangle by numbers, or a shape by its corners. */
    record Outline(
            @Maybe Double east,
            @Maybe Double north,
            @Maybe Double width,
            @Maybe Double length,
            @Maybe Double turned,
            @Maybe List<@NotNull Metres> corners) {
        Place on(LocalPlane plane) {
            if (corners != null) {
                return Place.shape(
                        "corners",
                        plane,
                        corners.stream()
                                .map(corner -> new Coordinate(corner.east(), corner.north()))
                                .toList());
            }
            return Place.rectangle(
                    plane,
                    needed("east", east),
                    needed("north", north),
                    needed("width", width),
                    needed("length", length),
                    turned == null ? 0 : turned);
        }

        Place spotOr(LocalPlane plane) {
            return corners == null
                    ? Place.shape(
                            "corners", plane, List.of(new Coordinate(needed("east", east), needed("north", north))))
                    : on(plane);
        }

        private static double needed(String field, Double value) {
            if (value == null) {
                throw Refused.missing(field);
            }
            return value;
        }
    }

    record PlotRequest(
            @NotBlank @Size(max = 60) String name,
            @NotNull @Valid Outline outline,
            @NotNull Double positionError,
            @Maybe Changed changed) {}

    record BedRequest(
            @NotNull UUID plotId,
            @NotBlank @Size(max = 60) String name,
            @NotNull @Valid Outline outline,
            @Maybe Changed changed) {}

    /** @param held share held back; what is usual for the kind when it is left out */
    record BarrierRequest(
            @NotBlank @Size(max = 60) String name,
            @NotNull @Valid Outline outline,
            @NotNull Barrier.Kind kind,
            @NotNull Double height,
            @Maybe Double held,
            @Maybe Changed changed) {
        double heldBack() {
            return held == null ? kind.usuallyHeld() : held;
        }
    }

    record NeighbourRequest(
            @NotBlank @Size(max = 60) String name,
            @Maybe NeighbourReport.Kind kind,
            @Maybe String cropKey,
            @NotNull @Valid Outline outline,
            @NotNull Double area,
            @NotNull Integer season,
            @Maybe LocalDate bloomFirst,
            @Maybe LocalDate bloomLast,
            @NotNull LocalDate seenOn,
            @NotNull Boolean sure,
            @Maybe LocalDate agreedBy,
            @Maybe LocalDate keptOn,
            @Maybe Changed changed) {
        Seen on(LocalPlane plane) {
            return new Seen(
                    name,
                    kind == null ? NeighbourReport.Kind.TENDED : kind,
                    cropKey,
                    outline.spotOr(plane),
                    NeighbourReport.POSITION_ERROR_M,
                    area,
                    season,
                    bloomFirst,
                    bloomLast,
                    seenOn,
                    sure,
                    agreedBy,
                    keptOn);
        }
    }

    /** @param kept day on which it was seen done; nothing while it is a promise */
    record Agreement(
            @NotNull Integer version,
            @Maybe LocalDate by,
            @Maybe LocalDate kept) {}

    record Removal(@NotNull Integer version, @NotNull Boolean removed) {}

    @GetMapping("/api/ground")
    GroundView ground(@RequestParam int season) {
        LocalPlane plane = ground.plane();
        return new GroundView(
                ground.plots().stream()
                        .map(plot -> new PlotShape(plot, Metres.of(plane, plot.place())))
                        .toList(),
                ground.beds().stream()
                        .map(bed -> new BedShape(bed, Metres.of(plane, bed.place())))
                        .toList(),
                ground.barriers().stream()
                        .map(barrier -> new BarrierShape(barrier, Metres.of(plane, barrier.place())))
                        .toList(),
                ground.neighbours(List.of(season)).get(season).stream()
                        .map(seen -> {
                            Optional<Crop> crop =
                                    Optional.ofNullable(seen.cropKey()).map(crops::general);
                            return new NeighbourShape(
                                    seen,
                                    crop.map(Crop::name).orElse(null),
                                    crop.map(Crop::crossingGroup).orElse(null),
                                    Metres.of(plane, seen.place()));
                        })
                        .toList());
    }

    @PostMapping("/api/plots")
    PlotView make(@Valid @RequestBody PlotRequest request) {
        return ground.makePlot(request.name(), request.outline().on(ground.plane()), request.positionError());
    }

    @PutMapping("/api/plots/{id}")
    PlotView correct(@PathVariable UUID id, @Valid @RequestBody PlotRequest request) {
        Changed changed = Changed.of(request.changed());
        return ground.correctPlot(
                id,
                changed.from(),
                changed.because(),
                request.name(),
                request.outline().on(ground.plane()),
                request.positionError());
    }

    @PostMapping("/api/beds")
    BedView make(@Valid @RequestBody BedRequest request) {
        return ground.makeBed(
                request.plotId(), request.name(), request.outline().on(ground.plane()));
    }

    @PutMapping("/api/beds/{id}")
    BedView correct(@PathVariable UUID id, @Valid @RequestBody BedRequest request) {
        Changed changed = Changed.of(request.changed());
        return ground.correctBed(
                id,
                changed.from(),
                changed.because(),
                request.name(),
                request.outline().on(ground.plane()));
    }

    @PostMapping("/api/barriers")
    BarrierView make(@Valid @RequestBody BarrierRequest request) {
        return ground.makeBarrier(
                request.name(),
                request.outline().on(ground.plane()),
                request.kind(),
                request.height(),
                request.heldBack());
    }

    @PutMapping("/api/barriers/{id}")
    BarrierView correct(@PathVariable UUID id, @Valid @RequestBody BarrierRequest request) {
        Changed changed = Changed.of(request.changed());
        return ground.correctBarrier(
                id,
                changed.from(),
                changed.because(),
                request.name(),
                request.outline().on(ground.plane()),
                request.kind(),
                request.height(),
                request.heldBack());
    }

    @PostMapping("/api/neighbours")
    NeighbourView note(@Valid @RequestBody NeighbourRequest request) {
        return ground.note(request.on(ground.plane()));
    }

    @PutMapping("/api/neighbours/{id}")
    NeighbourView correct(@PathVariable UUID id, @Valid @RequestBody NeighbourRequest request) {
        Changed changed = Changed.of(request.changed());
        return ground.correctNeighbour(id, changed.from(), changed.because(), request.on(ground.plane()));
    }

    /** Notes by when a neighbour agreed to cut theirs, and that it was seen done; without a day it is taken back. */
    @PostMapping("/api/neighbours/{id}/agreed")
    NeighbourView agree(@PathVariable UUID id, @Valid @RequestBody Agreement agreement) {
        return ground.agree(id, agreement.version(), agreement.by(), agreement.kept());
    }

    /** Takes a shape off the map, or puts it back. */
    @PostMapping("/api/ground/{kind}/{id}/removed")
    void remove(@PathVariable OnMap kind, @PathVariable UUID id, @Valid @RequestBody Removal removal) {
        ground.remove(kind, id, removal.version(), removal.removed());
    }

    @GetMapping("/api/ground/file")
    ResponseEntity<String> file() {
        return ResponseEntity.ok()
                .contentType(GEOJSON)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"ground.geojson\"")
                .body(file.write());
    }

    /**
     * What a GeoJSON file would change, or with {@code keep} changes it.
     *
     * @param kind of shapes that do not say it themselves
     * @param named property that names shapes
     * @param grid EPSG code of the grid its positions are in
     */
    @PostMapping(value = "/api/ground/file", consumes = MediaType.ALL_VALUE)
    GroundFile.GroundRead read(
            @RequestParam boolean keep,
            @Maybe @RequestParam(required = false) OnMap kind,
            @Maybe @RequestParam(required = false) String named,
            @Maybe @RequestParam(required = false) String grid,
            HttpServletRequest request) {
        return file.read(SentFile.text(request), new GroundTold(kind, named, grid), keep);
    }
}
