package oldtallow.phone.kept;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import oldtallow.app.trackside.model.TakenAlong;

/** The places of entries and settings among all that were written: the server's first, then what is written here. */
final class Order {

    private final Map<UUID, Long> places = new HashMap<>();
    private long last;

    Order(TakenAlong taken) {
        places.putAll(taken.jobs().written());
        places.putAll(taken.settings().written());
        last = places.values().stream().mapToLong(Long::longValue).max().orElse(0);
    }

    void next(UUID id) {
        places.put(id, ++last);
    }

    long of(UUID id) {
        return places.getOrDefault(id, 0L);
    }
}
