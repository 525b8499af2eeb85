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

/** A file somebody sends as the body of a request. */
public final class SentFile {
    private static final int MEGABYTE = 1_000_000;

    private SentFile() {}

    /** Its text; refused before it is read when it is too large, and when it is no text. */
    public static String text(HttpServletRequest request, int largestBytes) {
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes(request, largestBytes)))
                    .toString();
        } catch (CharacterCodingException notText) {
            throw new Refused("file", "bytes that are no text", "file.noText");
        }
    }

    /** Its bytes; refused before it is read when it is too large. */
    public static byte[] bytes(HttpServletRequest request, int largestBytes) {
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
    public static void into(Path file, HttpServletRequest request, long largestBytes) {
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
