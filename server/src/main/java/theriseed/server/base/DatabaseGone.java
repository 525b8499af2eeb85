package theriseed.server.base;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import org.hibernate.TransactionException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import tools.jackson.databind.json.JsonMapper;

/**
 * Stands before everything that needs the database, the session included, so that its absence is said plainly instead of
 * as a broken page. The pool finds the database again by itself.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class DatabaseGone extends OncePerRequestFilter {
    private static final String DISK_FULL = "53100";

    private final JsonMapper json;

    DatabaseGone(JsonMapper json) {
        this.json = json;
    }

    static ProblemDetail problem() {
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.SERVICE_UNAVAILABLE,
                "The farm's records cannot be reached just now. What you typed is still here: try again in a moment.");
    }

    static ProblemDetail fullProblem() {
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.INSUFFICIENT_STORAGE,
                "There is no room left on the farm's machine. Nothing was lost and nothing was kept: make room, then try"
                        + " again.");
    }

    /** Whether a disk was full: the database's, or that of the files on their way. */
    static boolean fullDisk(Throwable failed) {
        for (Throwable cause = failed; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException sql && DISK_FULL.equals(sql.getSQLState())
                    || cause instanceof IOException
                            && String.valueOf(cause.getMessage()).contains("No space left")) {
                return true;
            }
        }
        return false;
    }

    static boolean causedBy(Throwable failed) {
        for (Throwable cause = failed; cause != null; cause = cause.getCause()) {
            boolean brokeInTheMiddle =
                    cause instanceof TransactionException && cause.getCause() instanceof SQLException;
            if (brokeInTheMiddle || cause instanceof SQLTransientConnectionException) {
                return true;
            }
            String state = cause instanceof SQLException sql ? sql.getSQLState() : null;
            if (state != null && (state.startsWith("08") || state.startsWith("57P"))) {
                return true;
            }
        }
        return false;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (RuntimeException | ServletException failed) {
            boolean full = fullDisk(failed);
            if (!full && !causedBy(failed) || response.isCommitted()) {
                throw failed;
            }
            ProblemDetail problem = full ? fullProblem() : problem();
            response.reset();
            response.setStatus(problem.getStatus());
            response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
            response.getOutputStream().write(json.writeValueAsBytes(problem));
        }
    }
}
