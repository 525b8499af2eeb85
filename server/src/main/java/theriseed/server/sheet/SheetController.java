package theriseed.server.sheet;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import theriseed.server.base.Csv;
import theriseed.server.base.HandsWork;
import theriseed.server.base.SentFile;

/** Lists as CSV over HTTP; the file itself is the body. */
@RestController
class SheetController {

    private final Sheets sheets;

    SheetController(Sheets sheets) {
        this.sheets = sheets;
    }

    @HandsWork
    @GetMapping("/api/sheets")
    List<Sheets.Described> all() {
        return sheets.all();
    }

    @Hidden
    @HandsWork
    @GetMapping(value = "/api/sheets/{name}.csv", produces = "text/csv")
    void write(@PathVariable String name, HttpServletResponse response) throws IOException {
        Path file = Files.createTempFile("sheet", ".csv");
        try {
            try (Writer to = Files.newBufferedWriter(file)) {
                sheets.write(name, to);
            }
            Csv.send(name, file, response);
        } finally {
            Files.deleteIfExists(file);
        }
    }

    /** What a file would change, or with {@code keep} changes. */
    @PostMapping(value = "/api/sheets/{name}", consumes = MediaType.ALL_VALUE)
    SheetRead read(@PathVariable String name, @RequestParam boolean keep, HttpServletRequest request) {
        return sheets.read(name, SentFile.text(request), keep);
    }
}
