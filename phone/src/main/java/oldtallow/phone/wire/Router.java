package oldtallow.phone.wire;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import org.jspecify.annotations.Nullable;

/** Finds who answers a request. */
public final class Router {

    private final List<Route> routes = new ArrayList<>();

    private record Route(String method, List<String> pattern, BiConsumer<Call, JsonOut> handler) {

        private long names() {
            return pattern.stream().filter(Route::isName).count();
        }

        private static boolean isName(String segment) {
            return segment.startsWith("{");
        }

        /** What stands for its names; null where the path is another. */
        private @Nullable Map<String, String> match(String asked, List<String> path) {
            if (!asked.equals(method) || path.size() != pattern.size()) {
                return null;
            }
            Map<String, String> parts = new LinkedHashMap<>();
            for (int i = 0; i < path.size(); i++) {
                String segment = pattern.get(i);
                if (isName(segment)) {
                    parts.put(segment.substring(1, segment.length() - 1), path.get(i));
                } else if (!segment.equals(path.get(i))) {
                    return null;
                }
            }
            return parts;
        }
    }

    /** Takes the requests of a path, whose names stand in braces. Of several the one with the fewest names takes it. */
    public void on(String method, String pattern, BiConsumer<Call, JsonOut> handler) {
        routes.add(new Route(method, segments(pattern), handler));
        routes.sort(Comparator.comparingLong(Route::names));
    }

    /** The answer as JSON, empty where there is nothing to say; no answer at all where nobody takes such a request. */
    public Optional<String> answer(String method, String path, Map<String, List<String>> query, @Nullable JsonIn body) {
        List<String> asked = segments(path);
        for (Route route : routes) {
            Map<String, String> parts = route.match(method, asked);
            if (parts != null) {
                var out = new JsonOut();
                route.handler().accept(new Call(parts, query, body), out);
                return Optional.of(out.toString());
            }
        }
        return Optional.empty();
    }

    private static List<String> segments(String path) {
        List<String> all = new ArrayList<>();
        int from = 1;
        while (from <= path.length()) {
            int to = path.indexOf('/', from);
            int end = to < 0 ? path.length() : to;
            all.add(path.substring(from, end));
            from = end + 1;
        }
        return all;
    }
}
