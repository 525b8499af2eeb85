package theriseed.server.base;

import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;

/** What whoever asks may see. */
public final class Roles {
    private static final String VISITOR = "ROLE_VISITOR";
    private static final String GROWER = "ROLE_GROWER";

    private Roles() {}

    /** Whether somebody only looks: then who bought, and for how much, is nothing of theirs. */
    public static boolean onlyLooks() {
        return is(VISITOR);
    }

    /** Whether somebody answers for the farm: then what each did is theirs to know. */
    public static boolean grows() {
        return is(GROWER);
    }

    private static boolean is(String role) {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        return who != null && who.getAuthorities().stream().anyMatch(one -> role.equals(one.getAuthority()));
    }
}
