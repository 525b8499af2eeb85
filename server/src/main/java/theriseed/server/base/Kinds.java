package theriseed.server.base;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.util.Arrays;
import java.util.Iterator;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.introspect.Annotated;
import tools.jackson.databind.introspect.JacksonAnnotationIntrospector;
import tools.jackson.databind.json.JsonMapper;

/** A sealed type is told as whichever of its records it is, each with its {@code kind}: the record's name. */
@Configuration(proxyBeanMethods = false)
public class Kinds {
    public static final JsonMapper JSON =
            JsonMapper.builder().annotationIntrospector(new ByKind()).build();

    private static final String KIND = "kind";

    @Bean
    JsonMapperBuilderCustomizer toldByKind() {
        return builder -> builder.annotationIntrospector(new ByKind());
    }

    @Bean
    ModelConverter describedByKind() {
        return new Described();
    }

    private static final class ByKind extends JacksonAnnotationIntrospector {
        @Override
        public JsonTypeInfo.Value findPolymorphicTypeInfo(MapperConfig<?> config, Annotated type) {
            return type.getRawType().isSealed() && type.getRawType().isInterface()
                    ? JsonTypeInfo.Value.construct(
                            JsonTypeInfo.Id.SIMPLE_NAME, JsonTypeInfo.As.PROPERTY, KIND, null, false, null)
                    : super.findPolymorphicTypeInfo(config, type);
        }
    }

    /** Describes a sealed type as one of its records, for the screens' types. */
    private static final class Described implements ModelConverter {
        @Override
        public Schema<?> resolve(AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
            Class<?> sealed = io.swagger.v3.core.util.Json.mapper()
                    .constructType(type.getType())
                    .getRawClass();
            if (!sealed.isSealed() || !sealed.isInterface()) {
                return chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
            }
            Schema<?> described = new Schema<>().name(sealed.getSimpleName());
            Arrays.stream(sealed.getPermittedSubclasses()).forEach(kind -> described.addOneOfItem(of(kind, context)));
            context.defineModel(sealed.getSimpleName(), described);
            return new Schema<>().$ref("#/components/schemas/" + sealed.getSimpleName());
        }

        private static Schema<?> of(Class<?> kind, ModelConverterContext context) {
            Schema<?> parts = context.resolve(new AnnotatedType(kind).resolveAsRef(false));
            Schema<?> described = new Schema<>().type("object");
            described.addProperty(KIND, new StringSchema().addEnumItem(kind.getSimpleName()));
            if (parts.getProperties() != null) {
                parts.getProperties().forEach(described::addProperty);
            }
            return described;
        }
    }
}
