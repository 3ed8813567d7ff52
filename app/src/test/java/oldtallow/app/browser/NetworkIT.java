package oldtallow.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLException;
import javax.net.ssl.TrustManagerFactory;
import oldtallow.app.testing.Browsers;
import oldtallow.app.testing.Browsers.Visit;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

/** The workshop's network: over HTTPS, on an address of this machine that is not loopback, with the certificate ./run makes. */
@ExtendWith(OldTallowExtension.class)
class NetworkIT {

    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
    private static final String PASSWORD = "grease under nails";

    @TempDir
    private Path folder;

    @Test
    void aDeskAndATelephoneHandAJobOver(Browsers browsers) throws Exception {
        String address = ownAddress();
        makeCertificate(address);
        try (RunningOldTallow app = RunningOldTallow.empty(
                "--server.address=" + address,
                "--server.ssl.bundle=door",
                "--spring.ssl.bundle.pem.door.keystore.certificate=file:" + folder.resolve(".data/tls/door.crt"),
                "--spring.ssl.bundle.pem.door.keystore.private-key=file:" + folder.resolve(".data/tls/door.key"),
                "--oldtallow.authority=" + folder.resolve(".data/tls/authority.crt"),
                "--oldtallow.hosts=" + address)) {
            String base = "https://" + address + ":" + app.at("/").getPort();
            theAuthorityVouchesForIt(base);
            try (Visit desk = browsers.overNetwork(1280, 800, ColorScheme.LIGHT);
                    Visit phone = browsers.overNetwork(390, 844, ColorScheme.LIGHT)) {
                foundWorkshop(desk.page(), base);
                desk.page().navigate(base + "/wheel-ends/" + enterRig(desk.page()) + "/job");
                assertThat(desk.page().getByText("New parts to have here")).isVisible();
                desk.page().keyboard().press("PageDown");
                desk.page().waitForURL("**/bench/*");
                signIn(phone.page(), base);
                phone.page().navigate(desk.page().url());

                assertThat(heading(phone.page())).hasText(heading(desk.page()).innerText());
                step(desk.page());
                assertThat(heading(phone.page())).hasText(heading(desk.page()).innerText());
                step(phone.page());
                assertThat(heading(desk.page())).hasText(heading(phone.page()).innerText());

                desk.page().navigate(base + "/workshop");
                assertThat(desk.page()
                                .getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("QR code of " + base)))
                        .isVisible();
                assertThat(desk.complaints()).isEmpty();
                assertThat(phone.complaints()).isEmpty();
            }
        }
    }

    private void makeCertificate(String address) throws IOException, InterruptedException {
        Process made = new ProcessBuilder("bash", "-c", """
                set -euo pipefail
                ROOT=%s; . %s/scripts/lib.sh; . %s/scripts/door.sh; make_certificate %s
                """.formatted(folder, ROOT, ROOT, address))
                .redirectErrorStream(true)
                .start();
        String said = new String(made.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(made.waitFor()).as(said).isZero();
        assertThat(Files.getPosixFilePermissions(folder.resolve(".data/tls/door.key")))
                .hasSize(2);
    }

    /** As a telephone sees it that trusts the authority, and one that does not. */
    private void theAuthorityVouchesForIt(String base) throws Exception {
        KeyStore known = KeyStore.getInstance(KeyStore.getDefaultType());
        known.load(null, null);
        try (var pem = Files.newInputStream(folder.resolve(".data/tls/authority.crt"))) {
            known.setCertificateEntry(
                    "shop", CertificateFactory.getInstance("X.509").generateCertificate(pem));
        }
        TrustManagerFactory trusts = TrustManagerFactory.getInstance("PKIX");
        trusts.init(known);
        SSLContext trusting = SSLContext.getInstance("TLS");
        trusting.init(null, trusts.getTrustManagers(), null);
        HttpRequest request =
                HttpRequest.newBuilder(URI.create(base + "/api/v1/session")).build();
        try (HttpClient phone = HttpClient.newBuilder().sslContext(trusting).build()) {
            var answer = phone.send(request, BodyHandlers.ofString());
            assertThat(answer.statusCode()).isEqualTo(200);
            assertThat(answer.headers().firstValue("strict-transport-security")).isPresent();
            assertThat(answer.headers().allValues("set-cookie")).allMatch(cookie -> cookie.contains("Secure"));
            assertThat(phone.send(
                                    HttpRequest.newBuilder(URI.create(base + "/door/authority.crt"))
                                            .build(),
                                    BodyHandlers.ofByteArray())
                            .statusCode())
                    .isEqualTo(200);
        }
        try (HttpClient stranger = HttpClient.newHttpClient()) {
            org.assertj.core.api.Assertions.assertThatThrownBy(() -> stranger.send(request, BodyHandlers.ofString()))
                    .isInstanceOf(SSLException.class);
        }
    }

    private static void foundWorkshop(Page page, String base) {
        page.navigate(base);
        page.getByLabel("The word").fill("let me in");
        page.getByLabel("Name of the workshop").fill("North shed");
        page.getByLabel("Your name").fill("Bex");
        page.getByLabel("Sign-in name").fill("bex");
        page.getByLabel("Password").fill(PASSWORD);
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.NAVIGATION).first()).isVisible();
    }

    private static void signIn(Page page, String base) {
        page.navigate(base);
        page.getByLabel("Sign-in name").fill("bex");
        page.getByLabel("Password").fill(PASSWORD);
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.NAVIGATION).first()).isVisible();
    }

    /** Entered by its own page's means; the id of its first wheel end. */
    private static String enterRig(Page page) {
        return (String) page.evaluate("""
                async () => {
                    const known = await (await fetch('/api/v1/constructions')).json()
                    const build = known.constructions.find((one) => one.id === 'STEPPED_UNBRAKED').preset
                    const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1])
                    const answer = await fetch('/api/v1/rigs', {
                        method: 'POST',
                        headers: { 'content-type': 'application/json', 'X-XSRF-TOKEN': token },
                        body: JSON.stringify({
                            id: crypto.randomUUID(),
                            rig: { kind: 'CAMPER', name: 'Far camper', plate: 'F 1', uses: ['BRAKED'], distance: { by: 'ESTIMATE' } },
                            axles: [{ left: { build, bearings: [] } }],
                        }),
                    })
                    return (await answer.json()).axles[0].wheelEnds[0].id
                }""");
    }

    /** The pedal, until another step is there: cautions and checks come before it. */
    private static void step(Page page) {
        String before = heading(page).innerText();
        for (int presses = 0; presses < 10 && heading(page).innerText().equals(before); presses++) {
            page.keyboard().press("Space");
            page.waitForTimeout(300);
        }
        assertThat(heading(page)).not().hasText(before);
    }

    private static Locator heading(Page page) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1))
                .first();
    }

    private static String ownAddress() throws IOException {
        return NetworkInterface.networkInterfaces()
                .flatMap(NetworkInterface::inetAddresses)
                .filter(address -> address.getAddress().length == 4 && !address.isLoopbackAddress())
                .map(InetAddress::getHostAddress)
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("this machine is in no network"));
    }
}
