package theriseed.server.base;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import java.lang.annotation.Annotation;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.PropertyCustomizer;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The description of the API that the screens' types are made from: what is not {@link Maybe} is always there. */
@Configuration(proxyBeanMethods = false)
class ApiDescription {
    private static final String OPTIONAL = "x-optional";

    @Bean
    OpenAPI description(@Value("${theriseed.version}") String version) {
        return new OpenAPI()
                .info(new Info()
                        .title("Theriseed")
                        .version(version)
                        .description("Every request that makes a record carries an id made by whoever sends it: the id"
                                + " of the record, or the header Idempotency-Key. The same again is answered the same;"
                                + " another content under the same id is a clash, 409."))
                .servers(List.of(new Server().url("/")));
    }

    @Bean
    PropertyCustomizer optionalParts() {
        return (property, type) -> {
            Annotation[] annotations = type.getCtxAnnotations();
            if (annotations != null && Arrays.stream(annotations).anyMatch(Maybe.class::isInstance)) {
                property.addExtension(OPTIONAL, true);
            }
            return property;
        };
    }

    @Bean
    @SuppressWarnings({"rawtypes", "unchecked"})
    OpenApiCustomizer requiredParts() {
        return api -> {
            for (Schema schema : ((Map<String, Schema>) api.getComponents().getSchemas()).values()) {
                Map<String, Schema> properties = schema.getProperties();
                if (properties == null) {
                    continue;
                }
                List<String> required = new ArrayList<>();
                properties.forEach((name, property) -> {
                    Map<String, Object> extensions = property.getExtensions();
                    if (extensions == null || extensions.remove(OPTIONAL) == null) {
                        required.add(name);
                    }
                });
                schema.setRequired(required);
            }
        };
    }
}
