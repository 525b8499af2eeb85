package theriseed.server.base;

import java.util.function.Supplier;
import org.springframework.security.authentication.AbstractAuthenticationToken;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.SecurityContextHolder;

/** The program at work by itself, with what a grower may do, under a name that stands beside what it records. Nobody is signed in. */
public final class ByItself extends AbstractAuthenticationToken {
    private final String name;

    private ByItself(String name) {
        super(AuthorityUtils.createAuthorityList("ROLE_GROWER"));
        this.name = name;
        setAuthenticated(true);
    }

    /** Does something under this name, in a thread in which nobody is signed in. */
    public static <T> T as(String name, Supplier<T> work) {
        SecurityContextHolder.getContext().setAuthentication(new ByItself(name));
        try {
            return work.get();
        } finally {
            SecurityContextHolder.clearContext();
        }
    }

    @Override
    public Object getCredentials() {
        return "";
    }

    @Override
    public Object getPrincipal() {
        return name;
    }
}
