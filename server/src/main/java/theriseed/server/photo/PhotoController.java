package theriseed.server.photo;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import theriseed.server.base.Changed;
import theriseed.server.base.Maybe;
import theriseed.server.base.SentFile;

/** Pictures over HTTP: the file itself is the body. */
@RestController
class PhotoController {

    private static final int MOST_ASKED = 500;

    private final Photos photos;

    PhotoController(Photos photos) {
        this.photos = photos;
    }

    /** The pictures of these records, oldest first, by the record's id. */
    @GetMapping("/api/photos")
    Map<UUID, List<PhotoView>> of(@RequestParam @Size(max = MOST_ASKED) List<UUID> of) {
        return photos.of(of);
    }

    record SaidRequest(
            @NotNull @Size(max = 200) String caption,
            @NotNull Boolean struckOut,
            @NotNull Integer version,
            @Maybe @Size(max = 300) String reason) {}

    @PutMapping("/api/photos/{id}/said")
    PhotoView say(@PathVariable UUID id, @Valid @RequestBody SaidRequest request) {
        return photos.say(id, request.caption(), request.struckOut(), new Changed(request.version(), request.reason()));
    }

    @Hidden
    @GetMapping("/api/photos/{id}")
    ResponseEntity<byte[]> show(@PathVariable UUID id) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable())
                .body(photos.jpeg(id));
    }

    @Hidden
    @PutMapping("/api/photos/{id}")
    PhotoView keep(@PathVariable UUID id, @RequestParam UUID of, HttpServletRequest request) {
        return photos.keep(id, of, SentFile.bytes(request));
    }
}
