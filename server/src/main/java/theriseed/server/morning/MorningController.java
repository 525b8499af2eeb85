package theriseed.server.morning;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalTime;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** One's own morning list over HTTP. */
@RestController
class MorningController {
    private final MorningLists lists;

    MorningController(MorningLists lists) {
        this.lists = lists;
    }

    record MorningWish(
            @NotNull @Size(max = 254) String address,
            @NotNull LocalTime at) {}

    @GetMapping("/api/morning-list")
    MorningListView own(Authentication who) {
        return lists.of(who.getName(), here());
    }

    @PutMapping("/api/morning-list")
    MorningListView.Wish wish(@Valid @RequestBody MorningWish wish, Authentication who) {
        return lists.wish(who.getName(), wish.address(), wish.at(), here());
    }

    @DeleteMapping("/api/morning-list")
    void end(Authentication who) {
        lists.end(who.getName());
    }

    /** Known by its name to this server, or it would not have answered. */
    private static String here() {
        return ServletUriComponentsBuilder.fromCurrentContextPath().toUriString();
    }
}
