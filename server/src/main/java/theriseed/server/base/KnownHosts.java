package theriseed.server.base;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
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
    private final JsonMapper json;

    KnownHosts(@Value("${theriseed.hosts}") Set<String> hosts, JsonMapper json) {
        this.hosts = hosts;
        this.json = json;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (hosts.contains(request.getServerName().toLowerCase(Locale.ROOT))) {
            chain.doFilter(request, response);
            return;
        }
        response.setStatus(HttpStatus.MISDIRECTED_REQUEST.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getOutputStream()
                .write(json.writeValueAsBytes(ProblemDetail.forStatusAndDetail(
                        HttpStatus.MISDIRECTED_REQUEST,
                        "This server does not go by that name. Its names are set with THERISEED_HOSTS.")));
    }
}
