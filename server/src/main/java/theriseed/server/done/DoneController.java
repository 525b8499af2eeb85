package theriseed.server.done;

import java.time.LocalDate;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import theriseed.server.base.FarmTime;
import theriseed.server.base.PageOf;

/** Who did what, over HTTP. */
@RestController
class DoneController {
    private final Done done;
    private final FarmTime time;

    DoneController(Done done, FarmTime time) {
        this.done = done;
        this.time = time;
    }

    @GetMapping("/api/done")
    DoneDay on(
            @RequestParam(required = false) LocalDate day,
            @RequestParam(required = false) String by,
            @RequestParam(defaultValue = "0") int page,
            @RequestParam(defaultValue = "" + PageOf.USUAL_SIZE) int size) {
        return done.on(day == null ? time.today() : day, by, page, size);
    }
}
