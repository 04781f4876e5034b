package synopta.server;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Requests that an OpenAPI document allows, and such as it does not: made by chance, the same for the same seed. */
final class ArbitraryRequests {
    private static final List<String> TEXTS = List.of(
            "",
            " ",
            "TH-7820-W",
            "dryer",
            "rear-roller-worn",
            "QV-1183",
            "manager's",
            "\u0000",
            "a\u0000b",
            "\u0130\u0130",
            "\ufb03 ﷺ",
            "\u202e\u200b\ufeff",
            "\ud83d\ude00",
            "٣ years, １２ volts",
            "'; drop table account; --",
            "<script>alert(1)</script>",
            "=1+1",
            "../../etc/passwd",
            "%",
            "%zz",
            "*",
            "\\",
            "\"",
            "-1",
            "1e999",
            "NaN",
            "99999999999999999999",
            "+999999999-12-31",
            "-999999999-01-01",
            "2026-02-30",
            "9999-12-31T23:59:59.999999999Z",
            "12:00",
            "Europe/Nowhere",
            "x".repeat(300),
            "W1".repeat(3_000),
            "no heat, ".repeat(3_000));
    private static final List<String> NUMBERS = List.of(
            "0",
            "-1",
            "1",
            "7",
            "0.1",
            "-0.0",
            "1e308",
            "-1e308",
            "1e-320",
            "2147483648",
            "9223372036854775807",
            "99999999999999999999999");
    /** What stands in a query as it is: bytes that are no UTF-8, and what is cut off. */
    private static final List<String> RAW = List.of("%ff", "%c0%af", "%ed%a0%80", "%00", "a%ffb");

    private final JsonNode document;
    private final Random random;
    private final List<String[]> calls = new ArrayList<>();
    private final JsonNodeFactory json = JsonNodeFactory.instance;

    /** A request: how it is sent, where to, and its body, which may be empty. */
    record Request(String method, String path, String body) {}

    ArbitraryRequests(JsonNode document, long seed) {
        this.document = document;
        this.random = new Random(seed);
        document.get("paths")
                .properties()
                .forEach(path -> path.getValue()
                        .propertyNames()
                        .forEach(method -> calls.add(new String[] {method, path.getKey()})));
    }

    private <T> T any(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    private boolean once(int in) {
        return random.nextInt(in) == 0;
    }

    /** The next request. */
    Request next() {
        String[] call = any(calls);
        JsonNode operation = document.get("paths").get(call[1]).get(call[0]);
        String path = call[1];
        List<String> query = new ArrayList<>();
        for (JsonNode parameter : operation.path("parameters")) {
            String name = parameter.get("name").asString();
            String value = once(12) ? any(RAW) : encoded(text(resolved(parameter.path("schema"))));
            if (parameter.get("in").asString().equals("path")) {
                path = path.replace("{" + name + "}", value.isEmpty() ? "x" : value);
            } else if (parameter.get("in").asString().equals("query") && !once(4)) {
                query.add(name + "=" + value);
            }
        }
        JsonNode schema = operation.at("/requestBody/content/application~1json/schema");
        return new Request(
                call[0].toUpperCase(Locale.ROOT),
                query.isEmpty() ? path : path + "?" + String.join("&", query),
                schema.isMissingNode() ? "" : body(schema));
    }

    private String encoded(String text) {
        // A path of thousands of characters is refused by the container, which is no test of ours.
        return URLEncoder.encode(text.substring(0, Math.min(400, text.length())), StandardCharsets.UTF_8)
                .replace("+", "%20");
    }

    private String body(JsonNode schema) {
        String whole = JsonMapper.shared().writeValueAsString(value(schema, 0));
        // Half of a character, as a broken program writes it.
        String broken = once(25) ? whole.replaceFirst("\"", "\"\\\\ud800") : whole;
        return once(40) ? broken.substring(0, random.nextInt(broken.length() + 1)) : broken;
    }

    private JsonNode resolved(JsonNode schema) {
        JsonNode reference = schema.get("$ref");
        return reference == null
                ? schema
                : resolved(document.at(reference.asString().substring(1)));
    }

    private String type(JsonNode schema) {
        JsonNode type = schema.path("type");
        return type.isArray() ? type.get(0).asString() : type.asString();
    }

    private JsonNode value(JsonNode unresolved, int depth) {
        JsonNode schema = resolved(unresolved);
        if (once(15)) {
            return any(List.<JsonNode>of(
                    json.nullNode(),
                    json.booleanNode(true),
                    json.stringNode(any(TEXTS)),
                    json.objectNode(),
                    json.arrayNode().addNull(),
                    json.numberNode(random.nextInt())));
        }
        if (schema.has("oneOf") || schema.has("anyOf")) {
            JsonNode either = schema.has("oneOf") ? schema.get("oneOf") : schema.get("anyOf");
            return value(either.get(random.nextInt(either.size())), depth + 1);
        }
        return switch (type(schema)) {
            case "object" -> object(schema, depth);
            case "array" -> array(schema, depth);
            case "boolean" -> json.booleanNode(random.nextBoolean());
            case "integer", "number" -> JsonMapper.shared().readTree(text(schema));
            case "null" -> json.nullNode();
            default -> json.stringNode(text(schema));
        };
    }

    private ObjectNode object(JsonNode schema, int depth) {
        ObjectNode object = json.objectNode();
        schema.path("properties").properties().forEach(property -> {
            if (!once(depth > 0 ? 8 : 3)) {
                object.set(property.getKey(), value(property.getValue(), depth + 1));
            }
        });
        JsonNode more = schema.path("additionalProperties");
        if (more.isObject()) {
            object.set(any(TEXTS), value(more, depth + 1));
        }
        return object;
    }

    private ArrayNode array(JsonNode schema, int depth) {
        ArrayNode array = json.arrayNode();
        for (int i = random.nextInt(depth > 3 ? 2 : 4); i > 0; i--) {
            array.add(once(8) ? json.nullNode() : value(schema.get("items"), depth + 1));
        }
        return array;
    }

    private String text(JsonNode schema) {
        if (schema.has("enum") && !once(5)) {
            return schema.get("enum")
                    .get(random.nextInt(schema.get("enum").size()))
                    .asString();
        }
        return switch (type(schema)) {
            case "integer", "number" -> any(NUMBERS);
            case "boolean" -> Boolean.toString(random.nextBoolean());
            default -> any(TEXTS);
        };
    }
}
