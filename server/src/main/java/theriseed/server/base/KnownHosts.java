package theriseed.server.base;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import tools.jackson.databind.json.JsonMapper;

/**
 * Answers only to its own names: a page of somebody else's whose name was made to lead here would otherwise speak with the
 * farm in the name of whoever opened it.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class KnownHosts extends OncePerRequestFilter {
    private final Set<String> hosts;
    private final List<HostNames> more;
    private final JsonMapper json;

    KnownHosts(@Value("${theriseed.hosts}") Set<String> hosts, ObjectProvider<HostNames> more, JsonMapper json) {
        this.hosts = hosts;
        this.more = more.stream().toList();
        this.json = json;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String host = request.getServerName().toLowerCase(Locale.ROOT);
        if (hosts.contains(host) || more.stream().anyMatch(names -> names.has(host))) {
            chain.doFilter(request, response);
            return;
        }
        ProblemAnswer.send(
                response,
                json,
                HttpStatus.MISDIRECTED_REQUEST,
                "This server does not go by that name. Its names are set with THERISEED_HOSTS.");
    }
}
