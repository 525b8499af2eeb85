package theriseed.server.base;

import java.lang.reflect.RecordComponent;
import java.time.DateTimeException;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.validation.FieldError;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import theriseed.core.measure.OutOfRange;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.InvalidFormatException;

/**
 * Turns what went wrong into a problem detail (RFC 9457): a sentence for people, and where it fits the {@code field}, the
 * {@code value} given and what would be {@code valid}; a clash carries the {@code current} record.
 */
@RestControllerAdvice
@Order(0)
class Problems {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @ExceptionHandler(OutOfRange.class)
    ProblemDetail outOfRange(OutOfRange refused) {
        return problem(
                refused.getMessage(),
                refused.field(),
                refused.value(),
                (refused.range() + " " + refused.unit()).strip());
    }

    @ExceptionHandler(Refused.class)
    ProblemDetail refused(Refused refused) {
        return problem(refused.getMessage(), refused.field(), refused.value(), refused.valid());
    }

    @ExceptionHandler(MethodArgumentNotValidException.class)
    ProblemDetail notValid(MethodArgumentNotValidException refused) {
        FieldError error = refused.getFieldErrors().stream()
                .min(Comparator.comparingInt(
                        wrong -> place(refused.getParameter().getParameterType(), wrong)))
                .orElseThrow();
        boolean absent =
                error.getRejectedValue() == null || error.getRejectedValue().equals("");
        return problem(
                error.getField() + ": " + error.getDefaultMessage(),
                error.getField(),
                absent ? "nothing" : error.getRejectedValue().toString(),
                absent ? "a value" : error.getDefaultMessage());
    }

    /** Where a part stands in its record, so that of several that are wrong the first is named. */
    private static int place(Class<?> request, FieldError wrong) {
        List<String> parts = Arrays.stream(request.getRecordComponents())
                .map(RecordComponent::getName)
                .toList();
        return parts.indexOf(wrong.getField().split("[.\\[]")[0]);
    }

    @ExceptionHandler(HttpMessageNotReadableException.class)
    ProblemDetail notReadable(HttpMessageNotReadableException refused) {
        if (refused.getCause() instanceof DatabindException bad
                && !bad.getPath().isEmpty()) {
            var place = bad.getPath().get(bad.getPath().size() - 1);
            String field = place.getPropertyName() == null ? "item " + place.getIndex() : place.getPropertyName();
            if (bad instanceof InvalidFormatException format) {
                String valid = kind(format.getTargetType());
                return problem(
                        field + ": " + format.getValue() + " is not " + valid, field, "" + format.getValue(), valid);
            }
            return problem(field + ": a value is needed", field, "nothing", "a value");
        }
        return problem("What was sent cannot be read as a record.", null, null, null);
    }

    private static String kind(Class<?> type) {
        if (type != null && type.isEnum()) {
            return "one of " + Arrays.toString(type.getEnumConstants());
        }
        return type != null && java.time.temporal.Temporal.class.isAssignableFrom(type) ? "a date" : "a number";
    }

    @ExceptionHandler({MethodArgumentTypeMismatchException.class, DateTimeException.class})
    ProblemDetail mismatch(Exception refused) {
        return refused instanceof MethodArgumentTypeMismatchException bad
                ? problem(
                        bad.getName() + ": " + bad.getValue() + " cannot be read",
                        bad.getName(),
                        "" + bad.getValue(),
                        null)
                : problem(refused.getMessage(), null, null, null);
    }

    /** Whoever watched something live has closed the page: there is nobody to tell. */
    @ExceptionHandler(AsyncRequestNotUsableException.class)
    void gone() {}

    @ExceptionHandler(NotFound.class)
    ProblemDetail notFound(NotFound missing) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.NOT_FOUND, missing.getMessage());
    }

    @ExceptionHandler(Clash.class)
    ProblemDetail clash(Clash clash) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, clash.getMessage());
        problem.setProperty("current", clash.current());
        return problem;
    }

    @ExceptionHandler(OptimisticLockingFailureException.class)
    ProblemDetail overtaken(OptimisticLockingFailureException overtaken) {
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.CONFLICT,
                "Somebody else changed this at the same moment. Send it again to see both versions.");
    }

    @ExceptionHandler(DataIntegrityViolationException.class)
    ProblemDetail standsAlready(DataIntegrityViolationException refused) {
        LOG.warn("Refused by the database: {}", refused.getMostSpecificCause().getMessage());
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.CONFLICT, "This name or number stands already. Choose another.");
    }

    @ExceptionHandler(AccessDeniedException.class)
    ProblemDetail notYours(AccessDeniedException refused) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.FORBIDDEN, "Your role may look at this but not do it.");
    }

    @ExceptionHandler({DataAccessResourceFailureException.class, CannotCreateTransactionException.class})
    ProblemDetail noDatabase(Exception failed) {
        LOG.warn("The database cannot be reached: {}", failed.getMessage());
        return DatabaseGone.problem();
    }

    @ExceptionHandler(DataAccessException.class)
    ProblemDetail database(DataAccessException failed) {
        if (DatabaseGone.causedBy(failed)) {
            return noDatabase(failed);
        }
        return unexpected(failed);
    }

    @ExceptionHandler(Exception.class)
    ProblemDetail unexpected(Exception failed) {
        if (failed instanceof org.springframework.web.ErrorResponse known) {
            return known.getBody();
        }
        if (DatabaseGone.causedBy(failed)) {
            return noDatabase(failed);
        }
        LOG.error("Unexpected", failed);
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.INTERNAL_SERVER_ERROR, "Something is wrong on the server; it is written in its log.");
    }

    private static ProblemDetail problem(String detail, String field, String value, String valid) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, detail);
        if (field != null) {
            problem.setProperty("field", field);
            problem.setProperty("value", value);
        }
        if (valid != null) {
            problem.setProperty("valid", valid);
        }
        return problem;
    }
}
