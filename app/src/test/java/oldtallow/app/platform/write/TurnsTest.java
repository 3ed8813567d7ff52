package oldtallow.app.platform.write;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.awaitility.Awaitility.await;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.IntStream;
import oldtallow.app.platform.problem.BusyException;
import org.junit.jupiter.api.Test;

class TurnsTest {

    private static final Duration LONG = Duration.ofMinutes(1);

    @Test
    void letsInNoMoreThanItSays() throws InterruptedException {
        var turns = new Turns(3, LONG);
        var inside = new AtomicInteger();
        var most = new AtomicInteger();
        List<Thread> all = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            all.add(Thread.ofVirtual().start(() -> {
                turns.await();
                most.accumulateAndGet(inside.incrementAndGet(), Math::max);
                LockSupport.parkNanos(100_000);
                inside.decrementAndGet();
                turns.leave();
            }));
        }
        for (Thread one : all) {
            one.join();
        }
        assertThat(most).hasValueBetween(1, 3);
    }

    @Test
    void servesInTheOrderOfComing() {
        var turns = new Turns(1, LONG);
        turns.await();
        List<Integer> served = new CopyOnWriteArrayList<>();
        IntStream.range(0, 10).forEach(i -> {
            Thread one = Thread.ofPlatform().start(() -> {
                turns.await();
                served.add(i);
                turns.leave();
            });
            await().until(() -> one.getState() == Thread.State.TIMED_WAITING);
        });
        turns.leave();
        await().until(() -> served.size() == 10);
        assertThat(served).isSorted();
    }

    @Test
    void tellsWhoWaitedLongEnoughToComeAgain() {
        var turns = new Turns(1, Duration.ofMillis(20));
        turns.await();
        assertThatThrownBy(turns::await).isInstanceOf(BusyException.class);
        turns.leave();
        turns.await(); // there is a place again
    }
}
