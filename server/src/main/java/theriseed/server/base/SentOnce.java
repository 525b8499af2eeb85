package theriseed.server.base;

import jakarta.persistence.EntityManager;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.context.annotation.Lazy;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionStatus;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.HandlerExceptionResolver;
import org.springframework.web.util.ContentCachingResponseWrapper;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * What is sent twice is done once. Every request that changes records carries an id, made by whoever sends it: as {@value
 * #HEADER}, or as the id of the record it makes. It is done in one transaction together with keeping a digest of its
 * content and its answer; the same request again gets the same answer, and another content under the same id is a clash.
 */
@Component
class SentOnce extends OncePerRequestFilter {
    static final String HEADER = "Idempotency-Key";

    /** Too large to be held in memory; taken in once anyhow, as it is refused where there is a farm. */
    private static final String WHOLE_FARM = "/api/farm/copy";

    private static final Pattern PICTURE = Pattern.compile("/api/photos/([0-9a-fA-F-]{36})");

    /** What only asks, signs in or out, or plays with an instrument makes no record. */
    private static final Pattern MAKES_NO_RECORD = Pattern.compile(
            "/api/(session|session/(password|places.*|entry.*)|first-run|first-run/sample|instruments/.*|backups/asked|.*/(preview|plan|tried))");

    private final EntityManager database;
    private final TransactionTemplate transaction;
    private final HandlerExceptionResolver problems;
    private final JsonMapper json;

    SentOnce(
            @Lazy EntityManager database,
            PlatformTransactionManager transactions,
            @Qualifier("handlerExceptionResolver") HandlerExceptionResolver problems,
            JsonMapper json) {
        this.database = database;
        this.transaction = new TransactionTemplate(transactions);
        this.problems = problems;
        this.json = json;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return request.getMethod().equals("GET") || !request.getRequestURI().startsWith("/api/");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        ContentCachingResponseWrapper answer = new ContentCachingResponseWrapper(response);
        try {
            SentFile.check(request, SecurityContextHolder.getContext().getAuthentication());
            if (request.getRequestURI().equals(WHOLE_FARM)) {
                chain.doFilter(request, answer);
                answer.copyBodyToResponse();
                return;
            }
            byte[] body = SentFile.bytes(request);
            JsonNode content = SentFile.isOne(request) ? null : content(body);
            boolean makesNone = MAKES_NO_RECORD.matcher(request.getRequestURI()).matches() || onlyTries(request);
            UUID id = makesNone ? null : id(request, content);
            SentBody sent = new SentBody(request, body);
            if (id == null) {
                chain.doFilter(sent, answer);
            } else {
                byte[] digest = digest(request, content, body);
                transaction.executeWithoutResult(begun -> once(id, digest, begun, sent, answer, chain));
            }
        } catch (RuntimeException failed) {
            answer.resetBuffer();
            if (problems.resolveException(request, answer, null, failed) == null) {
                throw failed;
            }
        }
        answer.copyBodyToResponse();
    }

    /** A file that is looked at before it is kept. */
    private static boolean onlyTries(HttpServletRequest request) {
        return request.getQueryString() != null && request.getQueryString().matches("(.*&)?keep=false(&.*)?");
    }

    private void once(
            UUID id,
            byte[] digest,
            TransactionStatus begun,
            HttpServletRequest request,
            ContentCachingResponseWrapper answer,
            FilterChain chain) {
        Once.alone(database, id);
        KeptAnswer before = database.find(KeptAnswer.class, id);
        if (before != null) {
            again(before, digest, answer);
            return;
        }
        try {
            chain.doFilter(request, answer);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (ServletException failed) {
            throw new IllegalStateException(failed);
        }
        if (answer.getStatus() >= HttpStatus.BAD_REQUEST.value() || begun.isRollbackOnly()) {
            begun.setRollbackOnly();
            return;
        }
        database.persist(new KeptAnswer(
                id,
                name(),
                digest,
                answer.getStatus(),
                answer.getContentType(),
                answer.getContentAsByteArray(),
                Instant.now()));
    }

    /** What was answered before; a clash when the content is not the same. */
    private void again(KeptAnswer before, byte[] digest, ContentCachingResponseWrapper answer) {
        if (before.toAnother(name())) {
            throw Clash.ofRequests(null);
        }
        if (!before.to(digest)) {
            throw Clash.ofRequests(content(before.body()));
        }
        try {
            answer.setStatus(before.status());
            answer.setContentType(before.contentType());
            answer.getOutputStream().write(before.body());
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** The id of the record it makes, else that of the request; only what makes no record of its own needs none. */
    private UUID id(HttpServletRequest request, JsonNode content) {
        boolean makes = request.getMethod().equals("POST");
        if (makes && content != null && content.path("id").isString()) {
            try {
                return UUID.fromString(content.get("id").asString());
            } catch (IllegalArgumentException noId) {
                return null;
            }
        }
        Matcher picture = PICTURE.matcher(request.getRequestURI());
        if (request.getMethod().equals("PUT") && picture.matches()) {
            return readId("id", picture.group(1));
        }
        String header = request.getHeader(HEADER);
        if (header == null && makes) {
            throw Refused.missing(HEADER);
        }
        return header == null ? null : readId(HEADER, header);
    }

    private static UUID readId(String field, String text) {
        try {
            return UUID.fromString(text);
        } catch (IllegalArgumentException noId) {
            throw new Refused(field, text, "notA.readable");
        }
    }

    /** When it was sent at last, and how long that is after it was made, is not what was sent. */
    private byte[] digest(HttpServletRequest request, JsonNode content, byte[] body) {
        if (content != null && content.path("made") instanceof ObjectNode made) {
            made.remove(List.of("sentAt", "lived"));
        }
        String query = request.getQueryString() == null ? "" : "?" + request.getQueryString();
        String where = request.getMethod() + " " + request.getRequestURI() + query + "\n";
        return Digest.of(
                where.getBytes(StandardCharsets.UTF_8), content == null ? body : json.writeValueAsBytes(content));
    }

    /** Nothing when it cannot be read; that is for whoever reads it to say. */
    private JsonNode content(byte[] body) {
        try {
            return body.length == 0 ? null : json.readTree(body);
        } catch (JacksonException unreadable) {
            return null;
        }
    }

    private static String name() {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        return who == null ? "" : who.getName();
    }
}
