package theriseed.server.base;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What a page of the farm may load, and whom it may speak with (Content Security Policy, level 3). */
public final class ContentPolicy {
    public static final String HEADER = "Content-Security-Policy";

    private ContentPolicy() {}

    /**
     * Everything comes from the farm's own server; no inline script, no frames, no foreign form targets.
     *
     * @param others origins besides, which a page may ask whether they answer
     */
    public static String connectingTo(List<String> others) {
        String origins = Stream.concat(Stream.of("'self'"), others.stream()).collect(Collectors.joining(" "));
        return "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; connect-src "
                + origins
                + "; manifest-src 'self'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";
    }
}
