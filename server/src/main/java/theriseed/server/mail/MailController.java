package theriseed.server.mail;

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
import theriseed.server.mail.MailServerFacts.Safety;

/** The mail server over HTTP. */
@RestController
class MailController {
    private final Mail mail;

    MailController(Mail mail) {
        this.mail = mail;
    }

    /** @param password absent for the one there is */
    record MailServerRequest(
            @NotNull Boolean sends,
            @NotNull @Size(max = 120) String host,
            @NotNull Integer port,
            @NotNull Safety safety,
            @NotNull @Size(max = 120) String user,
            @Maybe @Size(max = 200) String password,
            @NotNull @Size(max = 254) String sender,
            @NotNull Integer version,
            @Maybe @Size(max = 300) String reason) {
        /** Never a word of the password, in no log either. */
        @Override
        public String toString() {
            return "a mail server";
        }
    }

    record MailTrial(@NotNull @Size(max = 254) String to) {}

    @GetMapping("/api/mail-server")
    MailServerView server() {
        return mail.server();
    }

    @PutMapping("/api/mail-server")
    MailServerView name(@Valid @RequestBody MailServerRequest request) {
        return mail.name(
                new Changed(request.version(), request.reason()),
                new MailServerFacts(
                        request.sends(),
                        request.host(),
                        request.port(),
                        request.safety(),
                        request.user(),
                        request.sender()),
                request.password());
    }

    /** Sends a letter to see whether it arrives. */
    @PostMapping("/api/mail-server/tried")
    void tryOut(@Valid @RequestBody MailTrial trial) {
        mail.tryOut(trial.to());
    }
}
