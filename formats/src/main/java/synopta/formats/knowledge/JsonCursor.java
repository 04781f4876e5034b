package synopta.formats.knowledge;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import synopta.core.knowledge.PackFault;
import tools.jackson.databind.JsonNode;

/**
 * A JSON object and where it stands. Every field must be asked for: one that nobody asked for is a fault, so that a
 * misspelt name is never ignored.
 */
final class JsonCursor {
    private final JsonNode json;
    private final String path;
    private final List<PackFault> faults;
    private final Set<String> asked = new HashSet<>();

    JsonCursor(JsonNode json, String path, List<PackFault> faults) {
        this.json = json;
        this.path = path;
        this.faults = faults;
    }

    /** A fault that ends the reading of the object it stands in. */
    static final class Broken extends RuntimeException {
        private static final long serialVersionUID = 1L;

        private final transient PackFault fault;

        Broken(String path, String message) {
            super(path + ": " + message);
            fault = new PackFault(path, message);
        }

        PackFault fault() {
            return fault;
        }
    }

    boolean has(String field) {
        return json.has(field);
    }

    String text(String field) {
        JsonNode value = required(field);
        if (!value.isString() || value.stringValue().isBlank()) {
            throw new Broken(at(field), "must be a text, not %s.".formatted(value));
        }
        return value.stringValue();
    }

    double number(String field) {
        JsonNode value = required(field);
        if (!value.isNumber()) {
            throw new Broken(at(field), "must be a number, not %s.".formatted(value));
        }
        return value.doubleValue();
    }

    int whole(String field) {
        JsonNode value = required(field);
        if (!value.isIntegralNumber() || !value.canConvertToInt()) {
            throw new Broken(at(field), "must be a whole number, not %s.".formatted(value));
        }
        return value.intValue();
    }

    boolean flag(String field) {
        asked.add(field);
        JsonNode value = json.get(field);
        if (value != null && !value.isBoolean()) {
            throw new Broken(at(field), "must be true or false, not %s.".formatted(value));
        }
        return value != null && value.booleanValue();
    }

    Optional<String> maybeText(String field) {
        asked.add(field);
        return json.has(field) ? Optional.of(text(field)) : Optional.empty();
    }

    /** The field as a value of ours; what the value's own rule says against it becomes a fault at this place. */
    <T> T value(String field, Function<String, T> read) {
        String text = text(field);
        try {
            return read.apply(text);
        } catch (IllegalArgumentException e) {
            throw new Broken(at(field), e.getMessage());
        }
    }

    /** The object of a field that may be left out. */
    <T> Optional<T> maybe(String field, Function<JsonCursor, T> read) {
        asked.add(field);
        return json.has(field) ? Optional.of(object(field).read(read)) : Optional.empty();
    }

    JsonCursor object(String field) {
        return within(required(field), at(field));
    }

    List<String> texts(String field) {
        List<String> texts = new ArrayList<>();
        for (JsonNode item : array(field)) {
            if (!item.isString() || item.stringValue().isBlank()) {
                throw new Broken(
                        "%s[%d]".formatted(at(field), texts.size()), "must be a text, not %s.".formatted(item));
            }
            texts.add(item.stringValue());
        }
        return texts;
    }

    /** Numbers by their names; a missing object has none. */
    Map<String, Double> numbers(String field) {
        Map<String, Double> numbers = new LinkedHashMap<>();
        maybe(field, node -> {
            node.json.propertyNames().forEach(name -> numbers.put(name, node.number(name)));
            return numbers;
        });
        return numbers;
    }

    /** The texts of a list as values of ours; what a value's own rule says against one becomes a fault at its place. */
    <T> List<T> values(String field, Function<String, T> read) {
        List<T> values = new ArrayList<>();
        for (String text : texts(field)) {
            try {
                values.add(read.apply(text));
            } catch (IllegalArgumentException e) {
                throw new Broken("%s[%d]".formatted(at(field), values.size()), e.getMessage());
            }
        }
        return values;
    }

    /** Every object of a list that can be read; the others leave a fault each. A missing list is empty. */
    <T> List<T> list(String field, Function<JsonCursor, T> read) {
        List<T> items = new ArrayList<>();
        int index = 0;
        for (JsonNode item : array(field)) {
            String place = "%s[%d]".formatted(at(field), index++);
            try {
                JsonCursor node = within(item, place);
                items.add(node.read(read));
            } catch (Broken broken) {
                faults.add(broken.fault());
            }
        }
        return items;
    }

    /** Reads this object, then complains of fields that nobody asked for. */
    <T> T read(Function<JsonCursor, T> read) {
        T value;
        try {
            value = read.apply(this);
        } catch (IllegalArgumentException e) {
            throw new Broken(path, e.getMessage());
        }
        for (String field : json.propertyNames()) {
            if (!asked.contains(field)) {
                faults.add(new PackFault(
                        at(field),
                        "is not known here; known are %s. Correct the name or remove it."
                                .formatted(String.join(
                                        ", ", asked.stream().sorted().toList()))));
            }
        }
        return value;
    }

    private JsonCursor within(JsonNode value, String place) {
        if (!value.isObject()) {
            throw new Broken(place, "must be an object in braces, not %s.".formatted(value));
        }
        return new JsonCursor(value, place, faults);
    }

    private JsonNode array(String field) {
        asked.add(field);
        JsonNode value = json.get(field);
        if (value != null && !value.isArray()) {
            throw new Broken(at(field), "must be a list in brackets, not %s.".formatted(value));
        }
        return value == null ? tools.jackson.databind.node.JsonNodeFactory.instance.arrayNode() : value;
    }

    private JsonNode required(String field) {
        asked.add(field);
        JsonNode value = json.get(field);
        if (value == null || value.isNull()) {
            throw new Broken(path.isEmpty() ? field : path, "lacks %s.".formatted(field));
        }
        return value;
    }

    private String at(String field) {
        return path.isEmpty() ? field : path + "." + field;
    }
}
