package oldtallow.app.platform.http;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import java.math.BigDecimal;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The API document: what it is called, and which fields are always there. */
@Configuration(proxyBeanMethods = false)
class OpenApiConfiguration {

    @Bean
    OpenAPI document() {
        return new OpenAPI()
                .info(new Info()
                        .title("Old Tallow")
                        .version("1")
                        .description("Wheel ends, where their nuts may stop, and the settings on record."))
                .servers(List.of(new Server().url("/")));
    }

    @Bean
    ModelConverter requiredFromNullness() {
        return new RequiredFromNullness();
    }

    /** Tells with every field that is sent what bounds it, where nothing narrower does. */
    @Bean
    @SuppressWarnings("rawtypes") // as the document's own classes have it
    OpenApiCustomizer boundsInDocument() {
        return document -> {
            Map<String, Schema> schemas = document.getComponents().getSchemas();
            var sent = new TreeSet<String>();
            document.getPaths().values().stream()
                    .flatMap(path -> path.readOperations().stream())
                    .map(Operation::getRequestBody)
                    .filter(Objects::nonNull)
                    .flatMap(body -> body.getContent().values().stream())
                    .forEach(content -> sentWith(content.getSchema(), schemas, sent));
            sent.forEach(name -> Optional.ofNullable(schemas.get(name)).ifPresent(OpenApiConfiguration::bound));
        };
    }

    @SuppressWarnings("rawtypes")
    private static void sentWith(@Nullable Schema<?> schema, Map<String, Schema> schemas, Set<String> sent) {
        if (schema == null) {
            return;
        }
        if (schema.get$ref() != null) {
            String name = schema.get$ref().substring(schema.get$ref().lastIndexOf('/') + 1);
            if (sent.add(name)) {
                sentWith(schemas.get(name), schemas, sent);
            }
        }
        sentWith(schema.getItems(), schemas, sent);
        if (schema.getProperties() != null) {
            schema.getProperties().values().forEach(one -> sentWith(one, schemas, sent));
        }
    }

    private static void bound(Schema<?> schema) {
        if (schema.getProperties() == null) {
            return;
        }
        for (Schema<?> field : schema.getProperties().values()) {
            String type = field.getType() != null
                    ? field.getType()
                    : field.getTypes() == null
                            ? ""
                            : field.getTypes().iterator().next();
            switch (type) {
                case "array" -> field.setMaxItems(Bounds.LONGEST_LIST);
                case "number" -> {
                    field.setMinimum(BigDecimal.valueOf(-Bounds.LARGEST));
                    field.setMaximum(BigDecimal.valueOf(Bounds.LARGEST));
                }
                case "string" -> {
                    if (field.getEnum() == null && field.getFormat() == null) {
                        field.setMaxLength(Bounds.LONGEST_TEXT);
                    }
                }
                default -> {}
            }
        }
    }

    /** Marks every component of a record required that is not {@code @Nullable}. */
    private static final class RequiredFromNullness implements ModelConverter {

        @Override
        public @Nullable Schema<?> resolve(
                AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
            if (!chain.hasNext()) {
                return null;
            }
            @Nullable Schema<?> schema = chain.next().resolve(type, context, chain);
            Class<?> raw = Json.mapper().constructType(type.getType()).getRawClass();
            if (schema != null && raw.isRecord()) {
                @Nullable
                Schema<?> defined = schema.get$ref() == null
                        ? schema
                        : context.getDefinedModels()
                                .get(schema.get$ref().substring(schema.get$ref().lastIndexOf('/') + 1));
                if (defined != null && defined.getProperties() != null) {
                    defined.setRequired(RecordNullness.requiredNames(raw));
                }
            }
            return schema;
        }
    }
}
