package theriseed.server.base;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.MediaType;

/** What the web server refuses before the program hears of it is said as all else is, not as a page of its own. */
@Configuration(proxyBeanMethods = false)
class PlainErrors {
    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> saidPlainly() {
        return server -> server.addContextCustomizers(
                context -> context.getParent().getPipeline().addValve(new Plain()));
    }

    private static final class Plain extends ErrorReportValve {
        @Override
        protected void report(Request request, Response response, Throwable failed) {
            int status = response.getStatus();
            if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
                return;
            }
            try {
                response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
                response.getOutputStream()
                        .write(("{\"status\":" + status + ",\"detail\":\"What was asked for cannot be read.\"}")
                                .getBytes(StandardCharsets.UTF_8));
                response.finishResponse();
            } catch (IOException gone) {
                // Whoever asked has left: there is nobody to tell.
                return;
            }
        }
    }
}
