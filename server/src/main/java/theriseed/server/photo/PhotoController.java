package theriseed.server.photo;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import theriseed.server.base.SentFile;

/** Pictures over HTTP: the file itself is the body. */
@RestController
class PhotoController {

    private final Photos photos;

    PhotoController(Photos photos) {
        this.photos = photos;
    }

    /** Ids of the pictures of a record, oldest first. */
    @GetMapping("/api/photos")
    List<UUID> of(@RequestParam UUID of) {
        return photos.of(List.of(of)).getOrDefault(of, List.of());
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
