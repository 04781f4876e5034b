package synopta.server;

import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import synopta.server.ServedTest.Answer;

/** A browser: it keeps its cookies, and sends the token of the page with what it changes. */
final class Terminal {
    final Map<String, String> cookies = new TreeMap<>();

    Answer send(String method, String path, String body, boolean withToken) {
        String sent = cookies.entrySet().stream()
                .map(cookie -> cookie.getKey() + "=" + cookie.getValue())
                .collect(Collectors.joining("; "));
        Answer answer = ServedTest.sendAlone(
                method,
                path,
                body,
                "Cookie",
                sent.isEmpty() ? "none=none" : sent,
                "X-XSRF-TOKEN",
                withToken ? cookies.getOrDefault("XSRF-TOKEN", "none") : "none");
        for (String set : answer.whole().headers().allValues("Set-Cookie")) {
            String[] named = set.split(";")[0].split("=", 2);
            cookies.put(named[0], named[1]);
        }
        return answer;
    }

    Answer send(String method, String path, String body) {
        return send(method, path, body, true);
    }

    Answer signIn(String name, String password) {
        send("GET", "/api/session", "");
        return send("POST", "/api/session", "{\"name\":\"%s\",\"password\":\"%s\"}".formatted(name, password));
    }

    String token() {
        return cookies.get("synopta-session");
    }
}
