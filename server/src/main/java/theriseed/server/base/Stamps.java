package theriseed.server.base;

import org.springframework.security.authentication.AnonymousAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/** Makes the stamp of whoever is signed in, at the farm's time. */
@Component
public class Stamps {
    private static final String NOBODY = "first run";

    private final FarmTime time;

    Stamps(FarmTime time) {
        this.time = time;
    }

    public Stamp now() {
        Authentication signedIn = SecurityContextHolder.getContext().getAuthentication();
        return new Stamp(
                time.stamp(),
                signedIn == null || signedIn instanceof AnonymousAuthenticationToken ? NOBODY : signedIn.getName());
    }
}
