package oldtallow.app.platform.document;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.media.Discriminator;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oldtallow.app.platform.http.RecordNullness;
import org.jspecify.annotations.Nullable;

/**
 * A sealed interface is one of its kinds ({@code oneOf}), told apart by the field that Jackson writes. Each kind stands alone in
 * the document, with its own fields and no others.
 */
final class KindsOfSealedThings implements ModelConverter {

    @Override
    public @Nullable Schema<?> resolve(
            AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
        Class<?> raw = Json.mapper().constructType(type.getType()).getRawClass();
        @Nullable JsonSubTypes kinds = raw.getAnnotation(JsonSubTypes.class);
        if (kinds != null && raw.isSealed()) {
            context.defineModel(raw.getSimpleName(), oneOf(raw, kinds, context));
            return new Schema<>().$ref(raw.getSimpleName());
        }
        if (!chain.hasNext()) {
            return null;
        }
        Optional<Class<?>> parent = raw.isRecord() ? sealedParent(raw) : Optional.empty();
        return parent.isPresent()
                ? named(raw, parent.orElseThrow(), context)
                : chain.next().resolve(type, context, chain);
    }

    /** What is always there: components that may not be left out, and the field that tells the kind. */
    static List<String> required(Class<?> raw) {
        List<String> names = new ArrayList<>(RecordNullness.requiredNames(raw));
        sealedParent(raw).ifPresent(parent -> names.addFirst(kind(parent)));
        return names;
    }

    private static String kind(Class<?> parent) {
        return parent.getAnnotation(JsonTypeInfo.class).property();
    }

    private static Schema<?> oneOf(Class<?> raw, JsonSubTypes kinds, ModelConverterContext context) {
        var discriminator = new Discriminator().propertyName(kind(raw));
        var schema = new Schema<>();
        for (JsonSubTypes.Type kind : kinds.value()) {
            Schema<?> one = context.resolve(new AnnotatedType(kind.value()).resolveAsRef(true));
            schema.addOneOfItem(one);
            discriminator.mapping(kind.name(), one.get$ref());
        }
        return schema.discriminator(discriminator);
    }

    /** A kind, with the field that tells it first. */
    private static Schema<?> named(Class<?> raw, Class<?> parent, ModelConverterContext context) {
        if (!context.getDefinedModels().containsKey(raw.getSimpleName())) {
            var whole = new ObjectSchema();
            whole.setProperties(properties(raw, parent, context));
            whole.setRequired(required(raw));
            context.defineModel(raw.getSimpleName(), whole);
        }
        return new Schema<>().$ref(raw.getSimpleName());
    }

    @SuppressWarnings("rawtypes") // as the document's own classes have it
    private static Map<String, Schema> properties(Class<?> raw, Class<?> parent, ModelConverterContext context) {
        Map<String, Schema> properties = new LinkedHashMap<>();
        var kind = new StringSchema();
        for (JsonSubTypes.Type one : parent.getAnnotation(JsonSubTypes.class).value()) {
            if (one.value() == raw) {
                kind.addEnumItem(one.name());
            }
        }
        properties.put(kind(parent), kind);
        for (var component : raw.getRecordComponents()) {
            properties.put(
                    component.getName(),
                    context.resolve(new AnnotatedType(component.getGenericType())
                            .resolveAsRef(true)
                            .ctxAnnotations(component.getAnnotations())));
        }
        return properties;
    }

    private static Optional<Class<?>> sealedParent(Class<?> raw) {
        for (Class<?> parent : raw.getInterfaces()) {
            if (parent.isSealed() && parent.isAnnotationPresent(JsonSubTypes.class)) {
                return Optional.of(parent);
            }
        }
        return Optional.empty();
    }
}
