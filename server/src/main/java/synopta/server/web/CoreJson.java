package synopta.server.web;

import com.fasterxml.jackson.annotation.JsonAutoDetect.Visibility;
import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import com.fasterxml.jackson.annotation.PropertyAccessor;
import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json31;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.function.BiConsumer;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.PartNumber;
import synopta.core.catalog.Sheet;
import synopta.core.quantity.Money;
import synopta.core.quantity.Ohms;
import synopta.core.quantity.Probability;
import synopta.core.quantity.Slugged;
import synopta.core.quantity.Volts;
import synopta.core.quantity.Watts;
import synopta.core.reading.Reading;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;

/**
 * How the core's records are written as JSON, and the schema of each, so that they need no copy here: a record by its
 * components; a slugged constant as its slug, out of a closed list; a part or model number as it is written; a
 * probability as a number; an amount as a decimal. Where JSON says it otherwise, {@link CoreMixins} does.
 */
@Configuration
class CoreJson {
    private static final Map<Class<?>, List<String>> WRITTEN_AS = new LinkedHashMap<>();
    private static final SimpleModule VALUES = new SimpleModule("core");

    static {
        value(Slugged.class, List.of("string"), (value, json) -> json.writeString(value.slug()));
        value(PartNumber.class, List.of("string"), (value, json) -> json.writeString(value.written()));
        value(ModelNumber.class, List.of("string"), (value, json) -> json.writeString(value.written()));
        value(Money.class, List.of("string"), (value, json) -> json.writeString(value.decimal()));
        value(Sheet.class, List.of("string"), (value, json) -> json.writeString(value.name()));
        value(Reading.class, List.of("number", "string"), CoreJson::write);
        value(Volts.class, List.of("number"), (value, json) -> json.writeNumber(value.value()));
        value(Watts.class, List.of("number"), (value, json) -> json.writeNumber(value.value()));
        value(Ohms.class, List.of("number"), (value, json) -> json.writeNumber(value.value()));
        value(Probability.class, List.of("number"), (value, json) -> json.writeNumber(value.value()));
    }

    private static <T> void value(Class<T> type, List<String> schema, BiConsumer<T, JsonGenerator> write) {
        WRITTEN_AS.put(type, schema);
        VALUES.addSerializer(type, new StdSerializer<>(type) {
            @Override
            public void serialize(T value, JsonGenerator json, SerializationContext context) {
                write.accept(value, json);
            }
        });
    }

    /** A figure, or the meter's overload sign. */
    private static void write(Reading reading, JsonGenerator json) {
        reading.fold(json::writeNumber, overload -> json.writeString("OL"));
    }

    @Bean
    JacksonModule coreValues() {
        return VALUES;
    }

    /** Records are written by their components alone: what else a record can say is not of the contract. */
    @Bean
    JsonMapperBuilderCustomizer coreRecords() {
        return builder -> {
            // No list has an item that is nothing.
            builder.changeDefaultNullHandling(nulls -> JsonSetter.Value.forContentNulls(Nulls.FAIL));
            builder.changeDefaultVisibility(visible -> visible.withIsGetterVisibility(Visibility.NONE));
            CoreMixins.ALL.forEach(builder::addMixIn);
        };
    }

    /** The document is made by a mapper of its own, which is told the same. */
    @Bean
    ModelConverter coreSchemas() {
        Json31.mapper().setVisibility(PropertyAccessor.IS_GETTER, Visibility.NONE);
        CoreMixins.ALL.forEach(Json31.mapper()::addMixIn);
        return new ModelConverter() {
            @Override
            public Schema<?> resolve(
                    AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
                JavaType java = Json31.mapper().constructType(type.getType());
                Schema<?> schema = java == null ? null : schemaOf(java.getRawClass());
                if (schema != null || java == null || !chain.hasNext()) {
                    return schema;
                }
                boolean ofCore = java.getRawClass().getName().startsWith("synopta.core.");
                String name =
                        ofCore ? nameOf(java.getRawClass()) : java.getRawClass().getSimpleName();
                Schema<?> resolved = chain.next().resolve(ofCore ? type.name(name) : type, context, chain);
                if (java.getRawClass().isRecord()) {
                    markOptional(java.getRawClass(), context.getDefinedModels().get(name));
                }
                return resolved;
            }
        };
    }

    /** What may be empty may be null. */
    private static void markOptional(Class<?> type, Schema<?> model) {
        for (RecordComponent component : type.getRecordComponents()) {
            boolean mayBeEmpty = component.getAnnotatedType().isAnnotationPresent(Nullable.class)
                    && !CoreMixins.hides(type, component.getName());
            if (mayBeEmpty && model != null && model.getProperties().get(component.getName()) != null) {
                model.getProperties().get(component.getName()).addExtension(ApiDocument.MARK, true);
            }
        }
    }

    /** The name of a schema: a nested record's begins with that of the record around it, or two would be one. */
    private static String nameOf(Class<?> type) {
        Class<?> around = type.getEnclosingClass();
        return around == null ? type.getSimpleName() : nameOf(around) + type.getSimpleName();
    }

    /** The schema of a value that is written by itself; null for every other type. */
    private static Schema<?> schemaOf(Class<?> type) {
        if (type.isEnum() && Slugged.class.isAssignableFrom(type)) {
            List<Object> slugs = new ArrayList<>();
            for (Object constant : type.getEnumConstants()) {
                slugs.add(((Slugged) constant).slug());
            }
            return closed(slugs);
        }
        if (type == Sheet.class) {
            return closed(Sheet.ALL.stream().map(Sheet::name).toList());
        }
        return WRITTEN_AS.containsKey(type) ? typed(WRITTEN_AS.get(type)) : null;
    }

    /** One of these words. */
    private static Schema<Object> closed(List<?> words) {
        Schema<Object> closed = typed(List.of("string"));
        closed.setEnum(new ArrayList<>(words));
        return closed;
    }

    private static Schema<Object> typed(List<String> types) {
        Schema<Object> schema = new Schema<>();
        if (types.size() == 1) {
            schema.setType(types.get(0));
        }
        schema.setTypes(new TreeSet<>(types));
        return schema;
    }
}
