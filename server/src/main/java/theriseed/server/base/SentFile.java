package theriseed.server.base;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.Authentication;

/** What somebody sends as the body of a request: a file, or a record. */
public final class SentFile {
    private static final int MEGABYTE = 1_000_000;

    /** What files may be sent where. */
    private static final List<Kind> KINDS = List.of(
            new Kind("/api/farm/copy", 500 * MEGABYTE, Set.of("ROLE_GROWER")),
            new Kind("/api/sheets/.*", 30 * MEGABYTE, Set.of("ROLE_GROWER")),
            new Kind("/api/photos/.*", 20 * MEGABYTE, Set.of("ROLE_GROWER", "ROLE_HAND")),
            new Kind("/api/ground/file", 10 * MEGABYTE, Set.of("ROLE_GROWER")));

    /** A record is text that somebody typed; the longest is a trial of many rows. */
    private static final Kind RECORD = new Kind(".*", MEGABYTE, Set.of());

    private SentFile() {}

    /** @param roles that may send it; for a record it is asked later */
    private record Kind(Pattern path, int largestBytes, Set<String> roles) {
        Kind(String path, int largestBytes, Set<String> roles) {
            this(Pattern.compile(path), largestBytes, roles);
        }
    }

    private static Kind of(HttpServletRequest request) {
        return KINDS.stream()
                .filter(kind -> kind.path().matcher(request.getRequestURI()).matches())
                .findFirst()
                .orElse(RECORD);
    }

    /** Whether a file, no record, is sent here. */
    static boolean isOne(HttpServletRequest request) {
        return of(request) != RECORD;
    }

    /** Refuses a file to those who may not send it, before any of it is read. */
    static void check(HttpServletRequest request, Authentication who) {
        Set<String> roles = of(request).roles();
        if (!roles.isEmpty()
                && (who == null
                        || who.getAuthorities().stream().noneMatch(held -> roles.contains(held.getAuthority())))) {
            throw new AccessDeniedException("no file from here");
        }
    }

    /** Its text; refused before it is read when it is too large, and when it is no text. */
    public static String text(HttpServletRequest request) {
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes(request)))
                    .toString();
        } catch (CharacterCodingException notText) {
            throw new Refused("file", "bytes that are no text", "file.noText");
        }
    }

    /** Its bytes; refused before it is read when it is too large. */
    public static byte[] bytes(HttpServletRequest request) {
        int largestBytes = of(request).largestBytes();
        if (request.getContentLengthLong() > largestBytes) {
            throw tooLarge(request.getContentLengthLong(), largestBytes);
        }
        try {
            byte[] read = request.getInputStream().readNBytes(largestBytes + 1);
            if (read.length > largestBytes) {
                throw tooLarge(read.length, largestBytes);
            }
            return read;
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** Into a file; what is larger is refused as soon as that is known. */
    public static void into(Path file, HttpServletRequest request) {
        int largestBytes = of(request).largestBytes();
        if (request.getContentLengthLong() > largestBytes) {
            throw tooLarge(request.getContentLengthLong(), largestBytes);
        }
        try (OutputStream to = Files.newOutputStream(file)) {
            InputStream from = request.getInputStream();
            byte[] some = new byte[64_000];
            long all = 0;
            for (int read = from.read(some); read >= 0; read = from.read(some)) {
                all += read;
                if (all > largestBytes) {
                    throw tooLarge(all, largestBytes);
                }
                to.write(some, 0, read);
            }
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static Refused tooLarge(long bytes, long largestBytes) {
        return new Refused("file", bytes / MEGABYTE + " MB", "file.tooLarge", "most", largestBytes / MEGABYTE);
    }
}
