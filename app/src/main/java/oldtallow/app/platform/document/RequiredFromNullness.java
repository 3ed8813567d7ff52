package oldtallow.app.platform.document;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.media.Schema;
import java.util.Iterator;
import org.jspecify.annotations.Nullable;

/** Marks every component of a record required that is not {@code @Nullable}. */
final class RequiredFromNullness implements ModelConverter {

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
                defined.setRequired(KindsOfSealedThings.required(raw));
            }
        }
        return schema;
    }
}
