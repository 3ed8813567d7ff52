package oldtallow.app.job.api;

import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Who watches which job in this instance. */
@Component
public class JobWatch {

    private static final Logger LOG = LoggerFactory.getLogger(JobWatch.class);

    private final Map<UUID, List<Watcher>> watchers = new ConcurrentHashMap<>();

    /** Somebody who watches a job. */
    public interface Watcher {

        /** Something was written to it; it may have so many entries now, or nobody can say how many. */
        void changed(OptionalInt entries);

        /** This instance stops: nothing more will be told here. */
        void over();
    }

    public void watch(UUID jobId, Watcher watcher) {
        watchers.computeIfAbsent(jobId, key -> new CopyOnWriteArrayList<>()).add(watcher);
    }

    public void leave(UUID jobId, Watcher watcher) {
        watchers.computeIfPresent(jobId, (key, all) -> {
            all.remove(watcher);
            return all.isEmpty() ? null : all;
        });
    }

    /** A job has so many entries now. */
    public void changed(UUID jobId, int entries) {
        tell(jobId, watcher -> watcher.changed(OptionalInt.of(entries)));
    }

    /** Something changed at another hub of its rig. */
    public void beside(UUID jobId) {
        tell(jobId, watcher -> watcher.changed(OptionalInt.empty()));
    }

    /** Changes may have been missed. */
    public void lookAgain() {
        all(watcher -> watcher.changed(OptionalInt.empty()));
    }

    /** Nothing more will be told here. */
    public void over() {
        all(Watcher::over);
        watchers.clear();
    }

    private void all(Consumer<Watcher> what) {
        watchers.keySet().forEach(jobId -> tell(jobId, what));
    }

    /** A line that breaks while it is told is nobody's any more; the others, and whoever is told next, hear all the same. */
    private void tell(UUID jobId, Consumer<Watcher> what) {
        for (Watcher watcher : watchers.getOrDefault(jobId, List.of())) {
            try {
                what.accept(watcher);
            } catch (RuntimeException broken) {
                LOG.debug("a device that watched job {} is gone: {}", jobId, broken.getMessage());
                leave(jobId, watcher);
            }
        }
    }
}
