package oldtallow.app.platform.http;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * One body of each operation that takes one, as a client would send it, in the API document; from {@code api-examples.json}. The
 * ids and people in it are made up.
 */
@Component
class ApiExamples implements OpenApiCustomizer {

    private static final String FILE = "/api-examples.json";
    private static final TypeReference<TreeMap<String, Object>> BY_OPERATION = new TypeReference<>() {};

    private final Map<String, Object> examples;

    ApiExamples(JsonMapper json) {
        try (@Nullable InputStream file = ApiExamples.class.getResourceAsStream(FILE)) {
            examples = json.readValue(Objects.requireNonNull(file, FILE), BY_OPERATION);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public void customise(OpenAPI document) {
        document.getPaths()
                .forEach((path, item) -> item.readOperationsMap()
                        .forEach((method, operation) -> show(operation, examples.get(method + " " + path))));
    }

    private static void show(Operation operation, @Nullable Object example) {
        if (operation.getRequestBody() != null && example != null) {
            operation.getRequestBody().getContent().values().forEach(content -> content.setExample(example));
        }
    }
}
