package theriseed.server.seedroom;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import theriseed.core.seedroom.ShelfKind;
import theriseed.server.base.Changed;
import theriseed.server.base.Maybe;
import theriseed.server.base.Refused;

/** The seed room over HTTP. */
@RestController
class SeedRoomController {
    private final SeedRoom room;
    private final Counting counting;
    private final Shelves shelves;
    private final Containers containers;

    SeedRoomController(SeedRoom room, Counting counting, Shelves shelves, Containers containers) {
        this.room = room;
        this.counting = counting;
        this.shelves = shelves;
        this.containers = containers;
    }

    @GetMapping("/api/seed-room")
    SeedRoom.Room room(
            @RequestParam(defaultValue = "0") int page,
            @RequestParam(defaultValue = "60") int size,
            @RequestParam(defaultValue = "false") boolean gone,
            @RequestParam(defaultValue = "NEED") SeedRoom.Order by) {
        return room.room(page, size, gone, by);
    }

    /** Lots with seed left, to be counted. */
    @GetMapping("/api/seed-room/stocked")
    Counting.CountingPage stocked(
            @RequestParam(defaultValue = "0") int page, @RequestParam(defaultValue = "100") int size) {
        return counting.stocked(page, size);
    }

    @GetMapping("/api/lots/{number}/stored")
    SeedRoom.Stored stored(@PathVariable String number) {
        return room.stored(number);
    }

    @GetMapping("/api/shelves")
    List<ShelfView> shelves() {
        return shelves.all();
    }

    /** @param celsius and {@code humidity}, percent, usual there; those of its kind where they are not said */
    record ShelfRequest(
            @NotBlank String name,
            @NotNull ShelfKind kind,
            @Maybe Double celsius,
            @Maybe Double humidity,
            @Maybe @Size(max = 300) String note,
            @Maybe Integer version,
            @Maybe @Size(max = 300) String reason) {
        ShelfFacts facts() {
            return new ShelfFacts(
                    name,
                    kind,
                    celsius == null ? kind.celsius() : celsius,
                    humidity == null ? kind.humidity() : humidity,
                    note == null ? "" : note);
        }
    }

    @PostMapping("/api/shelves")
    ShelfView make(@Valid @RequestBody ShelfRequest request) {
        return shelves.make(request.facts());
    }

    @PutMapping("/api/shelves/{id}")
    ShelfView correct(@PathVariable UUID id, @Valid @RequestBody ShelfRequest request) {
        return shelves.correct(id, new Changed(request.version(), request.reason()), request.facts());
    }

    @GetMapping("/api/shelves/{id}/readings")
    List<ShelfReadingView> log(@PathVariable UUID id) {
        return shelves.log(id);
    }

    /** @param celsius absent where the shelf's instrument is to be heard */
    record ShelfReadingRequest(
            @Maybe Instant readAt,
            @Maybe Double celsius,
            @Maybe Double humidity) {}

    @PostMapping("/api/shelves/{id}/readings")
    ShelfReadingView read(@PathVariable UUID id, @Valid @RequestBody ShelfReadingRequest request) {
        if (request.celsius() == null && (request.humidity() != null || request.readAt() != null)) {
            throw Refused.missing("celsius");
        }
        return request.celsius() == null
                ? shelves.hear(id)
                : shelves.read(id, request.readAt(), request.celsius(), request.humidity());
    }

    record ContainerRequest(
            @NotNull UUID shelfId,
            @NotNull Container.Kind kind,
            @NotNull Boolean sealed,
            @Maybe @Size(max = 300) String dampBecause,
            @NotNull Integer count,
            @NotNull LocalDate on) {}

    @PostMapping("/api/lots/{number}/containers")
    List<ContainerView> put(@PathVariable String number, @Valid @RequestBody ContainerRequest request) {
        return containers.put(
                number,
                request.shelfId(),
                request.kind(),
                request.sealed(),
                told(request.dampBecause()),
                request.count(),
                request.on());
    }

    record ContainerMoveRequest(
            @NotNull UUID shelfId,
            @Maybe @Size(max = 300) String dampBecause,
            @NotNull LocalDate on) {}

    @PostMapping("/api/containers/{id}/move")
    ContainerView move(@PathVariable UUID id, @Valid @RequestBody ContainerMoveRequest request) {
        return containers.move(id, request.shelfId(), told(request.dampBecause()), request.on());
    }

    record ContainerEmptyRequest(
            @NotNull Integer version, @NotNull LocalDate on) {}

    @PostMapping("/api/containers/{id}/empty")
    ContainerView empty(@PathVariable UUID id, @Valid @RequestBody ContainerEmptyRequest request) {
        return containers.empty(id, request.version(), request.on());
    }

    private static String told(String why) {
        return why == null ? "" : why.strip();
    }
}
