package theriseed.server.base;

import jakarta.validation.ConstraintViolation;
import java.lang.reflect.RecordComponent;
import java.sql.SQLException;
import java.time.DateTimeException;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.NestedExceptionUtils;
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
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Refusal;
import theriseed.core.measure.Refusing;
import theriseed.server.words.Reader;
import theriseed.server.words.Readers;
import theriseed.server.words.Refusals;
import theriseed.server.words.Sentences;
import tools.jackson.core.JacksonException;

/**
 * Turns what went wrong into a problem detail (RFC 9457): a sentence for whoever asked, and where it fits the {@code
 * field}, the {@code value} given and the {@code refusal} with its figures; a clash carries the {@code current} record.
 */
@RestControllerAdvice
@Order(0)
class Problems {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    /** PostgreSQL's state for a value that must be there once. */
    private static final String NAME_TAKEN = "23505";

    private final Readers readers;

    Problems(Readers readers) {
        this.readers = readers;
    }

    @ExceptionHandler({OutOfRange.class, Refused.class})
    ProblemDetail refused(Refusing refused) {
        return problem(refused.field(), refused.value(), refused.refusal());
    }

    @ExceptionHandler(MethodArgumentNotValidException.class)
    ProblemDetail notValid(MethodArgumentNotValidException refused) {
        FieldError error = refused.getFieldErrors().stream()
                .min(Comparator.comparingInt(
                        wrong -> place(refused.getParameter().getParameterType(), wrong)))
                .orElseThrow();
        Object given = error.getRejectedValue();
        Map<String, Object> asked = error.unwrap(ConstraintViolation.class)
                .getConstraintDescriptor()
                .getAttributes();
        if (given != null && asked.get("max") instanceof Integer most) {
            boolean text = given instanceof CharSequence;
            int size = text ? given.toString().length() : ((Collection<?>) given).size();
            int least = (Integer) asked.get("min");
            return problem(
                    error.getField(),
                    String.valueOf(size),
                    new Refusal.Outside(least, true, most, true, text ? "characters" : "", null));
        }
        return problem(error.getField(), "nothing", new Refusal.Missing());
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
        if (refused.getCause() instanceof JacksonException bad) {
            Unreadable part = Unreadable.of(bad);
            if (!part.field().isEmpty()) {
                return problem(part.field(), part.value(), part.refusal());
            }
        }
        return ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, say("unreadable"));
    }

    @ExceptionHandler(MethodArgumentTypeMismatchException.class)
    ProblemDetail mismatch(MethodArgumentTypeMismatchException bad) {
        return problem(bad.getName(), String.valueOf(bad.getValue()), Refusal.AgainstRule.of("notA.readable"));
    }

    @ExceptionHandler(MissingServletRequestParameterException.class)
    ProblemDetail missing(MissingServletRequestParameterException missing) {
        return problem(missing.getParameterName(), "nothing", new Refusal.Missing());
    }

    @ExceptionHandler(DateTimeException.class)
    ProblemDetail noDay(DateTimeException refused) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, refused.getMessage());
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
        return ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, say("overtaken"));
    }

    @ExceptionHandler(DataIntegrityViolationException.class)
    ProblemDetail standsAlready(DataIntegrityViolationException refused) {
        LOG.warn("Refused by the database: {}", refused.getMostSpecificCause().getMessage());
        if (NAME_TAKEN.equals(sqlState(refused))) {
            return ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, say("standsAlready"));
        }
        return ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, say("notKept"));
    }

    @ExceptionHandler(AccessDeniedException.class)
    ProblemDetail notYours(AccessDeniedException refused) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.FORBIDDEN, say("notYours"));
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
        if (DatabaseGone.fullDisk(failed)) {
            LOG.warn("No room: {}", failed.getMessage());
            return DatabaseGone.fullProblem();
        }
        if (DatabaseGone.causedBy(failed)) {
            return noDatabase(failed);
        }
        LOG.error("Unexpected", failed);
        return ProblemDetail.forStatusAndDetail(HttpStatus.INTERNAL_SERVER_ERROR, say("unexpected"));
    }

    private static String sqlState(Exception failed) {
        return NestedExceptionUtils.getMostSpecificCause(failed) instanceof SQLException sql ? sql.getSQLState() : "";
    }

    private ProblemDetail problem(String field, String value, Refusal refusal) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                HttpStatus.BAD_REQUEST, Refusals.say(readers.now(), field, value, refusal));
        problem.setProperty("field", field);
        problem.setProperty("value", value);
        problem.setProperty("refusal", refusal);
        return problem;
    }

    private static String say(String key) {
        return Sentences.say(Reader.ANYBODY, "refused." + key, Map.of());
    }
}
