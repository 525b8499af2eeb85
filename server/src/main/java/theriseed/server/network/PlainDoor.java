package theriseed.server.network;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.InetAddress;
import java.util.Set;
import org.springframework.context.annotation.Profile;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import theriseed.server.base.ContentPolicy;
import theriseed.server.base.ProblemAnswer;
import tools.jackson.databind.json.JsonMapper;

/**
 * Without HTTPS, whoever comes over the network sees how a phone comes to trust the farm, and nothing else: no password and
 * no record goes over the air as it is. This machine itself needs no HTTPS to be safe.
 */
@Component
@Profile("lan")
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class PlainDoor extends OncePerRequestFilter {
    private static final Set<String> OPEN = Set.of(NetworkController.NETWORK, NetworkController.AUTHORITY, "/trust");

    private final FarmNetwork network;
    private final JsonMapper json;

    PlainDoor(FarmNetwork network, JsonMapper json) {
        this.network = network;
        this.json = json;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String path = request.getRequestURI();
        boolean safe = request.isSecure()
                || InetAddress.getByName(request.getRemoteAddr()).isLoopbackAddress();
        if (path.equals("/trust")) {
            // The page asks each address whether the phone trusts it by now.
            response.setHeader(ContentPolicy.HEADER, ContentPolicy.connectingTo(network.secureAddresses()));
        }
        if (safe || OPEN.contains(path) || partOfScreens(path)) {
            chain.doFilter(request, response);
        } else if (path.startsWith("/api/")) {
            ProblemAnswer.send(
                    response,
                    json,
                    HttpStatus.FORBIDDEN,
                    "Over the network the farm answers over HTTPS only: " + network.secureAddresses());
        } else {
            response.sendRedirect("/trust");
        }
    }

    private static boolean partOfScreens(String path) {
        return path.startsWith("/_app/") || path.contains(".") && !path.startsWith("/api/");
    }
}
