package oldtallow.app.platform.document;

import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import io.swagger.v3.oas.models.tags.Tag;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oldtallow.app.platform.http.Bounds;
import oldtallow.app.platform.problem.ProblemType;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The API document: what it is called, and which fields are always there. */
@Configuration(proxyBeanMethods = false)
class OpenApiConfiguration {

    /** Rooms that answer, in the words of docs/architecture.md. */
    private static final Map<String, String> ROOMS = new TreeMap<>(Map.of(
            "identity", "who asks, what they may do, who changed what; people, devices, second factors, the door",
            "register",
                    "rigs, axles, wheel ends, what is fitted, greased and photographed; figures, tools, bearing sets",
            "setting", "how a nut is set and its end play found, what each setting would do",
            "instrument", "instruments on loopback ports, a reading taken",
            "stock", "the shelf, what is to be ordered, where a batch went, what a job costs",
            "job", "jobs on the bench, and what is worked out beside them",
            "schedule", "how rigs are used, what falls due and why, trips, how warm hubs ran",
            "outlet", "calendars, mails, sheets, labels, words that find",
            "trackside", "what a device takes along to where there is no network"));

    @Bean
    OpenAPI document() {
        return new OpenAPI()
                .info(new Info().title("Old Tallow").version("1").description(description()))
                .tags(ROOMS.entrySet().stream()
                        .map(room -> new Tag().name(room.getKey()).description(room.getValue()))
                        .toList())
                .servers(List.of(new Server().url("/")));
    }

    /** What the house is for, and what every answer that is a problem may be called. */
    private static String description() {
        return "Wheel ends, where their nuts may stop, and the settings on record.\n\nWhat goes wrong is told as RFC 9457 has it;"
                + " a type stays what it is:\n"
                + Stream.of(ProblemType.values())
                        .map(type -> "- `" + type.uri() + "`: " + type.words())
                        .collect(Collectors.joining("\n"));
    }

    /** An operation goes by the room of the house that answers it. */
    @Bean
    OperationCustomizer taggedByRoom() {
        return (operation, handler) -> {
            String place = handler.getBeanType().getPackageName();
            String room = place.split("\\.", -1)[2];
            if (!ROOMS.containsKey(room)) {
                throw new IllegalStateException("no words in the API document for " + place);
            }
            operation.setTags(List.of(room));
            if (Objects.equals(operation.getSummary(), operation.getDescription())) {
                operation.setDescription(null); // a Javadoc of one sentence is the summary
            }
            return operation;
        };
    }

    @Bean
    ModelConverter requiredFromNullness() {
        return new RequiredFromNullness();
    }

    @Bean
    ModelConverter kindsOfSealedThings() {
        return new KindsOfSealedThings();
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
        if (schema.getOneOf() != null) {
            schema.getOneOf().forEach(one -> sentWith(one, schemas, sent));
        }
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
}
