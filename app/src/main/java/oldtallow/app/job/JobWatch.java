package oldtallow.app.job;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.stereotype.Component;

/** Who watches which job in this instance. */
@Component
public class JobWatch {

    private final Map<UUID, List<Runnable>> watchers = new ConcurrentHashMap<>();

    /** Has {@code look} run at each change of the job until the returned handle is run. */
    public Runnable watch(UUID jobId, Runnable look) {
        watchers.computeIfAbsent(jobId, key -> new CopyOnWriteArrayList<>()).add(look);
        return () -> watchers.computeIfPresent(jobId, (key, all) -> {
            all.remove(look);
            return all.isEmpty() ? null : all;
        });
    }

    /** Something was written to a job. */
    public void changed(UUID jobId) {
        watchers.getOrDefault(jobId, List.of()).forEach(Runnable::run);
    }

    /** Changes may have been missed. */
    public void lookAgain() {
        watchers.values().forEach(all -> all.forEach(Runnable::run));
    }
}
