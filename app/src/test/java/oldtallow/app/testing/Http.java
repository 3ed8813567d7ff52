package oldtallow.app.testing;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.InetAddress;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpHeaders;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Future;
import java.util.function.Consumer;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** HTTP as any client would speak it. */
public final class Http {

    private static final JsonMapper JSON = new JsonMapper();

    private final HttpClient client;
    private final CookieManager cookies = new CookieManager();
    private final RunningOldTallow app;
    private Witness witness = (path, body, answer) -> {};

    /** A device nobody has signed in on. */
    Http(RunningOldTallow app) {
        this(app, InetAddress.getLoopbackAddress());
    }

    /** One with an address of its own. */
    Http(RunningOldTallow app, InetAddress address) {
        this.app = app;
        this.client = HttpClient.newBuilder()
                .connectTimeout(Duration.ofSeconds(5))
                .localAddress(address)
                .cookieHandler(cookies)
                .build();
    }

    /** Signs in on this device; the answer to it. */
    public Answer signIn(String name, String password) {
        get("/api/v1/session"); // brings the token that a change must carry
        return post(
                "/api/v1/session",
                JSON.createObjectNode()
                        .put("signInName", name)
                        .put("password", password)
                        .toString());
    }

    /** The value of a cookie, or an empty text. */
    public String cookie(String name) {
        return cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals(name))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }

    /** An answer; its body as JSON. */
    public record Answer(int status, String type, String text, HttpHeaders headers) {

        public JsonNode json() {
            return JSON.readTree(text);
        }

        /** The remedy told for a field, or an empty text. */
        public String remedyFor(String field) {
            for (JsonNode error : json().path("errors")) {
                if (error.path("field").asString().equals(field)) {
                    return error.path("remedy").asString();
                }
            }
            return "";
        }
    }

    public Answer get(String path) {
        return get(app.at(path));
    }

    public Answer get(URI address) {
        return send(HttpRequest.newBuilder(address).GET());
    }

    public Answer get(String path, String header, String value) {
        return send(HttpRequest.newBuilder(app.at(path)).header(header, value).GET());
    }

    /** What is no text, such as a page; fails where it is not there. */
    public byte[] bytes(String path) {
        try {
            HttpResponse<byte[]> response = client.send(
                    HttpRequest.newBuilder(app.at(path))
                            .GET()
                            .timeout(Duration.ofSeconds(30))
                            .build(),
                    BodyHandlers.ofByteArray());
            if (response.statusCode() != 200) {
                throw new IllegalStateException(path + ": " + response.statusCode());
            }
            return response.body();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** Opens a line that stays open; each line of text that comes is told. */
    public void listen(String path, Consumer<String> told) {
        Future<?> _ = line(path, told);
    }

    /** Opens a line that stays open; as {@link #listen}. Done when the other end closes it. */
    public Future<?> line(String path, Consumer<String> told) {
        CompletableFuture<HttpResponse<Stream<String>>> line =
                client.sendAsync(HttpRequest.newBuilder(app.at(path)).GET().build(), BodyHandlers.ofLines());
        return line.thenAcceptAsync(
                open -> open.body().forEach(told), task -> Thread.ofVirtual().start(task));
    }

    public Answer post(String path, String body) {
        Answer answer = send(HttpRequest.newBuilder(app.at(path))
                .header("content-type", "application/json")
                .POST(BodyPublishers.ofString(body)));
        witness.posted(path, body, answer);
        return answer;
    }

    /** Sees what is posted and how it is answered. */
    public interface Witness {

        void posted(String path, String body, Answer answer);
    }

    public void withWitness(Witness other) {
        witness = other;
    }

    public Answer put(String path, String body) {
        return send(HttpRequest.newBuilder(app.at(path))
                .header("content-type", "application/json")
                .PUT(BodyPublishers.ofString(body)));
    }

    /** As a device brings what it entered without a line. */
    public Answer bring(String path, String body, Map<String, String> headers) {
        HttpRequest.Builder request = HttpRequest.newBuilder(app.at(path))
                .header("content-type", "application/json")
                .POST(BodyPublishers.ofString(body));
        headers.forEach(request::header);
        return send(request);
    }

    public Answer putBytes(String path, byte[] body) {
        return send(HttpRequest.newBuilder(app.at(path))
                .header("content-type", "application/octet-stream")
                .PUT(BodyPublishers.ofByteArray(body)));
    }

    public Answer postXml(String path, String body) {
        return send(HttpRequest.newBuilder(app.at(path))
                .header("content-type", "application/gpx+xml")
                .POST(BodyPublishers.ofString(body)));
    }

    /** Whatever is sent as whatever it is said to be. */
    public Answer send(String method, String path, String type, byte[] body) {
        return send(HttpRequest.newBuilder(app.at(path))
                .header("content-type", type)
                .method(method, BodyPublishers.ofByteArray(body)));
    }

    public Answer delete(String path) {
        return send(HttpRequest.newBuilder(app.at(path)).DELETE());
    }

    /** A body of unannounced length. */
    public Answer postChunked(String path, String body) {
        return send(HttpRequest.newBuilder(app.at(path))
                .header("content-type", "application/json")
                .POST(BodyPublishers.ofInputStream(
                        () -> new ByteArrayInputStream(body.getBytes(StandardCharsets.UTF_8)))));
    }

    private Answer send(HttpRequest.Builder request) {
        String token = cookie("XSRF-TOKEN");
        if (!token.isEmpty()) {
            request.header("X-XSRF-TOKEN", token);
        }
        try {
            HttpResponse<String> response =
                    client.send(request.timeout(Duration.ofSeconds(30)).build(), BodyHandlers.ofString());
            return new Answer(
                    response.statusCode(),
                    response.headers().firstValue("content-type").orElse(""),
                    response.body(),
                    response.headers());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
