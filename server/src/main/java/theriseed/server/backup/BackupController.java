package theriseed.server.backup;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import theriseed.server.base.Changed;
import theriseed.server.base.Maybe;

/** Backups over HTTP. */
@RestController
class BackupController {
    private final Backups backups;

    BackupController(Backups backups) {
        this.backups = backups;
    }

    record BackupPlanRequest(
            @NotNull Integer everyHours,
            @NotNull Integer keep,
            @NotNull @Size(max = 200) String elsewhere,
            @NotNull Integer version,
            @Maybe @Size(max = 300) String reason) {}

    @GetMapping("/api/backups")
    BackupsView backups() {
        return backups.all();
    }

    @PutMapping("/api/backups")
    BackupsView plan(@Valid @RequestBody BackupPlanRequest request) {
        return backups.plan(
                new Changed(request.version(), request.reason()),
                new BackupFacts(request.everyHours(), request.keep(), request.elsewhere()));
    }

    /** Asks for one now; whoever started the program makes it within moments. */
    @PostMapping("/api/backups/asked")
    BackupsView ask() {
        return backups.ask();
    }
}
