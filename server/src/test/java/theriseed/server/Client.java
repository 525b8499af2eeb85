package theriseed.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Map;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Somebody at the door of the running server: real HTTP, a cookie jar, and the token against forged requests. */
public final class Client {
    private static final JsonMapper JSON = JsonMapper.shared();

    private final int port;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();

    public Client(int port) {
        this.port = port;
    }

    /** Signed in with a demo account. */
    public static Client as(String role, int port) {
        Client client = new Client(port);
        client.get("/api/session");
        client.post("/api/session", Map.of("name", role, "password", "skerrow-" + role))
                .ok();
        client.get("/api/session");
        return client;
    }

    /** Whether the server still knows who this is. */
    public boolean signedIn() {
        return get("/api/session").ok().has("account");
    }

    /** What the server answered. */
    public record Answer(int status, java.net.http.HttpHeaders headers, byte[] body) {
        public JsonNode json() {
            return JSON.readTree(body);
        }

        /** The record, or a failure that says what was refused. */
        public JsonNode ok() {
            if (status != 200) {
                throw new AssertionError(status + ": " + text());
            }
            return body.length == 0 ? JSON.createObjectNode() : json();
        }

        public String text() {
            return new String(body, java.nio.charset.StandardCharsets.UTF_8);
        }

        /** The sentence a refused request is answered with. */
        public String detail() {
            return json().path("detail").asString();
        }

        public String field() {
            return json().path("field").asString();
        }
    }

    public Answer get(String path) {
        return send(request(path).GET());
    }

    public Answer get(String path, Map<String, String> headers) {
        HttpRequest.Builder request = request(path);
        headers.forEach(request::header);
        return send(request.GET());
    }

    public Answer post(String path, Object body) {
        return post(UUID.randomUUID(), path, body);
    }

    /** Sent under an id of one's own, as what is sent again is. */
    public Answer post(UUID id, String path, Object body) {
        return send(withToken(request(path))
                .header("Idempotency-Key", id.toString())
                .POST(json(body)));
    }

    public Answer postWithoutId(String path, Object body) {
        return send(withToken(request(path)).POST(json(body)));
    }

    public Answer put(String path, Object body) {
        return send(withToken(request(path)).PUT(json(body)));
    }

    public Answer delete(String path) {
        return send(withToken(request(path)).DELETE());
    }

    /** A change sent without the token, as another site would. */
    public Answer forged(String path, Object body) {
        return send(request(path).POST(json(body)));
    }

    public String cookie(String name) {
        return cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals(name))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create("http://localhost:" + port + path))
                .header("Content-Type", "application/json");
    }

    private HttpRequest.Builder withToken(HttpRequest.Builder request) {
        return request.header("X-XSRF-TOKEN", cookie("XSRF-TOKEN"));
    }

    private static HttpRequest.BodyPublisher json(Object body) {
        if (body instanceof byte[] file) {
            return HttpRequest.BodyPublishers.ofByteArray(file);
        }
        return HttpRequest.BodyPublishers.ofString(
                body instanceof String plain ? plain : JSON.writeValueAsString(body));
    }

    private Answer send(HttpRequest.Builder request) {
        try {
            HttpResponse<byte[]> answer = http.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
            return new Answer(answer.statusCode(), answer.headers(), answer.body());
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }
}
