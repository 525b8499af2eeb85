package theriseed.server.base;

import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;

/** What whoever asks may see. */
public final class Roles {
    private static final String VISITOR = "ROLE_VISITOR";

    private Roles() {}

    /** Whether somebody only looks: then who bought, and for how much, is nothing of theirs. */
    public static boolean onlyLooks() {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        return who != null && who.getAuthorities().stream().anyMatch(role -> VISITOR.equals(role.getAuthority()));
    }
}
