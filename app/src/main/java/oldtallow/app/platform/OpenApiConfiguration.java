package oldtallow.app.platform;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import java.util.Iterator;
import java.util.List;
import org.jspecify.annotations.Nullable;
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
