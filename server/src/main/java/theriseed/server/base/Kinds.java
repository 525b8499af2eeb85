package theriseed.server.base;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.PropertyName;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.introspect.Annotated;
import tools.jackson.databind.introspect.AnnotatedClass;
import tools.jackson.databind.introspect.BeanPropertyDefinition;
import tools.jackson.databind.introspect.JacksonAnnotationIntrospector;
import tools.jackson.databind.introspect.VirtualAnnotatedMember;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.ser.BeanPropertyWriter;
import tools.jackson.databind.ser.VirtualBeanPropertyWriter;
import tools.jackson.databind.util.SimpleBeanPropertyDefinition;

/** A sealed type is told as whichever of its records it is, each with its {@code kind}: the record's name. */
@Configuration(proxyBeanMethods = false)
public class Kinds {
    public static final JsonMapper JSON =
            JsonMapper.builder().annotationIntrospector(new ByKind()).build();

    private static final String KIND = "kind";

    /** A page of a season is numbers for the most part: they are written by the quicker of two ways. */
    @Bean
    JsonMapperBuilderCustomizer toldByKind() {
        return builder ->
                builder.annotationIntrospector(new ByKind()).enable(StreamWriteFeature.USE_FAST_DOUBLE_WRITER);
    }

    @Bean
    ModelConverter describedByKind() {
        return new Described();
    }

    /** Writes the kind of every such record, wherever it stands, and reads a sealed type by it. */
    private static final class ByKind extends JacksonAnnotationIntrospector {
        @Override
        public JsonTypeInfo.Value findPolymorphicTypeInfo(MapperConfig<?> config, Annotated type) {
            return isKind(type.getRawType())
                    ? JsonTypeInfo.Value.construct(
                            JsonTypeInfo.Id.SIMPLE_NAME, JsonTypeInfo.As.EXISTING_PROPERTY, KIND, null, false, null)
                    : super.findPolymorphicTypeInfo(config, type);
        }

        @Override
        public void findAndAddVirtualProperties(
                MapperConfig<?> config, AnnotatedClass type, List<BeanPropertyWriter> properties) {
            super.findAndAddVirtualProperties(config, type, properties);
            if (type.getRawType().isRecord() && isKind(type.getRawType())) {
                JavaType text = config.constructType(String.class);
                VirtualAnnotatedMember kind = new VirtualAnnotatedMember(type, type.getRawType(), KIND, text);
                properties.add(
                        0,
                        new KindWriter(
                                SimpleBeanPropertyDefinition.construct(config, kind, PropertyName.construct(KIND)),
                                type,
                                text));
            }
        }
    }

    private static final class KindWriter extends VirtualBeanPropertyWriter {
        KindWriter(BeanPropertyDefinition kind, AnnotatedClass of, JavaType text) {
            super(kind, of.getAnnotations(), text);
        }

        @Override
        protected Object value(Object bean, JsonGenerator json, SerializationContext context) {
            return bean.getClass().getSimpleName();
        }

        @Override
        public VirtualBeanPropertyWriter withConfig(
                MapperConfig<?> config, AnnotatedClass type, BeanPropertyDefinition kind, JavaType text) {
            return new KindWriter(kind, type, text);
        }
    }

    private static boolean isKind(Class<?> type) {
        return type.isInterface()
                ? type.isSealed()
                : type.isRecord() && Arrays.stream(type.getInterfaces()).anyMatch(Class::isSealed);
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

        /** Not by itself, for kinds of different types may have one name. */
        private static Schema<?> of(Class<?> kind, ModelConverterContext context) {
            Schema<?> described = new Schema<>().type("object");
            described.addProperty(KIND, new StringSchema().addEnumItem(kind.getSimpleName()));
            List<String> required = new ArrayList<>(List.of(KIND));
            for (RecordComponent part : kind.getRecordComponents()) {
                described.addProperty(
                        part.getName(), context.resolve(new AnnotatedType(part.getGenericType()).resolveAsRef(true)));
                if (!part.isAnnotationPresent(Maybe.class)) {
                    required.add(part.getName());
                }
            }
            described.setRequired(required);
            return described;
        }
    }
}
