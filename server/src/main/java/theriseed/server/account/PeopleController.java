package theriseed.server.account;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import theriseed.server.words.Units;

/** The people of the farm, over HTTP. */
@RestController
class PeopleController {
    private final People people;

    PeopleController(People people) {
        this.people = people;
    }

    /** The secret becomes the end of a link; it must be made at random. */
    record InvitationRequest(
            @NotBlank @Size(max = 60) String name,
            @NotNull Role role,
            @NotNull Units units,
            @NotNull String locale,
            @NotNull UUID secret) {}

    record LinkRequest(@NotNull Integer version, @NotNull UUID secret) {}

    record RoleRequest(@NotNull Integer version, @NotNull Role role) {}

    record PersonRequest(@NotNull Integer version) {}

    @GetMapping("/api/people")
    List<PersonView> all() {
        return people.all();
    }

    @PostMapping("/api/people")
    PersonView invite(@Valid @RequestBody InvitationRequest request) {
        return people.invite(request.name(), request.role(), request.units(), request.locale(), request.secret());
    }

    @PostMapping("/api/people/{id}/withdrawn")
    void withdraw(@PathVariable UUID id, @Valid @RequestBody PersonRequest request) {
        people.withdraw(id, request.version());
    }

    @PostMapping("/api/people/{id}/link")
    PersonView link(@PathVariable UUID id, @Valid @RequestBody LinkRequest request) {
        return people.link(id, request.version(), request.secret());
    }

    @PutMapping("/api/people/{id}/role")
    PersonView become(@PathVariable UUID id, @Valid @RequestBody RoleRequest request) {
        return people.become(id, request.version(), request.role());
    }

    @PostMapping("/api/people/{id}/signed-out")
    void signOut(@PathVariable UUID id) {
        people.signOut(id);
    }

    @PostMapping("/api/people/{id}/ended")
    PersonView end(@PathVariable UUID id, @Valid @RequestBody PersonRequest request) {
        return people.end(id, request.version());
    }

    @PostMapping("/api/people/{id}/back")
    PersonView comeBack(@PathVariable UUID id, @Valid @RequestBody PersonRequest request) {
        return people.comeBack(id, request.version());
    }
}
