package oldtallow.app.http;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The interface's types are generated from a copy of the served document; the copy must be the document. */
@ExtendWith(OldTallowExtension.class)
class OpenApiIT {

    private static final Path COPY = Path.of("../web/src/api/openapi.json");
    private static final JsonMapper JSON = new JsonMapper();

    @Test
    void theInterfaceIsGeneratedFromTheServedDocument(RunningOldTallow app) throws IOException {
        JsonNode served = app.http().get("/api/v1/openapi").json();
        if (Boolean.getBoolean("oldtallow.accept-api")) {
            Files.writeString(COPY, JSON.writerWithDefaultPrettyPrinter().writeValueAsString(served) + "\n");
        }

        assertThat(served.equals(JSON.readTree(COPY.toFile())))
                .as("web/src/api/openapi.json is the served document; ./test --accept-api takes a change over")
                .isTrue();
    }

    @Test
    void tellsWhichFieldsAreAlwaysThere(RunningOldTallow app) {
        JsonNode thread = app.http().get("/api/v1/openapi").json().at("/components/schemas/ThreadForm/required");

        assertThat(thread.toString())
                .contains("hand", "nominalDiameterMillimetres")
                .doesNotContain("threadsPerInch");
    }
}
