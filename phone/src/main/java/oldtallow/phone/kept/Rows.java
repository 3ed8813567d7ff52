package oldtallow.phone.kept;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Stream;
import oldtallow.app.platform.problem.NotYetException;

/** Things by their ids, in the order in which they came. */
final class Rows<T> {

    private final Map<UUID, T> byId = new LinkedHashMap<>();
    private final Function<T, UUID> id;

    Rows(Function<T, UUID> id, Collection<T> all) {
        this.id = id;
        all.forEach(this::put);
    }

    Stream<T> all() {
        return byId.values().stream();
    }

    List<T> where(Predicate<T> wanted) {
        return all().filter(wanted).toList();
    }

    Optional<T> find(UUID wanted) {
        return Optional.ofNullable(byId.get(wanted));
    }

    /** False where its id is taken; what is there stays. */
    boolean add(T one) {
        return byId.putIfAbsent(id.apply(one), one) == null;
    }

    void put(T one) {
        byId.put(id.apply(one), one);
    }

    Optional<T> remove(UUID wanted) {
        return Optional.ofNullable(byId.remove(wanted));
    }

    /** What is only done on the server. */
    static NotYetException needsServer() {
        return new NotYetException(
                "That needs the server, and nobody answers. Nothing was changed; do it when there is a line again.");
    }
}
