package oldtallow.app.platform.security;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import oldtallow.app.platform.problem.BusyException;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.springframework.security.crypto.password.PasswordEncoder;

/** Made-up sign-ins by the dozen take the processors they are given, and no more. */
class OrderlyHashingTest {

    private static final int AT_ONCE = 2;

    private final CountDownLatch letGo = new CountDownLatch(1);
    private final CountDownLatch allAtWork = new CountDownLatch(AT_ONCE);
    private final AtomicInteger now = new AtomicInteger();
    private final AtomicInteger most = new AtomicInteger();

    /** Takes until it is let go, and sees who else is at it. */
    private final PasswordEncoder slow = new PasswordEncoder() {
        @Override
        public String encode(@Nullable CharSequence password) {
            return "hash";
        }

        @Override
        public boolean matches(@Nullable CharSequence password, @Nullable String hash) {
            most.accumulateAndGet(now.incrementAndGet(), Math::max);
            allAtWork.countDown();
            try {
                letGo.await();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
            now.decrementAndGet();
            return "right".contentEquals(String.valueOf(password));
        }
    };

    @Test
    @Timeout(20)
    void hashesAFewAtOnceAndSendsTheRestAway() throws Exception {
        try (var hashing = new OrderlyHashing(slow, AT_ONCE);
                var devices = Executors.newVirtualThreadPerTaskExecutor()) {
            Callable<Boolean> signIn = () -> hashing.matches("right", "hash");
            List<Future<Boolean>> tries = Stream.generate(() -> signIn)
                    .limit(100)
                    .map(devices::submit)
                    .toList();
            // all but those at work and in the row are told at once
            int inRow = 12;
            while (tries.stream().filter(Future::isDone).count() < 100 - AT_ONCE - inRow) {
                Thread.onSpinWait();
            }
            // a thread that has taken one may not have begun with it
            allAtWork.await();
            letGo.countDown();
            List<Boolean> right = new ArrayList<>();
            int busy = 0;
            for (Future<Boolean> one : tries) {
                try {
                    right.add(one.get());
                } catch (ExecutionException e) {
                    assertThat(e).hasCauseInstanceOf(BusyException.class);
                    busy++;
                }
            }
            assertThat(right).hasSize(AT_ONCE + inRow).containsOnly(true);
            assertThat(busy).isEqualTo(100 - AT_ONCE - inRow);
            assertThat(most.get()).isEqualTo(AT_ONCE);
        }
    }
}
