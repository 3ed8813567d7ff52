package oldtallow.app.identity;

import static org.assertj.core.api.Assertions.assertThat;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.nio.charset.StandardCharsets;
import java.security.InvalidKeyException;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import javax.crypto.spec.SecretKeySpec;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.apache.commons.codec.binary.Base32;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(OldTallowExtension.class)
class SecondFactorIT {

    private static final String PASSWORD = "long enough words";
    private static final String CURRENT = "{\"current\": \"" + PASSWORD + "\"}";
    private static final TimeBasedOneTimePasswordGenerator CODES =
            new TimeBasedOneTimePasswordGenerator(Duration.ofSeconds(30));

    private String name;
    private Http device;
    private byte[] key;
    private JsonNode recovery;

    @BeforeEach
    void setOneUp(RunningOldTallow app) {
        name = "two" + UUID.randomUUID().toString().substring(0, 8);
        Bench.accepted(app.as("ines").post("/api/v1/people", """
                {"id": "%s", "name": "Twice Sure", "signInName": "%s", "role": "MECHANIC", "password": "%s"}
                """.formatted(UUID.randomUUID(), name, PASSWORD)));
        device = app.strangerAlone();
        device.signIn(name, PASSWORD);
        key = new Base32()
                .decode(Bench.accepted(device.post("/api/v1/second-factor", CURRENT))
                        .path("key")
                        .asString());
        assertThat(device.get("/api/v1/second-factor").json().path("isOn").asBoolean())
                .as("before a code of it was typed")
                .isFalse();
        recovery = confirmed().path("codes");
    }

    /**
     * What confirming with a code of the step before answers: that of now is for the sign-ins below, and none is
     * taken twice. Where the step turned on the way the code is two steps old and rightly refused; one made after it
     * has 30 s.
     */
    private JsonNode confirmed() {
        Answer first = device.post("/api/v1/second-factor/confirmed", code(-1));
        return Bench.accepted(first.status() == 422 ? device.post("/api/v1/second-factor/confirmed", code(-1)) : first);
    }

    /** The test vectors of RFC 6238, appendix B (SHA-1), the last six digits of the eight there. */
    @ParameterizedTest
    @CsvSource({
        "59, 287082",
        "1111111109, 081804",
        "1111111111, 050471",
        "1234567890, 005924",
        "2000000000, 279037",
        "20000000000, 353130"
    })
    void theLibraryHasTheCodesOfTheStandard(long second, String code) throws InvalidKeyException {
        var secret =
                new SecretKeySpec("12345678901234567890".getBytes(StandardCharsets.US_ASCII), CODES.getAlgorithm());
        assertThat(CODES.generateOneTimePasswordString(secret, Instant.ofEpochSecond(second)))
                .isEqualTo(code);
    }

    @Test
    void thePasswordAloneOpensNothing(RunningOldTallow app) {
        Http other = app.strangerAlone();
        Answer half = other.signIn(name, PASSWORD);
        assertThat(half.status()).isEqualTo(200);
        assertThat(half.json().path("codeWanted").asBoolean()).isTrue();
        assertThat(half.json().has("person")).isFalse();
        assertThat(other.get("/api/v1/yard").status()).isEqualTo(401);
        String before = other.cookie("oldtallow");

        assertThat(other.post("/api/v1/session/code", "{\"code\": \"000000\"}").remedyFor("code"))
                .contains("is not the one");
        assertThat(Bench.accepted(other.post("/api/v1/session/code", code(0)))
                        .at("/person/name")
                        .asString())
                .isEqualTo("Twice Sure");
        assertThat(other.get("/api/v1/yard").status()).isEqualTo(200);
        assertThat(other.cookie("oldtallow"))
                .as("another id once somebody is in")
                .isNotEqualTo(before);
    }

    @Test
    void aCodeIsGoodOnce(RunningOldTallow app) {
        String code = code(0);
        Http one = app.strangerAlone();
        one.signIn(name, PASSWORD);
        Bench.accepted(one.post("/api/v1/session/code", code));
        Http other = app.strangerAlone();
        other.signIn(name, PASSWORD);
        assertThat(other.post("/api/v1/session/code", code).status()).isEqualTo(422);
    }

    @Test
    void aLostDeviceIsMadeUpForOnce(RunningOldTallow app) {
        String spare = "{\"code\": \"" + recovery.get(3).asString() + "\"}";
        assertThat(recovery).hasSize(10);
        for (int i = 0; i < 2; i++) {
            Http other = app.strangerAlone();
            other.signIn(name, PASSWORD);
            assertThat(other.post("/api/v1/session/code", spare).status()).isEqualTo(i == 0 ? 200 : 422);
        }
    }

    @Test
    void codesAreNotGuessed(RunningOldTallow app) {
        Http other = app.strangerAlone();
        other.signIn(name, PASSWORD);
        for (int i = 0; i < 3; i++) {
            assertThat(other.post("/api/v1/session/code", "{\"code\": \"11111" + i + "\"}")
                            .status())
                    .isEqualTo(422);
        }
        assertThat(other.post("/api/v1/session/code", code(0)).status()).isEqualTo(429);
    }

    @Test
    void nobodyComesInWithACodeAlone(RunningOldTallow app) {
        Http other = app.strangerAlone();
        other.get("/api/v1/session");
        assertThat(other.post("/api/v1/session/code", code(0)).remedyFor("code"))
                .contains("begin with the password");
    }

    @Test
    void itIsTakenAwayWithThePassword(RunningOldTallow app) {
        assertThat(device.post("/api/v1/second-factor/removed", "{\"current\": \"not this one\"}")
                        .remedyFor("current"))
                .isNotEmpty();
        Bench.accepted(device.post("/api/v1/second-factor/removed", CURRENT));
        assertThat(app.strangerAlone().signIn(name, PASSWORD).json().has("person"))
                .isTrue();
    }

    @Test
    void theKeyIsReadByNobody(RunningOldTallow app) {
        try (var db = app.dbAsApplication()) {
            assertThat(org.assertj.core.api.Assertions.catchThrowable(
                            () -> db.fetch("select secret from second_factor")))
                    .hasMessageContaining("permission denied");
        }
        assertThat(app.as("ines").get("/api/v1/audit").text())
                .doesNotContain("\\\\x" + java.util.HexFormat.of().formatHex(key));
    }

    private String code(int steps) {
        try {
            Instant at = Instant.now().plus(Duration.ofSeconds(30).multipliedBy(steps));
            return "{\"code\": \""
                    + CODES.generateOneTimePasswordString(new SecretKeySpec(key, CODES.getAlgorithm()), at) + "\"}";
        } catch (InvalidKeyException e) {
            throw new IllegalStateException(e);
        }
    }
}
