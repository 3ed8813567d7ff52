package oldtallow.crossing;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** The kinds of an interface, and how they are told apart. */
final class Kinds {

    /** No component of a record can be called so. */
    private static final String PROPERTY = "@kind";

    /** Where a kind is an enum, which of it. */
    static final String VALUE = "value";

    private Kinds() {}

    /** A kind: in which property it says so, and under what name. */
    record Kind(Class<?> type, String property, String name) {}

    static boolean has(Class<?> type) {
        return type.isSealed() || type.isAnnotationPresent(JsonSubTypes.class);
    }

    /** Those of an interface; of one within it, its own. */
    static List<Kind> of(Class<?> type) {
        JsonTypeInfo info = type.getAnnotation(JsonTypeInfo.class);
        if (info == null) {
            return Arrays.stream(type.getPermittedSubclasses())
                    .flatMap(one -> one.isSealed()
                            ? of(one).stream()
                            : List.of(new Kind(one, PROPERTY, one.getSimpleName())).stream())
                    .toList();
        }
        return Arrays.stream(type.getAnnotation(JsonSubTypes.class).value())
                .map(one -> new Kind(one.value(), info.property(), one.name()))
                .toList();
    }

    /** What a record says of itself wherever it is written; empty for one whose interface has no annotation. */
    static Optional<Kind> told(Class<?> type) {
        return Arrays.stream(type.getInterfaces())
                .filter(one -> one.isAnnotationPresent(JsonTypeInfo.class))
                .flatMap(one -> of(one).stream())
                .filter(kind -> kind.type() == type)
                .findFirst();
    }
}
