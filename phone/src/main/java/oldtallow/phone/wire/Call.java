package oldtallow.phone.wire;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import oldtallow.core.refusal.InvalidInputException;
import org.jspecify.annotations.Nullable;

/**
 * A request as a route takes it.
 *
 * @param parts what stands in the place of the path's names
 * @param query what is asked behind the path, by name
 * @param json what was sent; null where nothing was
 */
public record Call(
        Map<String, String> parts,
        Map<String, List<String>> query,
        @Nullable JsonIn json) {

    public JsonIn body() {
        if (json == null) {
            throw new InvalidInputException("body", "nothing", "is missing");
        }
        return json;
    }

    public String part(String name) {
        return parts.getOrDefault(name, "");
    }

    public String asked(String name) {
        List<String> all = query.getOrDefault(name, List.of());
        if (all.isEmpty()) {
            throw new InvalidInputException(name, "nothing", "is missing");
        }
        return all.getFirst();
    }

    /** As asked, or the usual where nobody asked. */
    public String asked(String name, String usual) {
        return query.containsKey(name) ? asked(name) : usual;
    }

    /** Null where nobody asked. */
    public <T> @Nullable T ifAsked(String name, Function<String, T> read) {
        return query.containsKey(name) ? read.apply(asked(name)) : null;
    }

    public <T> List<T> all(String name, Function<String, T> read) {
        return query.getOrDefault(name, List.of()).stream().map(read).toList();
    }
}
