package synopta.server.web;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * Where the JSON of a record of the core differs from its components: other names, what is left out, what is said
 * besides. Each mixin is an interface whose annotations are taken as the record's own.
 */
final class CoreMixins {
    /** The record of the core, and its mixin. */
    static final Map<Class<?>, Class<?>> ALL = new HashMap<>(SaleMixins.ALL);

    static {
        ALL.putAll(CaseMixins.ALL);
    }

    private CoreMixins() {}

    /** Whether JSON leaves a component out, or says it otherwise. */
    static boolean hides(Class<?> type, String component) {
        return Optional.ofNullable(ALL.get(type)).stream()
                .flatMap(mixin -> Arrays.stream(mixin.getDeclaredMethods()))
                .anyMatch(method -> method.getName().equals(component) && method.isAnnotationPresent(JsonIgnore.class));
    }
}
