package oldtallow.app.platform.document;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.examples.Example;
import io.swagger.v3.oas.models.media.Schema;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * One worked example of each operation in the API document: a body as a client would send it ({@code api-examples.json}, by
 * operation), and what is answered ({@code api-answers.json}, by schema; lists shortened to one). Ids and people are made up.
 */
@Component
class ApiExamples implements OpenApiCustomizer {

    private static final TypeReference<TreeMap<String, Object>> BY_NAME = new TypeReference<>() {};
    private static final String LIST = ".list";

    private final Map<String, Object> bodies;
    private final Map<String, Object> answers;

    ApiExamples(JsonMapper json) {
        this.bodies = read(json, "/api-examples.json");
        this.answers = read(json, "/api-answers.json");
    }

    private static Map<String, Object> read(JsonMapper json, String name) {
        try (@Nullable InputStream file = ApiExamples.class.getResourceAsStream(name)) {
            return json.readValue(Objects.requireNonNull(file, name), BY_NAME);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public void customise(OpenAPI document) {
        answers.forEach((schema, answer) -> document.getComponents().addExamples(schema, new Example().value(answer)));
        document.getPaths()
                .forEach((path, item) -> item.readOperationsMap().forEach((method, operation) -> {
                    showBody(operation, bodies.get(method + " " + path));
                    showAnswer(operation);
                }));
    }

    private static void showBody(Operation operation, @Nullable Object example) {
        if (operation.getRequestBody() != null && example != null) {
            operation.getRequestBody().getContent().values().forEach(content -> content.setExample(example));
        }
    }

    private void showAnswer(Operation operation) {
        operation.getResponses().values().stream()
                .filter(response -> response.getContent() != null)
                .flatMap(response -> response.getContent().values().stream())
                .filter(content -> content.getSchema() != null)
                .forEach(content -> Optional.ofNullable(named(content.getSchema()))
                        .filter(answers::containsKey)
                        .ifPresent(name ->
                                content.addExamples("answer", new Example().$ref("#/components/examples/" + name))));
    }

    private static @Nullable String named(Schema<?> schema) {
        @Nullable Schema<?> listed = schema.getItems();
        String to = listed == null ? schema.get$ref() : listed.get$ref();
        return to == null ? null : to.substring(to.lastIndexOf('/') + 1) + (listed == null ? "" : LIST);
    }
}
