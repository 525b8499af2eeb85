package theriseed.server.account;

import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.AuthenticationException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;

/** What is said at the door to whoever does not come in. */
@RestControllerAdvice(basePackageClasses = Entrance.class)
@Order(Ordered.HIGHEST_PRECEDENCE)
class DoorRefusals {
    @ExceptionHandler(AuthenticationException.class)
    ProblemDetail notKnown(AuthenticationException refused) {
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.UNAUTHORIZED, "This name and password do not belong together.");
    }

    @ExceptionHandler(Entrance.TooManyTries.class)
    ResponseEntity<ProblemDetail> later(Entrance.TooManyTries tried) {
        long seconds = tried.pause().toSeconds() + 1;
        String words = seconds < 90 ? seconds + " seconds" : (seconds + 59) / 60 + " minutes";
        return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS)
                .header(HttpHeaders.RETRY_AFTER, String.valueOf(seconds))
                .body(ProblemDetail.forStatusAndDetail(
                        HttpStatus.TOO_MANY_REQUESTS, "Too many tries. Wait " + words + ", then try again."));
    }
}
