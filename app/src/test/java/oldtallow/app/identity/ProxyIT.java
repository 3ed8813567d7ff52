package oldtallow.app.identity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManagerFactory;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Behind Debian's nginx, with the file that docs/operate.md gives. */
class ProxyIT {

    private static final String SHOP = "shop.example.org";
    /** Telephones: addresses of this machine that are neither the proxy's nor the application's. */
    private static final String PHONE = "127.9.9.9";

    private static final String STRANGER = "127.9.9.8";

    @TempDir
    private Path folder;

    @Test
    void isReachedAndBelievesItsProxyAlone() throws Exception {
        int port = freePort();
        try (RunningOldTallow app =
                RunningOldTallow.empty("--oldtallow.proxies=127.0.0.1", "--oldtallow.address=https://" + SHOP)) {
            Process nginx = nginx(port, app.at("/").getPort());
            try {
                await().ignoreExceptions()
                        .until(() ->
                                throughProxy(port, "GET /api/v1/session", "").startsWith("HTTP/1.1 200"));
                String session = throughProxy(port, "GET /api/v1/session", "");
                assertThat(session)
                        .contains("Strict-Transport-Security: max-age=31536000")
                        .containsPattern("Set-Cookie: XSRF-TOKEN=[^\\n]*; Secure[^\\n]*SameSite=Strict");
                assertThat(throughProxy(port, "GET /", "")).contains("<!doctype html>");

                String token = session.replaceAll("(?s).*XSRF-TOKEN=([^;]+);.*", "$1");
                throughProxy(port, "POST /api/v1/session", signIn(token, ""));
                assertThat(tried(app, PHONE)).as("whom the proxy asks for").isPositive();

                direct(app, signIn(token, "X-Forwarded-For: 203.0.113.7\r\nX-Forwarded-Proto: https\r\n"));
                assertThat(tried(app, STRANGER)).isPositive();
                assertThat(tried(app, "203.0.113.7"))
                        .as("whom a stranger pretends to ask for")
                        .isZero();
            } finally {
                nginx.destroy();
                nginx.waitFor();
            }
        }
    }

    private Process nginx(int port, int behind) throws IOException, InterruptedException {
        var openssl = new ProcessBuilder(
                        "openssl",
                        "req",
                        "-x509",
                        "-newkey",
                        "ec",
                        "-pkeyopt",
                        "ec_paramgen_curve:P-256",
                        "-nodes",
                        "-days",
                        "1",
                        "-subj",
                        "/CN=" + SHOP,
                        "-addext",
                        "subjectAltName=DNS:" + SHOP,
                        "-keyout",
                        "door.key",
                        "-out",
                        "door.crt")
                .directory(folder.toFile())
                .redirectErrorStream(true)
                .start();
        String said = new String(openssl.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(openssl.waitFor()).as(said).isZero();
        String file = Files.readString(Path.of("../docs/nginx.conf"))
                .replace("FOLDER", folder.toString())
                .replace("PORT", String.valueOf(port))
                .replace("BEHIND", String.valueOf(behind));
        Path configuration = Files.writeString(folder.resolve("nginx.conf"), file);
        return new ProcessBuilder(
                        "/usr/sbin/nginx", "-c", configuration.toString(), "-g", "daemon off; master_process off;")
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve("nginx.log").toFile())
                .start();
    }

    private static String signIn(String token, String more) {
        return "Cookie: XSRF-TOKEN=" + token + "\r\nX-XSRF-TOKEN: " + token + "\r\n" + more;
    }

    private static int tried(RunningOldTallow app, String address) {
        return app.db()
                .fetch("select tries from sign_in_failure where asked = ?", "nobody " + address)
                .size();
    }

    private String throughProxy(int port, String line, String headers) throws IOException, GeneralSecurityException {
        KeyStore known = KeyStore.getInstance(KeyStore.getDefaultType());
        known.load(null, null);
        try (var pem = Files.newInputStream(folder.resolve("door.crt"))) {
            known.setCertificateEntry(
                    "door", CertificateFactory.getInstance("X.509").generateCertificate(pem));
        }
        TrustManagerFactory trusts = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
        trusts.init(known);
        SSLContext locked = SSLContext.getInstance("TLS");
        locked.init(null, trusts.getTrustManagers(), null);
        try (Socket plain = connected(PHONE, port);
                Socket socket = locked.getSocketFactory().createSocket(plain, SHOP, port, true)) {
            return ask(socket, line, SHOP, headers);
        }
    }

    private static void direct(RunningOldTallow app, String headers) throws IOException {
        int port = app.at("/").getPort();
        try (Socket socket = connected(STRANGER, port)) {
            assertThat(ask(socket, "POST /api/v1/session", "127.0.0.1:" + port, headers))
                    .startsWith("HTTP/1.1 422");
        }
    }

    private static Socket connected(String from, int port) throws IOException {
        var socket = new Socket();
        socket.bind(new InetSocketAddress(InetAddress.ofLiteral(from), 0));
        socket.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 5000);
        socket.setSoTimeout(10_000);
        return socket;
    }

    private static String ask(Socket socket, String line, String host, String headers) throws IOException {
        String body = line.startsWith("POST") ? "{\"signInName\": \"nobody\", \"password\": \"a guess of mine\"}" : "";
        String request = line + " HTTP/1.1\r\nHost: " + host + "\r\nConnection: close\r\n" + headers
                + "Content-Type: application/json\r\nContent-Length: " + body.length() + "\r\n\r\n" + body;
        socket.getOutputStream().write(request.getBytes(StandardCharsets.US_ASCII));
        return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    }

    private static int freePort() throws IOException {
        try (var probe = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            return probe.getLocalPort();
        }
    }
}
