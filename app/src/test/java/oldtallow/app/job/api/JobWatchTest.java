package oldtallow.app.job.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.UUID;
import oldtallow.app.job.api.JobWatch.Watcher;
import org.junit.jupiter.api.Test;

class JobWatchTest {

    private final JobWatch watch = new JobWatch();
    private final UUID job = UUID.randomUUID();

    /** A web server answers so where a device went away while it was told: nobody else misses anything by it. */
    @Test
    void oneThatIsGoneKeepsNobodyFromHearing() {
        var gone = new Gone();
        var there = new There();
        watch.watch(job, gone);
        watch.watch(job, there);

        watch.changed(job, 7);
        watch.beside(job);
        watch.lookAgain();

        assertThat(there.heard).containsExactly(OptionalInt.of(7), OptionalInt.empty(), OptionalInt.empty());
        assertThat(gone.told).as("told once, then no more").isEqualTo(1);
    }

    @Test
    void theEndIsToldToAllOfThem() {
        var there = new There();
        watch.watch(job, new Gone());
        watch.watch(job, there);

        watch.over();

        assertThat(there.isOver).isTrue();
        watch.changed(job, 8);
        assertThat(there.heard).isEmpty();
    }

    private static final class There implements Watcher {

        private final List<OptionalInt> heard = new ArrayList<>();
        private boolean isOver;

        @Override
        public void changed(OptionalInt entries) {
            heard.add(entries);
        }

        @Override
        public void over() {
            isOver = true;
        }
    }

    private static final class Gone implements Watcher {

        private int told;

        @Override
        public void changed(OptionalInt entries) {
            told++;
            throw new IllegalStateException("an error had occurred");
        }

        @Override
        public void over() {
            throw new IllegalStateException("an error had occurred");
        }
    }
}
