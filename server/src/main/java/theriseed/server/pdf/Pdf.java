package theriseed.server.pdf;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;
import com.samskivert.mustache.Mustache;
import com.samskivert.mustache.Template;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Makes a PDF of a page template: tagged, so that it can be read aloud, with its typefaces within it. */
public final class Pdf {
    static final String REGULAR = "/liberation/LiberationSans-Regular.ttf";
    static final String BOLD = "/liberation/LiberationSans-Bold.ttf";
    private static final String FAMILY = "Paper";
    private static final int REGULAR_WEIGHT = 400;
    private static final int BOLD_WEIGHT = 700;

    static {
        XRLog.setLoggingEnabled(false);
    }

    private final Template template;

    /** @param file beside this class, as XHTML with places to fill */
    public Pdf(String file) {
        try (InputStreamReader text = new InputStreamReader(resource("/pdf/" + file), StandardCharsets.UTF_8)) {
            template = Mustache.compiler().compile(text);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** @param facts whose accessors fill the template; signs that no document may hold are left out */
    public byte[] of(Object facts) {
        String page = template.execute(facts).replaceAll("[\\p{Cntrl}&&[^\n\t]]", "");
        try (ByteArrayOutputStream pdf = new ByteArrayOutputStream()) {
            PdfRendererBuilder made = new PdfRendererBuilder();
            made.useFont(() -> resource(REGULAR), FAMILY, REGULAR_WEIGHT, FontStyle.NORMAL, true);
            made.useFont(() -> resource(BOLD), FAMILY, BOLD_WEIGHT, FontStyle.NORMAL, true);
            made.usePdfUaAccessibility(true);
            made.withHtmlContent(page, null);
            made.toStream(pdf);
            made.run();
            return pdf.toByteArray();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** As a file that a browser shows. */
    public static ResponseEntity<byte[]> file(byte[] pdf, String name) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"" + name + ".pdf\"")
                .body(pdf);
    }

    static InputStream resource(String name) {
        return Pdf.class.getResourceAsStream(name);
    }
}
