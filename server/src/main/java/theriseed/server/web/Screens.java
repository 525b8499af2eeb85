package theriseed.server.web;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.util.Map;
import org.springframework.boot.web.server.MimeMappings;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.web.server.servlet.ConfigurableServletWebServerFactory;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.util.DigestUtils;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.EncodedResourceResolver;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** Files whose name changes with their content are kept for a year; every other path is a screen. */
@Configuration(proxyBeanMethods = false)
class Screens implements WebMvcConfigurer {
    private static final String FILES = "classpath:/static/";

    @Bean
    static WebServerFactoryCustomizer<ConfigurableServletWebServerFactory> kindOfManifests() {
        return server -> server.addMimeMappings(new MimeMappings(Map.of("webmanifest", "application/manifest+json")));
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry paths) {
        paths.addResourceHandler("/_app/immutable/**")
                .addResourceLocations(FILES + "_app/immutable/")
                .setCacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable())
                .resourceChain(true)
                .addResolver(new EncodedResourceResolver())
                .addResolver(new PathResourceResolver());
        paths.addResourceHandler("/**")
                .addResourceLocations(FILES)
                .setCacheControl(CacheControl.noCache())
                // Dates of files in an archive say nothing of a new version; what is in them does.
                .setUseLastModified(false)
                .setEtagGenerator(Screens::mark)
                .resourceChain(true)
                .addResolver(new ScreenOrFile());
    }

    private static String mark(Resource file) {
        try {
            return '"' + DigestUtils.md5DigestAsHex(file.getContentAsByteArray()) + '"';
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** A path without a dot is a screen's address, shown by the one page that holds them all. */
    private static final class ScreenOrFile extends PathResourceResolver {
        @Override
        protected Resource getResource(String path, Resource location) throws IOException {
            boolean elsewhere = path.startsWith("api/") || path.startsWith("_app/");
            if (path.contains(".") || elsewhere) {
                return elsewhere ? null : super.getResource(path, location);
            }
            return super.getResource("index.html", location);
        }
    }
}
