package oldtallow.benchmark;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.InetAddress;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Duration;

/** A device on which somebody of the demo is signed in, against a running application on this machine. */
final class Device implements AutoCloseable {

    private final URI address;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient client = HttpClient.newBuilder()
            .version(HttpClient.Version.HTTP_1_1)
            .cookieHandler(cookies)
            .build();

    private Device(URI address) {
        this.address = address;
    }

    static Device signedIn(String address, String name) throws IOException, InterruptedException {
        URI uri = URI.create(address);
        if (!InetAddress.getByName(uri.getHost()).isLoopbackAddress()) {
            throw new IllegalArgumentException("only a server on this machine is measured, not " + address);
        }
        var device = new Device(uri);
        device.send(device.get("/api/v1/session")); // brings the token a change must carry
        String body = "{\"signInName\":\"" + name + "\",\"password\":\"tallow and tow\"}";
        HttpResponse<String> answer = device.send(device.post("/api/v1/session", body));
        if (answer.statusCode() != 200) {
            throw new IllegalStateException("cannot sign in to the demo: " + answer.body());
        }
        device.send(device.get("/api/v1/session"));
        return device;
    }

    HttpRequest get(String path) {
        return HttpRequest.newBuilder(address.resolve(path))
                .timeout(Duration.ofSeconds(60))
                .GET()
                .build();
    }

    HttpRequest post(String path, String body) {
        return HttpRequest.newBuilder(address.resolve(path))
                .timeout(Duration.ofMinutes(5))
                .header("content-type", "application/json")
                .header("X-XSRF-TOKEN", cookie("XSRF-TOKEN"))
                .POST(BodyPublishers.ofString(body))
                .build();
    }

    HttpResponse<String> send(HttpRequest request) throws IOException, InterruptedException {
        return client.send(request, BodyHandlers.ofString());
    }

    /** Keeps an open line; what comes over it is thrown away. */
    void listen(String path) {
        var _ = client.sendAsync(
                HttpRequest.newBuilder(address.resolve(path)).GET().build(), BodyHandlers.discarding());
    }

    private String cookie(String name) {
        return cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals(name))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }

    @Override
    public void close() {
        client.shutdownNow(); // an open line never ends by itself
        client.close();
    }
}
