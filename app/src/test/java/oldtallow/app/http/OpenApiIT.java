package oldtallow.app.http;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
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

    @Test
    void saysOfEachOperationWhatItDoesAndWhichRoomAnswers(RunningOldTallow app) {
        JsonNode document = app.http().get("/api/v1/openapi").json();
        List<String> rooms = document.path("tags").findValuesAsString("name");

        assertThat(rooms).contains("register", "job", "schedule");
        document.path("paths")
                .properties()
                .forEach(path -> path.getValue().properties().forEach(operation -> {
                    JsonNode says = operation.getValue();
                    String of = operation.getKey() + " " + path.getKey();
                    assertThat(says.path("summary").asString("")).as(of).isNotBlank();
                    assertThat(says.at("/tags/0").asString("")).as(of).isIn(rooms);
                }));
    }

    @Test
    void showsABodyOfEachOperationThatTakesOne(RunningOldTallow app) {
        JsonNode document = app.http().get("/api/v1/openapi").json();

        document.path("paths")
                .properties()
                .forEach(path -> path.getValue().properties().forEach(operation -> {
                    JsonNode body = operation.getValue().at("/requestBody/content/application~1json");
                    if (body.isMissingNode()) {
                        return;
                    }
                    String of = operation.getKey() + " " + path.getKey();
                    JsonNode schema = resolved(document, body.path("schema"));
                    JsonNode example = body.path("example");
                    assertThat(example.isObject()).as(of).isTrue();
                    assertThat(schema.path("properties").propertyNames()).as(of).containsAll(example.propertyNames());
                    assertThat(example.propertyNames())
                            .as(of)
                            .containsAll(schema.path("required")
                                    .valueStream()
                                    .map(JsonNode::asString)
                                    .toList());
                }));
    }

    @Test
    void showsAnAnswerOfEachOperationThatGivesOne(RunningOldTallow app) {
        JsonNode document = app.http().get("/api/v1/openapi").json();

        document.path("paths")
                .properties()
                .forEach(path -> path.getValue().properties().forEach(operation -> {
                    String schema = AnswerSchemas.of(operation.getValue());
                    if (schema.isEmpty()) {
                        return;
                    }
                    String of = operation.getKey() + " " + path.getKey();
                    JsonNode example = document.path("components")
                            .path("examples")
                            .path(schema)
                            .path("value");
                    JsonNode one = schema.endsWith(".list") ? example.path(0) : example;
                    assertThat(one.isObject())
                            .as("an answer of %s: ./test --answers takes them", of)
                            .isTrue();
                    JsonNode properties = document.path("components")
                            .path("schemas")
                            .path(schema.replace(".list", ""))
                            .path("properties");
                    assertThat(properties.propertyNames()).as(of).containsAll(one.propertyNames());
                }));
    }

    private static JsonNode resolved(JsonNode document, JsonNode schema) {
        String ref = schema.path("$ref").asString("");
        return ref.isEmpty() ? schema : document.at(ref.substring(1));
    }
}
