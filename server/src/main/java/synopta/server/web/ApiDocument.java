package synopta.server.web;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.PathItem;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.annotation.Annotation;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.PropertyCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The OpenAPI document: every field is required unless it is marked {@link MayBeNull}, which also lets it be null. */
// The schemas of the OpenAPI library are raw in its own signatures.
@SuppressWarnings({"rawtypes", "unchecked"})
@Configuration
class ApiDocument {
    static final String MARK = "x-may-be-null";

    @Bean
    PropertyCustomizer mark() {
        return (property, type) -> {
            Annotation[] annotations = type.getCtxAnnotations();
            if (annotations != null && Arrays.stream(annotations).anyMatch(a -> a instanceof MayBeNull)) {
                property.addExtension(MARK, true);
            }
            return property;
        };
    }

    @Bean
    OpenApiCustomizer required() {
        return api -> {
            api.setInfo(new Info().title("Synopta").version("1").description("The parts counter, step by step."));
            api.setServers(List.of());
            Map<String, Schema> schemas = new TreeMap<>(api.getComponents().getSchemas());
            schemas.values().forEach(ApiDocument::requireUnmarked);
            api.getComponents().setSchemas(schemas);
            sortPaths(api);
        };
    }

    private static void sortPaths(OpenAPI api) {
        Map<String, PathItem> sorted = new TreeMap<>(api.getPaths());
        api.getPaths().clear();
        api.getPaths().putAll(sorted);
    }

    private static void requireUnmarked(Schema schema) {
        Map<String, Schema> properties = schema.getProperties();
        if (properties == null) {
            return;
        }
        List<String> required = new ArrayList<>();
        Map<String, Schema> mended = new LinkedHashMap<>();
        properties.forEach((name, property) -> {
            boolean marked =
                    property.getExtensions() != null && property.getExtensions().remove(MARK) != null;
            mended.put(name, marked ? nullable(property) : property);
            if (!marked) {
                required.add(name);
            }
        });
        schema.setProperties(mended);
        schema.setRequired(required.isEmpty() ? null : required);
    }

    private static Schema nullable(Schema property) {
        Schema nothing = new Schema<>();
        nothing.setTypes(new TreeSet<>(List.of("null")));
        if (property.get$ref() != null) {
            Schema either = new Schema<>();
            either.setOneOf(List.of(new Schema<>().$ref(property.get$ref()), nothing));
            return either;
        }
        if (property.getTypes() != null) {
            property.setTypes(new TreeSet<>(property.getTypes()));
            property.getTypes().add("null");
            if (property.getEnum() != null) {
                property.getEnum().add(null);
            }
        }
        return property;
    }
}
