package oldtallow.app.platform.http;

import java.lang.reflect.RecordComponent;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Reads from a record which of its components may be left out: those marked {@code @Nullable}. */
public final class RecordNullness {

    private RecordNullness() {}

    public static List<String> requiredNames(Class<?> record) {
        return Stream.of(record.getRecordComponents())
                .filter(component -> !mayBeLeftOut(component))
                .map(RecordComponent::getName)
                .toList();
    }

    static boolean mayBeLeftOut(RecordComponent component) {
        return component.getAnnotatedType().isAnnotationPresent(Nullable.class);
    }
}
