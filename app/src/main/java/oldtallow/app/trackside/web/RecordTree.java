package oldtallow.app.trackside.web;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.lang.reflect.TypeVariable;
import java.lang.reflect.WildcardType;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Records as the phone's reader wants them: components by name, what is null or empty left out, enums by name, the kinds of a sealed
 * interface by the simple names of their classes. The reader is written from the same records (the crossing module), so neither
 * names them one by one.
 */
final class RecordTree {

    private static final String KIND = "@kind";
    private static final String VALUE = "value";

    private RecordTree() {}

    /** Maps, lists, texts, numbers and truths, by the names of the components. */
    static Map<String, Object> of(Record value) {
        return ofRecord(value.getClass(), value);
    }

    private static @Nullable Object of(Type declared, @Nullable Object value) {
        return switch (value) {
            case null -> null;
            case Optional<?> maybe -> of(argument(declared, 0), maybe.orElse(null));
            case Collection<?> all ->
                all.stream().map(one -> of(argument(declared, 0), one)).toList();
            case Map<?, ?> map -> ofMap(argument(declared, 1), map);
            case Record fields -> ofRecord(declared, fields);
            case Enum<?> one ->
                isSealed(declared)
                        ? Map.of(KIND, one.getDeclaringClass().getSimpleName(), VALUE, one.name())
                        : one.name();
            case Number number -> number;
            case Boolean truth -> truth;
            default -> value.toString();
        };
    }

    private static Map<String, Object> ofMap(Type element, Map<?, ?> map) {
        Map<String, Object> tree = new LinkedHashMap<>();
        map.forEach((key, value) ->
                put(tree, key instanceof Enum<?> one ? one.name() : String.valueOf(key), of(element, value)));
        return tree;
    }

    private static Map<String, Object> ofRecord(Type declared, Record value) {
        Map<String, Object> tree = new LinkedHashMap<>();
        if (isSealed(declared)) {
            tree.put(KIND, value.getClass().getSimpleName());
        }
        for (RecordComponent one : value.getClass().getRecordComponents()) {
            put(tree, one.getName(), of(resolved(one.getGenericType(), declared), read(one, value)));
        }
        return tree;
    }

    private static void put(Map<String, Object> tree, String name, @Nullable Object value) {
        if (value != null) {
            tree.put(name, value);
        }
    }

    private static @Nullable Object read(RecordComponent one, Record value) {
        try {
            return one.getAccessor().invoke(value);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(one.toString(), e);
        }
    }

    private static boolean isSealed(Type type) {
        return raw(type).isSealed();
    }

    private static Class<?> raw(Type type) {
        return switch (type) {
            case Class<?> raw -> raw;
            case ParameterizedType with -> (Class<?>) with.getRawType();
            case TypeVariable<?> variable -> raw(variable.getBounds()[0]);
            case WildcardType any -> raw(any.getUpperBounds()[0]);
            default -> Object.class;
        };
    }

    private static Type argument(Type declared, int index) {
        return declared instanceof ParameterizedType with ? with.getActualTypeArguments()[index] : Object.class;
    }

    /** What stands for a variable where its record was declared. */
    private static Type resolved(Type component, Type declared) {
        if (component instanceof TypeVariable<?> variable && declared instanceof ParameterizedType with) {
            Class<?> raw = (Class<?>) with.getRawType();
            int index = Stream.of(raw.getTypeParameters()).toList().indexOf(variable);
            return index < 0 ? component : with.getActualTypeArguments()[index];
        }
        return component;
    }
}
