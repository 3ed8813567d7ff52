package oldtallow.phone.wire;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import oldtallow.core.refusal.InvalidInputException;
import org.jspecify.annotations.Nullable;

/** A value that came as JSON. What is null counts as not there. */
public interface JsonIn {

    /** A field; null where it is not there. */
    @Nullable
    JsonIn at(String name);

    /** The names of the fields. */
    List<String> names();

    List<JsonIn> items();

    String text();

    double number();

    boolean bool();

    /** A field read; null where it is not there. */
    default <T> @Nullable T get(String name, Function<JsonIn, T> read) {
        JsonIn value = at(name);
        return value == null ? null : read.apply(value);
    }

    default <T> Optional<T> optional(String name, Function<JsonIn, T> read) {
        return Optional.ofNullable(at(name)).map(read);
    }

    /** A field that has to be there. */
    default JsonIn need(String name) {
        JsonIn value = at(name);
        if (value == null) {
            throw new InvalidInputException(name, "nothing", "is missing");
        }
        return value;
    }

    default int whole() {
        return (int) large();
    }

    default long large() {
        double number = number();
        if (!(number == Math.rint(number))) { // NaN too
            throw new IllegalArgumentException(number + " is no whole number");
        }
        return (long) number;
    }

    default <T> List<T> list(Function<JsonIn, T> read) {
        return items().stream().map(read).toList();
    }

    default <T> Set<T> set(Function<JsonIn, T> read) {
        return new LinkedHashSet<>(list(read));
    }

    default <K, V> Map<K, V> map(Function<String, K> key, Function<JsonIn, V> read) {
        Map<K, V> all = new LinkedHashMap<>();
        for (String name : names()) {
            all.put(key.apply(name), read.apply(need(name)));
        }
        return all;
    }

    /** For a kind that nobody knows. */
    default RuntimeException unknown(String property) {
        return new InvalidInputException(property, need(property).text(), "is no kind there is");
    }
}
