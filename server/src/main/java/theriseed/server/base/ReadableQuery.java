package theriseed.server.base;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Arrays;
import java.util.Map;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.HandlerExceptionResolver;

/** Refuses what is asked for with text that no record can have. */
@Component
@Order(Ordered.LOWEST_PRECEDENCE - 10)
class ReadableQuery extends OncePerRequestFilter {
    private final HandlerExceptionResolver problems;

    ReadableQuery(@Qualifier("handlerExceptionResolver") HandlerExceptionResolver problems) {
        this.problems = problems;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return request.getQueryString() == null;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String wrong = request.getParameterMap().entrySet().stream()
                .filter(one -> !Arrays.stream(one.getValue()).allMatch(Strictly::keepable))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse(null);
        if (wrong == null) {
            chain.doFilter(request, response);
        } else {
            problems.resolveException(
                    request, response, null, new Refused(wrong, request.getParameter(wrong), "notA.text"));
        }
    }
}
