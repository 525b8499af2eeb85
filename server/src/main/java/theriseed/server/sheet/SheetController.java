package theriseed.server.sheet;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStream;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import theriseed.server.base.Csv;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.HandsWork;
import theriseed.server.base.Maybe;
import theriseed.server.base.Refused;
import theriseed.server.base.SentFile;

/** Lists as files over HTTP; the file itself is the body. */
@RestController
class SheetController {
    private static final MediaType WORKBOOK =
            MediaType.parseMediaType("application/vnd.openxmlformats-officedocument.spreadsheetml.sheet");

    /** What may part cells, by its name in an address. */
    private static final Map<String, Character> SIGNS = Map.of("comma", ',', "semicolon", ';', "tab", '\t');

    private final Sheets sheets;

    private final WeatherFolder weatherFolder;

    SheetController(Sheets sheets, WeatherFolder weatherFolder) {
        this.sheets = sheets;
        this.weatherFolder = weatherFolder;
    }

    /** The folder that a weather station writes into, and what became of its files. */
    @GrowersWork
    @GetMapping("/api/weather/folder")
    WeatherFolder.FolderView weatherFolder() {
        return weatherFolder.view();
    }

    @HandsWork
    @GetMapping("/api/sheets")
    List<Sheets.Described> all() {
        return sheets.all();
    }

    /**
     * A list as text.
     *
     * @param partedBy comma, semicolon or tab
     * @param decimals parted by a point or a comma
     * @param mark whether it begins with a byte order mark, by which some spreadsheets know UTF-8
     */
    @Hidden
    @HandsWork
    @GetMapping(value = "/api/sheets/{name}.csv", produces = "text/csv")
    void write(
            @PathVariable String name,
            @RequestParam(defaultValue = "comma") String partedBy,
            @RequestParam(defaultValue = "POINT") Writing.Decimals decimals,
            @RequestParam(defaultValue = "false") boolean mark,
            HttpServletResponse response)
            throws IOException {
        Character sign = SIGNS.get(partedBy);
        if (sign == null) {
            throw new Refused("partedBy", partedBy, "file.partedBy");
        }
        Path file = Files.createTempFile("sheet", ".csv");
        try {
            try (Writer to = Files.newBufferedWriter(file)) {
                if (mark) {
                    to.write(Csv.BYTE_ORDER);
                }
                sheets.write(name, new TextWriter(to, sign, decimals));
            }
            Csv.send(name, file, response);
        } finally {
            Files.deleteIfExists(file);
        }
    }

    /** A list as a workbook. */
    @Hidden
    @HandsWork
    @GetMapping("/api/sheets/{name}.xlsx")
    void writeWorkbook(@PathVariable String name, HttpServletResponse response) throws IOException {
        Path file = Files.createTempFile("sheet", ".xlsx");
        try {
            try (OutputStream to = Files.newOutputStream(file)) {
                sheets.write(name, new WorkbookWriter(name, to));
            }
            Csv.send(name + ".xlsx", WORKBOOK, file, response);
        } finally {
            Files.deleteIfExists(file);
        }
    }

    /**
     * What a file would change, or with {@code keep} changes.
     *
     * @param how it is to be read, as JSON of {@link Told}; what is not said is found out
     */
    @PostMapping(value = "/api/sheets/{name}", consumes = MediaType.ALL_VALUE)
    SheetRead read(
            @PathVariable String name,
            @RequestParam boolean keep,
            @Maybe @RequestParam(required = false) String how,
            HttpServletRequest request) {
        return sheets.read(name, SentFile.bytes(request), Told.read(how), keep);
    }
}
