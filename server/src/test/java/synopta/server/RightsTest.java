package synopta.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.account.Role;
import tools.jackson.databind.JsonNode;

/** What each role may do: every call of the API's document, by every role and by nobody. */
public class RightsTest extends ServedTest {
    private static final Set<String> OPEN = Set.of(
            "get /api/session",
            "post /api/session",
            "delete /api/session",
            "post /api/session/switch",
            "post /api/session/lock",
            "post /api/session/code",
            "post /api/setup",
            "get /api/health");
    private static final Set<String> OF_COUNTERS = Set.of(
            "post /api/cases",
            "patch /api/cases/{number}",
            "put /api/cases/{number}/outcome",
            "post /api/quotes",
            "post /api/reservations",
            "delete /api/reservations/{number}",
            "post /api/reservations/{number}/arrival",
            "post /api/reservations/{number}/collection",
            "post /api/reservations/{number}/call",
            "get /api/case-exports/day.pdf");
    private static final Set<String> OF_MANAGERS = Set.of(
            "delete /api/cases/{number}/customer",
            "get /api/case-exports/cases.csv",
            "get /api/case-exports/cases.json",
            "get /api/case-exports/cases.xlsx",
            "get /api/stock-movements.csv",
            "put /api/settings",
            "put /api/supplier-feed",
            "post /api/catalogue/imports",
            "post /api/catalogue/demo",
            "post /api/updates/accept",
            "post /api/updates/decline",
            "post /api/updates/back",
            "post /api/knowledge/{appliance}/sayings",
            "post /api/knowledge/{appliance}/sayings/withdraw",
            "get /api/backups",
            "post /api/backups",
            "get /api/trail",
            "get /api/trail/check",
            "get /api/trail/trail.csv",
            "get /api/accounts",
            "post /api/accounts",
            "patch /api/accounts/{name}",
            "post /api/accounts/{name}/reset");

    @DataProvider
    Object[][] calls() {
        List<Object[]> calls = new ArrayList<>();
        for (var path : get("/v3/api-docs").body().get("paths").properties()) {
            for (String method : path.getValue().propertyNames()) {
                calls.add(new Object[] {method + " " + path.getKey()});
            }
        }
        assertTrue(calls.size() > 100, "the document is read");
        return calls.toArray(Object[][]::new);
    }

    private static Set<Role> mayMake(String call) {
        return OF_MANAGERS.contains(call)
                ? EnumSet.of(Role.MANAGER)
                : OF_COUNTERS.contains(call) ? EnumSet.of(Role.COUNTER, Role.MANAGER) : EnumSet.allOf(Role.class);
    }

    /** As somebody, with a body that no call takes, and of things that are not there: nothing is changed. */
    private static int asked(String call, String authorization) {
        String[] parts = call.split(" ");
        String path = parts[1].replace("{number}", "999999").replaceAll("\\{\\w+}", "nothing");
        return send(
                        parts[0].toUpperCase(Locale.ROOT),
                        path,
                        parts[0].equals("get") ? "" : "nothing",
                        "Content-Type",
                        "text/html",
                        "Authorization",
                        authorization)
                .status();
    }

    @Test(dataProvider = "calls")
    public void aCallIsMadeByThoseWhoMayAndByNobodyElse(String call) {
        assertEquals(asked(call, "None") == 401, !OPEN.contains(call), "without an account");
        for (Role role : Role.values()) {
            int status = asked(call, as(role));
            assertEquals(status == 403, !mayMake(call).contains(role), role + " " + status);
            assertFalse(status == 401 || status >= 500, role + " " + status);
        }
    }

    /** An address is compared as the server reads it, not as it is written. */
    @Test
    public void anotherWayOfWritingAnAddressOpensNothing() {
        for (String path : List.of("/%61pi/cases", "/api/%63ases", "/v3/%61pi-docs", "/api/cases/", "/api/nothing")) {
            assertTrue(List.of(401, 400, 404).contains(asked("get " + path, "None")), path);
            assertFalse(
                    send("GET", path, "", "Authorization", "None")
                            .whole()
                            .body()
                            .contains("\"line\""),
                    path);
        }
        assertEquals(asked("get /%61pi/cases", "None"), 401);
        assertEquals(
                send("HEAD", "/api/cases", "", "Authorization", as(Role.VIEWER)).status(), 200);
        assertEquals(send("HEAD", "/api/cases", "", "Authorization", "None").status(), 401);
    }

    @Test
    public void theTableIsShownToEverybodyWhoHasAnAccount() {
        JsonNode table = send("GET", "/api/accounts/rights", "", "Authorization", as(Role.VIEWER))
                .body();
        assertTrue(each(table, "right").contains("change-settings"));
        for (JsonNode right : table) {
            assertFalse(right.get("words").asString().isBlank());
        }
    }
}
