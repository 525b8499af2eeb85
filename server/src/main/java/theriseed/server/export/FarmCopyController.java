package theriseed.server.export;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RestController;
import theriseed.server.base.SentFile;
import theriseed.server.farm.FarmView;

/** The whole farm as a file, over HTTP. */
@RestController
class FarmCopyController {

    private final FarmCopies copies;

    FarmCopyController(FarmCopies copies) {
        this.copies = copies;
    }

    @Hidden
    @GetMapping(value = "/api/farm/copy.zip", produces = "application/zip")
    void write(HttpServletResponse response) throws IOException {
        Path file = Files.createTempFile("farm", ".zip");
        try {
            try (OutputStream to = Files.newOutputStream(file)) {
                copies.write(to);
            }
            response.setContentType("application/zip");
            response.setContentLengthLong(Files.size(file));
            response.setHeader(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"farm.zip\"");
            Files.copy(file, response.getOutputStream());
        } finally {
            Files.deleteIfExists(file);
        }
    }

    /** Takes one in; the body is the file. */
    @PutMapping("/api/farm/copy")
    FarmView read(HttpServletRequest request) throws IOException {
        Path file = Files.createTempFile("farm", ".zip");
        try {
            SentFile.into(file, request);
            return copies.read(file);
        } finally {
            Files.deleteIfExists(file);
        }
    }
}
