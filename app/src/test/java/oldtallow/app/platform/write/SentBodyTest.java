package oldtallow.app.platform.write;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SentBodyTest {

    private static final String SENT = """
            {"id": "7", "pieces": 2, "parts": [{"place": "SEAL", "km": 1.50}], "note": ""}""";

    @ParameterizedTest
    @ValueSource(strings = {"""
                {"note": "", "parts": [{"km": 1.5, "place": "SEAL"}], "pieces": 2, "id": "7"}""", """
                {"id":"7","pieces":2,"parts":[{"place":"SEAL","km":1.5,"batch":null}],"note":"","wheelEndId":null}"""})
    void theSameWrittenOtherwiseIsTheSame(String again) {
        assertThat(of("/api/v1/x", again)).isEqualTo(of("/api/v1/x", SENT));
    }

    @ParameterizedTest
    @ValueSource(strings = {"""
                {"id": "7", "pieces": 3, "parts": [{"place": "SEAL", "km": 1.5}], "note": ""}""", """
                {"id": "7", "pieces": "2", "parts": [{"place": "SEAL", "km": 1.5}], "note": ""}""", """
                {"id": "7", "pieces": 2, "parts": [{"place": "SEAL", "km": 1.5}, {"place": "CAP"}], "note": ""}""", """
                {"id": "7", "pieces": 2, "parts": [{"place": "SEAL", "km": 1.5}]}"""})
    void somethingElseIsNot(String other) {
        assertThat(of("/api/v1/x", other)).isNotEqualTo(of("/api/v1/x", SENT));
    }

    @Test
    void theSameSentElsewhereIsNot() {
        assertThat(of("/api/v1/y", SENT)).isNotEqualTo(of("/api/v1/x", SENT));
    }

    @Test
    void theSameSentToItsFormerAddressIs() {
        assertThat(of("/api/x", SENT)).isEqualTo(of("/api/v1/x", SENT));
    }

    private static byte[] of(String address, String sent) {
        return SentBody.digest(address, sent.getBytes(StandardCharsets.UTF_8));
    }
}
