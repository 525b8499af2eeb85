package theriseed.performance;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;

/** Somebody of the demo farm, signed in, whose requests are those of the screens. */
final class SignedIn {
    private static final Pattern ID = Pattern.compile("\"id\":\"([0-9a-f-]{36})\"");

    private final String address;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();

    /**
     * Signs in.
     *
     * @param address of the farm, such as {@code http://localhost:8460}
     * @param name grower, hand or visitor
     * @throws IllegalStateException when that is refused
     */
    SignedIn(String address, String name) throws IOException, InterruptedException {
        this.address = address;
        get("/api/session");
        send("POST", "/api/session", "{'name': '" + name + "', 'password': 'skerrow-" + name + "'}");
        get("/api/session");
    }

    /**
     * What is answered.
     *
     * @throws IllegalStateException when it is refused, with what was said
     */
    String get(String path) throws IOException, InterruptedException {
        return send("GET", path, "");
    }

    /** Bytes of an answer, packed as a browser asks for it. */
    int packed(String path) throws IOException, InterruptedException {
        HttpRequest request =
                request(path).header("Accept-Encoding", "gzip").GET().build();
        HttpResponse<byte[]> answer = http.send(request, HttpResponse.BodyHandlers.ofByteArray());
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(path + ": " + answer.statusCode());
        }
        return answer.body().length;
    }

    /** As {@link #get}; with an id of its own, and single quotes for double ones in the body. */
    String send(String method, String path, String body) throws IOException, InterruptedException {
        String token = cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
        HttpRequest request = request(path)
                .header("Content-Type", "application/json")
                .header("X-XSRF-TOKEN", token)
                .header("Idempotency-Key", UUID.randomUUID().toString())
                .method(method, HttpRequest.BodyPublishers.ofString(body.replace('\'', '"')))
                .build();
        HttpResponse<String> answer = http.send(request, HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(method + " " + path + " " + body + ": " + answer.body());
        }
        return answer.body();
    }

    /** Notes a variety down. @return its id */
    String variety(String cropKey, String name) throws IOException, InterruptedException {
        return id(send(
                "POST",
                "/api/varieties",
                "{'cropKey': '" + cropKey + "', 'name': '" + name
                        + "', 'source': 'made up', 'yearReceived': 2014,"
                        + " 'treated': false, 'hybrid': false, 'breedingOut': false, 'trueToType': {'leaf': '',"
                        + " 'habit': '', 'colour': '', 'maturity': '', 'root': '', 'fruit': ''}}"));
    }

    /** The first id in an answer: the record's own. */
    static String id(String answer) {
        return first(ID, answer).orElseThrow(() -> new IllegalStateException(answer));
    }

    /** What the pattern's group is where it is found first. */
    static Optional<String> first(Pattern pattern, String answer) {
        return pattern.matcher(answer).results().findFirst().map(found -> found.group(1));
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(address + path));
    }
}
