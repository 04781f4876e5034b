package synopta.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.networknt.schema.InputFormat;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Every answer has the fields that the document promises, each of its kind, and no others. */
public class ApiDocumentTest extends ServedTest {
    /** What is put for a parameter, in a path or where it is required. */
    private final Map<String, String> filled = new HashMap<>(Map.of(
            "model", "TH7820W",
            "part", "QV1183",
            "other", "QV1180",
            "appliance", "dryer",
            "finding", "heats",
            "first", "0",
            "second", "0",
            "q", "QV-11",
            "code", "QV-1183"));

    {
        filled.put("said", "240");
        filled.put("unit", "V");
        filled.put("layout", "A");
    }

    private static final String CASE = "{\"line\":\"th7820w thumps, no heat, 8 yrs\",\"model\":\"TH-7820-W\","
            + "\"lines\":[{\"part\":\"QV-1183\",\"quantity\":1}],"
            + "\"cautionsShown\":[\"mains\"],\"status\":\"handed-over\"}";

    private JsonNode document;
    private ObjectNode strict;

    @BeforeClass
    public void read() {
        String number = post("/api/cases", CASE).text("/number");
        String quote = "{\"branch\":\"Staithe\",\"caseNumber\":%s,\"lines\":[{\"part\":\"QV-1183\",\"quantity\":1}]}";
        filled.put("/api/cases number", number);
        filled.put("caseNumber", number);
        filled.put(
                "/api/quotes number",
                post("/api/quotes", quote.formatted(number)).text("/number"));
        String outcome = "/api/cases/%s/outcome".formatted(number);
        assertEquals(send("PUT", outcome, "{\"fixed\":true,\"minutes\":40}").status(), 200);
        document = get("/v3/api-docs").body();
        strict = (ObjectNode) document.deepCopy();
        for (JsonNode schema : strict.at("/components/schemas")) {
            boolean isClosed = schema.has("properties") && !schema.has("additionalProperties");
            if (isClosed && !schema.has("allOf") && !schema.has("oneOf")) {
                ((ObjectNode) schema).put("additionalProperties", false);
            }
        }
    }

    private List<String> broken(String path, String method, JsonNode answer) {
        String pointer = "/paths/%s/%s/responses/200/content/application~1json/schema"
                .formatted(path.replace("/", "~1"), method);
        ObjectNode schema = strict.deepCopy();
        schema.setAll((ObjectNode) document.at(pointer));
        JsonSchema reserved =
                JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012).getSchema(schema.toString());
        return reserved.validate(answer.toString(), InputFormat.JSON).stream()
                .map(message -> "%s %s: %s".formatted(method, path, message))
                .limit(5)
                .toList();
    }

    private String filled(String path, JsonNode operation) {
        String address = path;
        List<String> asked = new ArrayList<>();
        for (JsonNode parameter : operation.path("parameters")) {
            String name = parameter.get("name").asString();
            boolean isInPath = parameter.get("in").asString().equals("path");
            if (isInPath || parameter.path("required").asBoolean()) {
                String key = name.equals("number") ? path.replaceAll("/\\{.*", " number") : name;
                assertTrue(filled.containsKey(key), "Say what to put for %s of %s.".formatted(name, path));
                if (isInPath) {
                    address = address.replace("{%s}".formatted(name), filled.get(key));
                } else {
                    asked.add(name + "=" + filled.get(key));
                }
            }
        }
        return asked.isEmpty() ? address : address + "?" + String.join("&", asked);
    }

    @Test
    public void whateverIsAskedForIsAnsweredAsTheDocumentSays() {
        List<String> broken = new ArrayList<>();
        int asked = 0;
        for (Iterator<Map.Entry<String, JsonNode>> paths =
                        document.get("paths").properties().iterator();
                paths.hasNext(); ) {
            Map.Entry<String, JsonNode> path = paths.next();
            JsonNode operation = path.getValue().path("get");
            if (operation.at("/responses/200/content").has("application/json")) {
                Answer answer = get(filled(path.getKey(), operation));
                assertEquals(answer.status(), 200, path.getKey());
                broken.addAll(broken(path.getKey(), "get", answer.body()));
                asked++;
            }
        }
        assertEquals(broken.stream().collect(Collectors.joining("\n")), "");
        assertTrue(asked > 25, asked + " were asked");
    }

    /** A path, and what is sent there. */
    @DataProvider
    Object[][] sent() {
        String caller = "{\"line\":\"%s\"}";
        return new Object[][] {
            {"/api/tag/read", "{\"text\":\"th782Ow\"}"},
            {"/api/tag/read", "{\"text\":\"zz\"}"},
            {"/api/serial/decode", "{\"brand\":\"Halvorn\",\"serial\":\"7C-X04711\"}"},
            {"/api/diagnosis", "{\"appliance\":\"dryer\",\"complaint\":\"hums but the drum sits still\",\"ageYears\":8}"
            },
            {"/api/diagnosis", "{\"appliance\":\"microwave\",\"complaint\":\"\"}"},
            {"/api/counter", caller.formatted("")},
            {"/api/counter", caller.formatted("th7820w thumps, no heat, 8 yrs, gas?")},
            {"/api/counter", caller.formatted("tm2205b dead, fuse blew twice")},
            {"/api/counter", caller.formatted("th6153k squeals")},
            {"/api/counter", caller.formatted("2 x qv1183")},
            {"/api/fit", "{\"model\":\"TH-7820-W\",\"part\":\"QV-1183\"}"},
            {"/api/fit", "{\"model\":\"RE1524W\",\"part\":\"QV6610\"}"},
            {"/api/basket", "{\"needs\":[{\"part\":\"QV-1183\",\"quantity\":2}]}"},
            {"/api/teardown", "{\"model\":\"TH-7820-W\",\"slots\":[\"belt\"],\"ageYears\":8}"},
            {"/api/match", "{\"partType\":\"drum-belt\",\"measures\":{\"length-mm\":2340}}"},
            {"/api/bench/element", "{\"volts\":240,\"watts\":5400,\"ohms\":10.9,\"toCaseOhms\":\"OL\"}"},
            {"/api/bench/thermistor", "{\"r25Ohms\":10000,\"betaKelvin\":3977,\"celsius\":25,\"ohms\":\"10.4k\"}"},
            {"/api/bench/orifice", "{\"gas\":\"natural-gas\",\"inputBtuPerHour\":18000}"},
            {"/api/bench/duct", "{\"straightFt\":12,\"elbows90\":2,\"elbows45\":1}"},
            {"/api/bench/supply", "{\"nominalVolts\":240,\"volts\":238}"},
        };
    }

    @Test(dataProvider = "sent")
    public void whateverIsSentIsAnsweredAsTheDocumentSays(String path, String body) {
        Answer answer = post(path, body);
        assertEquals(answer.status(), 200, answer.body().toString());
        assertEquals(String.join("\n", broken(path, "post", answer.body())), "");
    }

    @Test
    public void aFieldTooManyOneTooFewAndOneOfAnotherKindAreTold() {
        String path = "/api/tag/read";
        ObjectNode answer = (ObjectNode) post(path, "{\"text\":\"th782Ow\"}").body();
        assertEquals(broken(path, "post", answer), List.of());
        assertTrue(broken(path, "post", answer.deepCopy().put("extra", 1))
                .toString()
                .contains("extra"));
        assertTrue(broken(path, "post", answer.deepCopy().put("unlisted", "some"))
                .toString()
                .contains("unlisted"));
        ObjectNode less = answer.deepCopy();
        less.remove("normalized");
        assertTrue(broken(path, "post", less).toString().contains("normalized"));
    }
}
