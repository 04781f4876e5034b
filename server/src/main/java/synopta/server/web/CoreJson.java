package synopta.server.web;

import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json31;
import io.swagger.v3.oas.models.media.Schema;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.PartNumber;
import synopta.core.quantity.Probability;
import synopta.core.quantity.Slugged;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;

/**
 * How values of the core are written as JSON, and the schema of each: a slugged constant as its slug, out of a closed
 * list; a part or model number as it is written; a probability as a number.
 */
@Configuration
class CoreJson {
    @Bean
    JacksonModule coreValues() {
        return new SimpleModule("core")
                .addSerializer(Slugged.class, writing(Slugged.class, (value, json) -> json.writeString(value.slug())))
                .addSerializer(
                        PartNumber.class, writing(PartNumber.class, (value, json) -> json.writeString(value.written())))
                .addSerializer(
                        ModelNumber.class,
                        writing(ModelNumber.class, (value, json) -> json.writeString(value.written())))
                .addSerializer(
                        Probability.class,
                        writing(Probability.class, (value, json) -> json.writeNumber(value.value())));
    }

    private interface Writing<T> {
        void write(T value, JsonGenerator json);
    }

    private static <T> StdSerializer<T> writing(Class<T> type, Writing<T> how) {
        return new StdSerializer<>(type) {
            @Override
            public void serialize(T value, JsonGenerator json, SerializationContext context) {
                how.write(value, json);
            }
        };
    }

    @Bean
    ModelConverter coreSchemas() {
        return new ModelConverter() {
            @Override
            public Schema<?> resolve(
                    AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
                JavaType java = Json31.mapper().constructType(type.getType());
                Schema<?> schema = java == null ? null : schemaOf(java.getRawClass());
                return schema == null && chain.hasNext() ? chain.next().resolve(type, context, chain) : schema;
            }
        };
    }

    /** The schema of a value that is written by itself; null for every other type. */
    private static Schema<?> schemaOf(Class<?> type) {
        if (type.isEnum() && Slugged.class.isAssignableFrom(type)) {
            List<Object> slugs = new ArrayList<>();
            for (Object constant : type.getEnumConstants()) {
                slugs.add(((Slugged) constant).slug());
            }
            Schema<Object> closed = typed("string");
            closed.setEnum(slugs);
            return closed;
        }
        if (type == PartNumber.class || type == ModelNumber.class) {
            return typed("string");
        }
        return type == Probability.class ? typed("number") : null;
    }

    private static Schema<Object> typed(String type) {
        Schema<Object> schema = new Schema<>();
        schema.setType(type);
        schema.setTypes(new TreeSet<>(Set.of(type)));
        return schema;
    }
}
