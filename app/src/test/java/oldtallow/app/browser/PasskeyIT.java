package oldtallow.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.security.InvalidKeyException;
import java.time.Duration;
import java.time.Instant;
import javax.crypto.spec.SecretKeySpec;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Browsers;
import oldtallow.app.testing.Browsers.Visit;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.apache.commons.codec.binary.Base32;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A passkey of a device that the browser pretends to have (DevTools protocol, WebAuthn domain). */
@ExtendWith(OldTallowExtension.class)
class PasskeyIT {

    private static final String PASSWORD = "grease under nails";
    private static final String CURRENT = "{\"current\": \"" + PASSWORD + "\"}";
    private static final TimeBasedOneTimePasswordGenerator CODES =
            new TimeBasedOneTimePasswordGenerator(Duration.ofSeconds(30));

    @Test
    void aDeviceTakesThePlaceOfTheCode(Browsers browsers) throws InvalidKeyException {
        try (RunningOldTallow app = RunningOldTallow.named();
                Visit visit = browsers.strangersVisit(1280, 800, ColorScheme.LIGHT)) {
            Http bex = app.founder();
            byte[] key = new Base32()
                    .decode(Bench.accepted(bex.post("/api/v1/second-factor", CURRENT))
                            .path("key")
                            .asString());
            Bench.accepted(bex.post("/api/v1/second-factor/confirmed", "{\"code\": \"" + code(key, -1) + "\"}"));
            Page page = visit.page();
            CDPSession devices = page.context().newCDPSession(page);
            devices.send("WebAuthn.enable");
            String device = pretend(devices);

            password(page, app);
            page.getByLabel("Code").fill(code(key, 0));
            button(page, "Go in").click();
            assertThat(page.getByText("Bex")).isVisible();
            page.navigate(at(app, "/workshop"));
            button(page, "Add this device").click();
            page.getByLabel("What this device is called").fill("the bench's telephone");
            page.getByLabel("Your password now").fill(PASSWORD);
            button(page, "Make it").click();
            assertThat(page.getByText("the bench's telephone")).isVisible();

            signOut(page);
            password(page, app);
            button(page, "Use your passkey").click();
            assertThat(page.getByText("Bex")).isVisible();
            assertThat(visit.complaints()).isEmpty();

            // a device that was never shown here does not open it, and the code still does
            signOut(page);
            var gone = new JsonObject();
            gone.addProperty("authenticatorId", device);
            devices.send("WebAuthn.removeVirtualAuthenticator", gone);
            pretend(devices);
            password(page, app);
            button(page, "Use your passkey").click();
            assertThat(page.getByText("No device answered")).isVisible();
            assertThat(page.getByLabel("Code")).isVisible();

            assertThat(bex.get("/api/v1/workshop/security").text()).contains("a passkey, the bench's telephone");
            refusesWhatNoDeviceMade(app);
        }
    }

    private static void refusesWhatNoDeviceMade(RunningOldTallow app) {
        Http stranger = app.strangerAlone();
        stranger.get("/api/v1/session");
        String answer = "{\"answer\": {\"parts\": [\"{\\\"id\\\": \\\"AAAA\\\"}\"]}}";
        assertThat(stranger.post("/api/v1/session/passkey", answer).remedyFor("passkey"))
                .contains("begin with the password");
        assertThat(stranger.signIn("bex", PASSWORD).json().path("passkeyKnown").asBoolean())
                .isTrue();
        assertThat(stranger.post("/api/v1/session/passkey", answer).remedyFor("passkey"))
                .as("nothing was asked")
                .contains("came too late");
        assertThat(stranger.post("/api/v1/session/passkey/wanted", "")
                        .json()
                        .path("json")
                        .asString())
                .contains("\"rpId\":\"localhost\"");
        assertThat(stranger.post("/api/v1/session/passkey", answer).remedyFor("passkey"))
                .contains("is not what browsers make");
        assertThat(stranger.get("/api/v1/yard").status()).isEqualTo(401);
    }

    /** A device with a fingerprint, which its owner always touches; its id. */
    private static String pretend(CDPSession devices) {
        var options = new JsonObject();
        options.addProperty("protocol", "ctap2");
        options.addProperty("transport", "internal");
        options.addProperty("hasResidentKey", true);
        options.addProperty("hasUserVerification", true);
        options.addProperty("isUserVerified", true);
        var asked = new JsonObject();
        asked.add("options", options);
        return devices.send("WebAuthn.addVirtualAuthenticator", asked)
                .get("authenticatorId")
                .getAsString();
    }

    private static void password(Page page, RunningOldTallow app) {
        page.navigate(at(app, "/"));
        page.getByLabel("Sign-in name").fill("bex");
        page.getByLabel("Password").fill(PASSWORD);
        button(page, "Sign in").click();
    }

    private static void signOut(Page page) {
        page.navigate(page.url().replaceFirst("/[^/]*$", "/workshop"));
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Sign out").setExact(true))
                .click();
        assertThat(page.getByLabel("Sign-in name")).isVisible();
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    private static String at(RunningOldTallow app, String path) {
        return "http://localhost:" + app.at(path).getPort() + path;
    }

    private static String code(byte[] key, int steps) throws InvalidKeyException {
        return CODES.generateOneTimePasswordString(
                new SecretKeySpec(key, CODES.getAlgorithm()), Instant.now().plusSeconds(30L * steps));
    }
}
